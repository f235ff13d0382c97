<?php

declare(strict_types=1);

namespace Tests\Browser;

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
}
