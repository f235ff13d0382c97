<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;

/** From the plan to the offer, to the answer on a phone, to the order. */
final class OfferTest extends BrowserTestCase
{
    use WalksTheWay;

    public function test_the_customer_answers_on_a_phone_and_the_order_is_made(): void
    {
        $shop = $this->loggedIn('inspector');
        $tag = $this->receive($shop, 't', 'T4-'.random_int(10_000, 99_999));
        $this->stateGauge($shop);
        $this->followTheProposal($shop, self::WORN);
        $link = $this->sendOffer($shop, $tag);

        $phone = $this->window(390, 844);
        $phone->get($this->url($link));
        $this->assertStringContainsString('What we would do', $this->text($phone, 'main'));
        $this->assertStringNotContainsString('log out', $this->text($phone, 'body'));
        $this->assertAccessible($phone, 'an offer on a phone');
        $this->assertLessThanOrEqual(390, $phone->executeScript('return document.documentElement.scrollWidth'));
        $another = $this->window(390, 844);
        $another->get($this->url($link));

        $this->answer($phone, 'the sawyer', 'Go ahead with this');
        $this->assertStringContainsString('You have answered', $this->text($phone, 'main'));
        $this->answer($another, 'his brother', 'None of these: stop the work');
        $this->assertStringContainsString('You have answered. What we would do: the sawyer', $this->text($another, 'main'));

        $phone->get($this->url(substr($link, 0, -1).(str_ends_with($link, '0') ? '1' : '0')));
        $this->assertStringContainsString('not complete', $this->text($phone, 'main'));
        $this->assertStringNotContainsString($tag, $this->text($phone, 'body'));

        $this->goTo($shop, $tag, 'offers');
        $this->assertStringContainsString('the sawyer, by the link', $this->text($shop, 'main'));
        $this->goTo($shop, $tag, 'work');
        $this->assertStringContainsString('3.8327', $this->text($shop, 'main'), 'the order is for the size that was agreed');
    }

    public function test_an_offer_that_was_taken_back_says_so_to_the_customer(): void
    {
        $shop = $this->loggedIn('inspector');
        $tag = $this->receive($shop, 't', 'T4-'.random_int(10_000, 99_999));
        $this->stateGauge($shop);
        $this->followTheProposal($shop, self::WORN);
        $link = $this->sendOffer($shop, $tag);
        $shop->findElement(WebDriverBy::id('reason'))->sendKeys('the price of the pistons was wrong');
        $this->click($shop, 'Take it back');
        $this->untilSeen($shop, '.margin .stamp', 'withdrawn');

        $phone = $this->window(390, 844);
        $phone->get($this->url($link));
        $this->assertStringContainsString('This offer was taken back', $this->text($phone, 'main'));
        $this->assertAccessible($phone, 'an offer that was taken back');
    }

    public function test_changing_one_choice_shows_at_once_what_the_whole_plan_comes_to(): void
    {
        $window = $this->loggedIn('inspector');
        $window->get($this->url('/jobs/NL-0418/plan'));
        $before = $this->text($window, '.plan-total');
        $window->findElement(WebDriverBy::cssSelector('input[name="parts[rods]"][value="replace"]'))->click();
        $this->until($window, fn (): bool => $this->text($window, '.plan-total') !== $before, 'another total');
        $this->assertStringContainsString('As you have picked it', $this->text($window, '[data-plan-live=total]'));
        $window->findElement(WebDriverBy::cssSelector('input[name="option"][value="replace"]'))->click();
        $this->until(
            $window,
            static fn (): bool => $window->executeScript(
                'return document.querySelector(\'input[name="parts[deck.2]"][value="with_its_host"]\').checked',
            ) === true,
            'the deck comes with the other block',
        );
    }

    /** @return string The signed address of the offer that is out now, without its host */
    private function sendOffer(RemoteWebDriver $shop, string $tag): string
    {
        $this->goTo($shop, $tag, 'offers');
        (new WebDriverSelect($shop->findElement(WebDriverBy::id('by'))))->selectByValue('telephone');
        $this->click($shop, 'Send the offer');
        $this->untilSeen($shop, '.margin .stamp', 'Offer 1 is out');
        $this->assertAccessible($shop, 'an offer that is out');
        $address = (string) $shop->findElement(WebDriverBy::partialLinkText('The page that the customer sees'))->getAttribute('href');

        return (string) strstr($address, '/offer/');
    }

    private function answer(RemoteWebDriver $phone, string $name, string $button): void
    {
        $phone->findElement(WebDriverBy::id('name'))->sendKeys($name);
        $page = $phone->findElement(WebDriverBy::cssSelector('html'))->getID();
        $this->click($phone, $button);
        $this->until($phone, static fn (): bool => $phone->findElement(WebDriverBy::cssSelector('html'))->getID() !== $page, 'the answer');
    }

    private function click(RemoteWebDriver $window, string $button): void
    {
        $element = $window->findElement(WebDriverBy::xpath("//button[normalize-space()='{$button}']"));
        $window->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$element]);
        $element->click();
    }
}
