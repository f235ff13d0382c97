<?php

declare(strict_types=1);

namespace App\Stages\Receive;

/** What was found of a sleeve in one bore, ready to show; an empty kind is a bore nobody has surveyed. */
final readonly class SleeveLine
{
    public function __construct(
        public int $cylinder,
        public string $kind,
        public string $length,
        public string $kindBelow,
        public string $lengthBelow,
        public bool $jointFelt,
        public bool $flangeNotSeated,
        public bool $edgeCatchesNail,
        public string $findings,
        public string $worstOutcome,
        public bool $waitsForCustomer,
        public string $answer,
    ) {
    }
}
