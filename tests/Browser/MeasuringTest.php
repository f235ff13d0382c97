<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The entry line: what is asked back, corrected, repeated, taken back, seen by others, and kept through a dead network. */
final class MeasuringTest extends BrowserTestCase
{
    private RemoteWebDriver $window;

    private string $tag;

    protected function setUp(): void
    {
        $this->window = $this->loggedIn('inspector');
        $this->tag = $this->receive($this->window, 't', 'T4-'.random_int(10_000, 99_999));
        $this->stateGauge($this->window);
    }

    public function test_a_reading_that_cannot_be_right_is_asked_back_and_confirmed_by_enter(): void
    {
        $this->press($this->window, '160', WebDriverKeys::ENTER);
        $this->untilAsked('from the nominal');
        $this->assertSame('Cylinder 1, top, thrust', $this->text($this->window, '[data-where]'));
        $this->press($this->window, WebDriverKeys::ENTER);
        $this->untilKept($this->window, 'bore.1.top.thrust');
        $this->assertStringContainsString('+160.0', $this->cell($this->window, 'bore.1.top.thrust'));
    }

    public function test_a_reading_that_was_asked_back_can_be_typed_anew(): void
    {
        $this->press($this->window, '160', WebDriverKeys::ENTER);
        $this->untilAsked('from the nominal');
        $this->press($this->window, '1.6', WebDriverKeys::ENTER);
        $this->untilKept($this->window, 'bore.1.top.thrust');
        $this->assertStringContainsString('+1.6', $this->cell($this->window, 'bore.1.top.thrust'));
        $this->assertSame('bore.2.top.thrust', $this->place($this->window));
    }

    public function test_nonsense_stays_in_the_line_to_be_mended(): void
    {
        $this->press($this->window, '3..1', WebDriverKeys::ENTER);
        $this->untilAsked('does not read as a length');
        $this->assertSame('3..1', $this->window->findElement(WebDriverBy::id('reading'))->getAttribute('value'));
        $this->press($this->window, WebDriverKeys::BACKSPACE, WebDriverKeys::BACKSPACE, '1', WebDriverKeys::ENTER);
        $this->untilKept($this->window, 'bore.1.top.thrust');
        $this->assertStringContainsString('+3.1', $this->cell($this->window, 'bore.1.top.thrust'));
    }

    public function test_a_correction_takes_its_reason_by_one_digit(): void
    {
        $this->enter($this->window, '3.1', 'bore.1.top.thrust');
        $this->until($this->window, fn (): bool => $this->place($this->window) === 'bore.2.top.thrust', 'the next cylinder');
        $this->press($this->window, WebDriverKeys::ARROW_LEFT);
        $this->assertSame('bore.1.top.thrust', $this->place($this->window));
        $this->press($this->window, '3.3', WebDriverKeys::ENTER);
        $this->untilAsked('already reads 3.1');
        $this->press($this->window, '2', WebDriverKeys::ENTER);
        $this->until($this->window, fn (): bool => str_contains($this->cell($this->window, 'bore.1.top.thrust'), '+3.3'), 'the correction');
        $this->window->get($this->url("/jobs/{$this->tag}/history"));
        $this->assertStringContainsString('wrong place', $this->text($this->window, 'table.ledger'));
        $this->assertAccessible($this->window, 'the journal');
    }

    public function test_repeat_and_undo_by_one_key(): void
    {
        $this->enter($this->window, '3.0', 'bore.1.top.thrust');
        $this->press($this->window, 'r');
        $this->assertSame('bore.1.top.thrust', $this->place($this->window));
        $this->press($this->window, '3.2', WebDriverKeys::ENTER);
        $this->until($this->window, fn (): bool => str_contains($this->cell($this->window, 'bore.1.top.thrust'), '×2'), 'the mean of two');
        $this->press($this->window, 'u');
        $this->until(
            $this->window,
            fn (): bool => ! str_contains($this->cell($this->window, 'bore.1.top.thrust'), '×2'),
            'one of them taken back',
        );
        $this->press($this->window, 'u');
        $this->until($this->window, fn (): bool => $this->cell($this->window, 'bore.1.top.thrust') === '·', 'both taken back');
        $this->press($this->window, '?');
        $this->assertTrue($this->window->executeScript("return document.querySelector('[data-keys-dialog]').open"));
    }

