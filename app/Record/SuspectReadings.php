<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\KeyedReading;
use App\Storage\StatedCheck;
use App\Storage\StatedSetup;

/**
 * Which readings of a sheet carry no verdict: those of a setup between its last good check and one that found the
 * gauge drifted (GAUGE-3), as long as nobody has confirmed them.
 */
final readonly class SuspectReadings
{
    /** @param  array<int, true>  $ids  Of the suspect rows */
    private function __construct(private array $ids)
    {
    }

    /**
     * @param  list<KeyedReading>  $rows
     * @param  array<int, StatedSetup>  $setups  By id
     * @param  list<StatedCheck>  $checks  Oldest first
     * @param  list<string>  $confirmed  ULIDs of readings that somebody stands by
     */
    public static function of(array $rows, array $setups, array $checks, array $confirmed): self
    {
        $ids = [];
        $trustedUpTo = [];
        foreach ($checks as $check) {
            if ($check->result($setups[$check->setupId]->gauge)->holds) {
                $trustedUpTo[$check->setupId] = $check->lastReadingId;

                continue;
            }
            foreach ($rows as $row) {
                if (
                    $row->setupId === $check->setupId &&
                    $row->id > ($trustedUpTo[$check->setupId] ?? 0) &&
                    $row->id <= $check->lastReadingId &&
                    ! in_array($row->ulid, $confirmed, true)
                ) {
                    $ids[$row->id] = true;
                }
            }
        }

        return new self($ids);
    }

    public function isOfNone(): bool
    {
        return $this->ids === [];
    }

    /** @param  list<KeyedReading>  $series  The repeats that count at one place */
    public function holdAny(array $series): bool
    {
        foreach ($series as $row) {
            if (isset($this->ids[$row->id])) {
                return true;
            }
        }

        return false;
    }
}
