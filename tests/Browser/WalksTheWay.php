<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverKeys;

/** One worn block of a Tarn, from its readings through the order to the finished ones, by keyboard. */
trait WalksTheWay
{
    private const PLACES = ['top.thrust', 'top.inline', 'middle.thrust', 'middle.inline', 'bottom.thrust', 'bottom.inline'];

    private const WORN = [
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

    private function workTheOrder(RemoteWebDriver $window): void
    {
        for ($operation = 0; $operation < 13; $operation++) {
            $done = $this->text($window, '.margin .stamp');
            $this->assertStringContainsString("{$operation} of 13 done", $done);
            $this->untilFocused($window, '.op [autofocus]');
            $size = (string) $window->executeScript(
                "const line = document.activeElement; return line.name === 'actual' ? line.closest('.op').querySelector('h3 ".
                    ".num').textContent : ''",
            );
            $this->press($window, $size, WebDriverKeys::ENTER);
            $this->until(
                $window,
                fn (): bool => $this->text($window, '.margin .stamp') !== $done && $this->text($window, '.margin .stamp') !== '',
                'the operation is ticked',
            );
        }
    }

    private function goTo(RemoteWebDriver $window, string $tag, string $page): void
    {
        $window->get($this->url("/jobs/{$tag}/{$page}"));
    }
}