    public function test_columns_that_an_answer_leaves_out_stand_as_on_a_page_that_is_loaded_anew(): void
    {
        $this->watchAnswers('(html) => html');
        foreach (['3.4', '3.1', '3.2', '3.3'] as $index => $text) {
            $this->enter($this->window, $text, 'bore.'.($index + 1).'.top.thrust');
        }
        $this->assertSame(['1', '2', '3', '4'], $this->brought(), 'every answer brings the column it is about');
        $this->assertSame(['1,2,3,4', '2', '3', '4'], $this->brought('drawing'), 'and its bore, all of them where the scale changes');
        $other = $this->loggedIn('owner');
        $other->get($this->url("/jobs/{$this->tag}/measure"));
        $this->untilReady($other);
        $at = $this->place($other);
        $this->enter($other, '1.2', $at);
        $this->untilKept($this->window, $at);
        $this->press($this->window, 'u');
        $this->until($this->window, fn (): bool => $this->cell($this->window, 'bore.4.top.thrust') === '·', 'the last one taken back');
        $this->assertShowsWhatIsKept();
    }

    public function test_an_answer_that_takes_something_else_for_known_makes_the_page_ask_for_everything(): void
    {
        $this->watchAnswers('(html) => html.replace(/data-columns="[0-9a-f]+,[0-9a-f]+/, "data-columns=\\"another,another")');
        $this->enter($this->window, '3.1', 'bore.1.top.thrust');
        $this->until($this->window, fn (): bool => in_array('1,2,3,4', $this->brought(), true), 'the whole table');
        $this->assertSame('1', $this->brought()[0]);
        $this->assertShowsWhatIsKept();
    }

    public function test_an_answer_whose_drawing_does_not_fit_makes_the_page_ask_for_everything(): void
    {
        $this->watchAnswers('(html) => html', '(html) => html.replace(/data-frame="[0-9a-f]+/, "data-frame=\\"another")');
        $this->enter($this->window, '3.4', 'bore.1.top.thrust');
        $this->enter($this->window, '3.1', 'bore.2.top.thrust');
        $this->until($this->window, fn (): bool => count($this->brought()) > 2, 'the whole drawing');
        $this->assertSame(['1,2,3,4', '2', '1,2,3,4'], $this->brought('drawing'));
        $this->assertShowsWhatIsKept();
    }

