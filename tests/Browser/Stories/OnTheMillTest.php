<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Tests\Browser\WalksTheWay;

/** Stories 6 and 14: a side-valve deck that sits low at the rear and is hollow at one place, on the mill. */
final class OnTheMillTest extends StoryTestCase
{
    use WalksTheWay;

    public function test_shims_save_metal_passes_are_logged_and_seats_that_were_cut_are_named(): void
    {
        $tag = $this->receive($this->window, 'ca', 'CL-'.random_int(10_000, 99_999));
        $this->stateGauge($this->window);
        $this->followTheProposal($this->window, self::WORN);
        $this->open($tag, 'measure/deck');
        /** @var list<string> $places */
        $places = $this->window->executeScript(
            'return [...document.querySelectorAll(\'td[data-place^="deck.1."]\')].map((one) => one.dataset.place)',
        );
        $last = count(array_filter($places, static fn (string $place): bool => str_starts_with($place, 'deck.1.a')));
        foreach ($places as $place) {
            $this->key($this->depth(explode('.', $place)[2], $last), $place);
        }
        $this->untilSeen($this->window, 'figcaption', 'flat within 4.6 thou');
        $this->assertStringContainsString(
            'As it sits it needs 6.1 thou; on shims (front intake 0.0, rear intake 3.0, rear exhaust 3.0, front exhaust 0.0) 4.7 thou',
            $this->text($this->window, 'figcaption'),
        );
        $this->assertStringContainsString('The valve seats stand in this face', $this->text($this->window, '.margin'));
        $this->key('12.4700', 'deckheight.1');
        $this->dyeCheck($this->window, $tag, 'block', 'head', 'crankshaft');
        $this->open($tag, 'plan');
        $this->window->findElement(WebDriverBy::xpath('//button[normalize-space()="Choose this plan"]'))->click();
        $this->until($this->window, fn (): bool => str_ends_with($this->window->getCurrentURL(), '/work'), 'the order');
        $this->workTheOrder($this->window, 'Face the deck');

        $this->stage($this->window, "/jobs/{$tag}/work/at/deck.1");
        $this->assertStringContainsString('12.4653 in', $this->text($this->window, '[data-fragment=bench]'), 'the height that it leaves');
        $this->assertAccessible($this->window, 'the log of a deck with its seats');
        $this->pass('20 um', ['exhaust-1' => 'kissed'], 'kissed exhaust 1');
        $this->pass('25 um', ['exhaust-1' => 'cut', 'intake-1' => 'kissed'], 'kissed intake 1; cut exhaust 1');
        $bench = $this->text($this->window, '.bench-now');
        $this->assertStringContainsString('These seats are lower now: exhaust 1.', $bench);
        $this->assertStringContainsString('1.8 thou taken', $bench);
        $this->assertStringContainsString('2.9 thou', $bench, 'what is left of the cut');
        $this->assertSame(
            ['cut', 'kissed', 'untouched'],
            array_map(fn (string $seat): string => $this->seat($seat)->getFirstSelectedOption()->getAttribute('value') ?? '', [
                'exhaust-1',
                'intake-1',
                'exhaust-2',
            ]),
            'the next pass begins where the last one ended',
        );
        $this->assertSame([], $this->window->findElements(WebDriverBy::cssSelector('[data-hotkey="p"]')), 'a deck is at no cylinder');
    }

    /** Three thou lower at the rear than at the front, and hollow in the middle; a depth micrometer reads more where it is lower. */
    private function depth(string $spot, int $columns): string
    {
        $column = (int) substr($spot, 1);

        return sprintf('%.4f', 0.01 + (0.003 * ($column - 1)) / ($columns - 1) + ($spot === 'b5' ? 0.0046 : 0));
    }

    /** @param  array<string, string>  $seats  What it did to which */
    private function pass(string $depth, array $seats, string $says): void
    {
        foreach ($seats as $seat => $touch) {
            $this->seat($seat)->selectByValue($touch);
        }
        $this->window->findElement(WebDriverBy::id('pass-depth'))->sendKeys([$depth, WebDriverKeys::ENTER]);
        $this->untilSeen($this->window, '[data-fragment=bench] table', $says);
    }

    private function seat(string $seat): WebDriverSelect
    {
        return new WebDriverSelect($this->window->findElement(WebDriverBy::id("pass-seat-{$seat}")));
    }
}
