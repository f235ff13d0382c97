<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Practice\Rocking;
use NorthLedger\Core\Practice\Spot;

/** An instrument is read by keyboard, another by touch, a question answered. */
final class PracticeTest extends BrowserTestCase
{
    public function test_an_instrument_is_read_by_the_keyboard_alone(): void
    {
        $exercise = Exercise::of(ReadInstrument::MetricCaliper, Spot::JustPast, 9);
        $window = $this->loggedIn('inspector');
        $window->get($this->url('/practice/read/vernier-caliper-metric?seed=9&spot=just%20past'));
        $this->untilFocused($window, '#answer');
        $reading = $exercise->reading()->nanometres / 1_000_000;
        $this->press($window, (string) ($reading + 1), "\n");
        $this->untilSeen($window, '.practice-verdict', 'One line off');
        $this->untilFocused($window, '[data-next]');
        $this->assertAccessible($window, 'an answer that was wrong');
        $this->press($window, "\n");
        $this->untilFocused($window, '#answer');
        $this->assertStringNotContainsString('answered', $window->getCurrentURL());
    }

    public function test_the_steps_light_up_where_they_are_read_and_a_finger_does_it_all(): void
    {
        $exercise = Exercise::of(ReadInstrument::InchVernierMicrometer, Spot::Plain, 3);
        $window = $this->loggedIn('owner', 390, 844);
        $window->get($this->url('/practice/read/micrometer-inch-vernier?seed=3&spot=plain'));
        $window->findElement(WebDriverBy::cssSelector('.practice-steps summary'))->click();
        $window->findElement(WebDriverBy::cssSelector('[data-lights="vernier"]'))->click();
        $lit = $window->findElements(WebDriverBy::cssSelector('line.lit'));
        $this->assertCount(1, $lit, 'the one line of the vernier that meets another');
        $window->findElement(WebDriverBy::id('answer'))->sendKeys((string) ($exercise->reading()->nanometres / 25_400_000));
        $window->findElement(WebDriverBy::cssSelector('.practice-answer button'))->click();
        $this->untilSeen($window, '.practice-verdict', 'Right.');
        $this->untilSeen($window, '.practice-verdict', 'seconds');
    }

    public function test_a_gauge_is_rocked_to_its_turning_point(): void
    {
        $rocking = Rocking::of(8);
        $window = $this->loggedIn('machinist');
        $window->get($this->url('/practice/rocking?seed=8'));
        $this->untilFocused($window, '#tilt');
        $hand = static fn (): string => (string) $window->findElement(WebDriverBy::cssSelector('[data-hand]'))->getAttribute('transform');
        $before = $hand();
        $window->getKeyboard()->sendKeys([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT]);
        $this->until($window, static fn (): bool => $hand() !== $before, 'the hand follows the tilt');
        $window->findElement(WebDriverBy::id('answer'))->sendKeys($rocking->reading->nanometres / 25_400 .WebDriverKeys::ENTER);
        $this->untilSeen($window, '.practice-verdict', 'Right.');
        $this->assertAccessible($window, 'a gauge that was rocked');
    }

    public function test_a_question_of_method_is_answered_and_gone_on_from(): void
    {
        $window = $this->loggedIn('counter');
        $window->get($this->url('/practice/method/wash?seed=2'));
        $window->findElement(WebDriverBy::cssSelector('.practice-choices button[value=yes]'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($window, '.practice-verdict', 'You said: yes');
        $window->findElement(WebDriverBy::cssSelector('.practice-verdict .button'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($window, '.practice-case', 'May it be cleaned like that?');
        $this->until(
            $window,
            static fn (): bool => $window->findElements(WebDriverBy::cssSelector('.practice-verdict')) === [],
            'the next question',
        );
    }
}
