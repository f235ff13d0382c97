<?php

declare(strict_types=1);

namespace App\Pages;

use App\Words\FindingWords;
use App\Words\Labels;
use App\Words\Line;
use App\Words\PlaceName;
use App\Words\SubjectName;
use App\Words\VerdictWords;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Record\Reading;

/** A finding as one sentence with its rule and the readings it rests on. */
final readonly class FindingLine
{
    /** @param  list<string>  $readings  “top, thrust 3.8156” */
    private function __construct(
        public string $who,
        public string $sentence,
        public string $rule,
        public array $readings,
        public CellState $state,
        public string $outcome,
        public string $concessionKey,
    ) {
    }

    /**
     * @param  non-empty-list<Finding>  $findings  Told together (GAUGE-9)
     * @param  JudgedBore  $bore  That the first is of
     */
    public static function ofAll(array $findings, FindingWords $words, LengthDisplay $display, JudgedBore $bore): self
    {
        $line = self::of($findings[0], $words, $display, $bore);
        [$doubt, $limit] = [$findings[0]->uncertainty, $findings[0]->limits?->tolerance()];
        if (count($findings) === 1 || $doubt === null || $limit === null) {
            return $line;
        }
        $cylinders = array_values(array_unique(array_map(static fn (Finding $finding): int => $finding->about->number(), $findings)));

        return new self(
            Line::of('findings.close_calls.cylinders', ['cylinders' => VerdictWords::list($cylinders)]),
            CloseCalls::sentence(
                array_map(static fn (Finding $finding): string => Labels::criterion($finding->criterion), $findings),
                $doubt,
                $limit,
                $display,
            ),
            'GAUGE-9',
            [],
            $line->state,
            $line->outcome,
            '',
        );
    }

    /** @param  JudgedBore  $bore  That the finding is of */
    public static function of(Finding $finding, FindingWords $words, LengthDisplay $display, JudgedBore $bore): self
    {
        $state = $finding->outcome === Outcome::Missing ? CellState::Missing : CellState::ofFinding($finding);

        return new self(
            SubjectName::of($finding->about),
            $words->sentence($finding).$words->withNewPiston($finding, $bore),
            $finding->rule,
            array_map(
                static fn (Reading $reading): string => PlaceName::on($reading->place).
                    ' '.
                    ($reading->isSized
                        ? $display->size($reading->corrected)
                        : Line::of('sheet.from_zero', [
                            'value' => "{$display->deviation($reading->corrected)} {$display->deviationUnit()}",
                        ])),
                $finding->readings,
            ),
            $state,
            $finding->outcome->value,
            Concedable::isPitting($finding) ? Concedable::pittingKey($finding) : '',
        );
    }
}
