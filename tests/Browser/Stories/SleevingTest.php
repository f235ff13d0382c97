<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\WalksTheWay;

/** Story 5: two sleeves in a six, from the readings that ask for them to six bores of one size. */
final class SleevingTest extends StoryTestCase
{
    use WalksTheWay;

    private const TOP = [1 => 150, 560, 160, 150, 820, 140];

    private const SHARES = [1.0, 0.5, 0.6, 0.35, 0.15, 0.1];

    private string $tag;

    protected function tearDown(): void
    {
        $this->clock(0);
        parent::tearDown();
    }

    public function test_two_sleeves_are_cut_fitted_cooled_trimmed_and_bored_with_their_neighbours(): void
    {
        $this->agreeOnTwoSleeves();
        $this->window->get($this->url("/jobs/{$this->tag}/work"));
        $this->workTheOrder($this->window, 'Sleeve, cylinder');
        $this->fit('sleeve.2');
        $this->fit('sleeve.5', tooLarge: true);

        $this->window->get($this->url("/jobs/{$this->tag}/work/print/labels"));
        $labels = $this->text($this->window, '.labels');
        $this->assertMatchesRegularExpression('/107\.6027 mm\s*parent, rough, sleeve (2, 5|5, 2)/', $labels);
        $this->assertMatchesRegularExpression('/108\.0027 mm\s*parent, finish, sleeve (2, 5|5, 2)/', $labels);

        $this->closeWhenCool();
        $this->workTheOrder($this->window, 'Bore, cylinder 1');
        $this->assertStringContainsString('done', $this->row('deck.1'), 'the sleeves are trimmed with the deck');
        foreach (range(1, 6) as $cylinder) {
            $bore = $this->text($this->window, "[data-op='bore.{$cylinder}']");
            $this->assertStringContainsString($this->goal($this->window), $bore, 'sleeves and neighbours are bored to one size');
        }
        $this->workTheOrder($this->window, 'Hone to size, cylinder 1');
        $this->readWarm();
    }

    private function agreeOnTwoSleeves(): void
    {
        $this->tag = $this->receive($this->window, 'f', 'F6-'.random_int(10_000, 99_999));
        $this->stateGauge($this->window);
        $this->open($this->tag, 'sheet');
        $this->window->findElement(WebDriverBy::name('value[/bore/length]'))->clear()->sendKeys('225.000');
        $this->window->findElement(WebDriverBy::id('words'))->sendKeys(['measured at this block', WebDriverKeys::ENTER]);
        $this->untilSeen($this->window, '[role=status]', 'This engine is judged by it from now on');
        $this->open($this->tag, 'measure');
        for ($read = 0; $read < 36 && ! str_contains($this->text($this->window, '.margin'), 'No further reading'); $read++) {
            [, $cylinder, $where] = [...explode('.', $this->place($this->window), 3), '', ''];
            $share = self::SHARES[(int) array_search($where, self::PLACES, true)];
            $this->key(round(self::TOP[(int) $cylinder] * $share).' um', "bore.{$cylinder}.{$where}");
            $this->open($this->tag, 'measure');
        }
        $this->dyeCheck($this->window, $this->tag, 'block', 'head', 'crankshaft');
        $this->open($this->tag, 'plan');
        $this->assertStringContainsString('sleeve 2 and 5', $this->text($this->window, '.margin .stamp'));
        $this->window->findElement(WebDriverBy::xpath('//button[contains(., "Choose this plan")]'))->sendKeys(WebDriverKeys::ENTER);
        $this->until($this->window, fn (): bool => str_contains($this->window->getCurrentURL(), '/work'), 'the order');
    }

