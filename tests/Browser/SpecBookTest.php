<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The spec book by keyboard: a part without papers to its family, and a sheet written anew. */
final class SpecBookTest extends BrowserTestCase
{
    public function test_a_part_without_papers_leads_to_its_family_and_into_a_job_by_digits_and_enter(): void
    {
        $window = $this->loggedIn('inspector');
        $window->get($this->url('/specs/lookup'));
        $this->untilFocused($window, '#size-bore');
        $this->press($window, '3.8131', WebDriverKeys::ENTER);
        $this->untilSeen($window, '.stamp', '2 families fit');
        $this->untilSeen($window, '.margin .next', 'Measure next: main journal');
        $this->untilFocused($window, '#size-bore');
        $this->press($window, WebDriverKeys::TAB, '2.6143', WebDriverKeys::ENTER);
        $this->untilSeen($window, '.stamp', 'Only Tarn 4-198 fits');
        $this->untilSeen($window, '.found', '.010 under');
        $this->assertAccessible($window, 'the lookup');
        $window->findElement(WebDriverBy::linkText('Receive one'))->click();
        $this->untilFocused($window, '#family');
        $this->assertSame('tarn-4-198', $window->findElement(WebDriverBy::id('family'))->getAttribute('value'));
    }

    public function test_a_copied_family_is_written_in_shop_notation_and_rows_come_and_go_without_losing_what_is_typed(): void
    {
        $window = $this->loggedIn('owner');
        $window->get($this->url('/specs/cairn-l4-144'));
        $name = 'Beck '.random_int(100, 999_999);
        $window->findElement(WebDriverBy::id('copy-name'))->sendKeys([$name, WebDriverKeys::ENTER]);
        $this->untilSeen($window, 'h1', $name);
        $field = fn (string $path) => $window->findElement(WebDriverBy::cssSelector("input[name='value[{$path}]']"));
        $type = static function (string $path, string $text) use ($field): void {
            $field($path)->clear();
            $field($path)->sendKeys($text);
        };
        $type('/bore/oversizes', '10 20 30');
        $type('/piston/mass_ug', '510.5 g');
        $type('/stroke', '4.6000');
        $field('/piston/standard')->click();
        $this->untilSeen($window, '[data-follows]', '▲');
        $type('/stroke', '4.5000');
        $field('/piston/standard')->click();
        $this->until($window, fn (): bool => ! str_contains($this->text($window, '[data-follows]'), '▲'), 'a sheet that fits');
        $rows = count($window->findElements(WebDriverBy::cssSelector("input[name$='/inserts_expected]']")));
        $window->findElement(WebDriverBy::cssSelector("button[value='add threads']"))->click();
        $this->until(
            $window,
            static fn (): bool => count($window->findElements(WebDriverBy::cssSelector("input[name$='/inserts_expected]']"))) === $rows + 1,
            'a row more',
        );
        $this->assertSame('510.5 g', $field('/piston/mass_ug')->getAttribute('value'));
        $window->findElement(WebDriverBy::cssSelector('#spec-paste summary'))->click();
        $window->findElement(WebDriverBy::id('paste'))->sendKeys("Bore service taper = .0035\nsump = deep");
        $window->findElement(WebDriverBy::xpath('//button[normalize-space()="Take these over"]'))->click();
        $this->untilSeen($window, '[role=status]', '1 value taken over');
        $this->assertSame('.0035', $field('/bore/service/taper')->getAttribute('value'));
        $pin = $window->findElement(WebDriverBy::cssSelector('[data-list="/crack_prone"] [data-pin="0"]'));
        $from = (int) $field('/crack_prone/0/x')->getAttribute('value');
        $pin->sendKeys([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_DOWN]);
        $this->assertSame((string) ($from + 20), $field('/crack_prone/0/x')->getAttribute('value'), 'moved by keys');
        $face = $window->findElement(WebDriverBy::cssSelector('[data-list="/crack_prone"]'));
        $x = (int) $window->executeScript(
            'const at = arguments[0].getBoundingClientRect();'.
                'const to = { clientX: at.left + at.width / 5, clientY: at.top + at.height / 4 };'.
                'arguments[0].querySelector("*").dispatchEvent(new MouseEvent("click", { bubbles: true, ...to }));'.
                'return Math.round(new DOMPoint(to.clientX, to.clientY).matrixTransform(arguments[0].getScreenCTM().inverse()).x);',
            [$face],
        );
        $this->assertEqualsWithDelta($x, (int) $field('/crack_prone/0/x')->getAttribute('value'), 4, 'put where somebody clicks');
        $window->findElement(WebDriverBy::cssSelector("button[value='add stamped']"))->click();
        $this->until(
            $window,
            static fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-list="/stamped"] [data-pin="0"]')) !== [],
            'the first stamped number on the deck',
        );
        $window
            ->findElement(WebDriverBy::cssSelector('[data-list="/stamped"] [data-pin="0"]'))
            ->sendKeys([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_DOWN]);
        $set = static fn (string $name): ?string => $window
            ->findElement(WebDriverBy::name("value[/stamped/0/{$name}]"))
            ->getAttribute('value');
        $this->assertSame(['deck', '10', '10'], [$set('face'), $set('x'), $set('y')]);
        $field('/stamped/0/words')->sendKeys('engine number');
        $window->findElement(WebDriverBy::cssSelector("button[value='add seats']"))->click();
        $this->until(
            $window,
            static fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-list="/seats"] [data-pin="0"]')) !== [],
            'the first valve seat on the deck',
        );
        $field('/seats/0/cylinder')->sendKeys('2');
        $window->findElement(WebDriverBy::name('value[/seats/0/valve]'))->sendKeys('exhaust');
        $window
            ->findElement(WebDriverBy::cssSelector('[data-list="/seats"] [data-pin="0"]'))
            ->sendKeys([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_DOWN]);
        $this->assertSame(
            ['deck', '10'],
            [
                $window->findElement(WebDriverBy::name('value[/seats/0/face]'))->getAttribute('value'),
                $field('/seats/0/x')->getAttribute('value'),
            ],
        );
        $turned = $window->findElement(WebDriverBy::cssSelector('[data-ring] [data-pin="0"]'));
        $degrees = (int) $field('/housings/no_go/0/degrees')->getAttribute('value');
        $turned->sendKeys([WebDriverKeys::ARROW_RIGHT]);
        $this->assertSame((string) ($degrees + 5), $field('/housings/no_go/0/degrees')->getAttribute('value'));
        $turned->sendKeys([WebDriverKeys::ARROW_LEFT]);
        $this->assertAccessible($window, 'the form of a sheet');
        $window->findElement(WebDriverBy::id('reason'))->sendKeys(['from the manual', WebDriverKeys::ENTER]);
        $this->untilSeen($window, '[role=status]', 'Revision 2 stands from now on.');
        $this->untilSeen($window, '.spec-columns', '510.5 g');
        $this->untilSeen($window, '.spec-columns', '10 20 30');
    }

    /** A new user at a bench, with a manual and a keyboard: from nothing to a bore that is judged. */
    public function test_seven_answers_a_bore_and_a_limit_by_keyboard_alone(): void
    {
        $window = $this->loggedIn('inspector');
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
