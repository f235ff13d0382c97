<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

/** A test in real Chromium against the running house of bin/test. */
abstract class BrowserTestCase extends TestCase
{
    /** So many tests in one browser; then it has earned its rest. */
    private const MOST_TESTS = 20;

    private static ?Chromium $chromium = null;

    /** Of an earlier test, wiped: starting a browser takes a second. */
    private static ?RemoteWebDriver $wiped = null;

    private static int $tests = 0;

    /** @var list<RemoteWebDriver> */
    private array $windows = [];

    protected function tearDown(): void
    {
        foreach ($this->windows as $index => $window) {
            $index === 0 && self::$wiped === null && $this->status()->isSuccess() && ++self::$tests < self::MOST_TESTS
                ? $this->keep($window)
                : $window->quit();
        }
        $this->windows = [];
        if (self::$tests >= self::MOST_TESTS) {
            self::stop();
        }
    }

    private function keep(RemoteWebDriver $window): void
    {
        try {
            Chromium::wipe($window, $this->url(''), 'http://127.0.0.1:'.getenv('PRACTICE_PORT'));
            self::$wiped = $window;
        } catch (WebDriverException) {
            $window->quit();
        }
    }

    private static function stop(): void
    {
        self::$wiped?->quit();
        self::$chromium?->stop();
        self::$wiped = self::$chromium = null;
        self::$tests = 0;
    }

    protected function window(int $width = 1280, int $height = 800): RemoteWebDriver
    {
        if (self::$chromium === null) {
            self::$chromium = new Chromium();
            register_shutdown_function(self::stop(...));
        }
        $window = self::$wiped ?? self::$chromium->window($width, $height);
        if (self::$wiped !== null) {
            Chromium::resize($window, $width, $height);
            self::$wiped = null;
        }

        return $this->windows[] = $window;
    }

    /** A window in which somebody has logged in, by keyboard. */
    protected function loggedIn(string $login, int $width = 1280, int $height = 800): RemoteWebDriver
    {
        $window = $this->window($width, $height);
        $window->get($this->url('/login'));
        $this->untilFocused($window, '#login');
        $window->getKeyboard()->sendKeys($login);
        $window->getKeyboard()->pressKey(WebDriverKeys::TAB);
        $window->getKeyboard()->sendKeys('demo-shop');
        $window->getKeyboard()->pressKey(WebDriverKeys::ENTER);
        $this->until($window, static fn (): bool => ! str_contains($window->getCurrentURL(), '/login'), 'logged in');

        return $window;
    }

    protected function url(string $path): string
    {
        return (getenv('BASE_URL') ?: 'http://127.0.0.1:8410').$path;
    }

    /** Waits for something to become true in the page; says what was awaited when it does not. */
    protected function until(RemoteWebDriver $window, callable $condition, string $awaited, int $seconds = 25): void
    {
        $window->wait($seconds, 40)->until(static fn (): bool => $condition() === true, "Awaited: {$awaited}");
        $this->addToAssertionCount(1);
    }

    /** An early stage's page of a job, once its script works it. */
    protected function stage(RemoteWebDriver $window, string $path): void
    {
        $window->get($this->url($path));
        $this->until(
            $window,
            static fn (): bool => $window->executeScript("return document.querySelector('[data-live]')?.dataset.ready === 'yes'"),
            'the page is ready',
        );
    }

    /** Lets the server's clock run ahead by so many seconds; the pages follow it by themselves. */
    protected function clock(int $seconds): void
    {
        file_put_contents((string) getenv('CLOCK_FILE'), (string) $seconds);
    }

    protected function untilSeen(RemoteWebDriver $window, string $css, string $text, int $seconds = 25): void
    {
        $this->until($window, fn (): bool => str_contains($this->text($window, $css), $text), "“{$text}” in {$css}", $seconds);
    }

    protected function untilReady(RemoteWebDriver $window): void
    {
        $this->until(
            $window,
            static fn (): bool => $window->executeScript("return document.querySelector('[data-sheet]')?.dataset.ready === 'yes'"),
            'the sheet is ready',
        );
    }

    /** Presses keys as a keyboard does: they go wherever the focus is at that moment, also when the page has just changed. */
    protected function press(RemoteWebDriver $window, string ...$keys): void
    {
        $presses = [];
        foreach (mb_str_split(implode('', $keys)) as $key) {
            array_push(
                $presses,
                ['type' => 'keyDown', 'value' => $key === "\n" ? WebDriverKeys::ENTER : $key],
                ['type' => 'keyUp', 'value' => $key === "\n" ? WebDriverKeys::ENTER : $key],
            );
        }
        $window->executeCustomCommand('/session/:sessionId/actions', 'POST', [
            'actions' => [['type' => 'key', 'id' => 'keyboard', 'actions' => $presses]],
        ]);
    }

    protected function text(RemoteWebDriver $window, string $css): string
    {
        return (string) $window->executeScript(
            'return document.querySelector(arguments[0])?.textContent.replace(/\s+/g, " ").trim() ?? ""',
            [$css],
        );
    }

