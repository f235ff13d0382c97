<?php

declare(strict_types=1);

namespace App\Gauges;

/** A calibration certificate as it was kept: by the hash of its bytes, under the name it came with. */
final readonly class StoredCertificate
{
    public function __construct(public string $hash, public string $name)
    {
    }
}
