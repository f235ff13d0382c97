<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** Story 16: pistons below the deck at the corners, and a zero deck that is wanted. */
final class IsTheDeckSquareTest extends StoryTestCase
{
    private const WORN = [
        'top.thrust' => '6.1',
        'top.inline' => '3.2',
        'middle.thrust' => '3.9',
        'middle.inline' => '2.2',
        'bottom.thrust' => '0.8',
        'bottom.inline' => '0.6',
    ];

    private const CORNERS = [1 => '0.26 mm', 7 => '0.23 mm', 2 => '0.28 mm', 8 => '0.25 mm'];

    public function test_each_corner_has_its_cut_and_the_highest_piston_bounds_a_parallel_one(): void
    {
        $tag = $this->receive($this->window, 'br', 'BV-'.random_int(10_000, 99_999));
        $this->stateGauge($this->window);
        foreach (range(1, 8) as $cylinder) {
            foreach (self::WORN as $where => $text) {
                $this->key($text, "bore.{$cylinder}.{$where}");
            }
        }
        $this->open($tag, 'measure/deck');
        foreach (self::CORNERS as $cylinder => $below) {
            $this->key($below, "todeck.{$cylinder}");
        }

        $this->open($tag, 'plan');
        $before = $this->ratio();
        $this->wantADeckOf('0');
        $plan = $this->text($this->window, 'main');
        $this->assertStringContainsString('10.2 thou at cylinder 1, 9.1 thou at cylinder 7', $plan);
        $this->assertStringContainsString('11.0 thou at cylinder 2, 9.8 thou at cylinder 8', $plan);
        $this->assertStringContainsString('A parallel cut takes 9.1 thou at the most; the corners differ by 1.2 thou.', $plan);
        $this->assertStringContainsString('The deck stands 1.2 thou higher at cylinder 1 than at cylinder 7.', $plan);
        $this->assertStringContainsString('On the whole, bank 2 stands 0.8 thou higher over its pistons than bank 1.', $plan);
        $this->assertStringContainsString('With the gasket that leaves', $plan);
        $this->assertGreaterThan($before, $this->ratio(), 'higher pistons leave less above them');
        $this->assertAccessible($this->window, 'a plan with a deck to a target');

        $this->wantADeckOf('0.5 mm');
        $this->assertStringContainsString('A piston stands higher already than it shall', $this->text($this->window, 'main'));
    }

    private function ratio(): float
    {
        $margin = $this->text($this->window, '.margin');
        $this->assertSame(1, preg_match('/Compression (?:between [\d.]+ and )?([\d.]+) to 1/', $margin, $match));

        return (float) $match[1];
    }

    private function wantADeckOf(string $distance): void
    {
        $old = $this->window->findElement(WebDriverBy::tagName('html'))->getID();
        (new WebDriverSelect($this->window->findElement(WebDriverBy::id('about'))))->selectByValue('deck');
        $this->window->findElement(WebDriverBy::id('wanted'))->clear()->sendKeys($distance);
        $this->window
            ->findElement(WebDriverBy::id('target-reason'))
            ->clear()
            ->sendKeys(['on its builder’s word', WebDriverKeys::ENTER]);
        $this->until(
            $this->window,
            fn (): bool => $this->window->findElement(WebDriverBy::tagName('html'))->getID() !== $old,
            'the plan with what is wanted',
        );
    }
}
