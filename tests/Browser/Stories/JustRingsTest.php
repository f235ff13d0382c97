<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Tests\Browser\WalksTheWay;

/** Story 2: an engine that burns oil, a gauge zeroed in a bore of unknown size, and pistons that stay. */
final class JustRingsTest extends StoryTestCase
{
    use WalksTheWay;

    /** In thousandths of an inch from the place that is the zero: cylinder 2, top, in line. */
    private const DEVIATIONS = [
        'top.thrust' => '1.5',
        'top.inline' => '.4',
        'middle.thrust' => '.6',
        'middle.inline' => '.1',
        'bottom.thrust' => '-.6',
        'bottom.inline' => '-1.0',
    ];

    private const LOOKS = ['ridge.%d.top', 'ridge.%d.bottom', 'scoring.%d', 'pitting.%d', 'crack.%d'];

    public function test_form_is_judged_before_any_size_and_a_hone_is_all_it_needs(): void
    {
        $tag = $this->receive($this->window, 'br', 'BV-'.random_int(10_000, 99_999));
        $this->zeroIn('bore.2.top.inline');
        foreach (range(1, 8) as $cylinder) {
            foreach (self::DEVIATIONS as $where => $text) {
                if ("{$cylinder}.{$where}" !== '2.top.inline') {
                    $this->key($text, "bore.{$cylinder}.{$where}");
                }
            }
        }
        $this->assertStringContainsString('only form can be judged so far', $this->text($this->window, '.margin .stamp'));
        $this->assertStringContainsString('out-of-round 1.1 1.5 1.1', $this->text($this->window, '[data-fragment=table]'));
        $this->assertStringNotContainsString('piston', $this->text($this->window, '.margin'), 'nothing is asked that needs a size');
        $this->assertStringContainsString('ridge', $this->text($this->window, '.margin'));

        $this->press($this->window, 's');
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript("return document.querySelector('[data-size-dialog]').open"),
            'the dialog of the size',
        );
        $this->press($this->window, '3.8128', WebDriverKeys::ENTER);
        $this->until($this->window, fn (): bool => str_contains($this->cell($this->window, 'bore.1.top.thrust'), '3.8143'), 'sizes');
        foreach (range(1, 8) as $cylinder) {
            $this->key('3.8100', "piston.{$cylinder}");
            foreach (self::LOOKS as $look) {
                $this->key('0', sprintf($look, $cylinder));
            }
        }
        $this->untilSeen($this->window, '.margin .stamp', 'Can stay at standard');
        $this->assertStringContainsString('hone and re-ring', $this->text($this->window, '.margin .stamp'));

        $this->dyeCheck($this->window, $tag, 'block', 'head', 'crankshaft');
        $this->open($tag, 'plan');
        $this->assertStringContainsString('Stay at standard', $this->text($this->window, '.margin .stamp'));
        $this->window->findElement(WebDriverBy::xpath('//button[normalize-space()="Choose this plan"]'))->click();
        $this->until($this->window, fn (): bool => str_ends_with($this->window->getCurrentURL(), '/work'), 'the order');
        $this->workTheOrder($this->window, 'Deglaze');
        $this->honed($tag);
    }

    /** Thirty seconds a bore, then longer: the stones load up. */
    private function honed(string $tag): void
    {
        $bores = [
            ['30', 'No bore was finished with set 1 yet'],
            ['30', 'As long as the bore before'],
            ['35', '2 bores'],
            ['40', '3 bores'],
        ];
        foreach ($bores as $index => [$seconds, $says]) {
            $cylinder = $index + 1;
            $this->stage($this->window, "/jobs/{$tag}/work/at/hone.{$cylinder}");
            $this->assertStringContainsString($says, $this->text($this->window, '.bench-now'));
            (new WebDriverSelect($this->window->findElement(WebDriverBy::id('stint-tool'))))->selectByValue('ball_hone');
            foreach (['rpm' => '450', 'cycles' => '60', 'stroke' => '5.5'] as $field => $value) {
                $this->window->findElement(WebDriverBy::id("stint-{$field}"))->clear()->sendKeys($value);
            }
            $this->window->findElement(WebDriverBy::id('stint-finished'))->sendKeys(WebDriverKeys::SPACE);
            $this->window->findElement(WebDriverBy::id('stint-seconds'))->sendKeys([$seconds, WebDriverKeys::ENTER]);
            $this->untilSeen($this->window, '[aria-label=Stints]', 'finish reached');
        }
        $this->stage($this->window, "/jobs/{$tag}/work/at/hone.5");
        $this->untilSeen($this->window, '.bench-now', '45 s');
        $now = $this->text($this->window, '.bench-now');
        $this->assertStringContainsString('14° included', $now);
        $this->assertStringContainsString('which no hand keeps up; at 60 cycles it takes 133 rpm', $now);
    }

    /** Zeroes the proposed gauge on the part itself, at a place of unknown size. */
    private function zeroIn(string $place): void
    {
        $this->goToCell($place);
        $this->press($this->window, 'z');
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript("return document.querySelector('[data-setup-dialog]').open"),
            'the dialog is open',
        );
        (new WebDriverSelect($this->window->findElement(WebDriverBy::id('zero_on'))))->selectByValue('part');
        $this->window->findElement(WebDriverBy::name('part_temperature'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-fragment=setup]', 'size not known');
        $this->untilKept($this->window, $place);
    }
}
