<?php

declare(strict_types=1);

namespace App\Drawings\Faces;

use NorthLedger\Core\Engine\Specification\Face;

/** A face of the crack map: 1000 wide, and as high as the real one looks beside it. */
final readonly class DrawnFace
{
    public const WIDTH = 1_000;

    /** @param  list<FacePiece>  $pieces  From the back to the front */
    public function __construct(public Face $face, public int $height, public array $pieces)
    {
    }
}
