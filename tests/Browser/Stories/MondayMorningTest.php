<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;

/** Story 20, on what stands in the demo shop: what is next where, what is late and what would help, and a day that holds. */
final class MondayMorningTest extends StoryTestCase
{
    public function test_the_load_says_what_is_next_what_is_late_and_what_would_help(): void
    {
        $this->window->get($this->url('/load'));
        $late = array_values(
            array_filter($this->texts('section[aria-label="Late jobs"] > p'), static fn (string $one): bool => str_starts_with($one, '▲')),
        );
        $this->assertNotSame([], $late, 'the demo has late jobs');
        foreach ($late as $sentence) {
            $this->assertMatchesRegularExpression('/^▲ NL-\d+ .*late.*\. .+\./', $sentence, 'who, by how much, and why');
        }
        $this->assertCount(
            count($late),
            $this->window->findElements(WebDriverBy::cssSelector('section[aria-label="Late jobs"] .chain li:first-child')),
            'each chain has a first thing that had to be done',
        );
        preg_match('/NL-\d+/', $late[0], $tag);
        $this->window->get($this->url("/load?help={$tag[0]}"));
        $this->assertNotSame([''], array_slice($this->texts('section[aria-label="Late jobs"] .helps li'), 0, 1), 'and what would help');

        $next = implode(' ', $this->texts('section[aria-label="Next at each machine"] p'));
        $this->assertStringContainsString('boring mill', $next);
        $this->assertSame(1, preg_match('/boring mill.*?(\d{3,4}) /', $next, $match), $next);
        $this->window->get($this->url('/machines/mill'));
        $this->assertStringContainsString(
            $match[1],
            implode(' ', $this->texts('.machine-lines li')),
            'what is next by the load stands at the machine',
        );
        $this->assertAccessible($this->window, 'at the mill on Monday');
    }

    public function test_a_sleeve_and_an_answer_that_are_waited_for_are_named_with_their_day(): void
    {
        $this->window->get($this->url('/load?form=list'));
        $list = $this->text($this->window, '.load-list');
        $this->assertStringContainsString('waits for', $list);
        $this->assertMatchesRegularExpression('/waits for [a-z’ ]+,? ?[A-Z0-9a-z ]*/', $list);
        $this->window->get($this->url('/'));
        $this->assertStringContainsString('the customer:', $this->text($this->window, 'table'), 'who has not answered stands on the Bench');
    }

    /** @return list<string> */
    private function texts(string $css): array
    {
        return array_map(
            static fn (RemoteWebElement $one): string => trim((string) preg_replace('/\s+/', ' ', $one->getText())),
            array_values($this->window->findElements(WebDriverBy::cssSelector($css))),
        );
    }
}