    /** @param  bool  $tooLarge  One place of the parent is first read 40 µm above the others */
    private function fit(string $operation, bool $tooLarge = false): void
    {
        $this->stage($this->window, "/jobs/{$this->tag}/work/at/{$operation}");
        $this->window->findElement(WebDriverBy::id('sleeve-outside'))->click();
        $tab = WebDriverKeys::TAB;
        $sleeve = ['108.083 108.077 108.085 108.075', $tab, '102.400', $tab, '225.000', $tab, $tab, '0.040', $tab, '0.090'];
        $this->press($this->window, ...[...$sleeve, WebDriverKeys::ENTER]);
        foreach (['108.0027', '107.6027', '220.000', '10.0'] as $figure) {
            $this->untilSeen($this->window, '.bench-figures', $figure);
        }
        $this->readParent($tooLarge ? '108.003 108.002 108.004 108.0430' : '108.003 108.002 108.004 108.003');
        if ($tooLarge) {
            $this->untilSeen($this->window, '[data-fragment=bench]', '37.0 µm is outside');
            $this->fitted();
            $this->untilSeen($this->window, '#error-sleeve-fitted', 'bottom, in line');
            $this->readParent('108.003 108.002 108.004 108.003');
        }
        $this->until($this->window, fn (): bool => substr_count($this->text($this->window, '.bench-table'), 'fits') >= 4, 'it fits');
        $this->fitted();
        $this->untilSeen($this->window, '[data-fragment=bench]', 'It cools to room temperature');
        $this->assertStringContainsString('What is read before is warm.', $this->text($this->window, '[data-fragment=bench]'));
    }

    private function readParent(string $sizes): void
    {
        $this->window->findElement(WebDriverBy::id('parent-sizes'))->click();
        $this->press($this->window, $sizes, WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '.bench-table', 'bottom, in line');
    }

    private function fitted(): void
    {
        foreach (['compound-low', 'compound-top'] as $band) {
            $tick = $this->window->findElement(WebDriverBy::id($band));
            $tick->isSelected() || $tick->sendKeys(WebDriverKeys::SPACE);
        }
        $this->window->findElement(WebDriverBy::cssSelector('#sleeve-fitted button'))->sendKeys(WebDriverKeys::ENTER);
    }

    /** Neither can be said to be done while it is warm. */
    private function closeWhenCool(): void
    {
        $this->stage($this->window, "/jobs/{$this->tag}/work?at=sleeve.2");
        $this->untilFocused($this->window, '#entry-value');
        $this->press($this->window, WebDriverKeys::ENTER);
        $this->untilSeen($this->window, '[data-refused]', 'It cools: read it at');
        $this->clock(5_400);
        $this->stage($this->window, "/jobs/{$this->tag}/work?at=sleeve.2");
        $this->untilFocused($this->window, '#entry-value');
    }

    /** A size that is read warm from the hone is marked, and says nothing of the bore. */
    private function readWarm(): void
    {
        $this->stage($this->window, "/jobs/{$this->tag}/work/at/hone.2");
        $sizes = static fn (string $size): string => implode(' ', array_fill(0, 6, $size));
        $this->log(['before' => $sizes('103.160'), 'seconds' => '40', 'after' => $sizes('103.212')], true);
        $this->untilSeen($this->window, '[data-fragment=bench]', 'read warm');
        $this->untilSeen($this->window, '.bench-now', 'read it cold');
        $this->log(['before' => $sizes('103.205'), 'seconds' => '5', 'after' => $sizes('103.210')], false);
        $this->untilSeen($this->window, '.bench-now', '40 µm to go, at 1.0 µm a second');
    }

    /** @param  array<string, string>  $fields */
    private function log(array $fields, bool $isWarm): void
    {
        foreach ($fields as $name => $text) {
            foreach ($this->window->findElements(WebDriverBy::id("stint-{$name}")) as $field) {
                $field->clear();
                $field->sendKeys($text);
            }
        }
        $isWarm && $this->window->findElement(WebDriverBy::id('stint-warm'))->sendKeys(WebDriverKeys::SPACE);
        $this->window->findElement(WebDriverBy::cssSelector('#stint button'))->sendKeys(WebDriverKeys::ENTER);
    }

    private function row(string $operation): string
    {
        return (string) $this->window->findElement(WebDriverBy::cssSelector("[data-op='{$operation}']"))->getAttribute('class');
    }
}
