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
use App\Words\PlaceName;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\Plausibility;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\QuantityException;
use NorthLedger\Core\Quantity\RoughnessNotation;
use NorthLedger\Core\Quantity\VolumeNotation;

/** What was keyed at a place beside the bores, read by what is measured there; asked back where it cannot be right (QTY-4). */
final readonly class PartReading
{
    public function __construct(private GaugedValue $gauged)
    {
    }

    /**
     * @return array<string, mixed> The columns of its value
     *
     * @throws AskBack If there is no such place, or it cannot be read, or cannot be right
     */
    public function row(JobFile $file, User $by, ReadingEntry $entry): array
    {
        $one =
            $file->planOf($entry->sheet)->find($entry->place) ??
            throw AskBack::unreadable(Line::of('sheet.ask.no_place', ['place' => PlaceName::of($entry->place)]));

        return match ($entry->place->feature->measurand()) {
            Measurand::Look => ['look' => $this->look($entry)],
            Measurand::Mass => Weighed::row($file, $entry),
            Measurand::Roughness, Measurand::Volume => $this->plain($file, $entry),
            default => $this->length($file, $by, $entry, $one),
        };
    }

    private function look(ReadingEntry $entry): string
    {
        return LookCodes::stored($entry->place->feature, trim($entry->text)) ??
            throw AskBack::unreadable(Line::of('sheet.ask.digit', ['legend' => LookCodes::legend($entry->place->feature)]));
    }

    /** @return array<string, int|float> */
    private function plain(JobFile $file, ReadingEntry $entry): array
    {
        try {
            return match ($entry->place->feature->measurand()) {
                Measurand::Roughness => ['value_nm' => RoughnessNotation::read($entry->text, $file->sheet->unit)->nanometres],
                default => ['volume_mm3' => VolumeNotation::read($entry->text)->cubicMillimetres],
            };
        } catch (QuantityException $exception) {
            throw AskBack::unreadable(Messages::refusal($exception));
        }
    }

    /** @return array<string, int> */
    private function length(JobFile $file, User $by, ReadingEntry $entry, Characteristic $one): array
    {
        $setup = $this->gauged->setup($file, $by, $entry);
        $value = $this->gauged->value($file, $setup, $entry, $one->nominal);
        if ($entry->place->feature->measurand() === Measurand::Distance && $value->isNegative()) {
            throw AskBack::unreadable(Line::of('sheet.told.enter_zero_more_sign'));
        }
        $doubt = $entry->isConfirmed ? null : $this->doubt($file, $entry, $one, $setup, $value);
        if ($doubt !== null) {
            throw AskBack::confirm($doubt);
        }
        $others = $entry->isConfirmed ? [] : Neighbours::of($file->record->entries($entry->sheet), $entry->place, null);
        if ((new Plausibility($file->policy->boreAllowances($file->sheet->unit), $file->display))->isFarFromOthers($value, $others)) {
            throw AskBack::slipped(trim($entry->text), $this->gauged->shown($file, $setup, $others));
        }

        return ['value_nm' => $value->nanometres, 'setup_id' => $setup->id];
    }

    private function doubt(JobFile $file, ReadingEntry $entry, Characteristic $one, StatedSetup $setup, Length $value): ?Message
    {
        $plausibility = new Plausibility($file->policy->boreAllowances($file->sheet->unit), $file->display);
        $shown = $setup->instrument->tracesWalls() ? $value->minus($setup->knownZero ?? Length::zero()) : $value;

        $doubt = $entry->place->feature->measurand() === Measurand::Size
            ? $plausibility->doubtOfSize($value, $one->nominal)
            : $this->doubtOfDistance($file, $entry, $value);

        return $doubt ?? $plausibility->doubtOfRange($shown, $setup->range, GaugesUsed::nameOrKind($setup));
    }

    /** A small length is held against nothing, a height of a face against one that stands there already. */
    private function doubtOfDistance(JobFile $file, ReadingEntry $entry, Length $value): ?Message
    {
        $most = $file->policy->partAllowances($file->sheet->unit)->plausibleDistance;
        if (! in_array($entry->place->feature, [FaceFeature::DeckPoint, FaceFeature::HeadPoint], true)) {
            return $value->absolute()->isLargerThan($most)
                ? new Message('sheet.doubt.unit', ['size' => $file->display->magnitudeWithUnit($value)])
                : null;
        }
        $entries = $file->record->entries($entry->sheet);
        $others = array_filter(
            $entries->measuredPlaces(),
            static fn (Place $place): bool => $place->feature === $entry->place->feature &&
                $place->number === $entry->place->number &&
                $place->key !== $entry->place->key,
        );
        $first = $others === [] ? null : $entries->length(reset($others));

        return $first !== null && $value->minus($first)->absolute()->isLargerThan($most)
            ? new Message('sheet.doubt.height', ['off' => $file->display->magnitudeWithUnit($value->minus($first))])
            : null;
    }
}
