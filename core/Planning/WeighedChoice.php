<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

/** A choice that is tried, and how many choices of its part it stands for. */
final readonly class WeighedChoice
{
    private function __construct(public Choice $choice, public int $times)
    {
    }

    /**
     * The choices of a part without those that no best plan can hold: another one that forbids the same is no worse in anything, and costs
     * less or stands before it, so that it wins the ties as well.
     *
     * @param  list<Exclusion>  $exclusions  That name the part
     * @return list<self>
     */
    public static function ofPart(PlannedPart $part, array $exclusions): array
    {
        $alike = [];
        foreach ($part->choices as $choice) {
            $alike[self::whatItForbids($part, $choice, $exclusions)][] = $choice;
        }
        $weights = [];
        foreach ($alike as $choices) {
            $standing = array_filter($choices, static fn (Choice $choice): bool => ! self::isBeaten($choice, $choices));
            foreach ($standing as $choice) {
                $weights[$choice->code] = 1;
            }
            $weights[array_values($standing)[0]->code] += count($choices) - count($standing);
        }
        $weighed = [];
        foreach ($part->choices as $choice) {
            if (isset($weights[$choice->code])) {
                $weighed[] = new self($choice, $weights[$choice->code]);
            }
        }

        return $weighed;
    }

    /** @param  list<Choice>  $choices  In their order */
    private static function isBeaten(Choice $choice, array $choices): bool
    {
        $isBefore = true;
        foreach ($choices as $other) {
            if ($other === $choice) {
                $isBefore = false;
            } elseif ($other->isNoWorseThan($choice) && ($isBefore || $other->cost->minor < $choice->cost->minor)) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Exclusion>  $exclusions */
    private static function whatItForbids(PlannedPart $part, Choice $choice, array $exclusions): string
    {
        $others = [];
        foreach ($exclusions as $one) {
            if ([$one->part, $one->choice] === [$part->code, $choice->code]) {
                $others[] = "{$one->otherPart} {$one->otherChoice}";
            }
            if ([$one->otherPart, $one->otherChoice] === [$part->code, $choice->code]) {
                $others[] = "{$one->part} {$one->choice}";
            }
        }
        sort($others);

        return implode('|', [
            $choice->bore?->nanometres,
            $choice->deckCut->nanometres,
            $choice->headCut->nanometres,
            ...array_unique($others),
        ]);
    }
}
