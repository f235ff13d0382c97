<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\WalksTheWay;

/** Story 18: an engine that is built with a longer stroke than its book knows. */
final class LongerStrokeTest extends StoryTestCase
{
    use WalksTheWay;

    public function test_a_stroke_of_its_own_is_cleared_where_it_is_tight_and_its_gauge_is_set_to_its_pistons(): void
    {
        $tag = $this->receive($this->window, 'br', 'BV-'.random_int(10_000, 99_999));
        $this->stateGauge($this->window);
        $this->open($tag, 'sheet');
        foreach (['/stroke' => '3.4700', '/piston/compression_height' => '1.6700'] as $path => $value) {
            $this->own($path, $value);
        }
        $this->window->findElement(WebDriverBy::id('words'))->sendKeys(['its builder wants the longer crank', WebDriverKeys::ENTER]);
        $this->untilSeen($this->window, '[role=alert]', 'Volumes, ratio: found 8.8, expected the ratio its volumes give, 8.94');
        $this->own('/volumes/ratio', '8.94');
        $this->window->findElement(WebDriverBy::id('words'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[role=status]', 'This engine is judged by it from now on');
        $this->assertStringContainsString('stroke 3.4700 instead of 3.4100', $this->text($this->window, 'main'));

        $this->open($tag, 'measure');
        $this->followTheProposal($this->window, self::WORN, 50);
        $this->dyeCheck($this->window, $tag, 'block', 'head', 'crankshaft');
        $this->open($tag, 'plan');
        $this->window->findElement(WebDriverBy::xpath('//button[normalize-space()="Choose this plan"]'))->click();
        $this->until($this->window, fn (): bool => str_ends_with($this->window->getCurrentURL(), '/work'), 'the order');
        $this->workTheOrder($this->window, 'Clear the stroke');

        $this->stage($this->window, "/jobs/{$tag}/work/at/stroke%20clearance");
        $this->gap('.020');
        $this->untilSeen($this->window, '.bench-now', 'one place to grind');
        $this->assertStringContainsString(
            '0.0200 0.0600 0.0400 0.2700',
            $this->text($this->window, '.bench-table'),
            'off, and the wall left',
        );
        $this->stage($this->window, "/jobs/{$tag}/work?at=stroke+clearance");
        $this->press($this->window, WebDriverKeys::ENTER);
        $tight = 'Rail at cylinder 2: 0.0200 in, wanted are 0.0600 in. Grind there and measure it again.';
        $this->untilSeen($this->window, '#error-entry-operation', $tight);

        $this->stage($this->window, "/jobs/{$tag}/work/at/stroke%20clearance");
        $this->gap('.062');
        $this->untilSeen($this->window, '.bench-now', 'every gap is enough');
        $this->stage($this->window, "/jobs/{$tag}/work/at/hone.3");
        $hone = $this->text($this->window, '[data-fragment=bench]');
        $this->assertStringContainsString('Set the gauge to 3.8325 in, its piston and the clearance', $hone);
        $this->assertStringContainsString('Torque plate on.', $hone);
    }

    private function own(string $path, string $value): void
    {
        $this->window->findElement(WebDriverBy::name("value[{$path}]"))->clear()->sendKeys($value);
    }

    /** Measured at the turned crankshaft. */
    private function gap(string $gap): void
    {
        foreach (['place' => 'rail at cylinder 2', 'gap' => $gap, 'wanted' => '.060', 'wall' => '.310'] as $field => $value) {
            $this->window->findElement(WebDriverBy::id("gap-{$field}"))->clear()->sendKeys($value);
        }
        $this->press($this->window, WebDriverKeys::ENTER);
    }
}
