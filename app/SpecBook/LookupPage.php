<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Pages\Stamp;
use App\Storage\FamilyIndex;
use App\Words\Line;
use NorthLedger\Core\Engine\Identification\Candidate;
use NorthLedger\Core\Engine\Identification\Identification;
use NorthLedger\Core\Engine\Identification\KnownSize;
use NorthLedger\Core\Engine\Identification\MeasuredSize;
use NorthLedger\Core\Engine\Identification\OfferedSize;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** The families that fit what was measured, those that do not, and what to measure next. */
final readonly class LookupPage
{
    private const MOST_EXCLUDED = 6;

    /**
     * @param  list<array{family: string, name: string, evidence: list<array{size: string, step: string, off: string}>, notes: string,
     *     telling: string}>  $possible
     * @param  list<array{family: string, name: string, why: string}>  $excluded
     */
    private function __construct(
        public Stamp $stamp,
        public string $next,
        public string $telling,
        public string $unit,
        public array $possible,
        public array $excluded,
    ) {
    }

    public static function of(LookupForm $form, FamilyIndex $families, ShopPolicy $policy): self
    {
        $wear = $policy->boreAllowances($form->unit)->stepTolerance;
        $near = $families->near($form->measured(), $form->casting, $wear);
        $found = Identification::among($near, $form->measured(), $form->casting, $wear);
        $display = LengthDisplay::in($form->unit);

        return new self(
            self::stamp($form, $found),
            self::next($form, $found, count($near) >= FamilyIndex::MOST_NEAR),
            $found->telling === null ? '' : Line::ofCode('lookup.size', $found->telling),
            $display->deviationUnit(),
            array_map(
                static fn (Candidate $one): array => self::possible($one, $form->measured(), $found->telling, $display),
                $found->possible,
            ),
            array_map(
                static fn (Candidate $one): array => [
                    'family' => $one->family->family,
                    'name' => $one->family->name,
                    'why' => self::why($one, $display),
                ],
                array_slice($found->excluded, 0, self::MOST_EXCLUDED),
            ),
        );
    }

    private static function stamp(LookupForm $form, Identification $found): Stamp
    {
        $count = count($found->possible);

        return match (true) {
            $form->isEmpty() => new Stamp(Line::of('lookup.headline.nothing_typed'), '', 'missing'),
            $count === 0 => new Stamp(Line::of('lookup.headline.none'), '', 'out'),
            $count === 1 => new Stamp(Line::of('lookup.headline.one', ['family' => $found->possible[0]->family->name]), '', 'good'),
            $count >= FamilyIndex::MOST_NEAR => new Stamp(Line::of('lookup.headline.many', ['count' => $count]), '', 'close'),
            default => new Stamp(ucfirst(Line::counted('lookup.headline.several', $count)), '', 'close'),
        };
    }

    /** @param  bool  $isCut  True where more families are near than were read */
    private static function next(LookupForm $form, Identification $found, bool $isCut): string
    {
        return match (true) {
            $form->isEmpty() => Line::of('lookup.next.begin'),
            $found->possible === [] => Line::of('lookup.next.none'),
            count($found->possible) === 1 => Line::of($isCut ? 'lookup.next.one_of_the_nearest' : 'lookup.next.one'),
            $found->telling === null => Line::of('lookup.next.nothing_tells'),
            default => Line::of('lookup.next.telling', ['size' => lcfirst(Line::ofCode('lookup.size', $found->telling))]),
        };
    }

    /**
     * @param  list<MeasuredSize>  $measured
     * @return array{family: string, name: string, evidence: list<array{size: string, step: string, off: string}>, notes: string,
     *     telling: string}
     */
    private static function possible(Candidate $one, array $measured, ?KnownSize $telling, LengthDisplay $display): array
    {
        $evidence = [];
        foreach ($measured as $size) {
            $fit = $one->fits[$size->of->value] ?? null;
            if ($fit !== null) {
                $evidence[] = [
                    'size' => Line::ofCode('lookup.size', $size->of),
                    'step' => self::step($fit, $display),
                    'off' => $display->deviation($fit->distanceTo($size->size, Length::zero())),
                ];
            }
        }
        $unknown = array_map(
            static fn (KnownSize $of): string => lcfirst(Line::of('lookup.unknown', ['size' => Line::ofCode('lookup.size', $of)])),
            $one->unknown,
        );

        return [
            'family' => $one->family->family,
            'name' => $one->family->name,
            'evidence' => $evidence,
            'notes' => implode(', ', [...$one->bearsCasting ? [Line::of('lookup.casting')] : [], ...$unknown]),
            'telling' => $telling === null ? '' : self::made($one->family->offered($telling)[0] ?? null, $display),
        ];
    }

    private static function why(Candidate $one, LengthDisplay $display): string
    {
        $off = [];
        foreach ($one->off as $size => $distance) {
            $off[] = Line::of('lookup.off', [
                'size' => lcfirst(Line::ofCode('lookup.size', KnownSize::from($size))),
                'off' => $display->magnitudeWithUnit($distance),
            ]);
        }

        return ucfirst(implode(', ', $off));
    }

    /** “standard”, “.030 over”, “.010 under” */
    private static function step(OfferedSize $offered, LengthDisplay $display): string
    {
        $step = ltrim($display->step($offered->step->absolute()), '+');

        return match (true) {
            $offered->step->isZero() => Line::of('lookup.step.standard'),
            $offered->step->isNegative() => Line::of('lookup.step.under', ['step' => $step]),
            default => Line::of('lookup.step.over', ['step' => $step]),
        };
    }

    private static function made(?OfferedSize $offered, LengthDisplay $display): string
    {
        return match (true) {
            $offered === null => '',
            $offered->made->least->equals($offered->made->most) => $display->size($offered->made->most),
            default => $display->size($offered->made->least).Line::of('release.range.to').$display->size($offered->made->most),
        };
    }
}
