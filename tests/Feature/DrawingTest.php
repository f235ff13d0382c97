<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawings\BoresFromAbove;
use App\Drawings\DrawnBore;
use App\Pages\CellState;
use App\People\Role;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\SheetName;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The plan of the bores: everything inside the picture, nothing on top of another, wear that grows with the wear. */
final class DrawingTest extends TestCase
{
    private const NUMBER_WIDTH = 96.0;

    /** @return iterable<string, array{string, int}> */
    public static function families(): iterable
    {
        yield 'in-line four' => ['tarn-4-198', 4];
        yield 'in-line six' => ['fell-6-d', 6];
        yield 'vee eight' => ['brae-v8-311', 8];
    }

    #[DataProvider('families')]
    public function test_every_bore_is_drawn_whole_and_apart_from_the_others(string $family, int $count): void
    {
        $plan = $this->plan($this->newJob($family));
        $this->assertSame(range(1, $count), $this->sorted(array_map(static fn (DrawnBore $bore): int => $bore->cylinder, $plan->bores)));
        foreach ($plan->bores as $bore) {
            $this->assertGreaterThanOrEqual(0, (float) $bore->x - (float) $bore->reach, "{$bore->cylinder} at the left");
            $this->assertLessThanOrEqual(
                $plan->width,
                (float) $bore->x + (float) $bore->reach + ($plan->isVee ? self::NUMBER_WIDTH : 0),
                "{$bore->cylinder} at the right",
            );
            $this->assertGreaterThanOrEqual(0, (float) $bore->y - (float) $bore->reach);
            $this->assertLessThanOrEqual($plan->height, (float) $bore->y + (float) $bore->reach);
            foreach ($plan->bores as $other) {
                $apart = hypot((float) $bore->x - (float) $other->x, (float) $bore->y - (float) $other->y);
                $this->assertTrue(
                    $bore === $other || $apart >= (float) $bore->reach + (float) $other->reach,
                    "{$bore->cylinder} and {$other->cylinder} overlap",
                );
            }
        }
    }

    public function test_an_unread_bore_says_so_and_has_no_shape(): void
    {
        $shape = $this->plan($this->newJob('tarn-4-198'))->bores[0]->shapes['top'];
        $this->assertSame(['not read', null, null], [$shape->caption, $shape->thrustRadius, $shape->inlineRadius]);
    }

    public function test_a_bore_read_with_a_drifted_gauge_is_drawn_without_a_verdict_whatever_it_reads(): void
    {
        $job = $this->newJob('tarn-4-198');
        $this->stateSetup($job);
        $this->key($job, 'bore.1.top.thrust', '9.1');
        $this->key($job, 'bore.1.top.inline', '3.1');
        $this->key($job, 'bore.1.middle.inline', '2.1');
        $this->assertSame(CellState::Out, $this->plan($job)->bores[0]->shapes['top']->state);

        $this->sendTo($job, 'sheets/bores/checks', ['shows' => '1.2'])->assertOk();
        $shapes = $this->plan($job)->bores[0]->shapes;
        $this->assertSame(
            [CellState::Suspect, CellState::Suspect, CellState::Good],
            [$shapes['top']->state, $shapes['middle']->state, $shapes['bottom']->state],
        );
        $this->assertSame('+9.1 × +3.1', $shapes['top']->caption, 'what was read is still shown');
    }

    public function test_one_axis_is_drawn_alone_until_the_other_is_read(): void
    {
        $job = $this->newJob('tarn-4-198');
        $this->stateSetup($job);
        $this->key($job, 'bore.1.top.thrust', '3.1');
        $shape = $this->plan($job)->bores[0]->shapes['top'];

        $this->assertNotNull($shape->thrustRadius);
        $this->assertNull($shape->inlineRadius);
        $this->assertSame('+3.1 × ?', $shape->caption);
    }

    public function test_the_most_worn_bore_is_drawn_widest_and_within_its_reach(): void
    {
        $job = $this->newJob('tarn-4-198');
        $this->stateSetup($job);
        foreach ([1 => ['2.0', '1.0'], 2 => ['6.0', '5.0']] as $cylinder => [$thrust, $inline]) {
            $this->key($job, "bore.{$cylinder}.top.thrust", $thrust);
            $this->key($job, "bore.{$cylinder}.top.inline", $inline);
        }
        [$less, $more] = $this->plan($job)->bores;

        $this->assertGreaterThan((float) $less->shapes['top']->thrustRadius, (float) $more->shapes['top']->thrustRadius);
        $this->assertGreaterThan((float) $more->shapes['top']->inlineRadius, (float) $more->shapes['top']->thrustRadius);
        $this->assertLessThanOrEqual((float) $more->reach, (float) $more->shapes['top']->thrustRadius);
        $this->assertSame([], array_filter($less->shapes, static fn ($shape): bool => $shape->state === CellState::Out));
    }

    public function test_the_factor_of_exaggeration_is_written_beside_the_drawing(): void
    {
        $job = $this->newJob('tarn-4-198');
        $this->assertSame('', $this->plan($job)->factor);
        $this->stateSetup($job);
        $this->key($job, 'bore.1.top.thrust', '3.1');
        $this->assertMatchesRegularExpression('/^wear drawn [1-9]\d+ × larger$/', $this->plan($job)->factor);
    }

    public function test_a_bore_past_its_limit_is_marked_where_it_is_past(): void
    {
        $job = $this->newJob('tarn-4-198');
        $this->stateSetup($job);
        $this->key($job, 'bore.3.top.thrust', '9.6');
        $this->key($job, 'bore.3.top.inline', '5.2');
        $this->key($job, 'bore.3.middle.thrust', '1.0');
        $shapes = $this->plan($job)->bores[2]->shapes;

        $this->assertSame([CellState::Out, CellState::Good], [$shapes['top']->state, $shapes['middle']->state]);
    }

    public function test_only_the_sizes_that_are_still_possible_have_circles(): void
    {
        $job = $this->newJob('tarn-4-198');
        $this->stateSetup($job);
        $this->assertSame('circles: +.020, +.030, +.040, +.060', $this->plan($job)->legend);
        $this->key($job, 'bore.1.top.thrust', '29');
        $this->assertSame('circles: +.040, +.060', $this->plan($job)->legend, 'need at the least 32 over');
    }

    private function newJob(string $family): Job
    {
        $inspector = $this->person(Role::Inspector, 'draughtsman');
        $this->actingAs($inspector);

        return $this->job($inspector, $family);
    }

    private function plan(Job $job): BoresFromAbove
    {
        return BoresFromAbove::of($this->app->make(JobFiles::class)->open($job->refresh()), SheetName::bores());
    }

    /**
     * @param  list<int>  $numbers
     * @return list<int>
     */
    private function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }
}
