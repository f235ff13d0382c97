<?php

declare(strict_types=1);

namespace App\WholeEngines;

use App\Record\JobFile;
use App\Storage\KeyedReading;
use App\Storage\SheetName;
use NorthLedger\Core\Assessment\AssessedPart;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Cracks\CrackState;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Cracks\PartCracks;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Practice\EngineAnswer;
use NorthLedger\Core\Practice\EngineRecord;
use NorthLedger\Core\Practice\EngineScore;
use NorthLedger\Core\Quantity\Length;

/** Holds what was keyed and stated of a simulated engine against what it is (PRAC-2). */
final readonly class EngineScorer
{
    private JobFile $file;

    public function __construct(private EngineBench $bench)
    {
        $this->file = $bench->file();
    }

    public function score(EngineAnswer $answer): EngineScore
    {
        return PracticeHouse::inside(fn (): EngineScore => EngineScore::of($this->bench->engine->truth(), $answer, $this->record()));
    }

    /** @return list<MisreadPlace> Whose reading or look is not what gauge and hand say, in the order of the sheets */
    public function misread(): array
    {
        return PracticeHouse::inside(function (): array {
            $misread = [];
            foreach (Section::cases() as $section) {
                $sheet = SheetName::of($section);
                foreach ($this->bench->places($section) as $place) {
                    $newest = $this->file->record->entries($sheet)->at($place)->newest();
                    $wrong = $newest === null ? null : $this->misreadAt($sheet, $place, $newest);
                    $misread = $wrong === null ? $misread : [...$misread, $wrong];
                }
            }

            return $misread;
        });
    }

    private function record(): EngineRecord
    {
        $parts = $this->file->engine()->parts;
        $open = array_filter($parts, static fn (AssessedPart $part): bool => $part->verdict === PartVerdict::NotYetKnown);
        $needed = $this->bench->engine->block->readingsNeeded($this->bench->policy);

        return new EngineRecord(
            array_map(static fn (MisreadPlace $one): string => $one->place->key, $this->misread()),
            array_sum(array_map(static fn (AssessedPart $part): int => count($part->missing), $open)),
            max(0, $this->bench->boresRead($this->file) - $needed),
            count(
                array_filter(
                    $this->file->record->cracks()->parts(),
                    static fn (PartCracks $part): bool => in_array($part->state, [CrackState::NotChecked, CrackState::Running], true),
                ),
            ),
            $this->misplacedLines(),
            $this->bench->hasDrifted($this->file),
        );
    }

    private function misplacedLines(): int
    {
        $sight = $this->bench->engine->sight;
        $found = array_filter(
            $this->file->record->cracks()->indications,
            static fn (Indication $one): bool => $sight !== null &&
                [$one->location->face, $one->location->zone, $one->location->cylinder] ===
                    [$sight->location->face, $sight->location->zone, $sight->location->cylinder],
        );
        $never = count($this->file->record->cracks()->indications) - count($found);

        return $never + (int) ($sight !== null && $found === []);
    }

    private function misreadAt(SheetName $sheet, Place $place, KeyedReading $newest): ?MisreadPlace
    {
        if ($newest->look !== null) {
            $is = $this->bench->look($sheet, $place);

            return $is === null || $is === $newest->look ? null : MisreadPlace::look($place, $newest->look, $is);
        }
        $is = $this->bench->length($sheet, $place);
        if ($is === null || $newest->nanometres === null) {
            return null;
        }
        $setup = $this->file->record->entries($sheet)->gauges->setups[$newest->setupId ?? 0] ?? null;
        $zero = $setup?->isZeroedOnThePart() === true ? $this->bench->zeroOf($sheet, $setup) : null;
        $read = Length::ofNanometres($newest->nanometres)->plus($zero ?? Length::zero());
        $explained = Instrument::ofKind($setup->instrument ?? $this->bench->usualGauge($sheet, $place))->resolution;

        return $read->minus($is)->absolute()->isLargerThan($explained) ? MisreadPlace::size($place, $read, $is) : null;
    }
}
