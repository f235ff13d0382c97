<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Practice\BlockBench;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\PolicyBook;
use App\Storage\PracticeBlock;
use App\Storage\PracticeBlockEvent;
use App\Storage\SpecBook;
use App\Storage\User;
use Illuminate\Testing\TestResponse;
use LogicException;
use NorthLedger\Core\Practice\BlockScore;
use NorthLedger\Core\Simulation\BlockDifficulty;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A simulated block is read by its drawn gauge and by what is felt, and judged against its truth (PRAC-2, PRAC-3). */
final class PracticeBlockTest extends TestCase
{
    private User $learner;

    /** Thousandths, or hundredths of a millimetre, that a turn of the hand is worth. */
    private int $perTurn = 20;

    protected function setUp(): void
    {
        parent::setUp();
        $this->learner = $this->person(Role::Machinist);
        $this->actingAs($this->learner);
    }

    #[TestWith(['tarn-4-198', 20])]
    #[TestWith(['sorrel-f4', 100])]
    #[TestWith(['quern-3-16', 20])]
    public function test_whoever_types_what_the_hand_shows_and_the_nail_feels_judges_it_as_it_is(string $family, int $perTurn): void
    {
        $this->perTurn = $perTurn;
        $block = $this->start('plain', 12, $family);
        foreach ($this->places($block) as $place) {
            $page = $this->page($block, $place);
            $this->read($block, $place, $this->asShown($page))->assertSessionDoesntHaveErrors();
        }
        $this->post("/practice/blocks/{$block}/checks", ['ulid' => $this->ulid()])->assertRedirect();
        $count = count($this->bench($block)->block->places());
        $this->page($block)->assertSee("{$count} readings taken")->assertDontSee('past its limit');

        $this->judge($block, $this->stays($block) ? 'yes' : 'no', $this->way($block))->assertRedirect();
        $row = PracticeBlock::query()->sole();
        $score = $this->get("/practice/blocks/{$block}")
            ->assertOk()
            ->assertSee('is +')
            ->assertSee('wear drawn')
            ->assertDontSee('Another way was right');
        $needless = $count - $this->needed($block);
        $this->assertSame(BlockScore::MOST - min(15, $needless), $row->points);
        $score->assertSee((string) $row->points)->assertSee("{$count} readings in one minute");
        $this->assertSame(0, Job::query()->count() + LedgerEntry::query()->count(), 'nothing of it touches a job');
    }

    public function test_a_verdict_against_the_truth_says_what_it_costs_and_which_reading_was_off(): void
    {
        $block = $this->start('plain', 12);
        $this->read($block, 'bore.1.top.thrust', '-9')->assertSessionDoesntHaveErrors();
        $this->read($block, 'scoring.2', '3')->assertSessionDoesntHaveErrors();
        $this->judge($block, $this->stays($block) ? 'no' : 'yes', 'replace');
        $this->get("/practice/blocks/{$block}")
            ->assertSee('Cylinder 1, top, thrust')
            ->assertSee('catches a nail')
            ->assertSee('2 readings or looks were not what')
            ->assertSee('wanting before it could be told.')
            ->assertSee('The gauge did not go back on its master after the last reading.')
            ->assertSee('Another way was right.');
        $this->read($block, 'bore.1.top.thrust', '1')->assertSessionHasErrors(['text' => 'This block is judged. Take another one.']);
        $points = PracticeBlock::query()->sole()->points;
        $this->judge($block, 'yes', 'stay');
        $this->assertSame($points, PracticeBlock::query()->sole()->points, 'a verdict is said once');
    }

    public function test_a_gauge_that_lost_its_zero_is_found_on_its_master_and_what_it_read_is_suspect(): void
    {
        $block = $this->start('drifting', 3);
        foreach (array_slice($this->places($block), 0, 20) as $place) {
            $this->read($block, $place, $this->asShown($this->page($block, $place)));
        }
        $this->post("/practice/blocks/{$block}/checks", ['ulid' => $this->ulid()])->assertRedirect();
        $this->page($block)->assertSee('On its master it shows +')->assertSee('20 readings since it last held are suspect.');
        $this->post("/practice/blocks/{$block}/zeros", ['ulid' => $this->ulid()]);
        $this->page($block)->assertSee('Its zero is set again.');
        $this->post("/practice/blocks/{$block}/checks", ['ulid' => $this->ulid()]);
        $this->page($block)->assertSee('On its master it shows 0: it holds.');
        $this->judge($block, 'yes', 'stay');
        $this->get("/practice/blocks/{$block}")->assertDontSee('The gauge had lost its zero, and you did not see it.');

        $careless = $this->start('drifting', 3);
        foreach (array_slice($this->places($careless), 0, 20) as $place) {
            $this->read($careless, $place, $this->asShown($this->page($careless, $place)));
        }
        $this->judge($careless, 'yes', 'stay');
        $this->get("/practice/blocks/{$careless}")->assertSee('The gauge had lost its zero, and you did not see it.');
    }

