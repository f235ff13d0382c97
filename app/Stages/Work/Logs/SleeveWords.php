<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Record\JobFile;
use App\Words\Line;
use NorthLedger\Core\Planning\SleeveFit;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Logs\SleeveCard;

/** Says of a sleeve where it does not fit, and by how much (SLV-4). */
final class SleeveWords
{
    /** “top, thrust: 0.0370 mm is outside 0.0400 to 0.0900” */
    public static function refusal(JobFile $file, SleeveCard $card): string
    {
        if ($card->parent === []) {
            return Line::of('work.log.parent');
        }
        $misfits = [];
        foreach ($card->parent as $index => $size) {
            if (! $card->fit->isInside($size)) {
                $misfits[] = Line::of('work.log.misfit', [
                    'place' => self::place($index),
                    'interference' => self::amount($file, $card->fit->interferenceIn($size)),
                    'least' => self::amount($file, $card->fit->least),
                    'most' => self::amount($file, $card->fit->most),
                ]);
            }
        }

        return implode(' ', $misfits);
    }

    /** “top, thrust” */
    public static function place(int $index): string
    {
        [$station, $axis] = SleeveFit::placesToCheck()[$index];

        return Line::ofCode('places.station', $station).', '.Line::ofCode('places.axis', $axis);
    }

    public static function amount(JobFile $file, Length $length): string
    {
        return $file->display->fine($length);
    }
}
