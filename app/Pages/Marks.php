<?php

declare(strict_types=1);

namespace App\Pages;

/** Whether a sheet and its drawings show what the readings come to: not to somebody who practises and has not said it yet (PRAC-2). */
final readonly class Marks
{
    public function __construct(public bool $areShown = true)
    {
    }
}
