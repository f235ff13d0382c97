<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Storage\PracticeAnswer;
use App\Storage\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Quantity\Length;

/** Two learners with a history: one reads verniers well by now, the other still loses a barrel line. */
final class DemoPractice
{
    public function history(User $machinist, User $counter): void
    {
        $this->answers($machinist, ReadInstrument::InchVernierMicrometer, [2, 5], 18, 2_540 * 3);
        $this->answers($machinist, ReadInstrument::DialBoreGauge, [0], 7, null);
        $this->answers($counter, ReadInstrument::MetricMicrometer, [1, 2, 4, 7], 9, 500_000);
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
