<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Words\Line;
use NorthLedger\Core\Engine\Specification\RingSpec;

/** The end gap of each ring, as the sheet says it for the use of an engine. */
final class RingGaps
{
    /** @return list<string> */
    public static function lines(JobFile $file): array
    {
        $use = $file->job->usage;

        return array_map(static function (RingSpec $ring) use ($file, $use): string {
            $gap = $ring->gapFor($use?->value);

            return Line::of('work.ring_gap', [
                'ring' => ucfirst($ring->name),
                'least' => $file->display->size($gap->least),
                'most' => $file->display->sizeWithUnit($gap->most),
            ]).($use === null || $gap === $ring->gap ? '' : Line::of('work.for_use', ['use' => $use->value]));
        }, $file->sheet->rings);
    }
}
