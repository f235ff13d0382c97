<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\LengthUnit;

/** One group of journals at standard size, and the shells that run on them; null is what nobody knows. */
final readonly class JournalSpec
{
    /** @param  list<ShellGradeSpec>  $shellGrades  As they are sold, at standard; none where nobody knows, or there is one only */
    private function __construct(
        public int $count,
        public ?LengthRange $diameter,
        public ?LengthRange $fillet,
        public ?LengthRange $shellWall,
        public ?LengthRange $oilClearance,
        public array $shellGrades,
    ) {
    }

    /** @param  int  $usual  How many there are where the sheet does not say */
    public static function fromNode(Node $node, LengthUnit $unit, int $usual): self
    {
        return new self(
            $node->at('count')->ifGiven(static fn (Node $count): int => $count->wholeNumber(1, 12)) ?? $usual,
            LengthRange::ifGiven($node->at('diameter'), $unit),
            LengthRange::ifGiven($node->at('fillet'), $unit),
            LengthRange::ifGiven($node->at('shell_wall'), $unit),
            LengthRange::ifGiven($node->at('oil_clearance'), $unit),
            array_map(
                static fn (Node $grade): ShellGradeSpec => ShellGradeSpec::fromNode($grade, $unit),
                $node->at('shell_grades')->itemsIfGiven(),
            ),
        );
    }

    /**
     * The oil clearances that parts inside their limits can give: bearing bore less journal (JRNL-8).
     *
     * @return ?LengthRange Null where one of the parts is not known
     */
    public function clearanceIn(?LengthRange $housing): ?LengthRange
    {
        if ($housing === null || $this->shellWall === null || $this->diameter === null) {
            return null;
        }

        return LengthRange::between(
            $housing->least->minus($this->shellWall->most->times(2)),
            $housing->most->minus($this->shellWall->least->times(2)),
        )->around($this->diameter);
    }
}
