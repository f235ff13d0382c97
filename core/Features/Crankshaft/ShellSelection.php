<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Engine\Specification\JournalSpec;
use NorthLedger\Core\Engine\Specification\ShellGradeSpec;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** Chooses the shells of a journal from the grades that the shop can get: nearest to the middle of the range (JRNL-9). */
final readonly class ShellSelection
{
    /** @param  non-empty-list<array{ShellGrade, ShellGrade}>  $pairs  In the order in which ties are decided */
    private function __construct(private array $pairs, private Length $least, private Length $most)
    {
    }

    /**
     * From the grades of a sheet, each half thicker by half of the undersize.
     *
     * @return ?self Null where the sheet has no grades, or nobody knows the range of the clearance
     */
    public static function forJournals(JournalSpec $spec, Length $undersize, bool $mixesHalves): ?self
    {
        return $spec->shellGrades === [] || $spec->oilClearance === null
            ? null
            : self::of(
                array_map(
                    static fn (ShellGradeSpec $grade): ShellGrade => ShellGrade::of($grade->name, $grade->wall->plus($undersize->half())),
                    $spec->shellGrades,
                ),
                $mixesHalves,
                $spec->oilClearance->least,
                $spec->oilClearance->most,
            );
    }

    /**
     * @param  list<ShellGrade>  $grades
     * @param  bool  $mixesHalves  True where the two halves may be of two grades
     *
     * @throws PlanningException If there is no grade, or the range cannot be
     */
    public static function of(array $grades, bool $mixesHalves, Length $least, Length $most): self
    {
        $least->isNegative() && throw PlanningException::impossible('least_clearance', $least->nanometres);
        $most->isSmallerThan($least) && throw PlanningException::impossible('range_top', $most->nanometres);
        $pairs = array_map(static fn (ShellGrade $grade): array => [$grade, $grade], $grades);
        foreach ($mixesHalves ? $grades : [] as $index => $upper) {
            foreach (array_slice($grades, $index + 1) as $lower) {
                $pairs[] = [$upper, $lower];
            }
        }

        return new self($pairs === [] ? throw PlanningException::tooFew('shell_grades', 0, 1) : $pairs, $least, $most);
    }

    /** @throws PlanningException If a size is not above zero */
    public function forJournal(Length $housing, Length $journal): ShellPair
    {
        foreach (['housing' => $housing, 'journal' => $journal] as $what => $size) {
            $size->isPositive() || throw PlanningException::impossible($what, $size->nanometres);
        }
        [$best, $distance] = [$this->pairs[0], null];
        foreach ($this->pairs as $pair) {
            $away = $this->twiceFromTheMiddle($this->clearance($pair, $housing, $journal));
            if ($distance === null || $away->isSmallerThan($distance)) {
                [$best, $distance] = [$pair, $away];
            }
        }

        return $this->judged($best, $housing, $journal);
    }

    /** @param  array{ShellGrade, ShellGrade}  $pair */
    private function judged(array $pair, Length $housing, Length $journal): ShellPair
    {
        $clearance = $this->clearance($pair, $housing, $journal);
        [$state, $misses] = match (true) {
            $clearance->isSmallerThan($this->least) => [ClearanceState::Tight, $this->least->minus($clearance)],
            $clearance->isLargerThan($this->most) => [ClearanceState::Loose, $clearance->minus($this->most)],
            default => [ClearanceState::Conforms, Length::zero()],
        };

        return new ShellPair($pair[0], $pair[1], $clearance, $state, $misses);
    }

    /** @param  array{ShellGrade, ShellGrade}  $pair */
    private function clearance(array $pair, Length $housing, Length $journal): Length
    {
        return $housing->minus($journal)->minus($pair[0]->wall)->minus($pair[1]->wall);
    }

    /** Twice, so that half a nanometre decides as well. */
    private function twiceFromTheMiddle(Length $clearance): Length
    {
        return $clearance->times(2)->minus($this->least)->minus($this->most)->absolute();
    }
}