    public function test_nonsense_is_asked_back_nothing_is_counted_twice_and_a_block_is_ones_own(): void
    {
        $block = $this->start('close', 5);
        foreach (
            [
                'about two' => 'bore.1.top.thrust',
                '99999999' => 'bore.1.top.thrust',
                '1' => 'bore.9.top.thrust',
                '2' => 'no place',
                '3' => 'main.1',
            ] as $text => $place
        ) {
            $this->read($block, $place, (string) $text)->assertSessionHasErrors('text');
        }
        $this->read($block, 'ridge.1.top', '9')->assertSessionHasErrors('text');
        $form = ['ulid' => $this->ulid(), 'place' => 'bore.1.top.thrust', 'text' => '+2.5'];
        $this->post("/practice/blocks/{$block}/readings", $form)->assertRedirect("/practice/blocks/{$block}?at=bore.2.top.thrust");
        $this->post("/practice/blocks/{$block}/readings", $form)->assertRedirect();
        $this->assertSame(1, PracticeBlockEvent::query()->count(), 'sent twice, written once');
        $this->judge($block, 'perhaps', '')->assertSessionHasErrors(['can_stay', 'way']);
        $this->post('/practice/blocks', ['ulid' => $this->ulid(), 'family' => 'no-such', 'difficulty' => 'plain'])->assertSessionHasErrors(
            'family',
        );
        $document = $this->app->make(SpecBook::class)->decoded('tarn-4-198', 1);
        unset($document['piston']['standard'], $document['piston']['clearance']);
        $this->app->make(SpecBook::class)->add(['family' => 'moss-4', 'name' => 'Moss 4'] + $document, 'no pistons', $this->learner);
        $this->post('/practice/blocks', ['ulid' => $this->ulid(), 'family' => 'moss-4', 'difficulty' => 'plain'])->assertSessionHasErrors(
            ['family' => 'Moss 4: without limits and pistons there is nothing to judge a simulated block by.'],
        );
        $this->post('/practice/blocks', [
            'ulid' => $this->ulid(),
            'family' => 'tarn-4-198',
            'difficulty' => 'plain',
            'seed' => 'x',
        ])->assertSessionHasErrors('seed');

        $this->get('/practice')->assertSee('Tarn 4-198')->assertSee('not judged yet')->assertDontSee('Points on average');
        $this->judge($block, 'no', 'bore 508000');
        $this->actingAs($this->person(Role::Owner));
        $this->get("/practice/blocks/{$block}")->assertNotFound();
        $this->get('/practice')->assertSee('Points on average')->assertSee($this->learner->name);
    }

    public function test_the_same_number_is_the_same_block_for_everybody(): void
    {
        $mine = $this->page($this->start('close', 41), 'bore.3.top.thrust')->getContent();
        $this->actingAs($this->person(Role::Inspector));
        $theirs = $this->page($this->start('close', 41), 'bore.3.top.thrust')->getContent();
        $hand = static fn (string $page): string => preg_match('/rotate\((-?[\d.]+)\)/', $page, $match) === 1 ? $match[1] : 'none';
        $this->assertSame($hand((string) $mine), $hand((string) $theirs));
    }

    private function start(string $difficulty, int $seed, string $family = 'tarn-4-198'): string
    {
        $this->post('/practice/blocks', [
            'ulid' => $this->ulid(),
            'family' => $family,
            'difficulty' => BlockDifficulty::from($difficulty)->value,
            'seed' => (string) $seed,
        ])->assertSessionDoesntHaveErrors();

        return PracticeBlock::query()->latest('id')->firstOrFail()->ulid;
    }

    private function page(string $block, string $at = ''): TestResponse
    {
        return $this->get("/practice/blocks/{$block}?at={$at}")->assertOk();
    }

    /** What somebody types who looks at the page: the hand of the dial, or the digit for what is felt. */
    private function asShown(TestResponse $page): string
    {
        $html = (string) $page->getContent();
        if (preg_match('/<g transform="rotate\((-?[\d.]+)\)"/', $html, $match) === 1) {
            // The hand goes back for a larger bore.
            return sprintf('%+.1f', (-$this->perTurn * (float) $match[1]) / 360);
        }

        return match (true) {
            str_contains($html, 'slides over it'), str_contains($html, 'Fine lines run') => '1',
            str_contains($html, 'The nail stops at a step') => '2',
            str_contains($html, 'stops in one of them') => '3',
            default => '0',
        };
    }

    /** @return list<string> Every place that is keyed, as the page has them */
    private function places(string $block): array
    {
        preg_match_all(
            '/data-place="((?:bore|ridge|scoring|pitting|crack)\.[^"]+)"/',
            (string) $this->page($block)->getContent(),
            $matches,
        );

        return array_values(array_filter($matches[1], static fn (string $place): bool => ! str_contains($place, 'land')));
    }

    private function stays(string $block): bool
    {
        return $this->bench($block)->block->truth($this->bench($block)->policy)->canStay->stays();
    }

    private function way(string $block): string
    {
        return (string) $this->bench($block)->block->truth($this->bench($block)->policy)->recommendation?->option->key();
    }

    private function needed(string $block): int
    {
        return $this->bench($block)->block->readingsNeeded($this->bench($block)->policy);
    }

    private function bench(string $block): BlockBench
    {
        $row = PracticeBlock::query()->firstWhere('ulid', $block) ?? throw new LogicException('There is no such block.');

        return BlockBench::of($row, $this->app->make(SpecBook::class), $this->app->make(PolicyBook::class));
    }

    private function read(string $block, string $place, string $text): TestResponse
    {
        return $this->post("/practice/blocks/{$block}/readings", ['ulid' => $this->ulid(), 'place' => $place, 'text' => $text]);
    }

    private function judge(string $block, string $canStay, string $way): TestResponse
    {
        return $this->post("/practice/blocks/{$block}/verdict", ['can_stay' => $canStay, 'way' => $way]);
    }
}
