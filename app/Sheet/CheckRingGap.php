<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use App\Words\Line;
use NorthLedger\Core\Engine\Places\Station;

/** Writes the gap of a ring of known gap, squared in the worn bore (BORE-13). */
final readonly class CheckRingGap
{
    public function __construct(private Observe $observe)
    {
    }

    /** @param  array{known_bore: string, known_gap: string, gap: string}  $typed */
    public function handle(Job $job, User $by, string $ulid, int $cylinder, Station $station, array $typed): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::RingGap, static function (JobFile $file) use (
            $ulid,
            $cylinder,
            $station,
            $typed,
        ): array {
            $said = ['cylinder' => $cylinder, 'station' => $station->value, 'typed' => implode(' / ', $typed)];
            foreach (
                [
                    'known_bore' => Line::of('sheet.told.bore_which_gap_known'),
                    'known_gap' => Line::of('sheet.told.known_gap_like'),
                    'gap' => Line::of('sheet.told.gap_bore_like'),
                ] as $field => $complaint
            ) {
                $length = TypedLength::above($file, $field, $typed[$field], $complaint) ?? throw Refused::because($field, $complaint);
                $said["{$field}_nm"] = $length->nanometres;
            }

            return [$ulid, $said];
        });
    }
}
