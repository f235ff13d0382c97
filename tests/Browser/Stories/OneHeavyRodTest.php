<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Story 7: a rod that is too heavy to be lightened, rare parts that did not come, and a head that the water has eaten. */
final class OneHeavyRodTest extends StoryTestCase
{
    public function test_a_rod_too_heavy_to_be_lightened_needs_its_mate_and_missing_parts_block_the_day(): void
    {
        $tag = $this->receive($this->window, 'fe', 'F6-'.random_int(10_000, 99_999));
        $this->open($tag, 'measure/rods');
        foreach (range(1, 6) as $rod) {
            $this->key($rod === 4 ? '1644' : '1620', "bigendmass.{$rod}");
            $this->key('760', "smallendmass.{$rod}");
        }
        $margin = $this->text($this->window, '.margin');
        $this->assertStringContainsString('Spread of the weights 24.0 g, limit 8.0', $margin);
        $this->assertStringContainsString('Rod 4: replace. It is 24.0 g heavier than the lightest', $margin);
        $this->assertStringContainsString('look for its mate, or replace it', $margin);
        $this->assertStringNotContainsString('off the big end', $margin);

        $this->stage($this->window, "/jobs/{$tag}/receive");
        foreach (['filter housing', 'fuel pipe', 'pulley'] as $part) {
            $this->window->findElement(WebDriverBy::id('other-words'))->sendKeys([$part, WebDriverKeys::ENTER]);
            $this->untilSeen($this->window, '[data-fragment=parts]', $part);
            $this->until(
                $this->window,
                fn (): bool => $this->window->findElement(WebDriverBy::id('other-words'))->getAttribute('value') === '',
                'the line is free for the next',
            );
        }
        $this->assertAccessible($this->window, 'parts that no list has');
        $this->open($tag, 'plan');
        $this->assertStringContainsString('It is 24.0 g heavier', $this->text($this->window, 'main'));
        $this->open($tag, 'offers');
        $this->assertStringContainsString(
            'Did not come with the engine: filter housing, fuel pipe, pulley. No day holds before each of them is found.',
            $this->text($this->window, 'main'),
        );
        $this->open($tag, 'parts');
        $this->assertStringContainsString('Pulley, did not come', $this->text($this->window, 'main'));
    }

    public function test_an_eaten_head_is_welded_and_faced_both_in_the_order(): void
    {
        $tag = $this->receive($this->window, 'fe', 'F6-'.random_int(10_000, 99_999));
        $this->stateGauge($this->window);
        foreach (range(1, 6) as $cylinder) {
            foreach (['top.thrust' => 150, 'top.inline' => 75, 'bottom.thrust' => 22, 'bottom.inline' => 15] as $where => $micrometres) {
                $this->key("{$micrometres} um", "bore.{$cylinder}.{$where}");
            }
        }
        $this->open($tag, 'measure/deck');
        $this->key('2', 'headpits.1');
        $this->key('0.9 mm', 'headpit.1');
        $this->open($tag, 'plan');
        $this->assertStringContainsString('weld up what is eaten, then face by 50 µm', $this->text($this->window, 'main'));
        $weld = $this->window->findElement(WebDriverBy::cssSelector('input[name="parts[head.1]"][value^="weld "]'));
        $this->assertTrue($weld->isSelected(), 'taking it all off would leave the head too thin');
        $this->window->findElement(WebDriverBy::xpath('//button[normalize-space()="Choose this plan"]'))->click();
        $this->until($this->window, fn (): bool => str_ends_with($this->window->getCurrentURL(), '/work'), 'the order');
        $order = $this->text($this->window, 'main');
        $this->assertLessThan(strpos($order, 'Face the head'), (int) strpos($order, 'Weld up the face'), 'first the weld');
        $this->assertStringContainsString('Weld up the face', $order);
    }
}
