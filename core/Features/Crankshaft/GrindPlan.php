<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Engine\Policy\GrindAim;
use NorthLedger\Core\Quantity\Length;

/** What one group of journals is ground to: one that is not polish-only grinds them all (JRNL-3, JRNL-4, JRNL-5). */
final readonly class GrindPlan
{
    /** @param  ?Length  $caseLeft  On one side; null where nothing is ground or the journals are not hardened */
    private function __construct(public GrindAction $action, public ?Length $undersize, public ?Length $target, public ?Length $caseLeft)
    {
    }

    /**
     * @param  non-empty-list<JudgedJournal>  $journals
     * @param  list<Length>  $undersizes  Offered
     * @param  ?Length  $caseDepth  At the standard size, on one side; null where they are not hardened
     */
    public static function of(array $journals, Length $least, Length $most, array $undersizes, GrindAim $aim, ?Length $caseDepth): self
    {
        if (array_filter($journals, static fn (JudgedJournal $journal): bool => ! $journal->polishOnly) === []) {
            return new self(GrindAction::Polish, null, null, null);
        }
        usort($undersizes, static fn (Length $a, Length $b): int => $a->nanometres <=> $b->nanometres);
        $need = Length::smallest(...array_column($journals, 'need'));
        foreach ($undersizes as $undersize) {
            $target = self::aimedAt($least, $most, $undersize, $aim);
            if (! $target->isLargerThan($need)) {
                return new self(GrindAction::Grind, $undersize, $target, $caseDepth?->minus($undersize->half()));
            }
        }

        return new self(GrindAction::WeldOrReplace, null, null, null);
    }

    /** Nothing of the hardened case is left: treat it anew, or replace it. */
    public function losesItsCase(): bool
    {
        return $this->caseLeft !== null && ! $this->caseLeft->isPositive();
    }

    /** Where in its range a journal of that undersize is ground to (JRNL-4). */
    public static function aimedAt(Length $least, Length $most, Length $undersize, GrindAim $aim): Length
    {
        $aimed = match ($aim) {
            GrindAim::Middle => $least->plus($most)->half(),
            GrindAim::High => $most,
            GrindAim::Low => $least,
        };

        return $aimed->minus($undersize);
    }
}
