<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserTestCase;
use Tests\Browser\Chromium;

/** A day at the bench, lived by keys. */
abstract class StoryTestCase extends BrowserTestCase
{
    protected RemoteWebDriver $window;

    protected function setUp(): void
    {
        parent::setUp();
        $this->window = $this->loggedIn('inspector');
    }

    protected function open(string $tag, string $page): void
    {
        $this->window->get($this->url("/jobs/{$tag}/{$page}"));
        if (str_starts_with($page, 'measure')) {
            $this->untilReady($this->window);
        }
    }

    protected function goToCell(string $place): void
    {
        $this->window->executeScript('document.querySelector(`td[data-place="${arguments[0]}"]`).click()', [$place]);
        $this->assertSame($place, $this->place($this->window));
    }

    /** Keys what the gauge really shows: where it is asked back, that it reads that. */
    protected function key(string $text, string $place): void
    {
        $this->goToCell($place);
        $this->press($this->window, $text, WebDriverKeys::ENTER);
        $this->until($this->window, fn (): bool => $this->isKept($place) || $this->answerFor($text) !== null, "{$place}: {$text}");
        for ($asked = 0; $asked < 3 && ! $this->isKept($place); $asked++) {
            $this->press($this->window, (string) $this->answerFor($text), WebDriverKeys::ENTER);
            $this->until(
                $this->window,
                fn (): bool => $this->isKept($place) || $this->answerFor($text) !== null,
                "{$place}: {$text}, asked back",
            );
        }
        $this->untilKept($this->window, $place);
    }

    /** States the proposed bore gauge on its proposed zero, caps torqued. */
    protected function stateTorqued(): void
    {
        $this->press($this->window, 'z');
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript("return document.querySelector('[data-setup-dialog]').open"),
            'the dialog is open',
        );
        $this->window->findElement(WebDriverBy::name('caps_torqued'))->sendKeys(WebDriverKeys::SPACE);
        $this->window->findElement(WebDriverBy::name('part_temperature'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-fragment=setup]', 'caps torqued');
    }

    /** The browser’s own network is off, and the server knows nothing of it. */
    protected function offline(bool $isOffline): void
    {
        Chromium::network($this->window, ! $isOffline);
    }

    private function isKept(string $place): bool
    {
        $cell = $this->cell($this->window, $place);

        return ! in_array($cell, ['', '·'], true) && ! str_ends_with($cell, '…') && $this->text($this->window, '[data-question]') === '';
    }

    /**
     * What is pressed before Enter to stand by what was typed: nothing, or the digit of the choice that repeats it; null where nothing is
     * asked.
     */
    private function answerFor(string $text): ?string
    {
        foreach ($this->window->findElements(WebDriverBy::cssSelector('[data-question] button')) as $button) {
            $label = $button->getText();
            if (str_starts_with($label, 'Enter: yes')) {
                return '';
            }
            if (preg_match('/^(\d) (.+)$/', $label, $match) === 1 && $match[2] === $text) {
                return $match[1];
            }
        }

        return null;
    }
}
