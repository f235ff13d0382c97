<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/**
 * Stories 2 and 9, and a sleeve of 5, at the machines, by keys alone, on the jobs of the demo shop that stand there; how they came there
 * is told elsewhere.
 */
final class AtTheMachinesTest extends StoryTestCase
{
    protected function tearDown(): void
    {
        $this->clock(0);
        parent::tearDown();
    }

    public function test_a_sleeve_goes_in_where_it_fits_everywhere_and_is_closed_when_it_is_cool(): void
    {
        $this->card('NL-0423', 'sleeve.5');
        $bench = $this->text($this->window, '[data-fragment=bench]');
        $this->assertStringContainsString('108.0027', $bench);
        $this->assertStringContainsString('107.6027', $bench);
        $this->assertStringContainsString('37.0 µm is outside', $bench);
        $this->assertStringContainsString('parent, rough, sleeve 5, 2', $this->text($this->window, '.margin'), 'one setting for both');
        $this->assertAccessible($this->window, 'a sleeve card');

        $this->window->findElement(WebDriverBy::cssSelector('#sleeve-fitted button'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '#error-sleeve-fitted', 'bottom, in line');
        $this->window->findElement(WebDriverBy::id('parent-sizes'))->click();
        $this->press($this->window, '108.003 108.002 108.004 108.003', WebDriverKeys::ENTER);
        $this->until($this->window, fn (): bool => ! str_contains($this->text($this->window, '.bench-table'), 'outside'), 'it fits');
        $this->window->findElement(WebDriverBy::cssSelector('#sleeve-fitted button'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-fragment=bench]', 'It cools to room temperature');

        $this->work('NL-0423', 'sleeve.5');
        $this->press($this->window, WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-refused]', 'It cools: read it at');
        $this->assertSame('sleeve.2', $this->at(), 'the line has gone on to the other sleeve');
        $this->clock(3_700);
        $this->goTo('sleeve.5');
        $this->press($this->window, WebDriverKeys::ENTER);
        $this->untilCell('sleeve.5', 'done');
    }

    public function test_loading_stones_need_longer_from_bore_to_bore(): void
    {
        $this->card('NL-0424', 'hone.5');
        $this->untilSeen($this->window, '.bench-now', '45 s');
        $this->assertStringContainsString('14° included', $this->text($this->window, '.bench-now'));
        $this->assertAccessible($this->window, 'a hone bench');
        $this->window->findElement(WebDriverBy::id('stint-finished'))->sendKeys(WebDriverKeys::SPACE);
        $this->window->findElement(WebDriverBy::id('stint-seconds'))->click();
        $this->press($this->window, '45', WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-fragment=bench]', 'finish reached');

        $this->work('NL-0424', 'hone.5');
        $this->press($this->window, WebDriverKeys::ENTER);
        $this->untilCell('hone.5', 'done');
        $this->untilSeen($this->window, '.margin .stamp', 'cylinder 6');
    }

    public function test_a_crankshaft_alone_is_polished_washed_and_gets_its_shells(): void
    {
        $this->work('NL-0426', 'order rod shells');
        foreach (['order rod shells', 'order main shells', 'polish', 'crank final wash', 'shells fitted'] as $operation) {
            $this->goTo($operation);
            $this->press($this->window, WebDriverKeys::ENTER);
            $this->untilCell($operation, 'done');
        }
        $this->untilSeen($this->window, '.margin .stamp', 'All done');
        $this->assertAccessible($this->window, 'an order that is done');
    }

    public function test_what_is_keyed_without_a_network_is_kept_and_sent_once(): void
    {
        $this->work('NL-0406', 'deck.1');
        $this->offline(true);
        $this->press($this->window, 'straight along and across', WebDriverKeys::ENTER);
        $this->until($this->window, fn (): bool => $this->at() === 'deck.2', 'the line has gone on to the other deck');
        $this->press($this->window, 'flat, one scratch', WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-outbox-state]', '2');
        $this->offline(false);
        foreach (['deck.1' => 'straight along and across', 'deck.2' => 'flat, one scratch'] as $operation => $remark) {
            $this->untilCell($operation, 'done');
            $this->assertStringContainsString(
                $remark,
                (string) $this->window->findElement(WebDriverBy::cssSelector("[data-op='{$operation}']"))->getAttribute('title'),
            );
        }
    }

    public function test_a_size_that_is_refused_after_the_network_is_back_is_keyed_again_where_it_belongs(): void
    {
        $machine = $this->loggedIn('owner');
        $machine->get($this->url('/machines/mill'));
        $this->untilSeen($machine, 'a[href*="NL-0435"]', 'Bore 1, 2, 3, 4');
        $this->work('NL-0435', 'bore.1');
        $this->offline(true);
        $this->press($this->window, '9.0', WebDriverKeys::ENTER);
        $this->until($this->window, fn (): bool => $this->at() === 'bore.2', 'the line has gone on');
        $this->offline(false);
        $this->untilSeen($this->window, '[data-refused]', 'Not written');
        $this->window->findElement(WebDriverBy::xpath('//*[@data-refused]//button[text()="Key it again"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->until($this->window, fn (): bool => $this->valueAt('bore.1') === '9.0', 'what was typed stands where it belongs');
        $this->until($this->window, fn (): bool => $this->text($this->window, '[data-refused]') === '', 'nothing is listed any more');
        $this->press($this->window, $this->text($this->window, '[data-entry] .goal'), WebDriverKeys::ENTER);
        $this->untilCell('bore.1', 'done');
        $this->untilSeen($machine, 'a[href*="NL-0435"]', 'Bore 2, 3, 4');
    }

    public function test_sizes_are_keyed_one_after_the_other_without_waiting_for_an_answer(): void
    {
        $this->work('NL-0427', 'bore.1');
        $this->press($this->window, '3.8284', WebDriverKeys::ENTER, '3.8286', WebDriverKeys::ENTER, '3.8285', WebDriverKeys::ENTER);
        foreach (['bore.1' => '3.8284', 'bore.3' => '3.8286', 'bore.4' => '3.8285'] as $operation => $size) {
            $this->untilCell($operation, 'done');
            $this->assertStringContainsString($size, $this->text($this->window, "[data-op='{$operation}']"), 'cylinder 2 is stopped');
        }
    }

    private function card(string $tag, string $operation): void
    {
        $this->stage($this->window, "/jobs/{$tag}/work/at/".rawurlencode($operation));
    }

    private function work(string $tag, string $operation): void
    {
        $this->stage($this->window, "/jobs/{$tag}/work?at=".urlencode($operation));
        $this->untilFocused($this->window, '#entry-value');
    }

    /** By the arrows of the keyboard, as far as they go; the entry line follows. */
    private function goTo(string $operation): void
    {
        $this->window->executeScript('document.querySelector(`[data-op="${arguments[0]}"]`).click()', [$operation]);
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript(
                'return document.activeElement?.id === "entry-value" && '.
                    'document.querySelector("[data-entry]").elements.operation.value === '.
                    'arguments[0] && document.querySelector("[data-op].here")?.dataset.op === arguments[0]',
                [$operation],
            ),
            "the entry line at {$operation}",
        );
    }

    /** What stands in the entry line, which is at that operation. */
    private function valueAt(string $operation): string
    {
        return $this->at() === $operation
            ? (string) $this->window->executeScript('return document.getElementById("entry-value").value')
            : '';
    }

    private function at(): string
    {
        return (string) $this->window->executeScript('return document.querySelector("[data-entry]").elements.operation.value');
    }

    private function untilCell(string $operation, string $state): void
    {
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript(
                'return document.querySelector(`[data-op="${arguments[0]}"]`)?.classList.contains(arguments[1]) ?? false',
                [$operation, $state],
            ),
            "{$operation} is {$state}",
        );
    }
}
