<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Storage\Gauge;
use App\Words\FindingWords;

/** The words for findings, knowing the gauges of the shop that could settle a close call (GAUGE-6). */
final class SettlingWords
{
    public static function of(JobFile $file): FindingWords
    {
        $gauges = [];
        foreach (Gauge::inUse() as $gauge) {
            if ($gauge->kind->readsBores() && ! $gauge->isPastDue() && $gauge->range()->reaches($file->sheet->bore->nominal)) {
                $gauges[$gauge->tag] = $gauge->instrument();
            }
        }

        return new FindingWords($file->display, $gauges, $file->sheet);
    }
}