    /**
     * @param  string  $change  What is made of the table of an answer that brings a part of it
     * @param  string  $redraw  The same of its drawing
     */
    private function watchAnswers(string $change, string $redraw = '(html) => html'): void
    {
        $this->window->executeScript(
            <<<JS
            window.brought = { table: [], drawing: [] };
            const changes = { table: {$change}, drawing: {$redraw} };
            const ask = window.fetch;
            window.fetch = async (...asked) => {
                const response = await ask(...asked);
                const data = response.status === 200 ? await response.clone().json().catch(() => null) : null;
                if (!data?.fragments) {
                    return response;
                }
                for (const [name, change] of Object.entries(changes)) {
                    const html = data.fragments[name];
                    const [, brings] = /data-brings="([^"]*)"/.exec(html);
                    window.brought[name].push(brings);
                    data.fragments[name] = brings.includes(',') ? html : change(html);
                }

                return new Response(JSON.stringify(data), { status: 200, headers: response.headers });
            };
            JS
            ,
        );
    }

    /** @return list<string> Which columns each answer brought, or which bores of the drawing */
    private function brought(string $fragment = 'table'): array
    {
        return (array) $this->window->executeScript('return window.brought[arguments[0]]', [$fragment]);
    }

    private function assertShowsWhatIsKept(): void
    {
        $cells = static fn (RemoteWebDriver $window): array => (array) $window->executeScript(
            <<<'JS'
            return [...document.querySelectorAll('table.bores td, table.bores th')].map((cell) =>
                [
                    cell.dataset.place,
                    cell.dataset.saw,
                    cell.dataset.words,
                    cell.dataset.prompt,
                    cell.textContent.replace(/\s+/g, ' ').trim(),
                    ...[...cell.classList].filter((name) => !['now', 'settles'].includes(name)),
                ].join('|'),
            ).concat(document.querySelector('[data-fragment="drawing"]').innerHTML.replace(/\s+/g, ' ').replace(/(?<=>) | (?=<)/g, ''));
            JS
            ,
        );
        $anew = $this->loggedIn('owner');
        $anew->get($this->url("/jobs/{$this->tag}/measure"));
        $this->untilReady($anew);
        $this->assertSame($cells($anew), $cells($this->window));
        $this->assertGreaterThan(40, count($cells($anew)));
    }

    public function test_two_browsers_on_one_sheet_see_each_other_within_three_seconds(): void
    {
        $other = $this->loggedIn('owner');
        $other->get($this->url("/jobs/{$this->tag}/measure"));
        $this->untilReady($other);
        $this->enter($this->window, '3.1', 'bore.1.top.thrust');
        $this->until(
            $other,
            fn (): bool => str_contains($this->cell($other, 'bore.1.top.thrust'), '+3.1'),
            'the reading in the other window',
            3,
        );
        $this->enter($other, '3.4', 'bore.2.top.thrust');
        $this->until(
            $this->window,
            fn (): bool => str_contains($this->cell($this->window, 'bore.2.top.thrust'), '+3.4'),
            'the reading in the first window',
            3,
        );
    }

    public function test_a_dead_server_keeps_readings_in_the_browser_through_a_reload_and_counts_each_once(): void
    {
        $this->enter($this->window, '3.1', 'bore.1.top.thrust');
        $server = new WebServer();
        $server->stop();
        try {
            foreach (['3.2', '3.3', '3.4'] as $text) {
                $this->press($this->window, $text, WebDriverKeys::ENTER);
            }
            $this->until(
                $this->window,
                fn (): bool => str_contains($this->text($this->window, '[data-outbox-state]'), '3 entries wait'),
                'the outbox says what waits',
            );
            $this->assertStringContainsString('3.3 …', $this->cell($this->window, 'bore.3.top.thrust'));
        } finally {
            $server->start();
        }
        $this->window->navigate()->refresh();
        $this->untilReady($this->window);
        foreach ([1 => '+3.1', 2 => '+3.2', 3 => '+3.3', 4 => '+3.4'] as $cylinder => $shown) {
            $this->until(
                $this->window,
                fn (): bool => str_contains($this->cell($this->window, "bore.{$cylinder}.top.thrust"), $shown),
                "{$shown} arrived",
            );
        }
        $this->until($this->window, fn (): bool => $this->text($this->window, '[data-outbox-state]') === '', 'nothing waits any more');
        $this->assertSame(['3.1', '3.2', '3.3', '3.4'], $this->typedReadings());
    }

    public function test_readings_that_wait_are_sent_by_themselves_when_the_server_is_back(): void
    {
        $server = new WebServer();
        $server->stop();
        try {
            $this->press($this->window, '4.1', WebDriverKeys::ENTER, '4.2', WebDriverKeys::ENTER);
            $this->until(
                $this->window,
                fn (): bool => str_contains($this->text($this->window, '[data-outbox-state]'), '2 entries wait'),
                'two wait',
            );
        } finally {
            $server->start();
        }
        $this->untilKept($this->window, 'bore.2.top.thrust');
        $this->assertSame(['4.1', '4.2'], $this->typedReadings());
    }

    public function test_a_gauge_that_drifted_is_found_by_one_key_and_its_readings_retaken_in_order(): void
    {
        $this->enter($this->window, '3.1', 'bore.1.top.thrust');
        $this->enter($this->window, '3.4', 'bore.2.top.thrust');
        $this->press($this->window, 'b');
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript("return document.querySelector('[data-check-dialog]').open"),
            'the check-back dialog',
        );
        $this->press($this->window, 'much', WebDriverKeys::ENTER);
        $this->until(
            $this->window,
            fn (): bool => str_contains($this->text($this->window, '[data-check-error]'), 'The check-back'),
            'why it is not taken',
        );
        $this->assertSame('much', $this->window->findElement(WebDriverBy::id('check-shows'))->getAttribute('value'));
        $this->press($this->window, '0.7', WebDriverKeys::ENTER);
        $this->until(
            $this->window,
            fn (): bool => str_contains($this->text($this->window, '[data-fragment=margin]'), '2 readings are suspect.'),
            'two suspects',
        );
        $this->until($this->window, fn (): bool => $this->place($this->window) === 'bore.1.top.thrust', 'the first of them proposed');

        $this->stateGauge($this->window);
        $this->press($this->window, '2.4', WebDriverKeys::ENTER);
        $this->until(
            $this->window,
            fn (): bool => str_contains($this->text($this->window, '[data-fragment=margin]'), 'One reading is suspect.'),
            'one is left',
        );
        $this->assertSame('bore.2.top.thrust', $this->place($this->window));
    }

    public function test_a_session_that_has_ended_loses_nothing(): void
    {
        $this->window->manage()->deleteAllCookies();
        $this->press($this->window, '5.1', WebDriverKeys::ENTER);
        $this->until(
            $this->window,
            fn (): bool => str_contains($this->text($this->window, '[data-outbox-state]'), 'Log in again; nothing is lost.'),
            'the way back',
        );
        $this->window->findElement(WebDriverBy::cssSelector('[data-outbox-state] a'))->click();
        $this->until($this->window, fn (): bool => str_contains($this->window->getCurrentURL(), '/login'), 'the door');
        $this->untilFocused($this->window, '#login');
        $this->press($this->window, 'inspector', WebDriverKeys::TAB, 'demo-shop', WebDriverKeys::ENTER);
        $this->until($this->window, fn (): bool => str_contains($this->window->getCurrentURL(), '/measure'), 'back on the sheet');
        $this->untilKept($this->window, 'bore.1.top.thrust');
        $this->assertSame(['5.1'], $this->typedReadings());
    }

    public function test_a_full_bore_takes_no_more_keys_than_its_digits_and_enter(): void
    {
        $this->window->executeScript("window.keysPressed = 0; document.addEventListener('keydown', () => window.keysPressed++, true)");
        $digits = 0;
        foreach (['31', '34', '96', '29'] as $index => $text) {
            $this->enter($this->window, $text[0].'.'.$text[1], 'bore.'.($index + 1).'.top.thrust');
            $digits += 3;
        }
        $this->assertSame($digits + 4, $this->window->executeScript('return window.keysPressed'));
    }

    private function untilAsked(string $part): void
    {
        $this->until(
            $this->window,
            fn (): bool => str_contains($this->text($this->window, '[data-question]'), $part),
            "the question: {$part}",
        );
    }

    /** @return list<string> */
    private function typedReadings(): array
    {
        /** @var array{readings: list<array{typed: string}>} $export */
        $export = $this->window->executeAsyncScript(
            'fetch(arguments[0]).then((reply) => reply.json()).then(arguments[arguments.length - 1])',
            ["/jobs/{$this->tag}/readings.json"],
        );

        return array_column($export['readings'], 'typed');
    }
}
