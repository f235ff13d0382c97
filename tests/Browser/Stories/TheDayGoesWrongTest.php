<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\DatabaseServer;

/** Story 19: a slip of the finger, a drifted gauge, no network, two at one bore, a database that is killed; every reading is there once. */
final class TheDayGoesWrongTest extends StoryTestCase
{
    private string $tag;

    protected function setUp(): void
    {
        parent::setUp();
        $this->tag = $this->receive($this->window, 't', 'T4-'.random_int(10_000, 99_999));
        $this->stateGauge($this->window);
    }

    protected function tearDown(): void
    {
        $this->clock(0);
        parent::tearDown();
    }

    public function test_nothing_is_lost_nothing_is_there_twice_and_what_cannot_be_is_asked_back(): void
    {
        foreach (['4.6', '4.9', '4.4'] as $index => $text) {
            $this->enter($this->window, $text, 'bore.'.($index + 1).'.top.thrust');
        }
        $this->press($this->window, '48', WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-question]', 'The others here read');
        $this->press($this->window, '4.8', WebDriverKeys::ENTER);
        $this->untilKept($this->window, 'bore.4.top.thrust');
        $this->assertStringContainsString('+4.8', $this->cell($this->window, 'bore.4.top.thrust'));

        $this->findTheDrift();
        foreach (['3.8', '4.1', '3.6', '4.0'] as $index => $text) {
            $this->until(
                $this->window,
                fn (): bool => $this->place($this->window) === 'bore.'.($index + 1).'.top.thrust',
                'suspects in order',
            );
            $this->press($this->window, $text, WebDriverKeys::ENTER);
            $this->untilKept($this->window, 'bore.'.($index + 1).'.top.thrust');
        }
        $this->assertStringNotContainsString('suspect', $this->text($this->window, '[data-fragment=margin]'));

        $other = $this->loggedIn('owner');
        $other->get($this->url("/jobs/{$this->tag}/measure"));
        $this->untilReady($other);
        $this->offline(true);
        $this->goToCell('bore.1.middle.thrust');
        $this->press($this->window, '2.6', WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-outbox-state]', '1 entry waits');
        $this->keyAt($other, '2.1', 'bore.1.middle.thrust');
        $this->clock(3_600);
        $this->offline(false);
        $this->untilSeen($this->window, '[data-question]', 'Owner read cylinder 1, middle, thrust as 2.1 at the same time. Which counts?');
        $this->press($this->window, '1', WebDriverKeys::ENTER);
        $this->until($this->window, fn (): bool => $this->text($this->window, '[data-question]') === '', 'the question is answered');
        $this->until(
            $this->window,
            fn (): bool => str_contains($this->cell($this->window, 'bore.1.middle.thrust'), '+2.1'),
            'theirs counts',
        );

        $database = new DatabaseServer();
        $database->kill();
        try {
            $this->goToCell('bore.2.middle.thrust');
            $this->press($this->window, '1.9', WebDriverKeys::ENTER);
            $this->untilSeen($this->window, '[data-outbox-state]', '1 entry waits');
        } finally {
            $database->start();
        }
        $this->untilKept($this->window, 'bore.2.middle.thrust');
        $this->assertSame(
            ['1.9', '2.1', '2.6', '3.6', '3.8', '4.0', '4.1', '4.4', '4.6', '4.8', '4.9'],
            $this->typed(),
            'each of them once; the slip was never written',
        );
    }

    /** By 0.8 thou when the gauge is put back: what it read is named, and the gauge is set anew. */
    private function findTheDrift(): void
    {
        $this->press($this->window, 'b');
        $this->until(
            $this->window,
            fn (): bool => $this->window->executeScript("return document.querySelector('[data-check-dialog]').open"),
            'the check-back dialog',
        );
        $this->press($this->window, '0.8', WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-fragment=margin]', '4 readings are suspect.');
        $this->stateGauge($this->window);
    }

    private function keyAt(RemoteWebDriver $window, string $text, string $place): void
    {
        $window->executeScript('document.querySelector(`td[data-place="${arguments[0]}"]`).click()', [$place]);
        $this->press($window, $text, WebDriverKeys::ENTER);
        $this->untilKept($window, $place);
    }

    /** @return list<string> Everything that was written, in the order of its text */
    private function typed(): array
    {
        /** @var array{readings: list<array{typed: string}>} $export */
        $export = $this->window->executeAsyncScript(
            'fetch(arguments[0]).then((reply) => reply.json()).then(arguments[arguments.length - 1])',
            ["/jobs/{$this->tag}/readings.json"],
        );
        $typed = array_values(array_filter(array_column($export['readings'], 'typed')));
        sort($typed);

        return $typed;
    }
}
