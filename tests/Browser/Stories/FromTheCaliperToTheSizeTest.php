<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Story 11, but for the caliper at the land and the ring gap: a family that is new to the shop. */
final class FromTheCaliperToTheSizeTest extends StoryTestCase
{
    /** A new user at a bench, with a manual and a keyboard: from nothing to a bore that is judged. */
    public function test_a_family_of_seven_answers_is_in_use_with_its_first_limit_by_keyboard_alone(): void
    {
        $window = $this->window;
        $keys = 0;
        $type = function (string ...$texts) use ($window, &$keys): void {
            $this->press($window, ...$texts);
            $keys += array_sum(array_map(mb_strlen(...), $texts));
        };
        [$tab, $enter] = [WebDriverKeys::TAB, WebDriverKeys::ENTER];
        $name = 'Glen '.random_int(1_000, 999_999);

        $window->get($this->url('/specs/new'));
        $this->untilFocused($window, '#new-name');
        $type($name, $tab, $tab, WebDriverKeys::ARROW_RIGHT, $tab, WebDriverKeys::BACKSPACE, '8', $tab);
        $this->untilSeen($window, '[data-follows]', 'Vee, cylinders 1 3 5 7 / 2 4 6 8');
        $type($tab, $tab, $tab, $tab, $tab, 'intake', $tab, '4', $tab, '3 1/2', $tab, '20 30 40', $tab);
        $this->untilSeen($window, '[data-follows]', '5 766 cc');
        $this->assertAccessible($window, 'a new family');
        $type($tab, 'card in the glove box', $enter);
        $this->untilSeen($window, '[role=status]', "{$name} is in the book.");

        $window->findElement(WebDriverBy::linkText('Receive one'))->sendKeys($enter);
        $keys++;
        $this->untilFocused($window, '#family');
        $type($tab, 'S-1', $tab, 'Yard', $enter);
        $this->until($window, static fn (): bool => str_ends_with($window->getCurrentURL(), '/receive'), 'the page of the new job');
        $window->get(str_replace('/receive', '/measure', $window->getCurrentURL()));
        $this->untilReady($window);
        $this->stateGauge($window);
        $keys += 2;
        $bore = ['top.thrust' => '5.4', 'top.inline' => '2.1', 'bottom.thrust' => '1.2', 'bottom.inline' => '0.8'];
        foreach ($bore as $at => $shown) {
            $place = "bore.1.{$at}";
            while ($this->place($window) !== $place) {
                $type($this->towards($window, $place));
            }
            $type($shown, $enter);
            $this->untilKept($window, $place);
        }
        $this->untilSeen($window, '.margin', 'No limit known for out-of-round');
        $type('l');
        $this->untilFocused($window, '#limit-0');
        $this->assertAccessible($window, 'limits that are missing');
        $type('.002', $tab, '.005', $tab, $tab, 'page 12', $enter);
        $this->untilSeen($window, '.stamp', 'Cannot stay');
        $this->untilSeen($window, '.margin', 'Out-of-round 3.3 thou, limit 2.0');
        $this->assertLessThan(180, $keys, 'keys from an empty page to a verdict');
    }

    /** The arrow that leads nearer to a place. */
    private function towards(RemoteWebDriver $window, string $place): string
    {
        $rows = ['top.thrust', 'top.inline', 'middle.thrust', 'middle.inline', 'bottom.thrust', 'bottom.inline'];
        $row = static fn (string $key): int => (int) array_search(implode('.', array_slice(explode('.', $key), 2)), $rows, true);
        $column = static fn (string $key): int => (int) (explode('.', $key)[1] ?? 0);
        $here = $this->place($window);

        return match (true) {
            $column($here) > $column($place) => WebDriverKeys::ARROW_LEFT,
            $column($here) < $column($place) => WebDriverKeys::ARROW_RIGHT,
            $row($here) > $row($place) => WebDriverKeys::ARROW_UP,
            default => WebDriverKeys::ARROW_DOWN,
        };
    }
}
