<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** Stories 10 and 15: what another shop did, and what came new out of the box, is accepted or returned part by part. */
final class CheckTheirWorkTest extends StoryTestCase
{
    /** In micrometres from the bore as it was ordered. */
    private const ROUND = [
        'top.thrust' => '2 um',
        'top.inline' => '1 um',
        'middle.thrust' => '1 um',
        'middle.inline' => '2 um',
        'bottom.thrust' => '-1 um',
        'bottom.inline' => '0 um',
    ];

    public function test_bores_with_a_clearance_of_their_own_each_against_its_piston_and_weights_beside_their_list(): void
    {
        $tag = $this->toCheck('q', 'Q3', 'complete');
        $this->open($tag, 'sheet');
        foreach (
            ['/bore/finished/clearance' => '0.060', '/piston/standard' => '83.945', '/piston/clearance' => '0.050-0.060'] as $path => $text
        ) {
            $this->window->findElement(WebDriverBy::name("value[{$path}]"))->clear()->sendKeys($text);
        }
        $this->window->findElement(WebDriverBy::id('words'))->sendKeys(['forged pistons, boost', WebDriverKeys::ENTER]);
        $this->until($this->window, fn (): bool => str_ends_with($this->window->getCurrentURL(), '/judge'), 'judged by its own clearance');
        $this->assertStringContainsString('forged pistons, boost', $this->text($this->window, 'body'));

        $this->open($tag, 'measure');
        $this->zero('84.275', false);
        $this->bores();
        $this->assertStringNotContainsString(
            'Go to the plan',
            $this->text($this->window, '.margin'),
            'nothing is planned of what is only checked',
        );
        $this->open($tag, 'verify');
        $this->assertStringContainsString('torque plate on', $this->text($this->window, 'main'), 'without it nothing counts');

        $this->open($tag, 'measure');
        $this->zero('84.275', true);
        foreach (self::ROUND as $where => $text) {
            foreach ([1, 2, 3] as $cylinder) {
                $this->again($text, "bore.{$cylinder}.{$where}");
            }
        }
        $margin = $this->text($this->window, '.margin');
        $this->assertStringContainsString('Cylinder 3. Least clearance', $margin);
        $this->assertStringNotContainsString('before it may stay', $margin);
        $this->open($tag, 'verify');
        $block = $this->text($this->window, '.checked-part');
        $this->assertStringNotContainsString('torque plate on', $block);
        $this->assertStringContainsString('Cylinder 3', $block, 'its piston is too large for the clearance that was asked for');
        $this->assertStringNotContainsString('Cylinder 2.', $block);
        $this->assertAccessible($this->window, 'their bores, accepted or returned');
        $this->weighed($tag);
    }

    public function test_new_rods_with_taper_and_a_crankshaft_whose_snout_runs_out_go_back_and_nobody_bends_them(): void
    {
        $tag = $this->toCheck('br', 'BV', 'rods only');
        $this->open($tag, 'measure/rods');
        $this->stateTorqued();
        foreach (range(1, 8) as $rod) {
            foreach (['front.0', 'front.90'] as $where) {
                $this->key('-.1', "bigend.{$rod}.{$where}");
                $this->key(in_array($rod, [2, 5, 7], true) ? '.9' : '.1', "bigend.{$rod}.".str_replace('front', 'rear', $where));
            }
        }
        $this->open($tag, 'verify');
        $rods = $this->text($this->window, '.checked-part');
        foreach ([2, 5, 7] as $rod) {
            $this->assertStringContainsString("Rod {$rod}", $rods);
        }
        $this->assertStringContainsString('taper', strtolower($rods));
        $this->assertStringNotContainsString('Rod 4. Big end', $rods);
        $this->assertStringNotContainsString('straighten', strtolower($rods));
        $this->return($tag, 'rods', 'three are tapered');

        $tag = $this->toCheck('q', 'QC', 'crankshaft only');
        $this->open($tag, 'measure/crankshaft');
        $this->key('90 um', 'snout.1');
        $this->open($tag, 'verify');
        $crankshaft = $this->text($this->window, '.checked-part');
        $this->assertStringContainsString('snout', strtolower($crankshaft));
        $this->assertStringNotContainsString('straighten', strtolower($crankshaft));
        $this->return($tag, 'crankshaft', 'the snout runs out');
    }

