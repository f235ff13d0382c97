<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** From a blank job to the signed certificate, by keyboard alone. */
final class WholeWayTest extends BrowserTestCase
{
    use WalksTheWay;

    private const DECK = [
        'deckfeeler.1' => '.0005',
        'deckheight.1' => '11.3000',
        'deckpits.1' => '0',
        'deckra.1' => '40',
        'deckstraight.1' => '.0010',
    ];

    public function test_from_a_blank_job_to_the_certificate_by_keyboard_alone(): void
    {
        $window = $this->loggedIn('inspector');
        $tag = $this->receive($window, 't', 'T4-'.random_int(10_000, 99_999));
        $this->stateGauge($window);

        $this->assertSame('bore.1.top.thrust', $this->place($window));
        $kept = $this->followTheProposal($window, self::WORN);
        $this->assertLessThan(24, $kept, 'the proposal ends before every place is read');
        $this->assertStringContainsString('Cannot stay at standard', $this->text($window, '.margin .stamp'));
        $this->assertStringContainsString(
            'No further reading of the bores can change their verdict or their size.',
            $this->text($window, '.margin'),
        );

        $this->dyeCheck($window, $tag, 'block', 'head', 'crankshaft');
        $this->goTo($window, $tag, 'plan');
        $this->assertStringContainsString('Bore to +.020', $this->text($window, '.margin .stamp'));
        $this->tabTo($window, 'button', 'Choose this plan');
        $this->press($window, WebDriverKeys::ENTER);
        $this->until($window, static fn (): bool => str_contains($window->getCurrentURL(), '/work'), 'the work order');

        $this->workTheOrder($window);
        $this->goTo($window, $tag, 'verify');
        $this->untilReady($window);
        $this->stateGauge($window, true);
        $kept = $this->followTheProposal($window, self::FINISHED);
        $this->assertSame(24, $kept, 'every finished place is read');
        $this->assertStringContainsString('As ordered', $this->text($window, '.margin .stamp'));

        $this->assertStringContainsString('Faces: still to be verified', $this->text($window, '.margin'));
        $this->verifyTheDeck($window, $tag);
        $this->weighThePistons($window, $tag);

        $this->goTo($window, $tag, 'release');
        $this->assertStringContainsString(
            'Inspector did the work and is the only one who verified it: cylinder bores.',
            $this->text($window, 'main'),
        );
        $this->untilFocused($window, '#password');
        $this->press($window, 'demo-shop', WebDriverKeys::ENTER);
        $this->until($window, fn (): bool => str_contains($this->text($window, '.margin .stamp'), 'Released'), 'released');

        $this->goTo($window, $tag, 'certificate');
        $this->assertStringContainsString('3.8327', $this->text($window, '.certificate'));
        $this->assertAccessible($window, 'the certificate');
        $this->assertPdfArrives($window, $tag);
    }

    /** Two feelers, the height, the pits and the finish, after the conditions were stated once. */
    private function verifyTheDeck(RemoteWebDriver $window, string $tag): void
    {
        $this->goTo($window, $tag, 'verify/deck');
        $this->untilReady($window);
        $this->assertStringContainsString(
            'First state that it is caps torqued, clean and dry',
            $this->text($window, '[data-fragment=setup]'),
        );
        $this->press($window, 'z');
        $this->until(
            $window,
            static fn (): bool => $window->executeScript("return document.querySelector('[data-setup-dialog]').open"),
            'the dialog is open',
        );
        foreach (['caps_torqued', 'clean'] as $name) {
            $window->findElement(WebDriverBy::name($name))->sendKeys(WebDriverKeys::SPACE);
        }
        $window->findElement(WebDriverBy::name('part_temperature'))->sendKeys(WebDriverKeys::ENTER);
        $this->until($window, fn (): bool => ! str_contains($this->text($window, '[data-fragment=setup]'), 'First state'), 'stated');
        foreach (self::DECK as $place => $text) {
            $this->until($window, fn (): bool => $this->place($window) === $place, $place);
            $this->enter($window, $text, $place);
        }
        $this->until($window, fn (): bool => str_contains($this->text($window, '.margin .stamp'), 'As ordered'), 'the deck is verified');
    }

    private function weighThePistons(RemoteWebDriver $window, string $tag): void
    {
        $this->goTo($window, $tag, 'verify/weights');
        $this->untilReady($window);
        foreach (['612.4', '612.1', '611.8', '612.6'] as $index => $grams) {
            $place = 'weight.'.($index + 1);
            $this->until($window, fn (): bool => $this->place($window) === $place, $place);
            $this->enter($window, $grams, $place);
        }
        $this->until($window, fn (): bool => str_contains($this->text($window, '.margin .stamp'), 'As ordered'), 'they are weighed');
    }

    private function tabTo(RemoteWebDriver $window, string $tag, string $text): void
    {
        for ($i = 0; $i < 60; $i++) {
            $this->press($window, WebDriverKeys::TAB);
            if (
                $window->executeScript(
                    'return document.activeElement.matches(arguments[0]) && document.activeElement.textContent.includes(arguments[1])',
                    [$tag, $text],
                )
            ) {
                return;
            }
        }
        $this->fail("“{$text}” cannot be reached by Tab.");
    }

    private function assertPdfArrives(RemoteWebDriver $window, string $tag): void
    {
        $this->until(
            $window,
            static fn (): bool => $window->executeAsyncScript(
                <<<'JS'
                const done = arguments[arguments.length - 1];
                fetch(arguments[0]).then(async (reply) => done(reply.headers.get('content-type') === 'application/pdf'
                    && String.fromCharCode(...new Uint8Array(await reply.arrayBuffer()).slice(0, 5)) === '%PDF-'));
                JS
                ,
                ["/jobs/{$tag}/certificate.pdf"],
            ),
            'the certificate as PDF',
            30,
        );
    }
}
