<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\Engine\Policy\DwellSchool;

/** How long penetrant stays on and developer is left before it is read, in minutes (CRACK-2). */
final readonly class Dwell
{
    public const LEAST_DEVELOPER_MINUTES = 10;

    public const LATEST_READING_MINUTES = 60;

    private const COLDEST_C = 5.0;

    private const SLOW_UP_TO_C = 10.0;

    private const HOTTEST_C = 50.0;

    private function __construct(public int $penetrantMinutes, public int $developerMinutes)
    {
    }

    /**
     * From 5 to 10 °C, ends included, the dwell is doubled; the part's own temperature counts.
     *
     * @param  int  $developerMinutes  As chosen for this check; never fewer than ten
     *
     * @throws CrackCheckRefused Below 5 °C or above 50 °C
     */
    public static function at(float $celsius, DwellSchool $school, int $developerMinutes = self::LEAST_DEVELOPER_MINUTES): self
    {
        return match (true) {
            $celsius < self::COLDEST_C => throw CrackCheckRefused::because(Refusal::TooCold),
            $celsius > self::HOTTEST_C => throw CrackCheckRefused::because(Refusal::TooHot),
            default => new self(
                $school->minutes() * ($celsius <= self::SLOW_UP_TO_C ? 2 : 1),
                max(self::LEAST_DEVELOPER_MINUTES, $developerMinutes),
            ),
        };
    }

    /**
     * What a reading after these times is marked with.
     *
     * @return list<TimingMark>
     */
    public function marks(float $penetrantMinutes, float $developerMinutes): array
    {
        return array_values(
            array_filter([
                $penetrantMinutes < $this->penetrantMinutes || $developerMinutes < $this->developerMinutes ? TimingMark::Early : null,
                $developerMinutes > self::LATEST_READING_MINUTES ? TimingMark::Late : null,
            ]),
        );
    }
}
