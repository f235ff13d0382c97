<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Logs;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** One bore between stints: top, middle, bottom, each thrust and in line (HONE-3, BORE-3). */
final readonly class SixSizes
{
    public const PLACES = ['top_thrust', 'top_inline', 'middle_thrust', 'middle_inline', 'bottom_thrust', 'bottom_inline'];

    /** @param  array<string, Length>  $sizes  By place */
    private function __construct(public array $sizes)
    {
    }

    /**
     * @param  list<Length>  $sizes  In the order of the places
     *
     * @throws PlanningException If there are fewer or more than six, or one cannot be
     */
    public static function of(array $sizes): self
    {
        count($sizes) === count(self::PLACES) || throw PlanningException::tooFew('sizes', count($sizes), count(self::PLACES));
        foreach ($sizes as $size) {
            $size->isPositive() || throw PlanningException::impossible('size', $size->nanometres);
        }

        return new self(array_combine(self::PLACES, $sizes));
    }

    public function smallest(): Length
    {
        return Length::smallest(...array_values($this->sizes));
    }

    public function largest(): Length
    {
        return Length::largest(...array_values($this->sizes));
    }

    /** @return array<string, Length> What came off at each place since an earlier reading; negative where the gauge says it grew smaller */
    public function removedSince(self $before): array
    {
        $removed = [];
        foreach ($this->sizes as $place => $size) {
            $removed[$place] = $size->minus($before->sizes[$place]);
        }

        return $removed;
    }

    /** Where it is tightest: there the hone dwells. Null where it is even within the gauge's resolution. */
    public function dwellAt(Length $resolution): ?string
    {
        if (! $this->largest()->minus($this->smallest())->isLargerThan($resolution)) {
            return null;
        }
        foreach ($this->sizes as $place => $size) {
            if ($size->equals($this->smallest())) {
                return $place;
            }
        }

        return null;
    }
}
