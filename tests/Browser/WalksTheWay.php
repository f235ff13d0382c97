<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** One worn block of a Tarn, from its readings through the order to the finished ones, by keyboard. */
trait WalksTheWay
{
    private const PLACES = ['top.thrust', 'top.inline', 'middle.thrust', 'middle.inline', 'bottom.thrust', 'bottom.inline'];

    protected const WORN = [
        'top.thrust' => '6.1',
        'top.inline' => '3.2',
        'middle.thrust' => '3.9',
        'middle.inline' => '2.2',
        'bottom.thrust' => '0.8',
        'bottom.inline' => '0.6',
    ];

    protected const FINISHED = [
        'top.thrust' => '.2',
        'top.inline' => '.3',
        'middle.thrust' => '.2',
        'middle.inline' => '.3',
        'bottom.thrust' => '.2',
        'bottom.inline' => '.2',
    ];

    /** @param  array<string, string>  $readings  By station and axis */
    private function followTheProposal(RemoteWebDriver $window, array $readings, int $most = 30): int
    {
        for ($kept = 0; $kept < $most; $kept++) {
            $place = $this->place($window);
            $isOpen =
                ! str_contains($this->text($window, '.margin'), 'No further reading') &&
                ! str_contains($this->text($window, '.margin .stamp'), 'As ordered');
            $where = substr($place, (int) strpos($place, '.', 5) + 1);
            if (! $isOpen || ! in_array($where, self::PLACES, true)) {
                break;
            }
            $this->enter($window, $readings[$where], $place);
            $this->until(
                $window,
                fn (): bool => $this->place($window) !== $place || str_contains($this->text($window, '.margin .stamp'), 'As ordered'),
                'the next place',
            );
        }

        return $kept;
    }

    /**
     * Digits and Enter, from the first operation to the last, or to the one that is named; the pistons are taken from their list.
     *
     * @param  string  $until  How the operation that is left to be done is called at its beginning
     */
    private function workTheOrder(RemoteWebDriver $window, string $until = 'All done'): void
    {
        for ($operation = 0; $operation < 60; $operation++) {
            $this->until(
                $window,
                fn (): bool => str_contains($this->text($window, '.margin .stamp'), $until) || $this->isAtEntry($window),
                'the next operation',
            );
            $done = $this->text($window, '.margin .stamp');
            if (str_contains($done, $until)) {
                return;
            }
            if (str_starts_with(trim($done), 'Measure the pistons')) {
                $window->findElement(WebDriverBy::cssSelector('[data-entry] button[value="not needed"]'))->click();
            } else {
                $this->press($window, $this->goal($window), WebDriverKeys::ENTER);
            }
            $this->until(
                $window,
                fn (): bool => $this->text($window, '.margin .stamp') !== $done && $this->text($window, '.margin .stamp') !== '',
                'the operation is closed',
            );
        }
        $this->fail('The order never ends.');
    }

    private function isAtEntry(RemoteWebDriver $window): bool
    {
        return $window->executeScript("return document.activeElement?.id === 'entry-value'") === true;
    }

    /** The size to work to; empty where a look closes it. */
    private function goal(RemoteWebDriver $window): string
    {
        return (string) $window->executeScript(
            "return document.activeElement.name === 'actual' ? document.querySelector('[data-entry] .goal').textContent : ''",
        );
    }

    private function goTo(RemoteWebDriver $window, string $tag, string $page): void
    {
        $window->get($this->url("/jobs/{$tag}/{$page}"));
    }
}
