<?php

declare(strict_types=1);

namespace NorthLedger\Core\Record;

/** Under what conditions readings were taken (GAUGE-4); temperatures are in °C, null where not taken. */
final readonly class Conditions
{
    public function __construct(
        public bool $capsTorqued = false,
        public bool $torquePlate = false,
        public bool $cooled = false,
        public bool $clean = false,
        public ?float $partCelsius = null,
        public ?float $masterCelsius = null,
    ) {
    }

    public static function notStated(): self
    {
        return new self();
    }
}
