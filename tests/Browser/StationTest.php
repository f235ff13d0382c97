<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The measuring station: zeros on the part, one bore's page, gauges that send, two people, and no key too many. */
final class StationTest extends BrowserTestCase
{
    private RemoteWebDriver $window;

    private string $tag;

    protected function setUp(): void
    {
        $this->window = $this->loggedIn('inspector');
        $this->tag = $this->receive($this->window, 't', 'T4-'.random_int(10_000, 99_999));
    }

    public function test_a_zero_on_the_part_judges_form_and_gets_its_size_by_key(): void
    {
        $this->press($this->window, 'z');
        $this->untilOpen('setup');
        $this->window->executeScript(
            "const zero = document.getElementById('zero_on'); zero.value = 'part'; zero.dispatchEvent(new Event('change'));",
        );
        $this->assertStringContainsString('Cylinder 1, top, thrust', $this->text($this->window, '[data-zero-place]'));
        $this->assertAccessible($this->window, 'the setup dialog');
        $this->window->findElement(WebDriverBy::id('instrument'))->sendKeys(WebDriverKeys::TAB);
        $this->window->findElement(WebDriverBy::name('part_temperature'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-fragment=setup]', 'size not known');
        $this->untilKept($this->window, 'bore.1.top.thrust');
        $this->enter($this->window, '-2.1', 'bore.2.top.thrust');
        $this->untilSeen($this->window, '[data-fragment=margin]', 'need a size for the zero');
        $this->press($this->window, 's');
        $this->untilOpen('size');
        $this->press($this->window, '4.2');
        $this->press($this->window, WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-size-error]', 'from the nominal');
        $this->press($this->window, '3.8160', WebDriverKeys::ENTER);
        $this->until(
            $this->window,
            fn (): bool => str_contains($this->cell($this->window, 'bore.2.top.thrust'), '3.8139'),
            'every reading is a size',
        );
    }

    public function test_one_bore_is_traced_by_digits_and_enter_alone(): void
    {
        $this->stateGauge($this->window);
        $this->press($this->window, 'v');
        $this->untilAt('/bores/1');
        foreach (['5', '3.5', '1', '.5', '5', '3', '1', '.5'] as $index => $value) {
            $this->enter($this->window, $value, 'trace.1.top.'. 45 * $index);
        }
        $this->untilSeen($this->window, '[data-fragment=margin]', '3.8255 in');
        $this->assertSame('trace.1.middle.0', $this->place($this->window));
        $this->press($this->window, 'u');
        $this->until($this->window, fn (): bool => $this->cell($this->window, 'trace.1.top.315') === '·', 'the last is taken back');
        $this->press($this->window, ']');
        $this->untilAt('/bores/2');
        $this->window->executeScript("document.querySelector('[data-bore-drawing]').focus()");
        $this->press($this->window, '4');
        $this->untilAt('/bores/4');
        $this->press($this->window, 'v');
        $this->untilAt('/measure');
    }

    public function test_a_ring_gap_goes_through_the_outbox_and_comes_back_where_it_is_refused(): void
    {
        $this->stateGauge($this->window);
        $this->enter($this->window, '7.4', 'bore.1.top.thrust');
        $this->window->get($this->url("/jobs/{$this->tag}/bores/1"));
        $this->untilReady($this->window);
        $this->window->findElement(WebDriverBy::cssSelector('#ring-gap summary'))->click();
        $fill = function (string $gap): void {
            foreach (['known_bore' => '3.8125', 'known_gap' => '.015', 'gap' => $gap] as $field => $text) {
                $this->window->findElement(WebDriverBy::id($field))->clear()->sendKeys($text);
            }
            $this->window->findElement(WebDriverBy::id('gap'))->sendKeys(WebDriverKeys::ENTER);
        };
        $fill('wide');
        $this->untilSeen($this->window, '#ring-gap-error', 'does not read as a length');
        $this->assertSame(
            '3.8125',
            $this->window->findElement(WebDriverBy::id('known_bore'))->getAttribute('value'),
            'nothing typed is lost',
        );
        $server = new WebServer();
        $server->stop();
        try {
            $fill('.0382');
            $this->untilSeen($this->window, '[data-outbox-state]', '1');
        } finally {
            $server->start();
        }
        $this->untilSeen($this->window, '[data-fragment=margin]', 'They agree.', 20);
    }

    public function test_the_size_under_the_pointer_lies_at_its_best_centre(): void
    {
        $this->window->get($this->url('/jobs/NL-0416/bores/1'));
        $this->untilReady($this->window);
        $circle = fn (): array => $this->window->executeScript(
            "const one = document.querySelector('[data-size-circle]'); return ['cx', 'cy', 'r'].map((name) => ".
                'Number(one.getAttribute(name)))',
        );
        [, $offCentre, $radius] = $circle();
        $this->assertLessThan(0, $offCentre, 'worn at the thrust side, the centre moves there');
        $this->window->findElement(WebDriverBy::cssSelector('[data-size="1000000"]'))->click();
        $this->assertEquals([0, 0], array_slice($circle(), 0, 2), 'the largest size needs no shift');
        $this->assertGreaterThan($radius, $circle()[2]);
        $this->assertAccessible($this->window, 'one bore');
    }

    public function test_a_simulated_gauge_answers_the_key_and_its_reading_lands(): void
    {
        $owner = $this->loggedIn('owner');
        $owner->get($this->url('/gauges/G-07'));
        $owner->findElement(WebDriverBy::cssSelector('form[action$="/tokens"] button'))->click();
        $this->until($owner, static fn (): bool => str_contains($owner->getPageSource(), 'shown this once'), 'a token');
        $token = $this->text($owner, '.note .num');
        $this->press($this->window, 'z');
        $this->untilOpen('setup');
        $this->window->executeScript(
            "const gauge = document.getElementById('instrument'); gauge.value = 'G-07'; gauge.dispatchEvent(new Event('change'));",
        );
        $this->window->findElement(WebDriverBy::id('zero'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-fragment=setup]', 'G-07');
        $this->press($this->window, 'g');
        $this->untilSeen($this->window, '[data-feed-state]', 'G-07 feeds this line');
        $gauge = proc_open(
            [PHP_BINARY, dirname(__DIR__, 2).'/bin/gauge-sim', '--token', $token, '--url', $this->url(''), '--seed', '11'],
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
        );
        $this->assertIsResource($gauge);
        try {
            $this->assertStringContainsString('Waiting to be asked', (string) fgets($pipes[1]));
            foreach (['bore.1.top.thrust', 'bore.2.top.thrust', 'bore.3.top.thrust'] as $place) {
                $this->until($this->window, fn (): bool => $this->place($this->window) === $place, "{$place} is next");
                $this->press($this->window, 'g');
                $this->untilKept($this->window, $place);
            }
        } finally {
            proc_terminate($gauge);
            proc_close($gauge);
        }
        $this->assertMatchesRegularExpression('/3\.8[12]\d\d/', $this->cell($this->window, 'bore.1.top.thrust'));
    }

    public function test_lines_of_a_gauge_pasted_at_once_go_to_one_place_each(): void
    {
        $this->stateGauge($this->window);
        $this->window->executeScript(
            <<<'JS'
            const data = new DataTransfer();
            data.setData('text', 'G-07 +3.1 thou 901\nG-07 +3.4 thou 902\n3.6\n');
            document.querySelector('[data-entry]').dispatchEvent(
                new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
            );
            JS
            ,
        );
        foreach (['bore.1.top.thrust' => '+3.1', 'bore.2.top.thrust' => '+3.4', 'bore.3.top.thrust' => '+3.6'] as $place => $shown) {
            $this->until($this->window, fn (): bool => str_contains($this->cell($this->window, $place), $shown), "{$shown} at {$place}");
        }
        $this->press($this->window, 'G-07 +3.4 thou 902', WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-question]', 'Line 902 of G-07 was counted already');
        $this->assertSame('·', $this->cell($this->window, 'bore.4.middle.thrust'));
    }

    public function test_a_caller_follows_the_writer_and_hears_the_reading_back(): void
    {
        $this->stateGauge($this->window);
        $caller = $this->loggedIn('owner', 820, 1180);
        $caller->get($this->url("/jobs/{$this->tag}/measure"));
        $this->untilReady($caller);
        $this->join($caller, 'caller');
        $this->join($this->window, 'writer');
        $this->untilSeen($this->window, '[data-pair-others]', 'Owner, caller');
        $this->press($this->window, WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_RIGHT);
        $this->until($caller, fn (): bool => $this->place($caller) === 'bore.2.top.inline', 'the caller’s page follows');
        $this->press($this->window, '2.2', WebDriverKeys::ENTER);
        $this->untilKept($this->window, 'bore.2.top.inline');
        $this->untilSeen($caller, '[data-pair-value]', '2.2');
        $this->untilSeen($caller, '[data-pair-where]', 'Cylinder 2, top, in line, by Inspector');
        $this->assertGreaterThanOrEqual(
            36,
            $caller->executeScript("return parseFloat(getComputedStyle(document.querySelector('[data-pair-value]')).fontSize)"),
            'large enough to be read from the block',
        );
        $this->assertAccessible($caller, 'a sheet that two work on');
    }

    public function test_two_entries_for_one_place_are_settled_by_a_digit(): void
    {
        $this->stateGauge($this->window);
        $other = $this->loggedIn('owner');
        $other->get($this->url("/jobs/{$this->tag}/measure"));
        $this->untilReady($other);
        // The other page does not hear what has changed meanwhile, as on a bad network.
        $other->executeScript(
            "const real = window.fetch; window.fetch = (url, how) => String(url).includes('/changes') ? new Promise(() => {}) : ".
                'real(url, how)',
        );
        $this->enter($this->window, '3.1', 'bore.1.top.thrust');
        $this->press($other, '3.5', WebDriverKeys::ENTER);
        $this->untilSeen($other, '[data-question]', 'Inspector read cylinder 1, top, thrust as 3.1 at the same time. Which counts?');
        $this->press($other, '3', WebDriverKeys::ENTER);
        $this->until(
            $this->window,
            fn (): bool => str_contains($this->cell($this->window, 'bore.1.top.thrust'), '×2'),
            'both count, as repeats',
        );
    }

    public function test_a_pasted_file_survives_a_dead_network_and_a_switch_of_the_unit_and_is_read_in_once(): void
    {
        $this->stateGauge($this->window);
        $this->window->get($this->url("/jobs/{$this->tag}/sheets/bores/import"));
        $lines = json_encode("cylinder,station,axis,value\n1,top,thrust,3.1\n1,top,inline,wide\n2,top,thrust,2.9\n");
        $this->window->executeScript(
            "const text = document.getElementById('text'); text.value = {$lines}; text.dispatchEvent(new Event('input', ".
                '{ bubbles: true }));',
        );
        $this->window->executeScript('window.isBeforeTheSwitch = true');
        $this->window->findElement(WebDriverBy::cssSelector('.unit-switch [value=mm]'))->click();
        $this->until(
            $this->window,
            fn (): bool => str_contains(
                (string) $this->window->executeScript(
                    "return window.isBeforeTheSwitch ? '' : document.getElementById('text')?.value ?? ''",
                ),
                '2,top,thrust,2.9',
            ),
            'the text stands after the reload',
        );

        $server = new WebServer();
        $server->stop();
        try {
            $this->window->findElement(WebDriverBy::cssSelector('[data-kept-text] .button'))->click();
            $this->untilSeen($this->window, '[data-kept-said]', 'No connection');
        } finally {
            $server->start();
        }
        $this->untilSeen($this->window, '#import-rows', 'not taken');
        $this->assertAccessible($this->window, 'the preview of a file');
        $server->stop();
        try {
            $this->window->findElement(WebDriverBy::cssSelector('#import-rows .button'))->click();
            $this->untilSeen($this->window, '[data-outbox-state]', '1 entry waits');
        } finally {
            $server->start();
        }
        $this->untilAt('/measure');
        $this->untilReady($this->window);
        $this->untilSeen($this->window, 'main', '2 readings were read in.');
        $this->assertStringContainsString('96.916', $this->cell($this->window, 'bore.1.top.thrust'));
    }

    public function test_a_micrometer_is_read_line_by_line(): void
    {
        $this->stateGauge($this->window);
        $this->press($this->window, 'm');
        $this->untilOpen('micrometer');
        $this->assertAccessible($this->window, 'the micrometer');
        $this->press($this->window, '32', WebDriverKeys::ENTER, '13', WebDriverKeys::ENTER, '4');
        $this->assertSame('3.8134 in', $this->text($this->window, '[data-micrometer-reading]'));
        $this->press($this->window, WebDriverKeys::ENTER);
        $this->assertSame('3.8134', $this->window->findElement(WebDriverBy::id('reading'))->getAttribute('value'));
    }

    public function test_without_a_keyboard_the_list_of_keys_is_the_menu(): void
    {
        $this->stateGauge($this->window);
        $this->enter($this->window, '3.1', 'bore.1.top.thrust');
        foreach (
            [
                'x' => fn (): bool => str_contains($this->text($this->window, 'table.bores'), '45°'),
                'u' => fn (): bool => $this->cell($this->window, 'bore.1.top.thrust') === '·',
            ] as $key => $happened
        ) {
            $this->window->findElement(WebDriverBy::cssSelector('[data-open-keys]'))->click();
            $this->untilOpen('keys');
            $this->assertAccessible($this->window, 'the list of keys');
            $this->window->findElement(WebDriverBy::cssSelector("[data-command={$key}]"))->click();
            $this->until($this->window, $happened, "{$key} by touch");
        }
        $this->window->findElement(WebDriverBy::cssSelector('[data-open-keys]'))->click();
        $this->window->findElement(WebDriverBy::cssSelector('[data-command=v]'))->click();
        $this->untilAt('/bores/1');
    }

    public function test_a_whole_vee_eight_takes_its_digits_and_one_enter_each(): void
    {
        $this->receive($this->window, 'b', 'BV-'.random_int(10_000, 99_999));
        $this->stateGauge($this->window);
        $read = [];
        while (count(array_filter($read, static fn (string $place): bool => str_starts_with($place, 'bore.'))) < 48) {
            $place = $this->place($this->window);
            $this->assertNotContains($place, $read, 'every place is proposed once, without a key to get there');
            $this->enter(
                $this->window,
                match (explode('.', $place)[0]) {
                    'bore' => str_contains($place, 'top.thrust') ? '3.1' : '1.4',
                    'piston' => '3.8105',
                    default => '0',
                },
                $place,
            );
            $read[] = $place;
        }
        $this->assertSame(
            48,
            $this->window->executeScript(
                "return [...document.querySelectorAll('tr.reading td[data-place^=\"bore\"]')].filter((cell) => cell.dataset.saw && ".
                    "!cell.dataset.place.includes('land')).length",
            ),
        );
    }

    private function join(RemoteWebDriver $window, string $part): void
    {
        $this->press($window, 'j');
        $this->until(
            $window,
            static fn (): bool => $window->executeScript("return document.querySelector('[data-pair-dialog]').open"),
            'the dialog is open',
        );
        $window->findElement(WebDriverBy::cssSelector("[data-join={$part}]"))->click();
    }

    private function untilOpen(string $dialog): void
    {
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript("return document.querySelector('[data-{$dialog}-dialog]').open"),
            "the {$dialog} dialog is open",
        );
    }

    private function untilAt(string $path): void
    {
        $this->until($this->window, fn (): bool => str_ends_with($this->window->getCurrentURL(), $path), "at {$path}");
        $this->untilReady($this->window);
    }
}
