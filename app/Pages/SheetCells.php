<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Record\LookCodes;
use App\Record\SheetEntries;
use App\Words\Line;
use App\Words\PlaceName;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BoreMeasures;
use NorthLedger\Core\Features\Bores\Form;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Spread;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Record\Reading;

/** Makes the cells of one sheet. */
final readonly class SheetCells
{
    /**
     * @param  array<string, CellState>  $marks  By place key
     * @param  bool  $isMarked  Whether cells that follow from others show what they come to (`Marks`)
     */
    public function __construct(
        private JobFile $file,
        private SheetEntries $entries,
        private Length $base,
        private array $marks,
        private bool $isMarked,
    ) {
    }

    public function length(Place $place): SheetCell
    {
        $reading = $this->entries->reading($place, $this->file->sheet, $this->file->policy);
        if ($reading === null) {
            return $this->missing($place, '');
        }
        $display = $this->file->display;
        if (! $reading->isSized) {
            return $this->unsized($place, $reading);
        }
        $size = $display->size($reading->corrected);
        $isBore = $place->feature === BoreFeature::Bore;
        $repeats = count($reading->repeats) > 1 ? ' ×'.count($reading->repeats) : '';
        $state = $this->entries->isSuspect($place) ? CellState::Suspect : $this->marks[$place->key] ?? CellState::Good;

        $doubt = in_array($state, [CellState::Close, CellState::Undecided], true)
            ? ' ±'.$display->magnitude($reading->sizeUncertainty()->expanded())
            : '';

        return new SheetCell(
            $place->key,
            $isBore ? $display->deviation($reading->measured->minus($this->base)) : $size,
            $isBore ? $size.$repeats.$doubt : ltrim($repeats),
            $state,
            PlaceName::of($place),
            Line::of('sheet.reads_within', [
                'value' => $display->sizeWithUnit($reading->corrected),
                'doubt' => $display->magnitudeWithUnit($reading->sizeUncertainty()->expanded()),
            ]),
            $this->entries->at($place)->newest()->id ?? 0,
        );
    }

    /** Counted from a zero on the part whose size nobody knows (GAUGE-2). */
    private function unsized(Place $place, Reading $reading): SheetCell
    {
        $display = $this->file->display;
        $repeats = count($reading->repeats) > 1 ? ' ×'.count($reading->repeats) : '';

        return new SheetCell(
            $place->key,
            $display->deviation($reading->measured),
            $this->entries->isZero($place) ? 'zero' : ltrim($repeats),
            $this->entries->isSuspect($place) ? CellState::Suspect : $this->marks[$place->key] ?? CellState::Good,
            PlaceName::of($place),
            Line::of('sheet.from_unknown_zero', ['value' => "{$display->deviation($reading->measured)} {$display->deviationUnit()}"]),
            $this->entries->at($place)->newest()->id ?? 0,
        );
    }

    public function look(Place $place): SheetCell
    {
        $standing = $this->entries->at($place)->newest();
        $stored = $standing?->look;
        if ($standing === null || $stored === null) {
            return $this->missing($place, LookCodes::legend($place->feature));
        }
        $words = LookCodes::shown($place->feature, $stored);
        $state = $this->marks[$place->key] ?? CellState::Good;

        return new SheetCell($place->key, '', $words, $state, PlaceName::of($place), LookCodes::legend($place->feature), $standing->id);
    }

    public function spread(?Spread $spread, ?Length $limit, string $remark = '', string $words = ''): SheetCell
    {
        if ($spread === null) {
            return new SheetCell(null, '', '–', CellState::Missing);
        }
        $state = match (true) {
            ! $this->isMarked => CellState::Good,
            $limit === null => CellState::NoLimit,
            $spread->value()->isLargerThan($limit) => CellState::Out,
            default => CellState::Good,
        };

        return new SheetCell(null, $this->file->display->magnitude($spread->value()), $remark, $state, $words);
    }

    public function weight(Place $place): SheetCell
    {
        $mass = $this->entries->bores()->pistonWeight($place->number);
        if ($mass === null) {
            return $this->missing($place, Line::of('sheet.prompt.piston_mass'));
        }
        $standing = $this->entries->at($place)->current();

        return new SheetCell(
            $place->key,
            MassNotation::grams($mass),
            count($standing) > 1 ? '×'.count($standing) : '',
            CellState::Good,
            PlaceName::of($place),
            Line::of('sheet.weighs', ['mass' => MassNotation::grams($mass)]),
            end($standing)->id ?? 0,
        );
    }

    /** Bore less piston; past its limit where that condemns. */
    public function clearance(JudgedBore $bore): SheetCell
    {
        // A sheet that says no least clearance says nothing of the cell.
        $least = $this->ofClearance($bore->finding(Criterion::LeastClearance));
        $state =
            $bore->clearance === null
                ? CellState::Missing
                : CellState::worse(
                    $this->ofClearance($bore->finding(Criterion::Clearance)),
                    $least === CellState::NoLimit ? CellState::Good : $least,
                );

        return new SheetCell(
            null,
            $bore->clearance === null ? '' : $this->file->display->deviation($bore->clearance),
            $bore->clearance === null ? '–' : '',
            $state,
        );
    }

    private function ofClearance(Finding $finding): CellState
    {
        return match (true) {
            ! $this->isMarked => CellState::Good,
            $finding->outcome === Outcome::Fail => CellState::Out,
            $finding->outcome === Outcome::Undecided => CellState::Undecided,
            ! ($finding->limits?->areKnown() ?? true) => CellState::NoLimit,
            $finding->isCloseCall => CellState::Close,
            default => CellState::Good,
        };
    }

    /** The widest taper; a bore that is no plain taper says what it is. */
    public function taper(BoreMeasures $measures, ?Length $limit): SheetCell
    {
        $form = $measures->form(Axis::Thrust) ?? Form::Taper;

        return $this->spread(
            Spread::widest($measures->taper),
            $limit,
            Line::ofCode('verdict.form_sign', $form),
            Line::ofCode('verdict.form', $form),
        );
    }

    private function missing(Place $place, string $prompt): SheetCell
    {
        return new SheetCell($place->key, '', '·', CellState::Missing, PlaceName::of($place), $prompt);
    }
}
