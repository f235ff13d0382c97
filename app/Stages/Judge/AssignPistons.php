<?php

declare(strict_types=1);

namespace App\Stages\Judge;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use App\Words\Line;

/** Says which measured piston goes into which cylinder; clearances are judged so from then on. */
final readonly class AssignPistons
{
    public function __construct(private Observe $observe)
    {
    }

    /** @param  array<int, int>  $pistons  By cylinder */
    public function handle(Job $job, User $by, string $ulid, array $pistons): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::PistonsAssigned, static function (JobFile $file) use ($pistons): array {
            $cylinders = $file->sheet->layout->cylinders();
            $given = array_values($pistons);
            sort($given);
            ksort($pistons);
            $expected = $cylinders;
            sort($expected);
            if (array_keys($pistons) !== $expected || $given !== $expected) {
                throw Refused::because('piston', Line::of('judge.told.every_piston_goes_into'));
            }

            return [
                'pistons',
                [
                    'assigned' => array_map(
                        static fn (int $cylinder): array => ['cylinder' => $cylinder, 'piston' => $pistons[$cylinder]],
                        $expected,
                    ),
                    'reason' => implode(
                        ', ',
                        array_map(static fn (int $cylinder): string => Line::of('judge.piston_into', [
                            'piston' => $pistons[$cylinder],
                            'cylinder' => $cylinder,
                        ]), $expected),
                    ),
                ],
            ];
        });
    }
}
