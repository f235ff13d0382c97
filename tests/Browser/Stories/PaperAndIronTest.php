<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** Story 1, up to the customer's question: what another shop's paper says, and what the iron says. */
final class PaperAndIronTest extends StoryTestCase
{
    public function test_every_line_of_the_paper_is_answered_by_what_was_found(): void
    {
        $tag = $this->receive($this->window, 'ta', 'T4-'.random_int(10_000, 99_999));
        $this->stage($this->window, "/jobs/{$tag}/receive");
        $this->claims('sleeves fitted', 'cylinder 2', '1', '');
        $this->claims('thread inserts fitted', '', '12', '');
        $this->claims('crankshaft ground', '', '', '10 under');
        $this->claims('guides replaced', '', '', '');
        $this->sleeve(1, '5.6250', '1.3750');
        foreach ([2, 3, 4] as $cylinder) {
            $this->sleeve($cylinder, '7', '');
        }
        $this->window->findElement(WebDriverBy::id('found-count-0'))->sendKeys(['9', WebDriverKeys::ENTER]);
        $this->untilSeen($this->window, '[data-fragment=claims]', '12 differs, 9 found');
        $this->assertStringContainsString('cylinder 2, 1 differs, 4 found', $this->text($this->window, '[data-fragment=claims]'));
        $margin = $this->text($this->window, '.margin');
        $this->assertStringContainsString(
            'an edge catches a nail, a joint lies inside the ring travel, it is in more than one piece',
            $margin,
        );
        $this->assertStringContainsString('The customer decides before anything is assembled on it', $margin);

        $this->open($tag, 'measure/crankshaft');
        foreach (['main' => '2.6045', 'pin' => '2.2295'] as $journal => $size) {
            foreach ($this->placesLike("{$journal}.") as $place) {
                $this->key($size, $place);
            }
        }
        $this->open($tag, 'measure/heads');
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->key('.8350', "guideheight.{$cylinder}.in");
            $this->key('.7900', "guideheight.{$cylinder}.ex");
            foreach (['in', 'ex'] as $valve) {
                $this->key($valve === 'ex' && $cylinder > 2 ? '1' : '0', "drop.{$cylinder}.{$valve}");
            }
        }
        $needs = $this->text($this->window, '.margin');
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->assertStringContainsString("Cylinder {$cylinder}, intake: press the guide down by 45.0 thou, aim at 0.7900 in.", $needs);
        }
        foreach ([3, 4] as $cylinder) {
            $this->assertStringContainsString("Cylinder {$cylinder}, exhaust: ream the guide. To its stem and the clearance", $needs);
        }
        $this->assertStringNotContainsString('new guide', $needs);

        $this->stage($this->window, "/jobs/{$tag}/receive");
        $this->assertStringContainsString(
            'Paperwork differs in 4 lines',
            str_replace('differsin', 'differs in', $this->text($this->window, '.margin')),
        );
        $answers = $this->text($this->window, '[data-fragment=claims]');
        $this->assertStringContainsString('−.010 differs, stands at −.020', $answers);
        $this->assertStringContainsString('Guides replaced differs', $answers);
        $this->assertAccessible($this->window, 'paper and iron');
    }

    /** @return list<string> Of the sheet that is open */
    private function placesLike(string $beginning): array
    {
        return $this->window->executeScript(
            'return [...document.querySelectorAll(`td[data-place^="${arguments[0]}"]`)].map((one) => one.dataset.place)',
            [$beginning],
        );
    }

    private function claims(string $kind, string $where, string $count, string $size): void
    {
        (new WebDriverSelect($this->window->findElement(WebDriverBy::id('claim-kind'))))->selectByVisibleText($kind);
        $this->window->findElement(WebDriverBy::id('claim-where'))->sendKeys($where);
        $this->window->findElement(WebDriverBy::id('claim-count'))->sendKeys($count);
        $this->window->findElement(WebDriverBy::id('claim-size'))->sendKeys([$size, WebDriverKeys::ENTER]);
        $this->untilSeen($this->window, '[data-fragment=claims]', ucfirst($kind));
    }

    private function sleeve(int $cylinder, string $length, string $below): void
    {
        (new WebDriverSelect($this->window->findElement(WebDriverBy::id("sleeve-kind-{$cylinder}"))))->selectByIndex(2);
        if ($below !== '') {
            (new WebDriverSelect($this->window->findElement(WebDriverBy::id("sleeve-below-{$cylinder}"))))->selectByIndex(1);
            $this->window->findElement(WebDriverBy::id("sleeve-length-below-{$cylinder}"))->sendKeys($below);
            $this->window->findElement(WebDriverBy::id("joint_felt-{$cylinder}"))->sendKeys(WebDriverKeys::SPACE);
            $this->window->findElement(WebDriverBy::id("edge_catches_nail-{$cylinder}"))->sendKeys(WebDriverKeys::SPACE);
        }
        $this->window->findElement(WebDriverBy::id("sleeve-length-{$cylinder}"))->sendKeys([$length, WebDriverKeys::ENTER]);
        $this->untilSeen($this->window, '[data-fragment=claims]', "{$cylinder} found");
    }
}
