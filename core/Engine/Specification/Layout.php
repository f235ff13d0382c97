<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;

/** How the cylinders stand: one bank in line, or two banks of a vee or flat engine; cylinder numbers by bank, front first. */
final readonly class Layout
{
    public const MOST_CYLINDERS = 16;

    /** @param  non-empty-list<non-empty-list<int>>  $banks */
    private function __construct(public LayoutKind $kind, public array $banks)
    {
    }

    public static function fromNode(Node $node): self
    {
        $kind = $node->at('kind')->word(LayoutKind::class);
        $banks = [];
        foreach ($node->at('banks')->items($kind->banks()) as $bank) {
            $numbers = array_map(static fn (Node $number): int => $number->wholeNumber(1, self::MOST_CYLINDERS), $bank->items(1));
            $banks[] = $numbers === [] ? [1] : $numbers;
        }
        $all = array_merge(...$banks);
        sort($all);
        if ($all !== range(1, max(1, count($all))) || count($banks) !== $kind->banks()) {
            $node->at('banks')->complain('banks', ['count' => $kind->banks()]);
        }

        return new self($kind, $banks === [] ? [[1]] : $banks);
    }

    /**
     * Cylinder numbers as they usually stand: in a row, or in a vee and a flat engine by turns, the left bank first.
     *
     * @return list<list<int>> By bank, front first
     */
    public static function usualBanks(LayoutKind $kind, int $cylinders): array
    {
        $numbers = range(1, $cylinders);
        $banks = array_fill(0, $kind->banks(), []);
        foreach ($numbers as $index => $number) {
            $banks[$index % $kind->banks()][] = $number;
        }

        return $banks;
    }

    /** How many main bearings an engine of this layout has as a rule: one beside every pin; a sheet may say otherwise. */
    public function usualMains(): int
    {
        return count($this->banks[0]) + 1;
    }

    /** How many rod journals: one for each cylinder, and one for both of a pair in a vee. */
    public function usualPins(): int
    {
        return $this->kind === LayoutKind::Vee ? count($this->banks[0]) : count($this->cylinders());
    }

    /** @return non-empty-list<int> As they stand from the front, in a vee and a flat engine by turns, the left bank first */
    public function alongCrankshaft(): array
    {
        $at = [];
        foreach ($this->banks as $bank => $numbers) {
            foreach ($numbers as $place => $cylinder) {
                $at[$cylinder] = [$place, $bank];
            }
        }
        $along = $this->cylinders();
        usort($along, static fn (int $a, int $b): int => $at[$a] <=> $at[$b]);

        return $along;
    }

    /** @return list<int> The cylinders on both sides of one, in its bank */
    public function beside(int $cylinder): array
    {
        foreach ($this->banks as $numbers) {
            $at = array_search($cylinder, $numbers, true);
            if ($at !== false) {
                return array_values(array_filter([$numbers[$at - 1] ?? 0, $numbers[$at + 1] ?? 0]));
            }
        }

        return [];
    }

    /**
     * The rods that run on a journal. One of its own has its cylinder's number; those that two share are numbered from the front.
     *
     * @param  int  $pin  From 1 on
     * @param  int  $pins  How many the crankshaft has
     * @return list<int>
     */
    public function rodsOn(int $pin, int $pins): array
    {
        $each = intdiv(count($this->cylinders()), $pins);

        return $each === 1 ? [$pin] : array_slice($this->alongCrankshaft(), ($pin - 1) * $each, $each);
    }

    /** @return non-empty-list<int> Ascending */
    public function cylinders(): array
    {
        return range(1, array_sum(array_map(count(...), $this->banks)));
    }
}
