<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Tests\Browser\WalksTheWay;

/** Story 3: a round patch in a bore will not take the stone, and is a crack. */
final class ThePatchThatStaysTest extends StoryTestCase
{
    use WalksTheWay;

    public function test_one_key_at_the_hone_stops_the_cylinder_and_its_crack_asks_the_customer_sleeve_or_another_block(): void
    {
        $this->putABlockOnTheShelf();
        $tag = $this->receive($this->window, 'ca', 'CL-'.random_int(10_000, 99_999));
        $this->stateGauge($this->window);
        $this->followTheProposal($this->window, self::WORN);
        $this->dyeCheck($this->window, $tag, 'block', 'head', 'crankshaft');
        $this->open($tag, 'plan');
        $this->window->findElement(WebDriverBy::xpath('//button[normalize-space()="Choose this plan"]'))->click();
        $this->until($this->window, fn (): bool => str_ends_with($this->window->getCurrentURL(), '/work'), 'the order');
        $this->workTheOrder($this->window, 'Hone');

        $this->stage($this->window, "/jobs/{$tag}/work/at/hone.3");
        $this->press($this->window, 'p');
        $this->untilSeen($this->window, '.margin', 'cylinder 3: a patch will not clean up. Check it for a crack.');
        $this->assertStringContainsString(
            'Hone to size, cylinder 3',
            $this->text($this->window, '[data-fragment=bench]'),
            'still at the hone',
        );
        $this->assertStringContainsString('Check it for a crack', $this->text($this->window, '[data-fragment=bench]'));

        $this->stage($this->window, "/jobs/{$tag}/cracks");
        $this->readAgain('then sharp line');
        $this->assertStringContainsString('Suspect', $this->text($this->window, '.margin .stamp'), 'sharp once is no crack');
        $this->readAgain('1. Crack');
        $this->assertStringContainsString('The table proposes: sleeve', $this->text($this->window, '.indication'));

        $this->open($tag, 'work');
        $this->assertStringContainsString('Cylinder 3: it cannot stay as chosen', $this->text($this->window, '.stopped'));
        foreach (
            ['hone.1' => 'open', 'hone.3' => 'held', 'bore.3' => 'done', 'bore.4' => 'done', 'hone.4' => 'open'] as $operation => $state
        ) {
            $cell = $this->window->findElement(WebDriverBy::cssSelector("[data-op='{$operation}']"));
            $this->assertContains($state, explode(' ', (string) $cell->getAttribute('class')), $operation);
        }
        $this->open($tag, 'plan');
        $this->assertStringContainsString('sleeve 3 now; chosen with no sleeves', $this->text($this->window, '.margin .stamp'));
        $this->assertStringContainsString('The plan is open again', $this->text($this->window, '.stopped'));
        $this->assertAccessible($this->window, 'a plan that is open again');

        $this->open($tag, 'offers');
        $offers = $this->text($this->window, 'main');
        $this->assertStringContainsString('a sleeve in cylinder 3, every cylinder bored to +.010', $offers);
        $this->assertStringContainsString('another block at standard size', $offers);
        $this->assertMatchesRegularExpression('/\d days sooner/', $offers, 'it stands on the shelf');
    }

    private function putABlockOnTheShelf(): void
    {
        $owner = $this->loggedIn('owner');
        $owner->get($this->url('/shop/shelf'));
        (new WebDriverSelect($owner->findElement(WebDriverBy::id('family'))))->selectByValue('cairn-l4-144');
        (new WebDriverSelect($owner->findElement(WebDriverBy::id('item'))))->selectByValue('block');
        $owner->findElement(WebDriverBy::id('count'))->sendKeys(['1', WebDriverKeys::ENTER]);
        $this->untilSeen($owner, 'table', 'Cairn');
    }

    /** Cleaned, developed and read again: a sharp line. */
    private function readAgain(string $seen): void
    {
        $this->window->findElement(WebDriverBy::cssSelector('.indication .button'))->sendKeys(WebDriverKeys::ENTER);
        foreach (['Retest of indication 1', 'Developer on again', 'Read it again'] as $step) {
            $this->untilSeen($this->window, '.running', $step);
            $button = $step === 'Read it again' ? '.look-answers button[value="sharp line"]' : '.running form .button';
            $this->window->findElement(WebDriverBy::cssSelector($button))->sendKeys(WebDriverKeys::ENTER);
        }
        $this->untilSeen($this->window, '.indication', $seen);
    }
}
