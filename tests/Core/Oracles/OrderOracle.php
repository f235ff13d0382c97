<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** WORK-1a: the whole order, drawn pair by pair; what is needed keeps the places that it has there. */
final class OrderOracle implements Oracle
{
    /** Each comes after the one before it; `N` is every cylinder, `F` every face of block and head. */
    private const CHAINS = [
        ['wash', 'crack check', 'threads', 'line', 'sleeve.N', 'deck.F', 'chamfer', 'hone.N', 'final wash', 'shells fitted'],
        ['sleeve.N', 'bore.N', 'chamfer'],
        ['line', 'stroke clearance', 'deburr', 'hone.N'],
        ['line', 'bore.N', 'deburr'],
        ['deck.F', 'deburr'],
        ['order pistons', 'pistons measured', 'hone.N'],
        ['order pistons', 'piston weights', 'match', 'balance'],
        ['order sleeves', 'sleeve.N'],
        ['crank wash', 'crank crack check', 'grind mains', 'crank recheck', 'polish', 'crank final wash', 'shells fitted'],
        ['crank crack check', 'grind rods', 'crank recheck'],
        ['polish', 'balance'],
        ['polish', 'shells fitted'],
        ['rod crack check', 'resize.N', 'rod weights', 'match'],
        ['head wash', 'head crack check', 'guides', 'seats', 'volumes'],
        ['head crack check', 'head face.F', 'volumes'],
        ['line', 'order main shells', 'shells fitted'],
        ['grind mains', 'order main shells'],
        ['resize.N', 'order rod shells', 'shells fitted'],
        ['grind rods', 'order rod shells'],
        ['line', 'shells fitted'],
        ['resize.N', 'shells fitted'],
    ];

    /** @var array<int, list<int>> The cylinders under each face */
    private array $faces;

    /** @var array<string, array<string, true>> What comes directly before each */
    private array $before;

    public function case(Chance $chance): array
    {
        $cylinders = range(1, $chance->of([2, 4, 6]));
        $halves = array_chunk($cylinders, intdiv(count($cylinders), 2));
        $this->faces = $chance->isOneOf(2) ? [1 => $cylinders] : [1 => $halves[0], 2 => $halves[1]];
        $this->before = [];
        foreach (self::CHAINS as $chain) {
            $this->put(...$chain);
        }
        $school = $chance->of(['deck first', 'bore first']);
        foreach ($this->faces as $face => $under) {
            foreach ($under as $cylinder) {
                $school === 'deck first'
                    ? $this->put("deck.{$face}", "bore.{$cylinder}")
                    : $this->put("bore.{$cylinder}", "deck.{$face}");
            }
        }
        $measuresFirst = $chance->isOneOf(2);
        if ($measuresFirst) {
            $this->put('wash', 'order pistons');
            $this->put('wash', 'order sleeves');
        }
        $keys = array_keys($this->before);
        $needs = $chance->some($keys, max(1, intdiv(count($keys) * $chance->of([3, 6, 9]), 10)));
        // This pair alone is not handed on.
        in_array('balance', $needs, true) && $this->put('balance', 'crank final wash');
        $expected = [];
        foreach ($needs as $need) {
            $expected[$need] = array_values(array_intersect(array_keys($this->allBefore($need)), $needs));
            sort($expected[$need], SORT_STRING);
        }

        return [
            'given' => ['needs' => $needs, 'school' => $school, 'faces' => $this->faces, 'measure_first' => $measuresFirst],
            'expect' => ['before' => $expected],
        ];
    }

    private function put(string ...$chain): void
    {
        foreach ($chain as $index => $kind) {
            foreach ($this->keys($kind) as $key) {
                $this->before[$key] ??= [];
                foreach ($index === 0 ? [] : $this->keys($chain[$index - 1]) as $earlier) {
                    $this->before[$key][$earlier] = true;
                }
            }
        }
    }

    /** @return list<string> */
    private function keys(string $kind): array
    {
        $numbers = ['N' => array_merge(...array_values($this->faces)), 'F' => array_keys($this->faces)][substr($kind, -1)] ?? null;

        return $numbers === null || ! str_contains($kind, '.')
            ? [$kind]
            : array_map(static fn (int $number): string => substr($kind, 0, -1).$number, $numbers);
    }

    /** @return array<string, true> */
    private function allBefore(string $key): array
    {
        $found = $this->before[$key];
        for ($count = -1; $count !== count($found);) {
            $count = count($found);
            foreach (array_keys($found) as $earlier) {
                $found += $this->before[$earlier];
            }
        }

        return $found;
    }
}
