<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;

/** Holds a claim of the paperwork against what was found; the difference is a finding (WORK-5). */
final readonly class ClaimCheck
{
    /**
     * @param  list<Finding>  $failing  Readings that refute it
     * @param  ?Length  $step  The size step that was read, where it is another than claimed
     */
    private function __construct(
        public Claim $claim,
        public ClaimMatch $match,
        public ?Message $found,
        public array $failing = [],
        public ?Length $step = null,
    ) {
    }

    public static function of(Claim $claim, FoundWork $found): self
    {
        return match ($claim->kind) {
            ClaimKind::Sleeved => self::counted($claim, $found->sleeves, $found->allBoresSurveyed),
            ClaimKind::ThreadInserts => self::counted($claim, $found->inserts, true),
            ClaimKind::CracksRepaired => self::counted($claim, $found->crackRepairs, true),
            ClaimKind::Welded => self::counted($claim, $found->welds, true),
            ClaimKind::Rebored => self::bored($claim, $found),
            default => $claim->kind->section() === null
                ? new self($claim, $claim->judged ?? ClaimMatch::NotChecked, null)
                : self::read($claim, $found),
        };
    }

    /**
     * By what was read: another step than claimed, or something that is out, refutes it at once; it holds when all of it is read.
     */
    private static function read(Claim $claim, FoundWork $found): self
    {
        $findings = array_filter($found->findings[$claim->kind->section()?->value] ?? [], $claim->kind->isAnsweredBy(...));
        $failing = array_values(array_filter($findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail));
        $steps = $found->steps[$claim->kind->value] ?? [];
        $other = array_values(
            array_filter(
                $steps,
                static fn (Length $step): bool => $claim->step !== null && ! $step->absolute()->equals($claim->step->absolute()),
            ),
        );
        $open = array_filter(
            $findings,
            static fn (Finding $finding): bool => ! in_array($finding->outcome, [Outcome::Pass, Outcome::Concession], true),
        );
        $match = match (true) {
            $failing !== [], $other !== [] => ClaimMatch::Differs,
            $findings === [], $open !== [], $claim->step !== null && $steps === [] => $claim->judged ?? ClaimMatch::NotChecked,
            default => ClaimMatch::Agrees,
        };

        return new self($claim, $match, null, $failing, $other[0] ?? null);
    }

    /** More found than claimed differs at once; fewer only when everything was looked at. */
    private static function counted(Claim $claim, ?int $found, bool $isWhole): self
    {
        $match = match (true) {
            $found === null, $claim->count === null => $claim->judged ?? ClaimMatch::NotChecked,
            $found > $claim->count => ClaimMatch::Differs,
            ! $isWhole => ClaimMatch::NotChecked,
            default => $found === $claim->count ? ClaimMatch::Agrees : ClaimMatch::Differs,
        };

        $line = $isWhole ? 'receive.claim.found' : 'receive.claim.found_so_far';

        return new self($claim, $match, $found === null ? null : new Message($line, ['count' => $found]));
    }

    private static function bored(Claim $claim, FoundWork $found): self
    {
        $match = match (true) {
            $claim->step === null, $found->boreStep === null => $claim->judged ?? ClaimMatch::NotChecked,
            default => $claim->step->equals($found->boreStep) ? ClaimMatch::Agrees : ClaimMatch::Differs,
        };

        return new self($claim, $match, null);
    }
}
