<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

/** Story 17: four readings, and what they settle. */
final class OneBoreCondemnsTest extends StoryTestCase
{
    public function test_four_readings_settle_that_it_cannot_stay_and_nothing_more_is_asked_for_that(): void
    {
        $this->receive($this->window, 't', 'T4-'.random_int(10_000, 99_999));
        $this->stateGauge($this->window);
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->key('3.8100', "piston.{$cylinder}");
        }
        foreach (['1.1', '1.2', '1.2'] as $index => $text) {
            $this->key($text, 'bore.'.($index + 1).'.top.thrust');
            $this->assertStringContainsString('not settled yet', $this->questions());
        }
        $this->key('5.6', 'bore.4.top.thrust');

        $this->assertStringContainsString('no, settled', $this->questions());
        $margin = $this->text($this->window, '.margin');
        $this->assertStringContainsString('With a new piston it would be +7.1: past a limit too.', $margin);
        foreach (['can still show that it cannot stay', 'is still needed before it may stay'] as $asked) {
            $this->assertStringNotContainsString($asked, $margin);
        }
    }

    public function test_a_worn_piston_is_told_from_a_worn_bore(): void
    {
        $tag = $this->receive($this->window, 't', 'T4-'.random_int(10_000, 99_999));
        $this->stateGauge($this->window);
        $this->key('3.8062', 'piston.1');
        foreach ([1, 2, 3, 4] as $cylinder) {
            foreach (
                [
                    'top.thrust' => '1.1',
                    'top.inline' => '0.8',
                    'middle.thrust' => '0.9',
                    'middle.inline' => '0.6',
                    'bottom.thrust' => '0.4',
                    'bottom.inline' => '0.3',
                ] as $where => $text
            ) {
                $this->key($text, "bore.{$cylinder}.{$where}");
            }
            if ($cylinder > 1) {
                $this->key('3.8110', "piston.{$cylinder}");
            }
        }
        foreach ([1, 2, 3, 4] as $cylinder) {
            foreach (
                [
                    "ridge.{$cylinder}.top",
                    "ridge.{$cylinder}.bottom",
                    "scoring.{$cylinder}",
                    "pitting.{$cylinder}",
                    "crack.{$cylinder}",
                ] as $look
            ) {
                $this->key('0', $look);
            }
        }
        $this->untilSeen($this->window, '.margin .stamp', 'with a new piston in 1');
        $this->open($tag, 'judge');
        $this->assertStringContainsString('With a new piston it would be +2.6: within both limits.', $this->text($this->window, 'main'));
        $this->assertStringNotContainsString('Cannot stay', $this->text($this->window, 'main'), 'its bore is good');
    }

    private function questions(): string
    {
        return $this->text($this->window, 'dl.questions div');
    }
}
