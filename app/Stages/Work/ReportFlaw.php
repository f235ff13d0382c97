<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use App\Words\Line;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\PronePlace;
use NorthLedger\Core\Features\Cracks\Look;

/**
 * What somebody at a machine saw in a bore: a crack, a hole, or a patch that will not clean up; it is an indication on the map (CRACK-5a,
 * HONE-5).
 */
final readonly class ReportFlaw
{
    public const LOOKS = [Look::SharpLine, Look::PatchThatStays, Look::Hole];

    public function __construct(private Observe $observe)
    {
    }

    public function handle(Job $job, User $by, string $ulid, int $cylinder, Look $look, string $remark): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::Indication, static function (JobFile $file) use (
            $ulid,
            $cylinder,
            $look,
            $remark,
        ): array {
            [$face, $point] =
                self::boreOnTheMap($file, $cylinder) ??
                throw Refused::because('cylinder', Line::of('sheet.told.no_cylinder', ['cylinder' => $cylinder]));

            return [
                $ulid,
                [
                    'face' => $face->value,
                    'zone' => CrackZone::BoreWall->value,
                    'cylinder' => $cylinder,
                    'points' => [$point],
                    'look' => $look->value,
                    'length_nm' => null,
                    'typed' => '',
                    'remark' => $remark,
                    'run' => '',
                ],
            ];
        });
    }

    /** @return ?array{Face, array{int, int}} */
    private static function boreOnTheMap(JobFile $file, int $cylinder): ?array
    {
        foreach ($file->sheet->faces() as $face) {
            $cylinders = $face->cylindersOf($file->sheet->layout);
            $index = array_search($cylinder, $cylinders, true);
            if (in_array(CrackZone::BoreWall, $face->zones(), true) && is_int($index)) {
                return [$face, [intdiv((2 * $index + 1) * PronePlace::SIDE, 2 * count($cylinders)), intdiv(PronePlace::SIDE, 2)]];
            }
        }

        return null;
    }
}
