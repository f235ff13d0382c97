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
use NorthLedger\Core\Engine\Specification\PronePlace;

/** Ticks a crack-prone place as looked at, or takes the tick back. */
final readonly class LookAtPlace
{
    public function __construct(private Observe $observe)
    {
    }

    public function handle(Job $job, User $by, string $ulid, int $number, bool $looked): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::PlaceLookedAt, static function (JobFile $file) use (
            $number,
            $looked,
        ): array {
            $place =
                array_values(
                    array_filter($file->sheet->pronePlaces, static fn (PronePlace $place): bool => $place->number === $number),
                )[0] ?? throw Refused::because('number', Line::of('cracks.told.no_prone_place', ['number' => $number]));

            return ["place.{$number}", ['looked' => $looked, 'face' => $place->face->value, 'words' => $place->words]];
        });
    }
}
