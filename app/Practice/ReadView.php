<?php

declare(strict_types=1);

namespace App\Practice;

use App\Storage\PracticeAnswer;
use App\Words\Line;
use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Practice\Level;
use NorthLedger\Core\Practice\ReadingVerdict;
use NorthLedger\Core\Practice\Repetition;

/** One exercise of reading, before or after it was answered, ready to show. */
final readonly class ReadView
{
    /** @param  list<array{kind: string, says: string, amount: string}>  $steps */
    private function __construct(
        public Exercise $exercise,
        public string $slug,
        public string $name,
        public Picture $picture,
        public string $description,
        public array $steps,
        public Level $level,
        public int $inARow,
        public string $how,
        public ?bool $isRight,
        public string $verdict,
        public string $typed,
        public string $shows,
        public string $seconds,
    ) {
    }

    public static function of(Exercise $exercise, Repetition $repetition, ?PracticeAnswer $answered): self
    {
        $instrument = $exercise->instrument;

        return new self(
            $exercise,
            str_replace(' ', '-', $instrument->value),
            PracticeWords::instrument($instrument),
            DrawnInstrument::of($exercise),
            PracticeWords::description($exercise),
            PracticeWords::steps($exercise),
            $repetition->level(),
            $repetition->rightInARow(),
            Line::of('practice.type.'.($instrument->isAboutZero() ? 'deviation_' : '').$instrument->unit()->value),
            $answered?->isRight(),
            $answered === null ? '' : PracticeWords::mistake($instrument, ReadingVerdict::from($answered->verdict)),
            $answered === null ? '' : $answered->typed,
            PracticeWords::length($instrument, $exercise->reading()),
            $answered?->milliseconds === null
                ? ''
                : Line::of('practice.seconds', ['seconds' => number_format($answered->milliseconds / 1000, 1)]),
        );
    }
}
