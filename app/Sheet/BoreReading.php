<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Ledger\AskBack;
use App\Record\JobFile;
use App\Record\LookCodes;
use App\Record\Neighbours;
use App\Storage\StatedSetup;
use App\Storage\User;
use App\Words\GaugesUsed;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\Plausibility;
use NorthLedger\Core\Features\Weights\WeightFeature;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\NotationMeaning;
use NorthLedger\Core\Quantity\ShopNotation;

/** What was keyed at a place of the bores, read by what is measured there; asked back where it cannot be right (QTY-4). */
final readonly class BoreReading
{
    /** A piston that is more than a fifth off the weight of a new one is asked back. */
    private const PLAUSIBLE_SHARE = 5;

    public function __construct(private GaugedValue $gauged)
    {
    }

    /**
     * @return array<string, mixed> The columns of its value
     *
     * @throws AskBack If there is no such cylinder, or it cannot be read, or cannot be right
     */
    public function row(JobFile $file, User $by, ReadingEntry $entry): array
    {
        return match (true) {
            ! in_array($entry->place->number, $file->sheet->layout->cylinders(), true) => throw AskBack::unreadable(
                Line::of('sheet.told.no_cylinder', ['cylinder' => $entry->place->number]),
            ),
            $entry->place->feature->isGauged() => $this->measured($file, $by, $entry),
            $entry->place->feature === WeightFeature::PistonWeight => $this->weight($file, $entry),
            $entry->place->feature->isMeasured() => $this->wall($file, $entry),
            default => $this->look($entry),
        };
    }

    /** @return array<string, mixed> */
    private function look(ReadingEntry $entry): array
    {
        $feature = $entry->place->feature;
        $look =
            LookCodes::stored($feature, trim($entry->text)) ??
            throw AskBack::unreadable(Line::of('sheet.ask.digit', ['legend' => LookCodes::legend($feature)]));

        return ['look' => $look];
    }

    /** @return array<string, mixed> */
    private function weight(JobFile $file, ReadingEntry $entry): array
    {
        $row = Weighed::row($file, $entry);
        $mass = Mass::ofMicrograms($row['mass_ug']);
        $new = $file->sheet->piston->mass?->micrograms;
        if ($new !== null && ! $entry->isConfirmed && abs($mass->micrograms - $new) * self::PLAUSIBLE_SHARE > $new) {
            throw AskBack::confirm(
                new Message('sheet.doubt.piston', ['grams' => MassNotation::grams($new)]),
            );
        }

        return $row;
    }

    /** @return array<string, mixed> */
    private function wall(JobFile $file, ReadingEntry $entry): array
    {
        $unit = $file->sheet->unit;
        $isTrace = $entry->place->feature === BoreFeature::Trace;
        try {
            $noted = ($isTrace ? ShopNotation::forDeviations($unit, $unit->readingUnit()) : ShopNotation::forSizes($unit))->read(
                $entry->text,
            );
        } catch (NotationException $exception) {
            throw AskBack::unreadable(Messages::refusal($exception));
        }
        if (
            $noted->means === NotationMeaning::Step ||
            (! $isTrace && ! $noted->value->isPositive() && ! ($entry->place->feature === BoreFeature::PitDepth && $noted->value->isZero()))
        ) {
            throw AskBack::unreadable(
                $isTrace ? Line::of('sheet.told.key_what_indicator_shows') : Line::of('sheet.told.key_thickness_depth_above'),
            );
        }
        $doubt = (new Plausibility($file->policy->boreAllowances($unit), $file->display))->doubtOfWall(
            $entry->place->feature,
            $noted->value,
            $file->sheet->bore->standardWall,
        );
        if ($doubt !== null && ! $entry->isConfirmed) {
            throw AskBack::confirm($doubt);
        }

        return ['value_nm' => $noted->value->nanometres];
    }

    /** @return array<string, mixed> */
    private function measured(JobFile $file, User $by, ReadingEntry $entry): array
    {
        $setup = $this->gauged->setup($file, $by, $entry);
        $size = $this->gauged->value($file, $setup, $entry, $this->standard($file, $entry));
        if (! $entry->isConfirmed) {
            $this->doubt($file, $entry, $setup, $size);
        }

        return ['value_nm' => $size->nanometres, 'setup_id' => $setup->id];
    }

    private function doubt(JobFile $file, ReadingEntry $entry, StatedSetup $setup, Length $size): void
    {
        $plausibility = new Plausibility($file->policy->boreAllowances($file->sheet->unit), $file->display);
        $doubt = $setup->isZeroedOnThePart()
            ? $plausibility->doubtOfDeviation($size)
            : $plausibility->doubtOfSize($size, $this->standard($file, $entry) ?? $file->sheet->bore->nominal) ??
                $plausibility->doubtOfRange($size, $setup->range, GaugesUsed::nameOrKind($setup));
        $station = $entry->place->station;
        $axis = $entry->place->axis;
        if ($doubt === null && $station instanceof Station && $axis instanceof Axis) {
            $bore = $file->record->entries($entry->sheet)->bores()->inspection($entry->place->number, $file->sheet, $file->policy);
            $zero = $setup->isZeroedOnThePart() ? $file->record->entries($entry->sheet)->gauges->zero($setup) : Length::zero();
            $doubt = $plausibility->doubtOfRoundness(
                $bore,
                $station,
                $axis->value,
                $size->plus($zero ?? Length::zero()),
                $zero === null ? (string) $setup->id : null,
            );
        }
        if ($doubt !== null) {
            throw AskBack::confirm($doubt);
        }
        $others = Neighbours::of($file->record->entries($entry->sheet), $entry->place, $setup->isZeroedOnThePart() ? $setup->id : null);
        if ($plausibility->isFarFromOthers($size, $others)) {
            throw AskBack::slipped(trim($entry->text), $this->gauged->shown($file, $setup, $others));
        }
    }

    private function standard(JobFile $file, ReadingEntry $entry): ?Length
    {
        return $entry->place->feature === BoreFeature::Piston ? $file->sheet->piston->standard : $file->sheet->bore->nominal;
    }
}
