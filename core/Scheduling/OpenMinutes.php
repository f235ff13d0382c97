<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** The minutes in which a machine is open; work pauses while it is closed and goes on when it opens (LOAD-1). */
final readonly class OpenMinutes
{
    /** @param  list<array{int, int}>  $spans  Ascending, apart from each other; the minute `from` is open, the minute `to` is not */
    private function __construct(private array $spans)
    {
    }

    /**
     * @param  list<array{int, int}>  $spans  Ascending; those that touch or overlap are one
     *
     * @throws SchedulingException If one ends before it begins, or they are not ascending
     */
    public static function of(string $machine, array $spans): self
    {
        $joined = [];
        foreach ($spans as [$from, $to]) {
            if ($to < $from) {
                throw SchedulingException::impossible('open_span_end', $machine, $to);
            }
            $last = count($joined) - 1;
            if ($last >= 0 && $from < $joined[$last][0]) {
                throw SchedulingException::impossible('open_span_begin', $machine, $from);
            }
            if ($last >= 0 && $from <= $joined[$last][1]) {
                $joined[$last][1] = max($to, $joined[$last][1]);
            } elseif ($to > $from) {
                $joined[] = [$from, $to];
            }
        }

        return new self($joined);
    }

    /** The same, so many minutes longer before every night, or whatever closes it for longer than that; a break stays a break. */
    public function longerBy(int $minutes): self
    {
        $longer = [];
        foreach ($this->spans as $index => [$from, $to]) {
            $next = $this->spans[$index + 1][0] ?? PHP_INT_MAX;
            $longer[] = [$from, $next - $to > $minutes ? $to + $minutes : $to];
        }

        return new self($longer);
    }

    /**
     * The same, less the spans in which it is closed all the same: a day off, a repair.
     *
     * @param  list<array{int, int}>  $closed  In any order
     */
    public function without(array $closed): self
    {
        $open = $this->spans;
        foreach ($closed as [$from, $to]) {
            $left = [];
            foreach ($open as [$begin, $end]) {
                if ($to <= $begin || $from >= $end) {
                    $left[] = [$begin, $end];

                    continue;
                }
                $left = [...$left, ...$begin < $from ? [[$begin, $from]] : [], ...$to < $end ? [[$to, $end]] : []];
            }
            $open = $left;
        }

        return new self($open);
    }

    /** @return list<array{int, int}> */
    public function spans(): array
    {
        return $this->spans;
    }

    /** The first open minute from this one on; null where the machine does not open any more. */
    public function openFrom(int $minute): ?int
    {
        $index = $this->spanAt($minute);

        return isset($this->spans[$index]) ? max($minute, $this->spans[$index][0]) : null;
    }

    /**
     * Work of so many open minutes that begins as soon as it can from a minute on.
     *
     * @return ?array{int, int} Its first minute, and the one after its last; null where there are not so many left
     */
    public function work(int $from, int $minutes): ?array
    {
        $index = $this->spanAt($from);
        if (! isset($this->spans[$index])) {
            return null;
        }
        $start = max($from, $this->spans[$index][0]);
        $end = $this->endIn($index, $start, $minutes);

        return $end === null ? null : [$start, $end];
    }

    /**
     * When so many open minutes are used up.
     *
     * @param  int  $start  An open minute
     * @return ?int Null where there are not so many left
     */
    public function end(int $start, int $minutes): ?int
    {
        return $this->endIn($this->spanAt($start), $start, $minutes);
    }

    private function endIn(int $index, int $start, int $minutes): ?int
    {
        for (; isset($this->spans[$index]); $index++) {
            [$from, $to] = $this->spans[$index];
            $begin = max($start, $from);
            if ($minutes <= $to - $begin) {
                return $begin + $minutes;
            }
            $minutes -= $to - $begin;
        }

        return null;
    }

    /** The span that holds this minute, or the next one after it. */
    private function spanAt(int $minute): int
    {
        $low = 0;
        $high = count($this->spans);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->spans[$middle][1] > $minute) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }
}
