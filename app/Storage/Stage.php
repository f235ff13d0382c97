<?php

declare(strict_types=1);

namespace App\Storage;

/** The stages of a job in the order of the work; each is a page. */
enum Stage: string
{
    case Receive = 'receive';
    case Clean = 'clean';
    case Cracks = 'cracks';
    case Measure = 'measure';
    case Judge = 'judge';
    case Plan = 'plan';
    case Work = 'work';
    case Verify = 'verify';
    case Release = 'release';

    /** True where readings are keyed: on a sheet for each section. */
    public function hasSheets(): bool
    {
        return $this === self::Measure || $this === self::Verify;
    }

    public function number(): int
    {
        return array_search($this, self::cases(), true) + 1;
    }
}
