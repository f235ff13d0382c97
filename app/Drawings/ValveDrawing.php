<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Pages\CellState;
use App\Pages\Marks;
use App\Record\JobFile;
use App\Words\AmountDisplay;
use App\Words\SubjectName;
use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Heads\ValveFeature;
use NorthLedger\Core\Features\Heads\ValvePlaces;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Inspection\Section;

/** The valves cylinder by cylinder as they stand in the head: the outer ring is the seat, the inner one the guide, each in its state. */
final readonly class ValveDrawing implements SheetDrawing
{
    public const WIDTH = 800;

    private const HEIGHT = 122;

    private const HEIGHT_WITH_TRUTH = 144;

    private const LARGEST = 30;

    /**
     * @param  list<array{x: string, radius: string, guide: CellState, seat: CellState, caption: string, goto: string, name: string,
     *     cylinder: int, isFirst: bool, middle: string, truth: ?array{guide: CellState, seat: CellState, caption: string}}>  $valves
     */
    private function __construct(public array $valves)
    {
    }

    /** With room for what is known beside what was read. */
    public function height(): int
    {
        return $this->valves[0]['truth'] === null ? self::HEIGHT : self::HEIGHT_WITH_TRUTH;
    }

    public static function section(SpecificationSheet $sheet): Section
    {
        return Section::Heads;
    }

    public static function view(): string
    {
        return 'parts.heads';
    }

    public static function of(JobFile $file, Truth $truth): self
    {
        $findings = app(Marks::class)->areShown ? self::findings($file->inspection()) : [];
        $true = $truth->inspection() === null ? null : self::findings($truth->inspection());
        $valves = ValvePlaces::valves($file->sheet);
        $pitch = self::WIDTH / count($valves);
        $diameters = array_filter([$file->sheet->intake->headDiameter?->nanometres, $file->sheet->exhaust->headDiameter?->nanometres]);
        $largest = $diameters === [] ? 1 : max($diameters);
        $scale = min(self::LARGEST, $pitch * 0.46) / $largest;
        $drawn = [];
        foreach ($valves as $index => [$cylinder, $spot]) {
            $subject = ValvePlaces::subject($cylinder, $spot);
            $beside = array_keys(array_filter($valves, static fn (array $valve): bool => $valve[0] === $cylinder));
            $drawn[] = [
                'x' => Coordinate::of($pitch * ($index + 0.5)),
                'radius' => Coordinate::of((ValvePlaces::spec($file->sheet, $spot)->headDiameter->nanometres ?? $largest) * $scale),
                ...self::told($findings[$subject->code] ?? [], $file),
                'truth' => $true === null ? null : self::told($true[$subject->code] ?? [], $file),
                'goto' => Place::at(ValveFeature::GuideHeight, $cylinder, $spot)->key,
                'name' => SubjectName::of($subject),
                'cylinder' => $cylinder,
                'isFirst' => $beside[0] === $index,
                'middle' => Coordinate::of($pitch * (array_sum($beside) / count($beside) + 0.5)),
            ];
        }

        return new self($drawn);
    }

    /** @return array<string, list<Finding>> By the code of their valve */
    private static function findings(EngineInspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->judged(Section::Heads)->findings as $finding) {
            $findings[$finding->about->code][] = $finding;
        }

        return $findings;
    }

    /**
     * @param  list<Finding>  $findings  Of one valve
     * @return array{guide: CellState, seat: CellState, caption: string}
     */
    private static function told(array $findings, JobFile $file): array
    {
        return [
            'guide' => self::state($findings, ['VALVE-1', 'VALVE-2']),
            'seat' => self::state($findings, ['VALVE-3']),
            'caption' => self::clearance($findings, $file),
        ];
    }

    /**
     * @param  list<Finding>  $findings
     * @param  list<string>  $rules
     */
    private static function state(array $findings, array $rules): CellState
    {
        $own = array_filter($findings, static fn (Finding $finding): bool => in_array($finding->rule, $rules, true));
        $isOpen = $own === [] || array_filter($own, static fn (Finding $finding): bool => $finding->outcome === Outcome::Missing) !== [];
        $worst = array_reduce(array_map(CellState::ofFinding(...), $own), CellState::worse(...), CellState::Missing);

        return $isOpen && $worst === CellState::Good ? CellState::Missing : $worst;
    }

    /** @param  list<Finding>  $findings */
    private static function clearance(array $findings, JobFile $file): string
    {
        foreach ($findings as $finding) {
            if ($finding->criterion === Criterion::StemClearance && $finding->value instanceof Amount) {
                return (new AmountDisplay($file->display))->text($finding->value);
            }
        }

        return '';
    }
}
