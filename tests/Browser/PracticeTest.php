<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Practice\GaugeSetting;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Practice\Rocking;
use NorthLedger\Core\Practice\Spot;
use NorthLedger\Core\Quantity\LengthUnit;

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

    public function test_a_block_is_read_by_its_drawn_gauge_with_digits_and_arrows_and_judged(): void
    {
        $window = $this->loggedIn('machinist');
        $window->get($this->url('/practice#blocks'));
        $window->findElement(WebDriverBy::id('block-family'))->sendKeys('Tarn');
        $window->findElement(WebDriverBy::id('block-seed'))->sendKeys('12'.WebDriverKeys::ENTER);
        $this->untilSeen($window, '.practice-gauge h2', 'Cylinder 1, top, thrust');
        $this->assertAccessible($window, 'a block to judge');
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->untilSeen($window, '.practice-gauge h2', "Cylinder {$cylinder}, top, thrust");
            $this->press($window, $this->shown($window), WebDriverKeys::ENTER);
        }
        $this->untilSeen($window, '.practice-gauge h2', 'Cylinder 1, top, in line');
        $this->assertStringContainsString('4 readings taken', $this->text($window, '.practice-gauge'));
        $this->untilFocused($window, '#text');
        $this->press($window, WebDriverKeys::ARROW_DOWN);
        $this->untilSeen($window, '.practice-gauge h2', 'Cylinder 1, middle, thrust');
        $window->findElement(WebDriverBy::cssSelector('[data-place="scoring.3"]'))->click();
        $this->untilSeen($window, '.practice-gauge h2', 'Cylinder 3, scoring');
        $this->press($window, '7', WebDriverKeys::ENTER);
        $this->untilSeen($window, '.practice-gauge', 'Answer with one digit');
        $window->findElement(WebDriverBy::cssSelector('[name=can_stay][value=no]'))->sendKeys(WebDriverKeys::SPACE);
        (new WebDriverSelect($window->findElement(WebDriverBy::id('way'))))->selectByValue('bore 762000');
        $window->findElement(WebDriverBy::cssSelector('.practice-say button'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($window, '.practice-verdict', 'of 100 points');
        $this->untilSeen($window, '.practice-verdict', 'Another way was right.');
        $this->assertStringContainsString('is +', $this->text($window, 'table.bores'), 'the truth stands beside what was read');
        $this->assertAccessible($window, 'a block that was judged');
    }

    /** What the hand of the gauge shows, in thousandths: it goes back for a larger bore. */
    private function shown(RemoteWebDriver $window): string
    {
        $hand = (string) $window->findElement(WebDriverBy::cssSelector('.practice-gauge svg g g'))->getAttribute('transform');

        return sprintf('%+.1f', (-20 * (float) trim(substr($hand, strlen('rotate(')), ')')) / 360);
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

    public function test_a_bore_gauge_is_set_line_by_line_and_the_micrometer_follows(): void
    {
        $setting = GaugeSetting::of(LengthUnit::Inch, 5);
        $window = $this->loggedIn('machinist');
        $window->get($this->url('/practice/setting?seed=5'));
        $this->untilFocused($window, '#extension');
        (new WebDriverSelect($window->findElement(WebDriverBy::id('extension'))))->selectByValue((string) $setting->extension->nanometres);
        (new WebDriverSelect($window->findElement(WebDriverBy::id('washer'))))->selectByValue((string) $setting->washer->nanometres);
        $drawn = static fn (): int => count($window->findElements(WebDriverBy::cssSelector('[data-set-micrometer] line')));
        $before = $drawn();
        foreach ($setting->lines() as $scale => $line) {
            $window->findElement(WebDriverBy::id($scale))->click();
            $window->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, (string) $line]);
        }
        $this->assertGreaterThan($before, $drawn(), 'the sleeve is laid bare');
        $this->assertAccessible($window, 'a gauge to be set');
        $window->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($window, '.practice-verdict', 'Right.');
        $this->untilFocused($window, '[data-next]');
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
