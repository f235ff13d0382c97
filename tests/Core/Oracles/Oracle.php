<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/**
 * A rule told a second time, as plainly as it can be and with nothing of the core: it makes cases up and says what has to come out, in the
 * shape of the worked cases.
 */
interface Oracle
{
    /**
     * @return ?array{given: array<string, mixed>, expect: array<string, mixed>, tolerance?: array<string, int|float>} Null where what was
     *     made up lies so near to an edge that either answer is right
     */
    public function case(Chance $chance): ?array;
}
