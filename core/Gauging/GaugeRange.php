<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\Quantity\Length;

/** The sizes a gauge can read, ends included (GAUGE-1, QTY-4). */
final readonly class GaugeRange
{
    private function __construct(public Length $least, public Length $most)
    {
    }

    /** @throws GaugingException If the largest size is not above the smallest */
    public static function of(Length $least, Length $most): self
    {
        return $most->isLargerThan($least)
            ? new self($least, $most)
            : throw GaugingException::emptyRange($least->nanometres, $most->nanometres);
    }

    /** Of something that reads no length. */
    public static function none(): self
    {
        return new self(Length::zero(), Length::zero());
    }

    public static function ofNanometres(int $least, int $most): self
    {
        return self::of(Length::ofNanometres($least), Length::ofNanometres($most));
    }

    public function reaches(Length $size): bool
    {
        return ! $size->isSmallerThan($this->least) && ! $size->isLargerThan($this->most);
    }
}
