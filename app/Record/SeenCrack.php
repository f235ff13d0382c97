<?php

declare(strict_types=1);

namespace App\Record;

use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Features\Cracks\Look;

/** A crack that somebody keyed as a look at a bore, as it stands on the crack map (CRACK-5a). */
final readonly class SeenCrack
{
    /**
     * @param  string  $id  Of the reading that says it
     * @param  array{int, int}  $point  On the face, in thousandths of it
     */
    public function __construct(public string $id, public Look $look, public Face $face, public array $point)
    {
    }
}
