<?php

declare(strict_types=1);

namespace App\Practice;

use App\Pages\CellState;
use App\Pages\Marks;
use App\Pages\SheetCell;
use App\Pages\SheetRow;
use App\Sheet\BoreSheetView;
use App\Storage\BlockEvent;
use App\Storage\SheetName;
use App\Words\Line;
use LogicException;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Quantity\Length;

/** A simulated block on its way to a verdict, or judged and laid beside its truth, ready to show. */
final readonly class BlockPage
{
    /** What is keyed at the practice bench; the pistons are given. */
    public const KEYED = [BoreFeature::Bore, BoreFeature::Ridge, BoreFeature::Scoring, BoreFeature::Pitting, BoreFeature::Crack];

    public const AXES = Axis::NEEDED;

    /**
     * @param  list<int>  $cylinders
     * @param  array{}  $marks  No column is left out of an answer here
     * @param  list<SheetRow>  $rows
     * @param  list<string>  $limits  What the sheet allows
     * @param  array<string, string>  $ways  What can be said is done, by key
     * @param  string  $check  How the gauge stood on its master when it went there last; empty where it did not since
     * @param  ?BlockScoreView  $score  Null while it is not judged
     */
    private function __construct(
        public string $ulid,
        public string $title,
        public array $cylinders,
        public array $marks,
        public array $rows,
        public string $base,
        public string $unit,
        public array $limits,
        public array $ways,
        public BlockPlaceView $place,
        public string $check,
        public int $suspects,
        public int $taken,
        public ?BlockScoreView $score,
    ) {
    }

    public static function of(BlockBench $bench, string $at): self
    {
        $file = $bench->file();
        $view = BoreSheetView::of($file, SheetName::bores(), app(Marks::class));
        $rows = self::rows($view->rows, $bench->row->isAnswered() ? $bench : null);

        return new self(
            $bench->row->ulid,
            Line::of('practice.block.title', ['family' => $bench->block->sheet->name]),
            $view->cylinders,
            [],
            $rows,
            $view->base,
            $view->unit,
            self::limits($bench),
            self::ways($bench),
            BlockPlaceView::of($bench, self::place($rows, $at)),
            self::check($bench),
            count($file->record->entries(SheetName::bores())->suspects()),
            $bench->taken(),
            BlockScoreView::of($bench),
        );
    }

    /** The place to go on at: the next that is not read, in the row of the one that was read last. */
    public function next(): string
    {
        $isOpen = static fn (SheetCell $cell): bool => $cell->place !== null && $cell->state === CellState::Missing;
        $all = [];
        $from = null;
        foreach ($this->rows as $row) {
            foreach ($row->cells as $cell) {
                if ($cell->place !== null) {
                    $all[] = $cell;
                    $from = $cell->place === $this->place->key ? count($all) : $from;
                }
            }
        }
        foreach ([...array_slice($all, $from ?? 0), ...array_slice($all, 0, $from ?? 0)] as $cell) {
            if ($isOpen($cell)) {
                return (string) $cell->place;
            }
        }

        return $this->place->key;
    }

    /**
     * Without what the sheet would say of them, which is what is learned here; once it is judged, with what each is.
     *
     * @param  list<SheetRow>  $rows
     * @param  ?BlockBench  $judged  Null while it is not
     * @return list<SheetRow>
     */
    private static function rows(array $rows, ?BlockBench $judged): array
    {
        $shown = [];
        foreach ($rows as $row) {
            $place = ($row->cells[0] ?? null)?->place;
            if ($place === null || in_array(Place::parse($place)->feature, [...self::KEYED, BoreFeature::Piston], true)) {
                $shown[] = new SheetRow(
                    $row->kind,
                    $row->group,
                    $row->label,
                    array_map(
                        static fn (SheetCell $cell): SheetCell => $judged === null ? self::plain($cell) : self::laidBeside($cell, $judged),
                        $row->cells,
                    ),
                );
            }
        }

        return $shown;
    }

    private static function laidBeside(SheetCell $cell, BlockBench $bench): SheetCell
    {
        $place = $cell->place === null ? null : Place::parse($cell->place);
        if ($place?->feature !== BoreFeature::Bore || $place->station === Station::Land) {
            return $cell;
        }
        $true = $bench->block->diameter($place)->minus($bench->block->sheet->bore->nominal);

        return new SheetCell(
            $cell->place,
            $cell->main,
            Line::of('practice.block.is', ['true' => $bench->file()->display->deviation($true)]),
            $cell->state,
            $cell->words,
        );
    }

    private static function plain(SheetCell $cell): SheetCell
    {
        $isSaid = in_array($cell->state, [CellState::Missing, CellState::Suspect], true);

        return new SheetCell(
            $cell->place,
            $cell->main,
            $cell->small,
            $isSaid ? $cell->state : CellState::Good,
            $cell->words,
            $cell->prompt,
            $cell->standing,
        );
    }

    /**
     * The one that was asked for; the first where there is no such place.
     *
     * @param  list<SheetRow>  $rows
     */
    private static function place(array $rows, string $at): Place
    {
        $first = null;
        foreach ($rows as $row) {
            foreach ($row->cells as $cell) {
                $place = $cell->place === null ? null : Place::parse($cell->place);
                if ($place !== null && in_array($place->feature, self::KEYED, true)) {
                    if ($place->key === $at) {
                        return $place;
                    }
                    $first ??= $place;
                }
            }
        }

        return $first ?? throw new LogicException('A block without bores is never made.');
    }

    /** @return list<string> */
    private static function limits(BlockBench $bench): array
    {
        [$limits, $display] = [$bench->block->sheet->bore->service, $bench->file()->display];
        $lengths = ['out_of_round' => $limits->outOfRound, 'taper' => $limits->taper, 'clearance' => $limits->clearance];

        return [
            ...array_values(
                array_map(
                    static fn (string $what, ?Length $most): string => Line::of("practice.block.limit.{$what}", [
                        'most' => $most === null ? '' : $display->magnitudeWithUnit($most),
                    ]),
                    array_keys($lengths),
                    $lengths,
                ),
            ),
            Line::of('practice.block.limit.looks'),
            Line::of('practice.block.limit.stock', [
                'stock' => $display->magnitudeWithUnit($bench->policy->boreAllowances($bench->block->sheet->unit)->cleanUpStock),
            ]),
        ];
    }

    /** @return array<string, string> By key */
    private static function ways(BlockBench $bench): array
    {
        $words = $bench->file()->optionWords();
        $ways = [];
        foreach ($bench->block->truth($bench->policy)->plan->options ?? [] as $option) {
            $ways[$option->key()] = $words->option($option);
        }

        return $ways;
    }

    private static function check(BlockBench $bench): string
    {
        $last = $bench->lastOfTheGauge();

        return match ($last?->kind) {
            BlockEvent::Check => Line::of($last->value_nm === 0 ? 'practice.block.holds' : 'practice.block.off', [
                'shows' => $bench->file()->display->deviation(Length::ofNanometres((int) $last->value_nm)),
                'unit' => $bench->file()->display->deviationUnit(),
            ]),
            BlockEvent::Zero => Line::of('practice.block.zeroed'),
            default => '',
        };
    }
}
