<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Story 9, its end: a ground crankshaft is read afresh by digits and Enter, and a journal that was left large goes back to the grinder. */
final class FinishedCrankshaftTest extends StoryTestCase
{
    /** By the beginning of the place; the rod journals were ground ten under. */
    private const READS = [
        'main.' => '2.6245',
        'pin.' => '2.2395',
        'mainra' => '7',
        'pinra' => '7',
        'pinfillet' => '.1000',
    ];

    public function test_every_ordered_place_by_digits_and_enter_and_one_journal_goes_back(): void
    {
        $this->window->get($this->url('/jobs/NL-0426/verify'));
        $this->untilReady($this->window);
        $this->assertStringContainsString('/verify/crankshaft', $this->window->getCurrentURL());
        $this->stateConditions();
        $keyed = 0;
        while (($place = $this->proposed()) !== '' && $keyed < 60) {
            $this->enter($this->window, str_starts_with($place, 'pin.3.') ? '2.2402' : $this->reads($place), $place);
            $this->until($this->window, fn (): bool => $this->proposed() !== $place, "what comes after {$place}");
            $keyed++;
        }
        $this->assertSame(49, $keyed, 'the places of the order, each once');

        $this->assertStringContainsString('Out', $this->text($this->window, '.margin .stamp'));
        $margin = $this->text($this->window, '.margin');
        $this->assertStringContainsString('Rod journal 3 · more to come off', $margin);
        $this->assertStringContainsString('0.7 thou on diameter left to come off', $margin);
        $this->assertAccessible($this->window, 'a finished sheet with a journal that is out');

        $this->window->findElement(WebDriverBy::id('reason-pin-3'))->sendKeys('left large');
        $this->window->findElement(WebDriverBy::cssSelector('.margin button[value=rework]'))->click();
        $this->until(
            $this->window,
            fn (): bool => str_contains($this->text($this->window, '.margin .stamp'), 'Not verified'),
            'it is to be ground again',
        );
        $this->untilReady($this->window);
        $this->assertSame('·', $this->cell($this->window, 'pin.3.front.0'), 'what was read of it is of a journal that is ground again');
        $this->assertSame('2.2395', $this->cell($this->window, 'pin.2.front.0'));
        $this->window->get($this->url('/jobs/NL-0426/work?at=grind+rods.3'));
        $this->assertStringContainsString('rework: left large', $this->text($this->window, 'body'));
    }

    public function test_new_rods_go_back_with_their_sheet(): void
    {
        $this->window->get($this->url('/jobs/NL-0429/verify'));
        $this->assertAccessible($this->window, 'accept or return');
        $this->window->findElement(WebDriverBy::id('reason-block'))->sendKeys('cylinder 2 is tapered');
        $this->window->findElement(WebDriverBy::cssSelector('button[value=returned]'))->sendKeys(WebDriverKeys::ENTER);
        $this->until(
            $this->window,
            fn (): bool => str_contains($this->text($this->window, 'main'), 'cylinder 2 is tapered'),
            'the block goes back',
        );
        $this->window->get($this->url('/jobs/NL-0429/verify/parts/block'));
        $sheet = $this->text($this->window, 'main');
        $this->assertStringContainsString('Returned by Inspector', $sheet);
        $this->assertStringContainsString('Cylinder 2. Taper', $sheet);
        $this->assertStringContainsString('torque plate on', $sheet);
        $this->assertAccessible($this->window, 'the sheet that goes with it');
    }

    /** Cooled and clean, stated once for everything that is read here. */
    private function stateConditions(): void
    {
        $this->press($this->window, 'z');
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript("return document.querySelector('[data-setup-dialog]').open"),
            'the dialog is open',
        );
        foreach (['cooled', 'clean'] as $name) {
            $this->window->findElement(WebDriverBy::name($name))->sendKeys(WebDriverKeys::SPACE);
        }
        $this->window->findElement(WebDriverBy::name('part_temperature'))->sendKeys(WebDriverKeys::ENTER);
        $this->until(
            $this->window,
            fn (): bool => ! str_contains($this->text($this->window, '[data-fragment=setup]'), 'First state'),
            'the conditions are stated',
        );
    }

    /** The place that is asked for; empty where everything is read. */
    private function proposed(): string
    {
        $isDone = str_contains($this->text($this->window, '.margin'), 'Everything that was ordered is read');

        return $isDone ? '' : $this->place($this->window);
    }

    private function reads(string $place): string
    {
        foreach (self::READS as $beginning => $text) {
            if (str_starts_with($place, $beginning)) {
                return $text;
            }
        }
        $this->fail("Nothing is read at {$place}.");
    }
}
