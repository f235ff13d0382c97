<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** Story 8: two cylinders with pits that are felt and do not catch, a small budget, and a customer who knows what he signs. */
final class PitsWithOpenEyesTest extends StoryTestCase
{
    /** In thousandths of an inch from standard. */
    private const DEVIATIONS = [
        'top.thrust' => '1.5',
        'top.inline' => '1.0',
        'middle.thrust' => '.9',
        'middle.inline' => '.8',
        'bottom.thrust' => '.4',
        'bottom.inline' => '.5',
    ];

    private const LOOKS = ['ridge.%d.top', 'ridge.%d.bottom', 'scoring.%d', 'crack.%d'];

    public function test_pits_stay_only_by_the_customers_word_and_the_offer_says_the_worst(): void
    {
        $tag = $this->measured();
        $this->assertStringContainsString('deepest pit', $this->text($this->window, '[data-fragment=table]'));
        $this->assertStringContainsString('cylinders 2 and 5 are past a limit', $this->text($this->window, '.margin .stamp'));
        $this->key('.0004', 'pit.2');
        $this->key('.0012', 'pit.5');

        $this->open($tag, 'plan');
        $doubts = $this->text($this->window, '.margin');
        $this->assertStringContainsString(
            'Cylinder 2: its pits go 0.4 thou deep; to hone them out takes 0.8 thou on the diameter.',
            $doubts,
        );
        $this->assertStringContainsString('A hone may take 1.5 thou before the clearance is spent: they can be honed out.', $doubts);
        $this->assertStringContainsString(
            'Cylinder 5: its pits go 1.2 thou deep; to hone them out takes 2.4 thou on the diameter.',
            $doubts,
        );
        $this->assertStringContainsString('before the clearance is spent: they stay.', $doubts);
        $this->assertStringContainsString('The cheapest that the customer can choose costs', $doubts);
        $way = $this->window->findElement(WebDriverBy::cssSelector('input[name=option][value=stay_with_pits]'));
        $this->assertFalse($way->isEnabled(), 'nobody here can choose it');
        $this->assertAccessible($this->window, 'a plan with known pits');

        $this->open($tag, 'offers');
        $cheapest = $this->text($this->window, '.way[aria-label="The cheapest"]');
        $this->assertStringContainsString('known pits stay', $cheapest);
        $this->assertStringContainsString('The pits in the wall of cylinder 5 stay; the deepest goes 0.0012 in into it.', $cheapest);
        $this->assertStringContainsString('The worst that can come of it', $cheapest);
        $this->assertStringNotContainsString('pits', $this->text($this->window, '.way.recommended'));
        (new WebDriverSelect($this->window->findElement(WebDriverBy::id('by'))))->selectByValue('telephone');
        $this->click('Send the offer');
        $this->untilSeen($this->window, '.margin .stamp', 'Offer 1 is out');
        $this->assertAccessible($this->window, 'an offer with known pits');

        $address = (string) $this->window
            ->findElement(WebDriverBy::partialLinkText('The page that the customer sees'))
            ->getAttribute('href');
        $phone = $this->window(390, 844);
        $phone->get($this->url((string) strstr($address, '/offer/')));
        $this->assertLessThanOrEqual(390, $phone->executeScript('return document.documentElement.scrollWidth'));
        $phone->findElement(WebDriverBy::id('name'))->sendKeys('the carter');
        $button = $phone->findElement(WebDriverBy::cssSelector('.way[aria-label="The cheapest"] button'));
        $phone->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$button]);
        $button->click();
        $this->untilSeen($phone, 'main', 'You have answered');

        $this->open($tag, 'judge');
        $this->assertStringContainsString('The pits in the wall of cylinder 2 stay', $this->text($this->window, '.margin'));
        $this->assertStringContainsString('the carter', $this->text($this->window, '.margin'));
        $this->open($tag, 'plan');
        $this->assertStringContainsString('Stay at standard', $this->text($this->window, '.margin .stamp'));
        $this->assertStringContainsString('chosen', $this->text($this->window, '.margin .stamp'));
        $this->assertStringNotContainsString('does not hold', $this->text($this->window, 'main'));
    }

    private function measured(): string
    {
        $this->window->get($this->url('/jobs/new'));
        $this->untilFocused($this->window, '#family');
        $this->press($this->window, 'br', WebDriverKeys::TAB, 'BV-'.random_int(10_000, 99_999));
        foreach (
            ['customer' => 'Carter', 'budget' => '900', 'declared_step' => 'standard', 'declared_evidence' => 'crown 1'] as $id => $text
        ) {
            $this->window->findElement(WebDriverBy::id($id))->sendKeys($text);
        }
        (new WebDriverSelect($this->window->findElement(WebDriverBy::id('usage'))))->selectByValue('daily');
        $this->window->findElement(WebDriverBy::cssSelector('main .button'))->click();
        $this->until($this->window, fn (): bool => str_ends_with($this->window->getCurrentURL(), '/receive'), 'the new job');
        $tag = $this->text($this->window, '.head .tag');
        $this->open($tag, 'measure');
        $this->stateGauge($this->window);
        foreach (range(1, 8) as $cylinder) {
            foreach (self::DEVIATIONS as $where => $text) {
                $this->key($text, "bore.{$cylinder}.{$where}");
            }
            $this->key('3.8105', "piston.{$cylinder}");
            foreach (self::LOOKS as $look) {
                $this->key('0', sprintf($look, $cylinder));
            }
            $this->key(in_array($cylinder, [2, 5], true) ? '3' : '1', "pitting.{$cylinder}");
        }

        return $tag;
    }

    private function click(string $button): void
    {
        $element = $this->window->findElement(WebDriverBy::xpath("//button[normalize-space()='{$button}']"));
        $this->window->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$element]);
        $element->click();
    }
}
