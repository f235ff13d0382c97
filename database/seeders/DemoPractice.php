<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Practice\BlockBench;
use App\Storage\BlockEvent;
use App\Storage\PolicyBook;
use App\Storage\PracticeAnswer;
use App\Storage\PracticeBlock;
use App\Storage\SpecBook;
use App\Storage\User;
use App\WholeEngines\EngineBench;
use App\WholeEngines\LayOutEngine;
use App\WholeEngines\StateVerdict;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Practice\BlockAnswer;
use NorthLedger\Core\Practice\EngineAnswer;
use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Simulation\BlockDifficulty;
use NorthLedger\Core\Simulation\SimulatedBlock;

/** Two learners with a history: one reads verniers well by now, the other still loses a barrel line. */
final readonly class DemoPractice
{
    /** The same in every demo shop, so that it has an address. */
    private const BLOCK = '01KA000000000000000000000';

    private const FAMILY = 'tarn-4-198';

    /** Likewise. */
    private const ENGINE = '01KA00000000000000000000E1';

    private const SMALL_FAMILY = 'quern-3-16';

    public function __construct(
        private SpecBook $specs,
        private PolicyBook $policies,
        private LayOutEngine $layOut,
        private IdealLearner $learner,
        private StateVerdict $state,
    ) {
    }

    public function history(User $machinist, User $counter): void
    {
        $this->block($machinist, 1, BlockDifficulty::Close, 12, null);
        $this->block($counter, 2, BlockDifficulty::Plain, 3, 2);
        if (config('app.practice_ports.http') > 0) {
            $this->engine($machinist);
        }
        $this->answers($machinist, ReadInstrument::InchVernierMicrometer, [2, 5], 18, 2_540 * 3);
        $this->answers($machinist, ReadInstrument::DialBoreGauge, [0], 7, null);
        $this->answers($counter, ReadInstrument::MetricMicrometer, [1, 2, 4, 7], 9, 500_000);
    }

    /** A whole engine that was read through with care, and of which one part was called better than it is. */
    private function engine(User $person): void
    {
        $row = $this->layOut->handle($person, self::ENGINE, self::SMALL_FAMILY, BlockDifficulty::Close, 6);
        $bench = EngineBench::of($row, $this->specs, $this->policies);
        $this->learner->read($bench, $person);
        $is = $bench->engine->verdicts();
        $this->state->handle(
            $bench,
            new EngineAnswer(
                [EnginePart::Head->value => PartVerdict::Serviceable] + $is,
                (string) $bench->engine->truth()->bores()->recommendation?->option->key(),
            ),
        );
    }

    /**
     * Somebody who reads what is proposed until it is settled, and judges what he read; or one who stops early and says that it can stay.
     *
     * @param  ?int  $stopsAfter  Null: once it is settled
     */
    private function block(User $person, int $number, BlockDifficulty $difficulty, int $seed, ?int $stopsAfter): void
    {
        [$sheet, $policy] = [$this->specs->sheet(self::FAMILY), $this->policies->current()];
        $block = SimulatedBlock::of($sheet, $policy, $difficulty, $seed);
        $at = Carbon::now()
            ->subDays(2)
            ->setTime(9, 5 * $number);
        $row = PracticeBlock::query()->create([
            'ulid' => self::BLOCK.$number,
            'user_id' => $person->id,
            'family' => self::FAMILY,
            'family_revision' => $sheet->revision,
            'policy_revision' => $this->policies->newestNumber(),
            'difficulty' => $difficulty,
            'seed' => $seed,
            'attempt' => $block->attempt,
            'created_at' => $at,
        ]);
        $read = [];
        $judged = $block->judgedBy($policy, $read);
        while (count($read) !== $stopsAfter && $judged->next->place?->feature === BoreFeature::Bore) {
            $place = $judged->next->place;
            $shown = $block->gauge->shows($block->diameter($place), count($read), count($read), false);
            $read[$place->key] = $sheet->bore->nominal->plus($shown);
            $row->events()->create([
                'ulid' => (string) Str::ulid(),
                'kind' => BlockEvent::Read,
                'place' => $place->key,
                'typed' => sprintf('%+.1f', $shown->nanometres / 25_400),
                'value_nm' => $read[$place->key]->nanometres,
                'created_at' => $at->addMinute(),
            ]);
            $judged = $block->judgedBy($policy, $read);
        }
        if ($stopsAfter === null) {
            $row->events()->create([
                'ulid' => (string) Str::ulid(),
                'kind' => BlockEvent::Check,
                'value_nm' => 0,
                'created_at' => $at->addMinute(),
            ]);
        }
        $answer =
            $stopsAfter === null
                ? new BlockAnswer($judged->canStay->stays(), (string) $judged->recommendation?->option->key())
                : new BlockAnswer(true, 'stay');
        $row->forceFill([
            'can_stay' => $answer->canStay,
            'way' => $answer->way,
            'points' => BlockBench::of($row, $this->specs, $this->policies)->score($answer)->points(),
            'answered_at' => $at->addMinute(),
        ])->save();
    }

    /**
     * @param  list<int>  $wrong  Which of them are wrong
     * @param  ?int  $off  By so many nanometres; null: with the wrong sign
     */
    private function answers(User $person, ReadInstrument $instrument, array $wrong, int $count, ?int $off): void
    {
        for ($number = 0; $number < $count; $number++) {
            $spot = PracticeAnswer::repetition($person, $instrument->value)->next($instrument->spots());
            $exercise = Exercise::of($instrument, $spot, 1_000 + $number);
            $reading = $exercise->reading();
            $answer = match (true) {
                ! in_array($number, $wrong, true) => $reading,
                $off === null => $reading->negated(),
                default => $reading->plus(Length::ofNanometres($off)),
            };
            PracticeAnswer::query()->create([
                'ulid' => (string) Str::ulid(),
                'user_id' => $person->id,
                'topic' => $instrument->value,
                'spot' => $spot->value,
                'seed' => $exercise->seed,
                'typed' => (string) ($answer->nanometres / $instrument->unit()->nanometres()),
                'verdict' => $exercise->verdictOn($answer)->value,
                'milliseconds' => 6_000 + 700 * (($number * 7) % 11),
                'created_at' => Carbon::now()->subDays(3)->addMinutes($number),
            ]);
        }
    }
}
