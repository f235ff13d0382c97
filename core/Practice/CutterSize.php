<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\FinishedBore;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Simulation\SimulationException;
use Random\Randomizer;

/** What the boring cutter is set to for a piston that was measured (BORE-12). */
final class CutterSize
{
    /** A piston is as far from its list as so many steps of a gauge. */
    private const MOST_STEPS = 6;

    /** @throws SimulationException If nobody knows the family’s pistons, or the clearance that they want */
    public static function ask(int $seed, Randomizer $chance, ShopPolicy $policy, SpecificationSheet $sheet): MethodQuestion
    {
        $allowances = $policy->boreAllowances($sheet->unit);
        $oversizes = $sheet->bore->oversizes;
        $step = $oversizes === [] ? Length::zero() : $oversizes[$chance->getInt(0, count($oversizes) - 1)];
        $off = Length::ofNanometres($sheet->unit->gaugeStep()->nanometres * $chance->getInt(-self::MOST_STEPS, self::MOST_STEPS));
        $piston = $sheet->piston->sizeAt($step)?->plus($off);
        $finished = $piston === null ? null : FinishedBore::for($sheet, $allowances, $step, $piston);
        if ($piston === null || $finished === null || $sheet->piston->minimumClearance === null) {
            throw SimulationException::nothingToJudge($sheet->name);
        }
        $display = LengthDisplay::in($sheet->unit);
        $size = static fn (Length $length): string => $display->finerSize($length)." {$sheet->unit->value}";
        $right = $size($finished->bored);
        $choices = [
            $right,
            $size($finished->least),
            $size($piston->minus($allowances->honeStock)),
            $size($sheet->bore->nominal->plus($step)->minus($allowances->honeStock)),
            $size($finished->least->minus($allowances->honeStock->half())),
        ];
        $choices = array_values(array_unique($choices));
        sort($choices);

        return new MethodQuestion(
            QuestionKind::CutterSize,
            $seed,
            [
                'family' => $sheet->name,
                'made' => $size($sheet->bore->nominal),
                'step' => $size($step),
                'piston' => $size($piston),
                'clearance' => $size($sheet->piston->minimumClearance),
                'stock' => $size($allowances->honeStock),
                'finished' => $size($finished->least),
            ],
            $choices,
            $right,
        );
    }
}