    private function toCheck(string $letter, string $serial, string $arrival): string
    {
        $this->window->get($this->url('/jobs/new'));
        $this->untilFocused($this->window, '#family');
        $this->press(
            $this->window,
            $letter,
            WebDriverKeys::TAB,
            "{$serial}-".random_int(10_000, 99_999),
            WebDriverKeys::TAB,
            'Hill-climb club',
        );
        (new WebDriverSelect($this->window->findElement(WebDriverBy::id('purpose'))))->selectByValue('check');
        (new WebDriverSelect($this->window->findElement(WebDriverBy::id('arrival'))))->selectByValue($arrival);
        $this->window->findElement(WebDriverBy::cssSelector('main .button'))->click();
        $this->until($this->window, fn (): bool => str_ends_with($this->window->getCurrentURL(), '/receive'), 'the new job');

        return $this->text($this->window, '.head .tag');
    }

    private function bores(): void
    {
        foreach ([1, 2, 3] as $cylinder) {
            foreach (self::ROUND as $where => $text) {
                $this->key($text, "bore.{$cylinder}.{$where}");
            }
            $this->key($cylinder === 3 ? '84.240' : '84.220', "piston.{$cylinder}");
        }
    }

    /** The same place once more, since it counts only now. */
    private function again(string $text, string $place): void
    {
        $this->goToCell($place);
        $this->press($this->window, $text, WebDriverKeys::ENTER);
        $this->untilKept($this->window, $place);
    }

    private function zero(string $at, bool $hasPlate): void
    {
        $this->press($this->window, 'z');
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript("return document.querySelector('[data-setup-dialog]').open"),
            'the dialog is open',
        );
        $this->window->findElement(WebDriverBy::name('zero'))->clear()->sendKeys($at);
        foreach (['caps_torqued', 'cooled', 'clean', ...$hasPlate ? ['torque_plate'] : []] as $name) {
            $box = $this->window->findElement(WebDriverBy::name($name));
            $box->isSelected() || $box->sendKeys(WebDriverKeys::SPACE);
        }
        $this->window->findElement(WebDriverBy::name('part_temperature'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-fragment=setup]', $at);
    }

    private function weighed(string $tag): void
    {
        $this->open($tag, 'measure/weights');
        $this->press($this->window, 'z');
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript("return document.querySelector('[data-setup-dialog]').open"),
            'the dialog is open',
        );
        $this->window->executeScript(
            "const kind = document.querySelector('[name=instrument]'); [...kind.options].find((one) => !one.disabled && ".
                "one.value.startsWith('scale 0.01 g')).selected = true; kind.dispatchEvent(new Event('change'));",
        );
        $this->window->findElement(WebDriverBy::xpath('//dialog//button[normalize-space()="Save setup"]'))->click();
        $this->untilSeen($this->window, '[data-fragment=setup]', 'weights scale 0.01 g');
        $this->goToCell('pinmass.1');
        $this->assertStringContainsString('weights scale 0.01 g', $this->text($this->window, '[data-fragment=setup]'), 'one scale for all');
        foreach ([1 => '312.02', 2 => '312.11', 3 => '312.05'] as $piston => $grams) {
            $this->key($grams, "weight.{$piston}");
        }
        $this->window->findElement(WebDriverBy::cssSelector('summary'))->click();
        $this->window->findElement(WebDriverBy::id('weight-list'))->sendKeys("piston 1 312.02\npiston 2 312.02\npiston 3 312.04");
        $this->window->findElement(WebDriverBy::id('weight-list-from'))->sendKeys(['the balancer', WebDriverKeys::ENTER]);
        $this->untilSeen($this->window, '[data-fragment=drawing]', 'Their list, by the balancer');
        $list = $this->text($this->window, '[data-fragment=drawing]');
        $this->assertMatchesRegularExpression('/Piston 1 312\.02 312\.02 0\.0 ±0\.\d+ agrees/', str_replace('✓ ', '', $list));
        $this->assertMatchesRegularExpression('/Piston 2 312\.02 312\.11 \+0\.09 ±0\.\d+ ▲ differs/', $list);
        $this->assertAccessible($this->window, 'their list of weights beside ours');
    }

    private function return(string $tag, string $part, string $why): void
    {
        $this->window->findElement(WebDriverBy::id("reason-{$part}"))->sendKeys($why);
        $this->window->findElement(WebDriverBy::cssSelector('button[value=returned]'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($this->window, 'main', $why);
        $this->window->get($this->url("/jobs/{$tag}/verify/parts/{$part}"));
        $this->assertStringContainsString($why, $this->text($this->window, 'main'));
        $this->assertStringContainsString('Returned by', $this->text($this->window, 'main'));
    }
}
