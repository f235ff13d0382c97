<?php

declare(strict_types=1);

namespace App\Stages\Release;

use App\Record\JobFile;
use App\Storage\KeyedReading;
use App\Storage\OperationTick;
use App\Storage\SheetName;
use App\Words\Line;
use App\Words\SectionName;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\TickState;

/** Who is the only one to verify what he did himself (WORK-4). */
final class OwnWork
{
    /** @return list<string> A sentence for each finished sheet that only a person keyed who worked on it */
    public static function of(JobFile $file): array
    {
        $sentences = [];
        foreach ($file->work()->verification()->sections() as $section) {
            $rows = $file->record->entries(SheetName::of($section, Occasion::Final))->rows;
            $readers = array_values(array_unique(array_map(static fn (KeyedReading $row): int => $row->userId, $rows)));
            $workers = count($readers) === 1 ? self::workers($file, $section) : [];
            if (isset($workers[$readers[0] ?? 0])) {
                $sentences[] = Line::of('verify.own_work', [
                    'who' => $workers[$readers[0]],
                    'section' => lcfirst(SectionName::of($section)),
                ]);
            }
        }

        return $sentences;
    }

    /** @return array<int, string> Names by person: who said that work is done which the sheet proves */
    private static function workers(JobFile $file, Section $section): array
    {
        $proved = [];
        foreach ($file->work()->verification()->part($section) as $feature) {
            $proved += $feature->proof->operations;
        }
        $isProved = static fn (string $key): bool => $section === Section::Bores
            ? OperationKey::parse($key)->kind === OperationKind::Hone
            : isset($proved[$key]) && ! OperationKey::parse($key)->kind->onlyMeasures();
        $done = array_filter(
            $file->work()->ticks(),
            static fn (OperationTick $tick): bool => $tick->state === TickState::Done && $isProved($tick->operation),
        );
        $names = [];
        foreach ($done as $tick) {
            $names[$tick->user_id] = $tick->user->name;
        }

        return $names;
    }
}
