<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Identification;

use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;

/** Which families a part without papers can be of, and what would tell those apart that are left. */
final readonly class Identification
{
    /** More families than these are narrowed down by any further size. */
    private const MOST_TO_TELL_APART = 12;

    /**
     * @param  list<Candidate>  $possible  That for which most speaks first
     * @param  list<Candidate>  $excluded  The nearest first
     * @param  ?KnownSize  $telling  Not measured yet, and tells most of the possible ones apart; null where none does
     */
    private function __construct(public array $possible, public array $excluded, public ?KnownSize $telling)
    {
    }

    /**
     * @param  list<FamilySizes>  $families
     * @param  list<MeasuredSize>  $measured  Each size once
     * @param  string  $casting  Number found on the part; empty where there is none
     * @param  Length  $wear  The most that a place which looks unworn has lost or grown
     */
    public static function among(array $families, array $measured, string $casting, Length $wear): self
    {
        $all = array_map(static fn (FamilySizes $family): Candidate => Candidate::of($family, $measured, $casting, $wear), $families);
        $possible = array_values(array_filter($all, static fn (Candidate $one): bool => $one->isPossible()));
        $excluded = array_values(array_filter($all, static fn (Candidate $one): bool => $one->off !== []));
        usort(
            $possible,
            static fn (Candidate $a, Candidate $b): int => [$b->bearsCasting, $b->evidence(), $a->family->name] <=> [
                $a->bearsCasting,
                $a->evidence(),
                $b->family->name,
            ],
        );
        usort(
            $excluded,
            static fn (Candidate $a, Candidate $b): int => [count($a->off), $a->distance(), $a->family->name] <=> [
                count($b->off),
                $b->distance(),
                $b->family->name,
            ],
        );

        return new self($possible, $excluded, self::telling($possible, $measured, $wear));
    }

    /**
     * @param  list<Candidate>  $possible
     * @param  list<MeasuredSize>  $measured
     */
    private static function telling(array $possible, array $measured, Length $wear): ?KnownSize
    {
        $families = array_map(static fn (Candidate $one): FamilySizes => $one->family, array_slice($possible, 0, self::MOST_TO_TELL_APART));
        $known = array_map(static fn (MeasuredSize $one): KnownSize => $one->of, $measured);
        [$best, $most] = [null, 0];
        foreach (KnownSize::cases() as $size) {
            $pairs = in_array($size, $known, true) ? 0 : self::pairsToldApart($families, $size, $wear);
            if ($pairs > $most) {
                [$best, $most] = [$size, $pairs];
            }
        }

        return $best;
    }

    /** @param  list<FamilySizes>  $families */
    private static function pairsToldApart(array $families, KnownSize $size, Length $wear): int
    {
        $pairs = 0;
        foreach ($families as $index => $one) {
            foreach (array_slice($families, $index + 1) as $other) {
                $pairs += self::areApart($one->offered($size), $other->offered($size), $wear) ? 1 : 0;
            }
        }

        return $pairs;
    }

    /**
     * @param  list<OfferedSize>  $one
     * @param  list<OfferedSize>  $other
     */
    private static function areApart(array $one, array $other, Length $wear): bool
    {
        foreach ($one as $a) {
            foreach ($other as $b) {
                if (! $a->isApartFrom($b, $wear, self::usualDoubt($a))) {
                    return false;
                }
            }
        }

        return $one !== [] && $other !== [];
    }

    private static function usualDoubt(OfferedSize $offered): Length
    {
        $gauge = Instrument::ofKind($offered->of->usualGauge());

        return Uncertainty::ofSize($offered->made->most, $gauge, Temperatures::of(0, 0, null, null))->expanded();
    }
}
