<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use App\Words\Labels;
use App\Words\Line;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Engine\Policy\DwellSchool;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\PressureTestSpec;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Features\Cracks\CrackCheckRefused;
use NorthLedger\Core\Features\Cracks\Dwell;
use NorthLedger\Core\Features\Cracks\Refusal;
use NorthLedger\Core\Features\Cracks\Surface;

/** Begins a crack check of a part, or the retest of an indication; refuses what cannot work there (CRACK-1, CRACK-2, CRACK-3). */
final readonly class StartCrackCheck
{
    public function __construct(private Observe $observe)
    {
    }

    /**
     * @param  list<string>  $faces  Words of the faces it covers; empty: all of the part
     * @param  ?Carbon  $at  When it was begun; null: now
     */
    public function handle(
        Job $job,
        User $by,
        string $ulid,
        EnginePart $part,
        CheckMethod $method,
        array $faces,
        Surface $surface,
        ?float $celsius,
        string $lab,
        ?DwellSchool $school = null,
        ?int $developerMinutes = null,
        ?Carbon $at = null,
    ): Written {
        return $this->observe->handle(
            $job,
            $by,
            $ulid,
            EntryKind::CrackCheck,
            function (JobFile $file) use ($ulid, $part, $method, $faces, $surface, $celsius, $lab, $school, $developerMinutes): array {
                $circuit = $this->circuit($file, $part);
                $refusal = $method->refusalFor($file->sheet->materialOf($part), hasPassages: $circuit !== null);
                if ($refusal !== null) {
                    throw Refused::because('method', Line::ofCode('cracks.refusal', $refusal));
                }
                if ($method->isSentOut() && trim($lab) === '') {
                    throw Refused::because('lab', Line::of('cracks.ask.who_does_it'));
                }
                $this->checkTemperature($file, $method, $celsius);
                $ofPart = array_values(array_filter($file->sheet->faces(), static fn (Face $face): bool => $face->part() === $part));
                $covered = array_values(
                    array_filter($ofPart, static fn (Face $face): bool => $faces === [] || in_array($face->value, $faces, true)),
                );

                return [
                    $ulid,
                    [
                        'part' => $part->value,
                        'method' => $method->value,
                        'surface' => $surface->value,
                        'celsius' => $celsius,
                        'lab' => $lab,
                        'faces' => array_column($covered === [] ? $ofPart : $covered, 'value'),
                        'school' => ($school ?? $file->policy->crackDwell)->value,
                        'developer_minutes' => max(Dwell::LEAST_DEVELOPER_MINUTES, $developerMinutes ?? 0),
                        'circuit' => $method === CheckMethod::PressureTest ? $circuit?->circuit : '',
                    ],
                ];
            },
            $at,
        );
    }

    /** @param  CheckMethod  $method  Another than the first confirms a crack that would scrap its part (CRACK-5b) */
    public function retest(
        Job $job,
        User $by,
        string $ulid,
        string $indication,
        ?float $celsius,
        CheckMethod $method = CheckMethod::DyePenetrant,
        ?Carbon $at = null,
    ): Written {
        return $this->observe->handle(
            $job,
            $by,
            $ulid,
            EntryKind::CrackCheck,
            function (JobFile $file) use ($ulid, $indication, $celsius, $method): array {
                $one = CrackEntries::indication($file, $indication);
                if (! $one->wantsAnotherReading()) {
                    throw Refused::because(
                        'indication',
                        Line::of('cracks.ask.is_settled', ['number' => $one->number, 'is' => Labels::code($one->classification())]),
                    );
                }
                if (
                    array_filter(
                        $file->record->cracks()->runs,
                        static fn (CheckRun $run): bool => $run->retestOf === $indication && ! $run->isRead(),
                    ) !== []
                ) {
                    throw Refused::because('indication', Line::of('cracks.ask.retest_runs', ['number' => $one->number]));
                }
                $refusal = $method === CheckMethod::PressureTest ? Refusal::SurfaceOnly : $method->refusalFor($one->material);
                if ($refusal !== null) {
                    throw Refused::because('method', Line::ofCode('cracks.refusal', $refusal));
                }
                $this->checkTemperature($file, $method, $celsius);

                return [
                    $ulid,
                    [
                        'part' => $one->location->part()->value,
                        'method' => $method->value,
                        'surface' => Surface::Machined->value,
                        'celsius' => $celsius,
                        'faces' => [],
                        'school' => $file->policy->crackDwell->value,
                        'retest_of' => $indication,
                    ],
                ];
            },
            $at,
        );
    }

    private function checkTemperature(JobFile $file, CheckMethod $method, ?float $celsius): void
    {
        if ($method !== CheckMethod::DyePenetrant) {
            return;
        }
        try {
            Dwell::at(
                $celsius ?? throw Refused::because('temperature', Line::of('cracks.ask.how_warm')),
                $file->policy->crackDwell,
            );
        } catch (CrackCheckRefused $refused) {
            throw Refused::because('temperature', Line::ofCode('cracks.refusal', $refused->refusal));
        }
    }

    private function circuit(JobFile $file, EnginePart $part): ?PressureTestSpec
    {
        foreach ($file->sheet->pressureTests as $test) {
            if ($test->part === $part) {
                return $test;
            }
        }

        return null;
    }
}
