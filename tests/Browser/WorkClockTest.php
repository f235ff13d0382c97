<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;

/** A clock at a machine: its answer says what can have changed, of the operation that it is about and of no other. */
final class WorkClockTest extends BrowserTestCase
{
    private const HELD_BACK = <<<'JS'
        const send = window.fetch;
        const gate = new Promise((open) => (window.letThrough = open));
        window.brought = null;
        window.fetch = async (...asked) => {
            const answer = await send(...asked);
            if (asked[1]?.method === 'POST') {
                window.brought = Object.keys((await answer.clone().json()).fragments);
                await gate;
                addEventListener('kept-late', () => (window.isShown = true), { once: true });
                document.querySelector('[data-live]').addEventListener('kept', () => dispatchEvent(new Event('kept-late')), { once: true });
            }
            return answer;
        };
        JS;

    public function test_who_has_gone_to_another_operation_stays_there_when_the_answer_of_a_clock_comes(): void
    {
        $window = $this->loggedIn('machinist');
        $this->stage($window, '/jobs/423/work');
        [$first, $timed] = $this->operations($window);
        $this->assertSame($first, $timed);
        $this->assertNotSame('bore.3', $first);
        $window->executeScript(self::HELD_BACK);
        $window->findElement(WebDriverBy::cssSelector('#time button[value=begun]'))->click();
        $this->until($window, static fn (): bool => $window->executeScript('return window.brought') !== null, 'the clock is written');
        $this->assertSame(['margin'], $window->executeScript('return window.brought'), 'the entry line stands there already');

        $window->executeScript("document.querySelector('[data-live]').dispatchEvent(new CustomEvent('at', { detail: 'bore.3' }))");
        $this->until($window, fn (): bool => $this->operations($window) === ['bore.3', 'bore.3'], 'the page goes to another operation');
        $window->executeScript('window.letThrough()');
        $this->until($window, static fn (): bool => $window->executeScript('return window.isShown') === true, 'the answer came');
        $this->assertSame(['bore.3', 'bore.3'], $this->operations($window));

        $window->executeScript("document.querySelector('[data-live]').dispatchEvent(new CustomEvent('at', { detail: '{$first}' }))");
        $this->until($window, fn (): bool => $this->operations($window) === [$first, $first], 'and back');
        $this->assertStringContainsString('Pause', $this->text($window, '#time'), 'where the clock runs');
        $window->findElement(WebDriverBy::cssSelector('#time button[value=ended]'))->click();
        $this->untilSeen($window, '#time', 'Begin');
    }

    /** @return list<?string> At which the entry line stands, and the clock */
    private function operations(RemoteWebDriver $window): array
    {
        return $window->executeScript(
            "return ['#entry-operation', '#time'].map((form) => document.querySelector(form)?.elements.operation.value ?? null)",
        );
    }
}
