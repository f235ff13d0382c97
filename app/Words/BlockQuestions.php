<?php

declare(strict_types=1);

namespace App\Words;

/** The two questions that the readings of a block answer, each apart: can it stay, and which size (BORE-5). */
final readonly class BlockQuestions
{
    public function __construct(public string $canStay, public string $size, public bool $canStayIsSettled, public bool $sizeIsSettled)
    {
    }
}
