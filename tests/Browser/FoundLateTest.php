<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** What is found after the order was made reaches the signature, and nobody signs over it (VER-6). */
final class FoundLateTest extends BrowserTestCase
{
    use WalksTheWay;

    public function test_an_over_honed_bore_and_then_a_late_crack_keep_a_job_from_being_signed(): void
    {
        $window = $this->loggedIn('inspector');
        $tag = $this->receive($window, 't', 'T4-'.random_int(10_000, 99_999));
        $this->stateGauge($window);
        $this->followTheProposal($window, self::WORN);
        $this->dyeCheck($window, $tag, 'block', 'head', 'crankshaft');
        $this->goTo($window, $tag, 'plan');
        $this->click($window, 'Choose this plan', '/work');
        $this->workTheOrder($window);

        $this->goTo($window, $tag, 'verify');
        $this->untilReady($window);
        $this->stateGauge($window, true);
        $this->enter($window, '1.4', 'bore.1.top.thrust');
        $this->assertSame(22, $this->followTheProposal($window, self::FINISHED, 22));
        $this->enter($window, '.2', 'bore.4.bottom.inline');
        $this->untilSeen($window, '.margin .stamp', 'Out of tolerance');
        $this->assertRefused($window, $tag, 'cylinder 1');

        $machinist = $this->loggedIn('machinist');
        $this->goTo($machinist, $tag, 'work');
        $machinist->findElement(WebDriverBy::id('flaw-cylinder'))->sendKeys('2');
        $machinist->findElement(WebDriverBy::id('flaw-remark'))->sendKeys('halfway down, toward the pan');
        $machinist->findElement(WebDriverBy::cssSelector('#flaw button[value="sharp line"]'))->click();
        $this->untilSeen($machinist, '.stopped', 'cylinder 2');
        $this->assertAccessible($machinist, 'a work order that is stopped');

        $this->goTo($window, $tag, 'verify');
        $window->findElement(WebDriverBy::cssSelector('.margin input[name=reason]'))->sendKeys('the owner of the engine accepts it');
        $this->click($window, 'Concession', '/verify');
        $this->assertRefused($window, $tag, 'cylinder 2');

        $this->goTo($window, $tag, 'cracks');
        $this->assertStringContainsString('halfway down, toward the pan', $this->text($window, 'main'));
        $this->assertNotSame('', $this->text($window, '.margin .stamp'));
        $this->goTo($window, $tag, 'certificate');
        $this->assertStringNotContainsString('conforms', $this->text($window, 'main'), 'there is no certificate');
    }

    public function test_a_sleeve_of_two_pieces_holds_its_cylinder_and_the_signature_until_the_customer_has_answered(): void
    {
        $window = $this->loggedIn('inspector');
        $tag = $this->receive($window, 't', 'T4-'.random_int(10_000, 99_999));
        $this->goTo($window, $tag, 'receive');
        foreach (
            [
                'sleeve-kind-2' => 'flanged',
                'sleeve-length-2' => '4.5',
                'sleeve-below-2' => 'plain',
                'sleeve-length-below-2' => '2',
            ] as $field => $keys
        ) {
            $window->findElement(WebDriverBy::id($field))->sendKeys($keys);
        }
        $window->findElement(WebDriverBy::id('sleeve-length-below-2'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($window, 'main', 'it is in more than one piece');

        $this->goTo($window, $tag, 'measure');
        $this->untilReady($window);
        $this->stateGauge($window);
        $this->followTheProposal($window, self::WORN);
        $this->dyeCheck($window, $tag, 'block', 'head', 'crankshaft');
        $this->goTo($window, $tag, 'plan');
        $this->click($window, 'Choose this plan', '/work');
        $this->assertStringContainsString('aits for the customer', $this->text($window, '.stopped'));
        $this->assertStringContainsString('stopped', $this->text($window, '#op-bore-2'));
        $this->assertRefused($window, $tag, 'aits for the customer');

        $counter = $this->loggedIn('counter');
        $this->goTo($counter, $tag, 'receive');
        $counter->findElement(WebDriverBy::id('sleeve-how-2'))->sendKeys('the foreman, by telephone');
        $counter
            ->findElement(WebDriverBy::xpath("//form[@id='sleeve-answer-2']//button[contains(., 'It stays')]"))
            ->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($counter, 'main', 'the foreman, by telephone');
        $this->goTo($window, $tag, 'work');
        $this->assertStringNotContainsString('aits for the customer', $this->text($window, 'main'));
    }

    private function click(RemoteWebDriver $window, string $button, string $then): void
    {
        $old = $window->findElement(WebDriverBy::tagName('html'));
        $window->findElement(WebDriverBy::xpath("//button[contains(., '{$button}')]"))->sendKeys(WebDriverKeys::ENTER);
        $this->until(
            $window,
            static fn (): bool => $window->findElement(WebDriverBy::tagName('html'))->getID() !== $old->getID() &&
                str_contains($window->getCurrentURL(), $then),
            "{$button}: {$then}",
        );
    }

    private function assertRefused(RemoteWebDriver $window, string $tag, string $why): void
    {
        $this->goTo($window, $tag, 'release');
        $this->assertStringContainsString($why, $this->text($window, 'main'));
        $this->assertSame([], $window->findElements(WebDriverBy::id('password')), 'there is nothing to sign');
    }
}
