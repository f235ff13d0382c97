<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\KeyedPart;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Simulation\SimulatedParts;

/** A whole engine through every sheet by digits and Enter, from the first journal to the verdict of them all. */
final class WholeEngineTest extends BrowserTestCase
{
    private const PAUSE_EVERY = 60;

    private RemoteWebDriver $window;

    public function test_a_sorrel_goes_through_every_sheet_and_its_case_is_scrapped_by_a_feeler(): void
    {
        $this->window = $this->loggedIn('inspector');
        $tag = $this->receive($this->window, 's', 'SF-'.random_int(10_000, 99_999));
        foreach ([Section::Crankshaft, Section::Rods, Section::Deck, Section::Heads, Section::Weights, Section::Volumes] as $section) {
            $this->readSheet($tag, 'sorrel-f4', $section);
        }
        $this->readSheet($tag, 'sorrel-f4', Section::Housings, ['gap.4' => '0.05'], 'Scrap');
        $this->window->get($this->url("/jobs/{$tag}/judge"));
        $this->assertStringContainsString('Not rebuildable', $this->text($this->window, '.margin .stamp'));
        $this->assertStringContainsString('A feeler enters the torqued case', $this->text($this->window, '#part-block'));
        $this->assertAccessible($this->window, 'the Judge page of a scrapped case');
    }

    public function test_a_brae_goes_through_every_sheet_to_one_verdict_and_a_page_for_the_customer(): void
    {
        $this->window = $this->loggedIn('inspector');
        $tag = $this->receive($this->window, 'b', 'BV-'.random_int(10_000, 99_999));
        $this->stateGauge($this->window);
        foreach (range(1, 8) as $cylinder) {
            foreach (
                [
                    'top.thrust' => '7.1',
                    'top.inline' => '3.4',
                    'middle.thrust' => '4.6',
                    'middle.inline' => '2.6',
                    'bottom.thrust' => '0.9',
                    'bottom.inline' => '0.7',
                ] as $place => $text
            ) {
                $this->goToCell("bore.{$cylinder}.{$place}");
                $this->press($this->window, $text, WebDriverKeys::ENTER);
            }
        }
        $this->untilSent();
        $this->readSheet($tag, 'brae-v8-311', Section::Crankshaft, ['main.3.front.0' => '2.4952', 'pin.2.rear.90' => '2.1180']);
        foreach ([Section::Housings, Section::Rods, Section::Deck, Section::Heads, Section::Weights, Section::Volumes] as $section) {
            $this->readSheet($tag, 'brae-v8-311', $section);
        }
        $this->window->get($this->url("/jobs/{$tag}/measure/deck"));
        $this->untilReady($this->window);
        $this->window->executeScript(
            "const slider = document.querySelector('[data-face-slider]'); slider.value = slider.max; slider.dispatchEvent(new ".
                "Event('input', { bubbles: true }));",
        );
        $this->untilSeen($this->window, '[data-face-said]', 'clean');
        $this->dyeCheck($this->window, $tag, 'block', 'head', 'crankshaft');
        $this->window->get($this->url("/jobs/{$tag}/judge"));
        $this->assertStringContainsString('Rebuildable with machining', $this->text($this->window, '.margin .stamp'));
        $this->assertStringContainsString('Mains: grind .010 under', $this->text($this->window, '#part-crankshaft'));
        $this->window->get($this->url("/jobs/{$tag}/findings"));
        $this->assertStringContainsString('Your engine can be rebuilt, with normal machining.', $this->text($this->window, 'main'));
        $this->assertAccessible($this->window, 'the page for the customer');
    }

