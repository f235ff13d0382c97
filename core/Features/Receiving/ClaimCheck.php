<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

/** Holds a claim of the paperwork against what was found; the difference is a finding (WORK-5). */
final readonly class ClaimCheck
{
    private function __construct(public Claim $claim, public ClaimMatch $match, public string $found)
    {
    }

    public static function of(Claim $claim, FoundWork $found): self
    {
        return match ($claim->kind) {
            ClaimKind::Sleeved => self::counted($claim, $found->sleeves, $found->allBoresSurveyed),
            ClaimKind::ThreadInserts => self::counted($claim, $found->inserts, true),
            ClaimKind::CracksRepaired => self::counted($claim, $found->crackRepairs, true),
            ClaimKind::Welded => self::counted($claim, $found->welds, true),
            ClaimKind::Rebored => self::bored($claim, $found),
            default => new self($claim, $claim->judged ?? ClaimMatch::NotChecked, ''),
        };
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

        return new self($claim, $match, $found === null ? '' : "{$found} found".($isWhole ? '' : ' so far'));
    }

    private static function bored(Claim $claim, FoundWork $found): self
    {
        $match = match (true) {
            $claim->step === null, $found->boreStep === null => $claim->judged ?? ClaimMatch::NotChecked,
            default => $claim->step->equals($found->boreStep) ? ClaimMatch::Agrees : ClaimMatch::Differs,
        };

        return new self($claim, $match, '');
    }
}
