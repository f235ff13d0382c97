<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\User;
use App\Sheets\JobFile;
use App\Sheets\SheetName;
use App\Sheets\StatedSetup;
use App\Sheets\TickState;
use NorthLedger\Core\Gauging\Axis;
use NorthLedger\Core\Gauging\Conditions;
use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Gauging\Reading;
use NorthLedger\Core\Gauging\Station;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\VerifiedBore;

/** The inspection certificate of a job as plain data (WORK-6): what was ordered, found, under which conditions, and what was not checked. */
final class Certificate
{
    private const NOT_CHECKED = [
        'Cracks anywhere but in the bores.',
        'Main housings, crankshaft, rods, deck flatness, head and valves, weights and volumes.',
        'Surface roughness and crosshatch of the finished bores.',
    ];

    /** @return array<string, mixed> */
    public static function of(JobFile $file, User $signer, string $signedAt): array
    {
        $words = $file->words();
        $chosen = $file->work()->chosen();

        return [
            'format' => 'north-ledger certificate 1',
            'job' => $file->job->tag(),
            'shop' => config('app.shop'),
            'engine' => ['family' => $file->sheet->name, 'serial' => $file->job->serial, 'what' => $file->job->description, 'customer' => $file->job->customer->name],
            'work' => $chosen === null ? '' : $words->option($chosen).', '.$words->sleeves($chosen),
            'unit' => $file->sheet->unit->value,
            'form_unit' => $file->display->deviationUnit(),
            'bores' => array_map(static fn (VerifiedBore $bore): array => self::bore($file, $bore), array_values($file->work()->verified())),
            'conditions' => self::conditions($file),
            'gauges' => array_values(array_unique(array_map(static fn (StatedSetup $setup): string => self::gaugeWords($setup, $file->display), $file->entries(SheetName::Finished)->gauges->setups))),
            'crack_check' => self::crackCheck($file),
            'not_checked' => self::NOT_CHECKED,
            'revisions' => ['sheet' => $file->sheet->revision, 'policy' => $file->policy->revision, 'ledger_entry' => $file->job->entries],
            'signed' => ['by' => $signer->name, 'role' => $signer->role->value, 'at' => $signedAt],
        ];
    }

    /** @return array<string, mixed> */
    private static function bore(JobFile $file, VerifiedBore $bore): array
    {
        $readings = [];
        foreach (Station::JUDGED as $station) {
            foreach (Axis::NEEDED as $axis) {
                $reading = $bore->measures->bore->reading($station, $axis);
                $readings["{$station->value}, {$axis->label()}"] = $reading === null ? 'not checked' : $file->display->size($reading->corrected);
            }
        }
        $disposition = $file->work()->dispositions()[$bore->cylinder] ?? null;

        return [
            'cylinder' => $bore->cylinder,
            'ordered' => $bore->size === null ? 'deglazed at its size' : $file->display->size($bore->size->least).' to '.$file->display->size($bore->size->most),
            'piston' => self::piston($file, $bore->cylinder),
            'readings' => $readings,
            'form' => self::form($file, $bore),
            'state' => $bore->state->value,
            'disposition' => $disposition === null ? null : "{$disposition->kind->value}: {$disposition->reason} ({$disposition->user->name}, {$disposition->created_at->format('Y-m-d')})",
        ];
    }

    /** @return array<string, string> Out-of-round and taper with their limits */
    private static function form(JobFile $file, VerifiedBore $bore): array
    {
        $form = ['out-of-round' => 'not checked', 'taper' => 'not checked'];
        foreach ($bore->characteristics as $one) {
            if (isset($form[$one->name])) {
                $form[$one->name] = "{$file->display->magnitude($one->value)} of {$file->display->magnitude($one->limit)}";
            }
        }

        return $form;
    }

    private static function gaugeWords(StatedSetup $setup, LengthDisplay $display): string
    {
        $missed = $setup->calibrationMissed();

        return $setup->gaugeWords().($missed === null ? '' : ", calibration was due {$missed->format('j M Y')}").($setup->knownZero === null ? '' : ", zero {$display->sizeWithUnit($setup->knownZero)}");
    }

    /** Who says that the bores were crack checked; where nobody does, that they were not. */
    private static function crackCheck(JobFile $file): string
    {
        $tick = $file->work()->ticks()[OperationKind::CrackCheck->value] ?? null;

        return $tick?->state === TickState::Done
            ? "bores checked by {$tick->user->name}, {$tick->created_at->format('Y-m-d')}".($tick->remark === null ? '' : ": {$tick->remark}")
            : 'not done';
    }

    private static function piston(JobFile $file, int $cylinder): string
    {
        $reading = $file->entries(SheetName::Finished)->reading(Place::piston($cylinder), $file->sheet, $file->policy);

        return $reading instanceof Reading ? $file->display->size($reading->corrected) : 'sheet '.$file->display->size($file->sheet->piston->sizeAt($file->work()->chosen()->step ?? Length::zero()));
    }

    /** @return list<string> */
    private static function conditions(JobFile $file): array
    {
        $setup = $file->entries(SheetName::Finished)->gauges->current(Feature::Bore);
        $stated = $setup->conditions ?? Conditions::notStated();
        $line = static fn (string $name, bool $is): string => $name.': '.($is ? 'yes' : 'not stated');

        return [
            $line('main caps torqued', $stated->capsTorqued),
            $line('torque plate on', $stated->torquePlate),
            $line('cooled to room temperature', $stated->cooled),
            $line('clean and dry', $stated->clean),
            $stated->partCelsius === null ? 'part temperature: not taken' : "part temperature: {$stated->partCelsius} °C",
        ];
    }
}
