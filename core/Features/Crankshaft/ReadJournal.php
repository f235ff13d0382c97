<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\JournalSpec;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Roughness;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Record\Reading;

/** One journal of a crankshaft: where it is read (JRNL-1), and what is read of it so far. */
final readonly class ReadJournal
{
    public function __construct(
        public JournalGroup $group,
        public int $number,
        public JournalSpec $spec,
        public Measurements $measurements,
    ) {
    }

    /** @return list<Place> Where a journal is measured at the least */
    public static function places(JournalGroup $group, int $number): array
    {
        $places = [];
        foreach (CrankshaftPlaces::STATIONS as $station) {
            foreach (CrankshaftPlaces::AXES as $axis) {
                $places[] = Place::at(self::feature($group), $number, "{$station}.{$axis}");
            }
        }

        return $places;
    }

    public function subject(): Subject
    {
        return Subject::numbered(self::feature($this->group)->code(), $this->number);
    }

    /** @param  string  $spot  “front.90” */
    public function at(string $spot): Place
    {
        return Place::at(self::feature($this->group), $this->number, $spot);
    }

    public function score(): Place
    {
        return $this->place(JournalFeature::MainScore, JournalFeature::PinScore);
    }

    public function fillet(): Place
    {
        return $this->place(JournalFeature::MainFillet, JournalFeature::PinFillet);
    }

    public function finish(): Place
    {
        return $this->place(JournalFeature::MainFinish, JournalFeature::PinFinish);
    }

    public function strip(): Place
    {
        return $this->place(JournalFeature::MainStrip, JournalFeature::PinStrip);
    }

    /** The end mains lie on the vees, and rod journals have none of their own. */
    public function hasRunOut(): bool
    {
        return $this->group === JournalGroup::Mains && ! in_array($this->number, [1, $this->spec->count], true);
    }

    /** @return list<array{Criterion, Place}> What is read of it beside its sizes once it was machined: run-out and fillet */
    public function besideSizes(): array
    {
        return [
            ...$this->hasRunOut() ? [[Criterion::RunOut, Place::at(JournalFeature::RunOut, $this->number)]] : [],
            ...$this->spec->fillet === null ? [] : [[Criterion::Fillet, $this->fillet()]],
        ];
    }

    /** @return list<Reading> Of its size, as far as they are read */
    public function sizes(): array
    {
        return $this->measurements->readings(self::places($this->group, $this->number));
    }

    /** Null until every place that it needs is read, score and run-out included. */
    public function inspection(): ?JournalInspection
    {
        $score = $this->measurements->length($this->score());
        $runOut = $this->hasRunOut() ? $this->measurements->length(Place::at(JournalFeature::RunOut, $this->number)) : Length::zero();
        if ($this->measurements->missing(self::places($this->group, $this->number)) !== [] || $score === null || $runOut === null) {
            return null;
        }
        $readings = [];
        foreach ($this->fullGrid() as [$station, $axis]) {
            $readings[] = new JournalReading(
                $station,
                (string) $axis,
                $this->measurements->length($this->at("{$station}.{$axis}")) ?? Length::zero(),
            );
        }
        $finish = $this->measurements->value($this->finish());

        return JournalInspection::of(
            $this->subject()->code,
            $this->group,
            $readings,
            $score,
            $runOut,
            $finish === null ? null : Roughness::ofNanometres((int) $finish),
            $this->isFilletOut(),
        );
    }

    private function isFilletOut(): bool
    {
        $fillet = $this->measurements->length($this->fillet());

        $range = $this->spec->fillet;

        return $fillet !== null && $range !== null && ($fillet->isSmallerThan($range->least) || $fillet->isLargerThan($range->most));
    }

    /**
     * The needed places, and further stations and axes wherever they are read at every station and on every axis.
     *
     * @return list<array{string, int}>
     */
    private function fullGrid(): array
    {
        $isRead = fn (string $station, int $axis): bool => $this->measurements->isRead($this->at("{$station}.{$axis}"));
        $axes = array_filter([0, 45, 90, 135], static fn (int $axis): bool => $isRead('front', $axis) && $isRead('rear', $axis));
        $stations = array_filter(
            ['front', 'middle', 'rear'],
            static fn (string $station): bool => array_filter($axes, static fn (int $axis): bool => ! $isRead($station, $axis)) === [],
        );
        $grid = [];
        foreach ($stations as $station) {
            foreach ($axes as $axis) {
                $grid[] = [$station, $axis];
            }
        }

        return $grid;
    }

    private function place(Feature $ofMain, Feature $ofPin): Place
    {
        return Place::at($this->group === JournalGroup::Mains ? $ofMain : $ofPin, $this->number);
    }

    private static function feature(JournalGroup $group): Feature
    {
        return $group === JournalGroup::Mains ? JournalFeature::Main : JournalFeature::Pin;
    }
}
