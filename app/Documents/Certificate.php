<?php

declare(strict_types=1);

namespace App\Documents;

use App\Record\JobFile;
use App\Signing\SealBook;
use App\Storage\SheetName;
use App\Storage\StatedSetup;
use App\Storage\User;
use App\Words\GaugesUsed;
use App\Words\Line;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Receiving\Purpose;
use NorthLedger\Core\Finding\Spread;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Conditions;
use NorthLedger\Core\Verification\FinishedCharacteristic;
use NorthLedger\Core\Verification\VerifiedBore;

/**
 * The inspection certificate of a job as plain data (WORK-6): what was ordered, found, under which conditions, and what was not checked.
 */
final class Certificate
{
    /** What stands in the document where nobody looked: a part of its format, whatever language its reader has. */
    public const NOT_CHECKED = 'not checked';

    /** As the document names them. */
    private const AXES = ['thrust' => 'thrust', 'inline' => 'in line'];

    private const MOST_SEALS = 5;

    /** @return array<string, mixed> */
    public static function of(JobFile $file, User $signer, string $signedAt, WhoseLimits $limits, SealBook $seals): array
    {
        $words = $file->optionWords();
        $chosen = $file->work()->chosen();

        return [
            'format' => 'north-ledger certificate 5',
            'job' => $file->job->tag(),
            'shop' => config('app.shop'),
            'engine' => [
                'family' => $file->sheet->name,
                'serial' => $file->job->serial,
                'what' => $file->job->description,
                'customer' => $file->job->customer->name,
            ],
            'work' => $chosen === null ? '' : $words->option($chosen).', '.$words->sleeves($chosen),
            'unit' => $file->sheet->unit->value,
            'form_unit' => $file->display->deviationUnit(),
            'bores' => array_map(
                static fn (VerifiedBore $bore): array => self::bore($file, $bore),
                array_values($file->work()->verification()->bores()),
            ),
            'purpose' => $file->job->purpose->value,
            'checked' => match ($file->job->purpose) {
                Purpose::Rebuild => [],
                Purpose::Check => CheckedParts::of($file),
                Purpose::Inspection => FoundPart::inspected($file),
            },
            'parts' => CertificateParts::of($file),
            'conditions' => $file->work()->verification()->bores() === [] ? [] : self::conditions($file),
            'gauges' => array_values(
                array_unique(
                    array_map(
                        static fn (StatedSetup $setup): string => GaugesUsed::words($setup, $file->display),
                        $file->record->entries(SheetName::bores(Occasion::Final))->gauges->setups,
                    ),
                ),
            ),
            'crack_check' => NotChecked::crackResults($file),
            'limits' => $limits->of($file),
            'decided' => Decisions::of($file),
            'not_checked' => NotChecked::of($file),
            'revisions' => [
                'order' => $file->work()->storedOrder()?->number,
                'sheet' => $file->sheet->revision,
                'policy' => $file->policy->revision,
                'ledger_entry' => $file->job->entries,
            ],
            'replaces' => self::replaced($file),
            'ledger' => ['hash' => $file->job->head_hash, 'seals' => array_slice($seals->ofJob($file->job->id), -self::MOST_SEALS)],
            'signed' => ['by' => $signer->name, 'role' => $signer->role->value, 'at' => $signedAt],
        ];
    }

    /** @return ?array{hash: string, signed_at: string} The certificate before this one; null where the job was never open again */
    private static function replaced(JobFile $file): ?array
    {
        $before = $file->work()->releases()->newest();

        return $before === null
            ? null
            : ['hash' => $before->certificate_hash, 'signed_at' => $before->created_at->format('Y-m-d H:i').' UTC'];
    }

    /** @return array<string, mixed> */
    private static function bore(JobFile $file, VerifiedBore $bore): array
    {
        $readings = [];
        foreach (Station::JUDGED as $station) {
            foreach (Axis::NEEDED as $axis) {
                $reading = $bore->measures->bore->reading($station, $axis);
                $readings["{$station->value}, ".self::AXES[$axis->value]] =
                    $reading === null ? self::NOT_CHECKED : $file->display->size($reading->corrected);
            }
        }
        $disposition = $file->work()->verification()->disposition(Subject::bore($bore->cylinder)->code);

        return [
            'cylinder' => $bore->cylinder,
            'ordered' =>
                $bore->size === null
                    ? Line::of('release.bore.deglazed')
                    : $file->display->size($bore->size->least).Line::of('release.range.to').$file->display->size($bore->size->most),
            'piston' => self::piston($file, $bore->cylinder),
            'readings' => $readings,
            'form' => self::form($file, $bore),
            'clearance' => self::clearance($file, $bore),
            'rings' => self::rings($file, $bore),
            'finish' => $bore->measures->bore->looks->finish->value ?? self::NOT_CHECKED,
            'state' => $bore->state->value,
            'disposition' => $disposition === null ? null : CertificateParts::decided($disposition),
        ];
    }

