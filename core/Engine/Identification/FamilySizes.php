<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Identification;

use NorthLedger\Core\Engine\Specification\JournalSpec;
use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Quantity\Length;

/** The sizes by which a family can be known, and the numbers cast into its parts. */
final readonly class FamilySizes
{
    /**
     * @param  list<OfferedSize>  $sizes
     * @param  list<string>  $castings
     */
    public function __construct(public string $family, public string $name, public array $sizes, public array $castings)
    {
    }

    public static function of(SpecificationSheet $sheet): self
    {
        $point = static fn (KnownSize $of, Length $size, Length $step): OfferedSize => new OfferedSize(
            $of,
            $step,
            LengthRange::between($size, $size),
        );
        $sizes = [];
        foreach ([Length::zero(), ...$sheet->bore->oversizes] as $step) {
            $sizes[] = $point(KnownSize::Bore, $sheet->bore->sizeAt($step), $step);
        }
        foreach ([Length::zero(), ...$sheet->housings->lineBoreSteps ?? []] as $step) {
            $sizes = [...$sizes, ...self::over(KnownSize::MainHousing, $sheet->housings->diameter, $step)];
        }

        return new self(
            $sheet->family,
            $sheet->name,
            [
                ...$sizes,
                ...self::journals(KnownSize::MainJournal, $sheet->crankshaft->mains, $sheet->crankshaft->undersizes ?? []),
                ...self::journals(KnownSize::RodJournal, $sheet->crankshaft->rods, $sheet->crankshaft->undersizes ?? []),
                ...self::over(KnownSize::BigEnd, $sheet->rods->bigEnd, Length::zero()),
                ...self::over(KnownSize::RodLength, $sheet->rods->centreDistance, Length::zero()),
                $point(KnownSize::Stroke, $sheet->stroke, Length::zero()),
                ...($sheet->boreSpacing === null ? [] : [$point(KnownSize::BoreSpacing, $sheet->boreSpacing, Length::zero())]),
            ],
            $sheet->castings,
        );
    }

    /** @return list<OfferedSize> */
    public function offered(KnownSize $of): array
    {
        return array_values(array_filter($this->sizes, static fn (OfferedSize $one): bool => $one->of === $of));
    }

    /** True where a number that was found is one of those cast into this family's parts; signs between its characters do not count. */
    public function bears(string $casting): bool
    {
        return in_array(CastingNumber::normalised($casting), array_map(CastingNumber::normalised(...), $this->castings), true);
    }

    /** @return list<OfferedSize> None where nobody knows what it is made to */
    private static function over(KnownSize $of, ?LengthRange $made, Length $step): array
    {
        return $made === null ? [] : [new OfferedSize($of, $step, $made->plus($step))];
    }

    /**
     * @param  list<Length>  $undersizes
     * @return list<OfferedSize>
     */
    private static function journals(KnownSize $of, JournalSpec $journals, array $undersizes): array
    {
        return array_merge(
            ...array_map(static fn (Length $under): array => self::over($of, $journals->diameter, $under->negated()), [
                Length::zero(),
                ...$undersizes,
            ]),
        );
    }
}
