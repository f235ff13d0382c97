<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\Quantity\Length;

/** A gauge's own repeatability, found by reading one place at least ten times (GAUGE-1). */
final readonly class RepeatStudy
{
    public const READINGS_NEEDED = 10;

    private function __construct(public Length $mean, public Length $repeatability, public Length $range)
    {
    }

    /**
     * The sample standard deviation, n − 1, rounded to the nanometre.
     *
     * @param  list<Length>  $readings
     *
     * @throws GaugingException If there are fewer than ten
     */
    public static function of(array $readings): self
    {
        if (count($readings) < self::READINGS_NEEDED) {
            throw GaugingException::tooFewRepeats(count($readings), self::READINGS_NEEDED);
        }
        $scatter = Scatter::of($readings);

        return new self(
            Length::ofNanometres((int) round($scatter->mean)),
            Length::ofNanometres((int) round($scatter->deviation())),
            Length::largest(...$readings)->minus(Length::smallest(...$readings)),
        );
    }
}