    protected function cell(RemoteWebDriver $window, string $place): string
    {
        return $this->text($window, "td[data-place=\"{$place}\"]");
    }

    /** Keys one text at the place the entry line stands at, and waits until the server has kept it. */
    protected function enter(RemoteWebDriver $window, string $text, string $place): void
    {
        $this->press($window, $text, WebDriverKeys::ENTER);
        $this->untilKept($window, $place);
    }

    protected function untilKept(RemoteWebDriver $window, string $place): void
    {
        $this->until(
            $window,
            fn (): bool => ! in_array($this->cell($window, $place), ['', '·'], true) && ! str_ends_with($this->cell($window, $place), '…'),
            "{$place} is kept",
        );
    }

    protected function place(RemoteWebDriver $window): string
    {
        return (string) $window->executeScript("return document.querySelector('td.now')?.dataset.place ?? ''");
    }

    /** No violation of WCAG 2.2 A and AA that a machine can find, once nothing fades or moves any more. */
    protected function assertAccessible(RemoteWebDriver $window, string $what): void
    {
        $window->executeScript(
            (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js').'; window.axe = axe;',
        );
        $violations = $window->executeAsyncScript(
            <<<'JS'
            const done = arguments[arguments.length - 1];
            const settled = document.getAnimations().map((one) => one.finished);
            Promise.allSettled(settled)
                .then(() => axe.run({ runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'], resultTypes: ['violations'] }))
                .then((result) => done(result.violations.map((one) => {
                    const nodes = one.nodes.map((node) => node.target + ' ' + node.failureSummary);
                    return `${one.id}: ${nodes.join(' | ').slice(0, 400)}`;
                })));
            JS
            ,
        );
        $this->assertSame([], $violations, $what);
    }

    /** A browser gives an autofocus its field with the first frame, which can come after the page is loaded. */
    protected function untilFocused(RemoteWebDriver $window, string $selector): void
    {
        $this->until(
            $window,
            static fn (): bool => $window->executeScript('return document.activeElement.matches(arguments[0])', [$selector]),
            "{$selector} is under the hand",
        );
    }

    /** Receives a new engine by keyboard and ends on its measuring sheet. */
    protected function receive(RemoteWebDriver $window, string $familyLetter, string $serial): string
    {
        $window->get($this->url('/jobs/new'));
        $this->untilFocused($window, '#family');
        $this->press($window, $familyLetter, WebDriverKeys::TAB, $serial, WebDriverKeys::TAB, 'Brickworks', WebDriverKeys::TAB, 'kiln fan');
        $window->findElement(WebDriverBy::id('declared_step'))->sendKeys('standard');
        $this->press($window, WebDriverKeys::TAB, 'crown of piston 1', WebDriverKeys::ENTER);
        $this->until($window, static fn (): bool => str_ends_with($window->getCurrentURL(), '/receive'), 'the page of the new job');
        $tag = $this->text($window, '.head .tag');
        $window->get($this->url("/jobs/{$tag}/measure"));
        $this->untilReady($window);

        return $tag;
    }

    /** Dye on each part, every step taken before its time, and nothing found. */
    protected function dyeCheck(RemoteWebDriver $window, string $tag, string ...$parts): void
    {
        $window->get($this->url("/jobs/{$tag}/cracks"));
        $step = static fn (): string => (string) $window->executeScript(
            "return document.querySelector('.running [name=step]')?.value ?? ''",
        );
        foreach ($parts as $part) {
            $window->findElement(WebDriverBy::id('check-part'))->sendKeys($part);
            $window->findElement(WebDriverBy::id('check-method'))->sendKeys('dye');
            $window->findElement(WebDriverBy::id('check-lab'))->sendKeys(WebDriverKeys::ENTER);
            $this->until($window, static fn (): bool => $step() !== '', "the check of the {$part} is begun");
            while (($now = $step()) !== '') {
                $window->findElement(WebDriverBy::cssSelector('.running form .button'))->sendKeys(WebDriverKeys::ENTER);
                $this->until($window, static fn (): bool => $step() !== $now, "{$part}: {$now} is done");
            }
        }
    }

    /** States the proposed gauge by `z` and Enter; ticks every condition where that is wanted. */
    protected function stateGauge(RemoteWebDriver $window, bool $withConditions = false): void
    {
        $this->press($window, 'z');
        $this->until(
            $window,
            static fn (): bool => $window->executeScript("return document.querySelector('[data-setup-dialog]').open"),
            'the dialog is open',
        );
        if ($withConditions) {
            foreach (['caps_torqued', 'torque_plate', 'cooled', 'clean'] as $name) {
                $window->findElement(WebDriverBy::name($name))->sendKeys(WebDriverKeys::SPACE);
            }
            $window->findElement(WebDriverBy::name('part_temperature'))->sendKeys(WebDriverKeys::ENTER);
        } else {
            $this->press($window, WebDriverKeys::ENTER);
        }
        $this->until($window, fn (): bool => str_contains($this->text($window, '[data-fragment=setup]'), 'Zero'), 'the gauge is stated');
    }
}
