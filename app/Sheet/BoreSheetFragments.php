<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Drawings\BoreFrame;
use App\Drawings\BoresFromAbove;
use App\Pages\GaugedFeature;
use App\Pages\Marks;
use App\Record\JobFile;
use App\Storage\SheetName;
use App\Storage\User;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Verification\VerifiedBore;
use NorthLedger\Core\Verification\WorstFirst;

/** The parts of a sheet's page that change with a reading, rendered by the server. */
final class BoreSheetFragments implements Fragments
{
    private ?BoreSheetView $view = null;

    public function __construct(
        private readonly JobFile $file,
        private readonly SheetName $sheet,
        private readonly ?User $reader,
        private readonly bool $showsAllAxes,
        private readonly ShownBores $shown,
        private readonly Marks $marks,
    ) {
    }

    public function url(): string
    {
        return "/jobs/{$this->file->job->tag()}/sheets/{$this->sheet->value}";
    }

    public function gauges(): GaugeChoices
    {
        return GaugeChoices::inUse($this->file->entryDisplay());
    }

    public function keys(): array
    {
        return SheetKeys::ofBores();
    }

    public function features(): array
    {
        return GaugedFeature::ofBores($this->file);
    }

    public function drawing(): string
    {
        $frame = BoreFrame::of($this->file, $this->sheet);
        $columns = $this->view()->marks;
        $mark = $columns === [] ? '' : $frame->mark();
        $cylinders = $mark !== '' && $mark === $this->shown->frame ? $this->view()->cylinders : $this->file->sheet->layout->cylinders();
        $plan = BoresFromAbove::in($frame, $this->file, $this->sheet, $this->marks, $cylinders);

        return view('drawings.bore-plan', ['plan' => $plan, 'columns' => $columns, 'frame' => $mark])->render();
    }

    public function table(): string
    {
        return view('sheets.table', ['view' => $this->view()])->render();
    }

    public function setup(): string
    {
        return view('sheets.setup-line', ['view' => $this->view(), 'mayMeasure' => $this->may('measure')])->render();
    }

    public function margin(): string
    {
        if (! $this->marks->areShown) {
            return '';
        }
        $job = $this->file->job;
        $shared = [
            'file' => $this->file,
            'job' => $job,
            'sheet' => $this->sheet,
            'suspects' => count($this->file->record->entries($this->sheet)->suspects()),
            'mayWrite' => ! $job->is_closed && $this->may('measure'),
            'maySeePrices' => $this->may('see-prices'),
        ];

        return $this->sheet->occasion === Occasion::Incoming
            ? view('measure.margin', $shared + ['margin' => MeasureMargin::of($this->file)])->render()
            : view(
                'verify.margin',
                $shared + ['margin' => VerifyMargin::of($this->file), 'mayDecide' => $this->may('verify')],
            )->render();
    }

    /** The proposed reading first, then every place that is not read. */
    public function walk(): array
    {
        $places = $this->sheet->occasion === Occasion::Incoming ? $this->incomingWalk() : $this->finishedWalk();

        $proposed = $this->sheet->occasion === Occasion::Incoming ? $this->file->assessment()->next->place : $places[0] ?? null;

        $entries = $this->file->record->entries($this->sheet);

        return array_map(
            static fn (Place $place): array => [
                'place' => $place->key,
                'isProposed' => $place->key === $proposed?->key,
                'isRepeat' => $place->feature->isMeasured() && $entries->at($place)->newest() !== null && ! $entries->isSuspect($place),
            ],
            $places,
        );
    }

    private function view(): BoreSheetView
    {
        return $this->view ??= BoreSheetView::of($this->file, $this->sheet, $this->marks, $this->showsAllAxes, $this->shown->columns);
    }

    private function may(string $ability): bool
    {
        return $this->reader?->can($ability) ?? false;
    }

    /** @return list<Place> */
    private function incomingWalk(): array
    {
        $assessment = $this->file->assessment();
        $next = $assessment->next->place;

        return $next === null
            ? $assessment->walk
            : [$next, ...array_values(array_filter($assessment->walk, static fn (Place $place): bool => $place->key !== $next->key))];
    }

    /** @return list<Place> Bore by bore, those that are honed first, and where each was worst as it came */
    private function finishedWalk(): array
    {
        $work = $this->file->work();
        $bores = $work->verification()->bores();
        $open = array_merge([], ...array_map(static fn (VerifiedBore $bore): array => $bore->missing, array_values($bores)));
        $isHoned = static fn (int $cylinder): bool => in_array("hone.{$cylinder}", $work->closedOperations(), true);

        return WorstFirst::ofBores($bores, $this->incomingSizes(), array_values(array_filter(array_keys($bores), $isHoned)))->sort(
            array_values(array_filter($open, static fn (Place $place): bool => $place->feature === BoreFeature::Bore)),
            static fn (Place $place): Place => $place,
        );
    }

    /** @return array<int, array<string, Length>> By cylinder and place key: what was read of the bores as they came */
    private function incomingSizes(): array
    {
        $sizes = [];
        foreach ($this->file->sheet->layout->cylinders() as $cylinder) {
            foreach ($this->file->work()->incoming($cylinder)->readings as $reading) {
                $sizes[$cylinder][$reading->place->key] = $reading->corrected;
            }
        }

        return $sizes;
    }
}
