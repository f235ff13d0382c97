<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Engine\Policy\OrderOfParts;
use NorthLedger\Core\Engine\Policy\OrderOfWork;

/**
 * What comes before what in the order of a whole engine (WORK-1a). The order is drawn over every kind, needed or not, and what is needed
 * keeps its place: a kind that is not there hands its waits on. A kind stands for all its operations; only a bore and a deck wait for each
 * other by face.
 */
final readonly class Precedence
{
    /** Each stands before all of those beside it. */
    private const BEFORE = [
        'wash' => ['crack check'],
        'crack check' => ['crack repair'],
        'crack repair' => ['threads'],
        'threads' => ['line'],
        'line' => ['sleeve', 'deck', 'bore', 'stroke clearance', 'block guides', 'lifter bores', 'order main shells', 'shells fitted'],
        'block guides' => ['block seats'],
        'block seats' => ['deburr'],
        'lifter bores' => ['deburr'],
        'sleeve' => ['bore', 'deck'],
        'deck' => ['chamfer', 'deburr'],
        'bore' => ['chamfer', 'deburr'],
        'stroke clearance' => ['deburr'],
        'chamfer' => ['hone'],
        'deburr' => ['hone'],
        'pistons measured' => ['hone'],
        'hone' => ['final wash'],
        'final wash' => ['core plugs'],
        'core plugs' => ['camshaft bearings'],
        'camshaft bearings' => ['shells fitted'],
        'crank wash' => ['crank crack check'],
        'crank crack check' => ['straighten crank'],
        'straighten crank' => ['weld journals'],
        'weld journals' => ['grind mains', 'grind rods'],
        'grind mains' => ['harden crank', 'order main shells'],
        'grind rods' => ['harden crank', 'order rod shells'],
        'harden crank' => ['crank recheck'],
        'crank recheck' => ['polish'],
        'new crank' => ['order main shells', 'order rod shells', 'balance', 'shells fitted'],
        'polish' => ['balance', 'crank final wash', 'shells fitted'],
        'rod crack check' => ['straighten rod'],
        'straighten rod' => ['rebush'],
        'rebush' => ['resize'],
        'resize' => ['lighten rod', 'order rod shells', 'shells fitted'],
        'lighten rod' => ['rod weights'],
        'new rod' => ['rod weights', 'order rod shells', 'shells fitted'],
        'rod weights' => ['match'],
        'piston weights' => ['match'],
        'match' => ['balance'],
        'balance' => ['crank final wash'],
        'crank final wash' => ['shells fitted'],
        'new head' => ['volumes'],
        'head wash' => ['head crack check'],
        'head crack check' => ['head repair'],
        'head repair' => ['head weld', 'guides', 'head face', 'volumes'],
        'head weld' => ['guides', 'head face', 'volumes'],
        'guides' => ['seats'],
        'seats' => ['volumes'],
        'head face' => ['volumes'],
        'order pistons' => ['pistons measured', 'piston weights'],
        'order sleeves' => ['sleeve'],
        'order main shells' => ['shells fitted'],
        'order rod shells' => ['shells fitted'],
    ];

    /** @param  array<string, list<int>>  $faces  Cylinders that stand under each face of the block, by its number */
    private function __construct(public OrderOfWork $school, public OrderOfParts $parts, public array $faces)
    {
    }

    /** @param  array<int|string, list<int>>  $faces  Cylinders that stand under each face of the block, by its number */
    public static function under(OrderOfWork $school, OrderOfParts $parts, array $faces): self
    {
        return new self($school, $parts, array_combine(array_map(strval(...), array_keys($faces)), array_values($faces)));
    }

    /**
     * Everything that must be done before each operation, directly or not.
     *
     * @param  list<OperationKey>  $needed
     * @return array<string, list<string>> Keys by key, in the order in which they were given
     */
    public function before(array $needed): array
    {
        $byKind = $before = [];
        foreach ($needed as $key) {
            $byKind[$key->kind->value][$key->written()] = $key;
        }
        $ancestors = $this->ancestors(isset($byKind[OperationKind::Balance->value]));
        foreach ($byKind as $kind => $keys) {
            $earlier = array_intersect_key($byKind, $ancestors[$kind]);
            foreach ($keys as $written => $key) {
                $before[$written] = array_keys(array_merge([], ...array_values($this->meeting($earlier, $key))));
            }
        }

        return $before;
    }

    /**
     * A bore and a deck wait for each other where the cylinder stands under the face; an old order knows one deck for all.
     *
     * @param  array<string, array<string, OperationKey>>  $earlier  By kind and key
     * @return array<string, array<string, OperationKey>> Those that the key waits for
     */
    private function meeting(array $earlier, OperationKey $key): array
    {
        $other = match ($key->kind) {
            OperationKind::Deck => OperationKind::Bore->value,
            OperationKind::Bore => OperationKind::Deck->value,
            default => null,
        };
        if ($other === null || ! isset($earlier[$other])) {
            return $earlier;
        }
        $meets = function (OperationKey $one) use ($key): bool {
            [$deck, $bore] = $one->kind === OperationKind::Deck ? [$one, $key] : [$key, $one];

            return ! isset($this->faces[$deck->place]) || in_array((int) $bore->place, $this->faces[$deck->place], true);
        };

        return array_replace($earlier, [$other => array_filter($earlier[$other], $meets)]);
    }

    /**
     * @param  bool  $isBalanced  Balancing drills the crankshaft: without it, its wash waits for no weights
     * @return array<string, array<string, true>> By kind, every kind before it
     */
    private function ancestors(bool $isBalanced): array
    {
        $parents = [];
        foreach ($this->pairs($isBalanced) as [$first, $second]) {
            $parents[$second][] = $first;
        }
        $ancestors = [];
        foreach (OperationKind::cases() as $kind) {
            self::gather($kind->value, $parents, $ancestors);
        }

        return $ancestors;
    }

    /** @return list<array{string, string}> */
    private function pairs(bool $isBalanced): array
    {
        $pairs = [];
        foreach (self::BEFORE as $first => $seconds) {
            foreach ($seconds as $second) {
                $pairs[] = [$first, $second];
            }
        }
        $pairs[] = $this->school === OrderOfWork::DeckFirst ? ['deck', 'bore'] : ['bore', 'deck'];
        if ($this->parts === OrderOfParts::MeasureFirst) {
            array_push($pairs, ['wash', 'order pistons'], ['wash', 'order sleeves']);
        }

        return $isBalanced
            ? $pairs
            : array_values(array_filter($pairs, static fn (array $pair): bool => $pair !== ['balance', 'crank final wash']));
    }

    /**
     * @param  array<string, list<string>>  $parents
     * @param  array<string, array<string, true>>  $ancestors  What was gathered already
     * @return array<string, true>
     */
    private static function gather(string $kind, array $parents, array &$ancestors): array
    {
        if (! isset($ancestors[$kind])) {
            $ancestors[$kind] = [];
            foreach ($parents[$kind] ?? [] as $parent) {
                $ancestors[$kind] += [$parent => true] + self::gather($parent, $parents, $ancestors);
            }
        }

        return $ancestors[$kind];
    }
}
