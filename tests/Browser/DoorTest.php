<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Security\TimeCode;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Somebody new comes in by the keyboard: a one-time password, a password of his own, a second factor. */
final class DoorTest extends BrowserTestCase
{
    public function test_somebody_new_comes_in_and_makes_the_door_his_own(): void
    {
        $owner = $this->loggedIn('owner');
        $owner->get($this->url('/people'));
        $owner->findElement(WebDriverBy::id('new-name'))->sendKeys('Night Shift');
        $owner->findElement(WebDriverBy::id('new-login'))->sendKeys('Night.Shift'.WebDriverKeys::ENTER);
        $this->untilSeen($owner, '.given', 'night.shift');
        $given = $this->text($owner, '.given .value');
        $this->assertAccessible($owner, 'people, with a one-time password');

        $new = $this->window(390, 844);
        $this->logInAs($new, $given);
        $this->untilSeen($new, 'main', 'one-time password');
        $new->findElement(WebDriverBy::id('current'))->sendKeys($given);
        $new->findElement(WebDriverBy::id('password'))->sendKeys('short');
        $this->untilSeen($new, '[data-strength-words]', '7 more characters');
        $new->findElement(WebDriverBy::id('password'))->sendKeys(' words by the river');
        $this->untilSeen($new, '[data-strength-words]', 'good');
        $new->findElement(WebDriverBy::id('password_confirmation'))->sendKeys('short words by the river'.WebDriverKeys::ENTER);
        $this->untilSeen($new, 'main', 'The password is changed');

        $new->findElement(WebDriverBy::cssSelector('form[action="/own/second-factor/new"] button'))->click();
        $this->untilSeen($new, '.set-factor', 'Read the square');
        $this->until(
            $new,
            static fn (): bool => $new->findElements(WebDriverBy::cssSelector('[data-qr][data-drawn=yes]')) !== [],
            'the square is drawn',
        );
        $this->assertAccessible($new, 'a second factor that is set up');
        parse_str(
            (string) parse_url($new->findElement(WebDriverBy::cssSelector('[data-qr]'))->getAttribute('data-qr'), PHP_URL_QUERY),
            $square,
        );
        $code = new TimeCode((string) $square['secret']);
        $new->findElement(WebDriverBy::id('code'))->sendKeys($code->at(time()).WebDriverKeys::ENTER);
        $this->untilSeen($new, '.given', 'Recovery codes');
        $recovery = $this->text($new, '.codes li');

        $again = $this->window();
        $this->logInAs($again, 'short words by the river');
        $this->untilFocused($again, '#code');
        $again->getKeyboard()->sendKeys('000000'.WebDriverKeys::ENTER);
        $this->untilSeen($again, '.error', 'not the code of now');
        $this->untilFocused($again, '#code');
        $again->getKeyboard()->sendKeys($recovery.WebDriverKeys::ENTER);
        $this->untilSeen($again, 'h1', 'Bench');
        $again->get($this->url('/own'));
        $this->untilSeen($again, 'main', '9 recovery codes are left');
    }

    private function logInAs(RemoteWebDriver $window, string $password): void
    {
        $window->get($this->url('/login'));
        $this->untilFocused($window, '#login');
        $window->getKeyboard()->sendKeys('night.shift');
        $window->getKeyboard()->pressKey(WebDriverKeys::TAB);
        $window->getKeyboard()->sendKeys($password);
        $window->getKeyboard()->pressKey(WebDriverKeys::ENTER);
        $this->until($window, static fn (): bool => ! str_ends_with($window->getCurrentURL(), '/login'), 'the password is taken');
    }
}
