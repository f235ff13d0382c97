<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** When every operation of a load starts and ends. */
final readonly class Schedule
{
    /**
     * @param  array<string, Placement>  $placements  By operation
     * @param  array<string, int>  $ends  Of each job, its last wait included
     * @param  bool  $isBest  True where there is none better, proved
     */
    public function __construct(public array $placements, public array $ends, public Figures $figures, public bool $isBest)
    {
    }

    public function proved(): self
    {
        return new self($this->placements, $this->ends, $this->figures, true);
    }

    /** @return list<string> Operations by their start; a list that gives this schedule again */
    public function order(): array
    {
        $placements = array_values($this->placements);
        usort($placements, static fn (Placement $one, Placement $other): int => [$one->start, $one->end] <=> [$other->start, $other->end]);

        return array_column($placements, 'operation');
    }
}
