<?php

declare(strict_types=1);

namespace App\Stages\Plan;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Sheet\TypedLength;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use App\Words\Line;

/** Records what this engine is built to beside its sheet: a distance of the pistons below the deck, a ratio, a chamber (DECK-6, COMP-2). */
final readonly class SetBuildTarget
{
    private const CUBIC_MILLIMETRES_IN_CC = 1_000;

    public function __construct(private Observe $observe)
    {
    }

    /**
     * @param  string  $about  “deck”, “ratio.1”, “chamber.2”
     * @param  string  $typed  Nothing takes it back
     */
    public function handle(Job $job, User $by, string $ulid, string $about, string $typed, string $reason): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::BuildTarget, static function (JobFile $file) use (
            $about,
            $typed,
            $reason,
        ): array {
            [$kind, $bank] = explode('.', $about.'.');
            if ($kind !== 'deck' && ! isset($file->sheet->layout->banks[(int) $bank - 1])) {
                throw Refused::because('about', Line::of('plan.told.no_bank', ['bank' => $bank]));
            }
            $wanted = match (true) {
                $typed === '' => [],
                $kind === 'deck' => ['clearance_nm' => TypedLength::read($file, 'wanted', $typed)->nanometres],
                $kind === 'ratio' => ['ratio' => self::number($typed, 3, 25, Line::of('plan.told.write_ratio_like_from'))],
                default => [
                    'chamber_mm3' =>
                        self::number($typed, 1, 2_000, Line::of('plan.told.write_chamber_cc_like')) * self::CUBIC_MILLIMETRES_IN_CC,
                ],
            };

            return [$kind === 'deck' ? 'deck' : "head.{$bank}", $wanted + ['typed' => $typed, 'reason' => $reason]];
        });
    }

    private static function number(string $typed, float $least, float $most, string $how): float
    {
        return is_numeric($typed) && (float) $typed >= $least && (float) $typed <= $most
            ? (float) $typed
            : throw Refused::because('wanted', $how);
    }
}
