<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

/** Why a choice is not offered, or not recommended, whatever else is chosen. */
enum Bar: string
{
    /** A wall would be thinner than its least (BORE-9). */
    case WallTooThin = 'wall_too_thin';
    /** The bores cannot be worked that way at all. */
    case CannotBeWorked = 'cannot_be_worked';
    /** The customer keeps this part, with its numbers. */
    case OriginalIsKept = 'original_is_kept';
    /** Sleeves for wear that save no size (BORE-11b), or more of them than the shop accepts (BORE-11). */
    case NeedlessSleeves = 'needless_sleeves';
    /** Another block does not count where the life of this one is wanted (BORE-11). */
    case IsAnotherBlock = 'is_another_block';
    /** It does more than is needed: a person's wish, and nobody's recommendation. */
    case NotNeeded = 'not_needed';
    /** It leaves a known defect, which the customer alone can accept (VER-5). */
    case WantsAcceptance = 'wants_acceptance';
    /** This engine is built to something that this choice does not give. */
    case TargetIsWanted = 'target_is_wanted';
    /** A piston would stand higher than its allowance at a corner (DECK-6). */
    case PistonTooHigh = 'piston_too_high';

    /**
     * @param  list<array{self, bool}>  $asked  Each with whether it holds
     * @return list<self> Those that hold
     */
    public static function held(array $asked): array
    {
        return array_values(
            array_map(static fn (array $one): self => $one[0], array_filter($asked, static fn (array $one): bool => $one[1])),
        );
    }

    /** True where it keeps a choice out of every offer, the cheapest as well. */
    public function keepsOutOfOffers(): bool
    {
        return ! in_array($this, [self::IsAnotherBlock, self::WantsAcceptance], true);
    }

    /** False where it may be chosen, and is only not recommended. */
    public function forbids(): bool
    {
        return ! in_array(
            $this,
            [self::NeedlessSleeves, self::IsAnotherBlock, self::TargetIsWanted, self::WantsAcceptance, self::NotNeeded],
            true,
        );
    }
}