    /** @return array<string, string> Out-of-round and taper with their limits */
    private static function form(JobFile $file, VerifiedBore $bore): array
    {
        $read = ['out-of-round' => Spread::widest($bore->measures->outOfRound), 'taper' => Spread::widest($bore->measures->taper)];
        $form = array_map(
            static fn (?Spread $spread): string => $spread === null
                ? self::NOT_CHECKED
                : Line::of('release.bore.no_limit', ['value' => $file->display->magnitude($spread->value())]),
            $read,
        );
        foreach ($bore->characteristics as $one) {
            if (isset($form[$one->what->value])) {
                $form[$one->what->value] = "{$file->display->magnitude($one->value)} ≤ {$file->display->magnitude($one->limit)}";
            }
        }

        return $form;
    }

    /** The piston that goes in: as it was measured, else as the sheet says. */
    public static function piston(JobFile $file, int $cylinder): string
    {
        $chosen = $file->work()->chosen();
        $reading = $chosen === null ? null : $file->work()->pistonGoingIn($chosen, $cylinder);

        $new = $file->sheet->piston->sizeAt($chosen->step ?? Length::zero());

        return match (true) {
            $reading !== null => $file->display->size($reading->corrected),
            $new !== null => Line::of('release.bore.of_sheet', ['size' => $file->display->size($new)]),
            default => Line::of('release.bore.not_known'),
        };
    }

    /** @return array<string, string> By ring, its end gap and the range for it; “not checked” where nobody felt it */
    private static function rings(JobFile $file, VerifiedBore $bore): array
    {
        $felt = array_column($bore->rings, null, 'ring');
        $told = [];
        foreach ($file->sheet->rings as $ring) {
            $one = $felt[$ring->name] ?? null;
            $told[$ring->name] =
                $one === null
                    ? self::NOT_CHECKED
                    : Line::of('release.bore.gap', [
                        'gap' => $file->display->size($one->gap),
                        'least' => $file->display->size($one->range->least),
                        'most' => $file->display->size($one->range->most),
                    ]);
        }

        return $told;
    }

    /** @return array<string, string> Largest and smallest clearance with the piston that goes in, each with its limit */
    private static function clearance(JobFile $file, VerifiedBore $bore): array
    {
        $told = [];
        foreach ($bore->characteristics as $one) {
            if (
                in_array(
                    $one->what,
                    [FinishedCharacteristic::MostClearance, FinishedCharacteristic::LeastClearance, FinishedCharacteristic::Growth],
                    true,
                )
            ) {
                $against = $one->what === FinishedCharacteristic::LeastClearance ? '≥' : '≤';
                $told[$one->what->value] = "{$file->display->deviation($one->value)} {$against} {$file->display->magnitude($one->limit)}";
            }
        }

        return $told;
    }

    /** @return list<string> */
    private static function conditions(JobFile $file): array
    {
        $setup = $file->record->entries(SheetName::bores(Occasion::Final))->gauges->current(BoreFeature::Bore);
        $stated = $setup->conditions ?? Conditions::notStated();
        $line = static fn (string $name, bool $is): string => Line::of("release.conditions.{$name}", [
            'is' => Line::of($is ? 'release.conditions.yes' : 'release.conditions.not_stated'),
        ]);

        return [
            $line('caps_torqued', $stated->capsTorqued),
            $line('torque_plate', $stated->torquePlate),
            $line('cooled', $stated->cooled),
            $line('clean', $stated->clean),
            $stated->partCelsius === null
                ? Line::of('release.conditions.no_temperature')
                : Line::of('release.conditions.temperature', ['at' => $file->policy->temperatureUnit->shown($stated->partCelsius)]),
        ];
    }
}
