<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** A whole engine from its start to its score: real sheets, a gauge that answers, a crack check with a clock that is let run. */
final class WholeEnginePracticeTest extends BrowserTestCase
{
    public function test_an_engine_is_read_on_its_sheets_checked_for_cracks_judged_and_scored(): void
    {
        $window = $this->loggedIn('machinist');
        $window->get($this->url('/practice#engines'));
        (new WebDriverSelect($window->findElement(WebDriverBy::id('engine-family'))))->selectByValue('tarn-4-198');
        $window->findElement(WebDriverBy::id('engine-seed'))->sendKeys('12'.WebDriverKeys::ENTER);
        $this->untilSeen($window, 'h1', 'A worn Tarn 4-198, whole');
        $this->assertAccessible($window, 'an engine to judge');
        $verdict = $window->getCurrentURL();
        $window->findElement(WebDriverBy::partialLinkText('Go to its sheets'))->click();
        $this->untilSeen($window, '.bar', 'Practice');
        $there = preg_replace('#/receive$#', '', $window->getCurrentURL());
        $this->assertStringNotContainsString($this->url('/'), "{$there}/", 'a house of its own');

        $this->readBores($window, $there);
        $this->readJournal($window, $there);
        $this->checkHead($window, $there);
        $window->get("{$there}/judge");
        $this->untilSeen($window, 'h1', 'Practice');

        $window->get($verdict);
        $stated = ['block' => 'recondition', 'head' => 'serviceable', 'crankshaft' => 'serviceable', 'rods' => 'serviceable'];
        foreach ($stated as $part => $said) {
            $window->findElement(WebDriverBy::cssSelector("[name='parts[{$part}]'][value={$said}]"))->sendKeys(WebDriverKeys::SPACE);
        }
        $window->findElement(WebDriverBy::cssSelector('.practice-say button'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($window, '.practice-verdict', 'of 100 points');
        $this->assertStringContainsString('What was wrong with it', $this->text($window, 'main'));
        $this->assertStringContainsString('parts were not looked at for cracks', $this->text($window, 'main'));
        $this->assertAccessible($window, 'an engine that was judged');
    }

    private function readBores(RemoteWebDriver $window, string $there): void
    {
        $window->get("{$there}/measure");
        $this->untilReady($window);
        $this->untilSeen($window, '.shows', 'State the gauge first');
        $this->stateGauge($window);
        $this->untilSeen($window, '.shows', 'Shows');
        $this->assertAccessible($window, 'a sheet to practise on');
        foreach (['bore.1.top.thrust', 'bore.2.top.thrust'] as $place) {
            $this->keyWhatShows($window, $place);
        }
        $margin = $window->findElement(WebDriverBy::cssSelector('[data-fragment=margin]'));
        $this->assertFalse($margin->isDisplayed(), 'no sheet says what it comes to');
    }

    private function readJournal(RemoteWebDriver $window, string $there): void
    {
        $window->get("{$there}/measure/crankshaft");
        $this->untilReady($window);
        foreach (['main.1.front.0', 'main.1.front.90'] as $place) {
            $this->keyWhatShows($window, $place);
        }
    }

    /** As it is shown at the place that is chosen. */
    private function keyWhatShows(RemoteWebDriver $window, string $place): void
    {
        $window->findElement(WebDriverBy::cssSelector("td[data-place='{$place}']"))->click();
        $this->untilSeen($window, '.shows', 'Shows');
        $this->until($window, fn (): bool => $this->place($window) === $place, "{$place} is chosen");
        preg_match('/Shows (\S+)/u', $this->text($window, '[data-shows-here]'), $shown);
        $this->press($window, str_replace("\u{2212}", '-', $shown[1] ?? ''), WebDriverKeys::ENTER);
        $this->untilKept($window, $place);
    }

    private function checkHead(RemoteWebDriver $window, string $there): void
    {
        $window->get("{$there}/cracks?face=head+face");
        $window->findElement(WebDriverBy::id('check-part'))->sendKeys('head');
        $window->findElement(WebDriverBy::id('check-method'))->sendKeys('dye');
        $window->findElement(WebDriverBy::id('check-lab'))->sendKeys(WebDriverKeys::ENTER);
        foreach (['Clean and dry', 'Penetrant on', 'Wipe off', 'Developer on', 'Read it'] as $step) {
            $this->untilSeen($window, '.running', $step);
            $clock = $window->findElements(WebDriverBy::cssSelector('form[action$="/practice/clock"] button'));
            if ($clock !== []) {
                $clock[0]->click();
                $this->until(
                    $window,
                    static fn (): bool => $window->findElements(WebDriverBy::cssSelector('form[action$="/practice/clock"]')) === [] ||
                        $window->findElements(WebDriverBy::cssSelector('.running.due')) !== [],
                    'the clock has run on',
                );
            }
            if ($step !== 'Read it') {
                $window->findElement(WebDriverBy::cssSelector('.running form[action$="/cracks/steps"] button.button'))->click();
            }
        }
        $this->untilSeen($window, '.running .shows', 'What shows');
        $this->assertAccessible($window, 'what shows in a crack check');
    }
}
