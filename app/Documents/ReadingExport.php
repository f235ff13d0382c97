<?php

declare(strict_types=1);

namespace App\Documents;

use App\Record\JobReader;
use App\Storage\Job;
use App\Storage\Reading;
use App\Storage\SheetName;
use Illuminate\Support\Collection;
use NorthLedger\Core\Inspection\Section;

/** Every reading of a job, the superseded and the taken back too, oldest first. */
final class ReadingExport
{
    public const COLUMNS = [
        'id',
        'sheet',
        'place',
        'crankshaft',
        'typed',
        'value_nm',
        'mass_ug',
        'volume_mm3',
        'look',
        'gauge',
        'instrument',
        'calibration_due',
        'zero_place',
        'zero_nm',
        'supersedes',
        'withdraws',
        'reason',
        'confirmed',
        'by',
        'at',
    ];

    /** @return list<array<string, string|int|bool|null>> */
    public static function rows(Job $job): array
    {
        $ulids = [];
        $rows = [];
        $readings = Reading::query()
            ->with('user')
            ->leftJoin('setups', 'setups.id', '=', 'readings.setup_id')
            ->where('readings.job_id', $job->id)
            ->orderBy('readings.id')
            ->get([
                'readings.*',
                'setups.instrument',
                'setups.zero_nm as setup_zero_nm',
                'setups.gauge_tag',
                'setups.zero_place',
                'setups.calibration_due',
            ]);
        $crankshafts = self::crankshafts($job, $readings);
        foreach ($readings as $reading) {
            $ulids[$reading->id] = $reading->ulid;
            $rows[] = [
                'id' => $reading->ulid,
                'sheet' => $reading->sheet,
                'place' => $reading->place,
                'crankshaft' => $crankshafts[$reading->ulid] ?? null,
                'typed' => $reading->typed,
                'value_nm' => $reading->value_nm,
                'mass_ug' => $reading->mass_ug,
                'volume_mm3' => $reading->getAttribute('volume_mm3') === null ? null : (string) $reading->getAttribute('volume_mm3'),
                'look' => $reading->look,
                'gauge' => $reading->getAttribute('gauge_tag'),
                'instrument' => $reading->getAttribute('instrument'),
                'calibration_due' => $reading->getAttribute('calibration_due'),
                'zero_place' => $reading->getAttribute('zero_place'),
                'zero_nm' => $reading->getAttribute('setup_zero_nm'),
                'supersedes' => $ulids[$reading->supersedes_id] ?? null,
                'withdraws' => $ulids[$reading->withdraws_id] ?? null,
                'reason' => $reading->reason,
                'confirmed' => $reading->was_confirmed,
                'by' => $reading->user->name,
                'at' => $reading->created_at->format('Y-m-d\TH:i:s.v\Z'),
            ];
        }

        return $rows;
    }

    /**
     * Where several crankshafts came, of which one each reading is.
     *
     * @param  Collection<int, Reading>  $readings
     * @return array<string, string> Letter by ULID; empty where one came
     */
    private static function crankshafts(Job $job, Collection $readings): array
    {
        $crankshafts = (new JobReader($job->id))->read([])[0]->crankshafts;
        $letters = [];
        foreach (count($crankshafts->marks()) === 1 ? [] : SheetName::all() as $sheet) {
            if ($sheet->section === Section::Crankshaft) {
                $ofSheet = $readings->where('sheet', $sheet->value)->pluck('ulid')->values()->all();
                $letters += $crankshafts->lettersOf($ofSheet, $sheet);
            }
        }

        return $letters;
    }
}
