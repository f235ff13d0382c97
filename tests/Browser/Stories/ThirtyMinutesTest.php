<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** Story 13: two blocks under a long dwell in a cold shop, a phone that slept, and three things that show. */
final class ThirtyMinutesTest extends StoryTestCase
{
    private const MINUTE = 60;

    protected function tearDown(): void
    {
        $this->clock(0);
        parent::tearDown();
    }

    public function test_two_blocks_wait_an_hour_at_eight_degrees_and_every_suspect_is_read_twice(): void
    {
        $tarn = $this->receive($this->window, 'ta', 'T4-'.random_int(10_000, 99_999));
        $cairn = $this->receive($this->window, 'ca', 'CL-'.random_int(10_000, 99_999));
        foreach ([$tarn, $cairn] as $tag) {
            $this->beginInTheCold($tag);
            $this->steps('Penetrant on', 'Wipe off');
            $this->untilTimer('/^(60:00|59:\d\d)$/');
        }

        $phone = $this->loggedIn('inspector', 390, 844);
        $phone->get($this->url("/jobs/{$tarn}/cracks"));
        $this->clock(50 * self::MINUTE);
        $phone->navigate()->refresh();
        $this->until(
            $phone,
            fn (): bool => preg_match('/^(10:00|9:\d\d)$/', $this->text($phone, '.timer b')) === 1,
            'ten minutes are left, however long the phone slept',
        );
        $this->clock(60 * self::MINUTE + 20);
        foreach ([$tarn, $cairn] as $tag) {
            $phone->get($this->url("/jobs/{$tag}/cracks"));
            $this->untilSeen($phone, '.timer b', 'due');
        }

        $this->stage($this->window, "/jobs/{$cairn}/cracks");
        $this->steps('Developer on', 'Read it');
        $this->clock(71 * self::MINUTE);
        $this->untilSeen($this->window, '.timer b', 'due');
        foreach (['3', '4', '1'] as $index => $look) {
            $this->stage($this->window, "/jobs/{$cairn}/cracks");
            $this->mark($look, $index + 1);
        }
        $this->steps('Oil the bare faces');
        $this->window->findElement(WebDriverBy::cssSelector('.running form .button'))->sendKeys(WebDriverKeys::ENTER);
        $this->until($this->window, fn (): bool => $this->text($this->window, '.running') === '', 'the check is through');

        $list = $this->text($this->window, '[data-fragment=list]');
        $this->assertStringNotContainsString('Crack', $list, 'nothing is a crack on its first reading');
        $this->readAgain(3, 'sharp line', 73, 'Crack');
        $list = $this->text($this->window, '[data-fragment=list]');
        $this->assertStringContainsString('The table proposes: repair with seat insert', $list);
        $this->assertStringNotContainsString('(early)', $list, 'every reading was taken in its time');
        $this->assertAccessible($this->window, 'a crack beside a blur and an edge');
    }

    private function beginInTheCold(string $tag): void
    {
        $this->stage($this->window, "/jobs/{$tag}/cracks");
        $this->window->findElement(WebDriverBy::id('check-temperature'))->clear()->sendKeys('8');
        (new WebDriverSelect($this->window->findElement(WebDriverBy::id('check-school'))))->selectByVisibleText('long');
        $this->window->findElement(WebDriverBy::id('check-lab'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '.running', 'Clean and dry');
    }

    /** Each step is done, one after the other, until the named one is the next. */
    private function steps(string ...$next): void
    {
        foreach ($next as $step) {
            $this->window->findElement(WebDriverBy::cssSelector('.running form .button'))->sendKeys(WebDriverKeys::ENTER);
            $this->untilSeen($this->window, '.running', $step);
        }
    }

    private function untilTimer(string $pattern): void
    {
        $this->until($this->window, fn (): bool => preg_match($pattern, $this->text($this->window, '.timer b')) === 1, $pattern);
    }

    /** A mark at a place that is known to crack, by its look’s key. */
    private function mark(string $look, int $prone): void
    {
        $before = count($this->window->findElements(WebDriverBy::cssSelector('.indication')));
        $this->press($this->window, str_repeat('n', $prone));
        $this->press($this->window, WebDriverKeys::ENTER, WebDriverKeys::ARROW_DOWN, WebDriverKeys::ENTER, $look);
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript("return document.querySelector('[data-indication-dialog]').open"),
            'the dialog of the mark',
        );
        $this->press($this->window, '.4', WebDriverKeys::ENTER);
        $this->until(
            $this->window,
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.indication'))) === $before + 1,
            'the mark is on the map',
        );
    }

    private function readAgain(int $number, string $look, int $minute, string $seen): void
    {
        $this->window
            ->findElement(
                WebDriverBy::xpath("//*[contains(@class, 'indication')][contains(., '{$number}. Suspect')]//button[contains(., 'Clean')]"),
            )
            ->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '.running', "Retest of indication {$number}");
        $this->steps('Developer on again', 'Read it again');
        $this->clock(($minute + 11) * self::MINUTE);
        $this->untilSeen($this->window, '.timer b', 'due');
        $this->window->findElement(WebDriverBy::cssSelector(".look-answers button[value='{$look}']"))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-fragment=list]', "{$number}. {$seen}");
    }
}
