<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;

/** The load by keyboard and by hand: pinned, moved, dragged, by two people, and a machine that breaks down. */
final class LoadTest extends BrowserTestCase
{
    public function test_a_bar_is_pinned_moved_and_dragged_and_nobody_moves_it_over_somebody_else(): void
    {
        $machinist = $this->loggedIn('machinist');
        $owner = $this->loggedIn('owner');
        foreach ([$machinist, $owner] as $window) {
            $window->get($this->url('/load'));
        }
        $code = (string) $machinist->findElement(WebDriverBy::cssSelector('[data-row="mill"] .planned'))->getAttribute('data-bar');

        $this->focus($machinist, $code);
        $this->press($machinist, 'p');
        $this->untilSeen($machinist, '[data-load-says]', 'is pinned to');
        $this->untilPinned($machinist, $code, '1');
        $this->assertSame($code, $machinist->switchTo()->activeElement()->getAttribute('data-bar'), 'the focus stays at the bar');

        $this->focus($owner, $code);
        $owner->getKeyboard()->sendKeys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT]);
        $owner->getKeyboard()->sendKeys(WebDriverKeys::NULL);
        $this->untilSeen($owner, '[data-load-says]', 'p pins it there');
        $this->press($owner, 'p');
        $this->untilSeen($owner, '.load-says.refused', 'Somebody else moved this pin meanwhile');
        $this->untilPinned($owner, $code, '1');

        // With theirs before the eyes it can be moved.
        $stood = $this->said($owner, $code, 'starts');
        $bar = $this->bar($owner, $code);
        (new WebDriverActions($owner))->dragAndDropBy($bar, 150, 0)->perform();
        $this->until($owner, fn (): bool => $this->said($owner, $code, 'starts') > $stood, 'the bar stands later, as it was dragged');
        $this->assertStringContainsString('/load', $owner->getCurrentURL(), 'a drag opens nothing');

        $this->press($owner, 'p');
        $this->untilSeen($owner, '[data-load-says]', 'is not pinned any more');
        $this->press($owner, '+');
        $this->until($owner, static fn (): bool => str_contains($owner->getCurrentURL(), 'zoom=day'), 'a day fills the page');
        $this->assertAccessible($owner, 'a day of the load');
    }

    public function test_a_machine_that_breaks_down_is_told_by_who_stands_at_it(): void
    {
        $window = $this->loggedIn('machinist');
        $window->get($this->url('/load/hours'));
        $this->assertSame(
            [],
            $window->findElements(WebDriverBy::cssSelector('option[value=shop]')),
            'the days of the shop are the owner’s',
        );
        $window->findElement(WebDriverBy::cssSelector('#of option[value="machine hone"]'))->click();
        $window->executeScript(
            "for (const [id, days] of [['begins', 0], ['ends', 20]]) {".
                "document.getElementById(id).value = new Date(Date.now() + days * 86400000).toISOString().slice(0, 11) + '07:00'; }",
        );
        $window->findElement(WebDriverBy::id('why'))->sendKeys('belt torn'.WebDriverKeys::ENTER);
        $this->untilSeen($window, '.note', 'The load is planned with it.');
        $this->assertAccessible($window, 'hours');
        $window->get($this->url('/load'));
        $this->untilSeen($window, '[data-row="hone"]', 'belt torn');
        $this->assertSame([], $window->findElements(WebDriverBy::cssSelector('[data-row="hone"] .planned')), 'nothing is honed this week');
    }

    public function test_a_part_that_comes_sooner_and_work_that_ends_move_the_bars(): void
    {
        $counter = $this->loggedIn('counter');
        $counter->get($this->url('/load?zoom=month'));
        $waited = $this->said($counter, 'NL-0433/piston weights', 'starts');
        $this->assertNotSame('', $waited);
        $counter->get($this->url('/jobs/NL-0433/parts'));
        $counter->findElement(WebDriverBy::cssSelector('#part option[value^="piston "]'))->click();
        $counter->findElement(WebDriverBy::cssSelector('#state option[value=arrived]'))->click();
        $counter->findElement(WebDriverBy::cssSelector('form[action=parts] button.button'))->click();
        $this->untilSeen($counter, 'main', 'arrived');
        $counter->get($this->url('/load?zoom=month'));
        $this->assertLessThan($waited, $this->said($counter, 'NL-0433/piston weights', 'starts'), 'the pistons are here');

        $machinist = $this->loggedIn('machinist');
        $machinist->get($this->url('/load?zoom=month'));
        $this->assertCount(1, $machinist->findElements(WebDriverBy::cssSelector('.running[data-bar="NL-0435/bore"]')));
        $this->stage($machinist, '/jobs/NL-0435/work?at=bore.1');
        $machinist->findElement(WebDriverBy::cssSelector('#time button[value=ended]'))->click();
        $this->untilSeen($machinist, '#time', 'Begin');
        $machinist->get($this->url('/load?zoom=month'));
        $this->assertCount(0, $machinist->findElements(WebDriverBy::cssSelector('.running[data-bar="NL-0435/bore"]')));
    }

    private function focus(RemoteWebDriver $window, string $code): void
    {
        $window->executeScript('arguments[0].focus()', [$this->bar($window, $code)]);
    }

    private function bar(RemoteWebDriver $window, string $code): WebDriverElement
    {
        return $window->findElement(WebDriverBy::cssSelector("[data-bar=\"{$code}\"]"));
    }

    private function untilPinned(RemoteWebDriver $window, string $code, string $pinned): void
    {
        $this->until($window, fn (): bool => $this->said($window, $code, 'pinned') === $pinned, "pinned: {$pinned}");
    }

    /** What the bar says of itself at this moment: the sheet is made anew while somebody waits. */
    private function said(RemoteWebDriver $window, string $code, string $what): string
    {
        return (string) $window->executeScript(
            'return document.querySelector(`[data-bar="${arguments[0]}"]`)?.dataset[arguments[1]] ?? ""',
            [$code, $what],
        );
    }
}