    public function test_a_journal_is_reached_through_the_drawing_and_its_own_view_follows(): void
    {
        $this->window = $this->loggedIn('inspector');
        $tag = $this->receive($this->window, 't', 'T4-'.random_int(10_000, 99_999));
        $this->press($this->window, ']');
        $this->until(
            $this->window,
            fn (): bool => str_ends_with($this->window->getCurrentURL(), "/jobs/{$tag}/measure/crankshaft"),
            'the next sheet',
        );
        $this->untilReady($this->window);
        $this->window->findElement(WebDriverBy::cssSelector('[data-goto="pin.3.front.0"] .journal-number'))->click();
        $this->assertSame('pin.3.front.0', $this->place($this->window));
        $this->assertSame(
            ['Rod journal 3'],
            $this->window->executeScript("return [...document.querySelectorAll('.view[data-shown]')].map((one) => one.dataset.view)"),
        );
        $this->press($this->window, '2.1245', WebDriverKeys::ENTER);
        $this->untilKept($this->window, 'pin.3.front.0');
        $this->press($this->window, 'u');
        $this->until($this->window, fn (): bool => $this->cell($this->window, 'pin.3.front.0') === '·', 'taken back');
        $this->press($this->window, '9.9', WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-question]', 'from the nominal');
        $this->press($this->window, WebDriverKeys::ESCAPE);
        $this->press($this->window, '[');
        $this->until(
            $this->window,
            fn (): bool => str_ends_with($this->window->getCurrentURL(), "/jobs/{$tag}/measure"),
            'the sheet before',
        );
    }

    /**
     * Keys what a sound engine reads at every place that the sheet proposes, until nothing that a verdict needs is missing.
     *
     * @param  array<string, string>  $worn  By place key
     */
    private function readSheet(string $tag, string $family, Section $section, array $worn = [], string $verdict = ''): void
    {
        $sheet = SpecificationSheet::fromJson((string) file_get_contents(dirname(__DIR__, 2)."/resources/specs/{$family}.json"), $family);
        $plan = InspectionPlan::of($section, $sheet);
        $parts = new SimulatedParts($sheet, [], 4);
        $this->window->get($this->url("/jobs/{$tag}/measure/{$section->value}"));
        $this->untilReady($this->window);
        $stated = [];
        $needed = array_values(array_filter($plan->walk(), static fn ($one): bool => $one->isNeeded));
        foreach ($needed as $index => $one) {
            $this->assertSame($one->place->key, $this->place($this->window), 'the sheet proposes the next place');
            $feature = $one->place->feature;
            if ($feature->needsStatedGauge() && ! isset($stated[$feature->code()])) {
                $stated[$feature->code()] = true;
                $this->stateTorqued();
            }
            $this->press($this->window, $worn[$one->place->key] ?? KeyedPart::text($sheet, $parts, $one), WebDriverKeys::ENTER);
            if ($index % self::PAUSE_EVERY === 0) {
                $this->untilSent();
            }
        }
        $this->untilSent();
        $this->assertSame('', $this->text($this->window, '[data-question]'));
        $this->untilSeen($this->window, '[data-fragment=margin]', $verdict === '' ? 'Everything that a verdict needs is read.' : $verdict);
        $this->assertAccessible($this->window, $section->value);
    }

    /** States the gauge that is proposed for the current place, caps torqued. */
    private function stateTorqued(): void
    {
        $this->untilSent();
        $this->press($this->window, 'z');
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript("return document.querySelector('[data-setup-dialog]').open"),
            'the dialog is open',
        );
        $this->window->executeScript(
            "const kind = document.querySelector('[name=instrument]'); [...kind.options].find((one) => !one.disabled && ".
                "one.value.startsWith('dial bore gauge .0001')).selected = true; kind.dispatchEvent(new Event('change'));",
        );
        $this->window->findElement(WebDriverBy::name('caps_torqued'))->sendKeys(WebDriverKeys::SPACE);
        $this->window->findElement(WebDriverBy::name('part_temperature'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-fragment=setup]', 'caps torqued');
    }

    private function goToCell(string $place): void
    {
        $this->window->executeScript('document.querySelector(`td[data-place="${arguments[0]}"]`).click()', [Place::parse($place)->key]);
    }

    /** Until the server has answered everything that was keyed. */
    private function untilSent(): void
    {
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript(
                "return document.querySelector('td.waits') === null && document.querySelector('[data-outbox-state]').hidden",
            ),
            'everything is sent',
            60,
        );
    }
}
