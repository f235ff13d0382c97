<?php

declare(strict_types=1);

namespace App\Pages;

/** One part of the engine on the Judge page. */
final readonly class AssessedPartView
{
    /**
     * @param  list<array{who: string, sentence: string, rule: string, state: CellState, places: string, key: string,
     *     isConcedable: bool}> $telling  What fails, is close, undecided or conceded
     * @param  list<array{who: string, sentence: string, rule: string, state: CellState, places: string}>  $passing
     * @param  list<array{sentence: string, rule: string, outcome: string}>  $defects
     * @param  list<array{sentence: string, rule: string}>  $works
     * @param  list<array{verdict: string, reason: string, who: string, at: string}>  $overrules
     */
    public function __construct(
        public string $key,
        public string $name,
        public Stamp $stamp,
        public bool $isHere,
        public array $telling,
        public array $passing,
        public array $defects,
        public array $works,
        public string $missing,
        public array $overrules,
        public bool $carriesBores,
    ) {
    }
}
