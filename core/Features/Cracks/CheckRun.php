<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use DateInterval;
use DateTimeImmutable;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;

/** One check of one part as far as it has gone: its steps with the time each was done. Times are absolute, so midnight does not matter. */
final readonly class CheckRun
{
    /**
     * @param  string  $id  Stable name of the one who keeps it
     * @param  list<Face>  $faces  That it covers
     * @param  non-empty-list<CheckStep>  $steps  In their order
     * @param  array<string, DateTimeImmutable>  $done  When each step was done, by its kind
     * @param  ?Dwell  $dwell  Of a dye check
     * @param  ?string  $retestOf  The indication that is cleaned, developed and read again; null for a check of its own
     * @param  ?DateTimeImmutable  $begun  When the check was begun; null where nobody wrote it down
     */
    public function __construct(
        public string $id,
        public CheckMethod $method,
        public EnginePart $part,
        public array $faces,
        public Surface $surface,
        public array $steps,
        public array $done,
        public ?Dwell $dwell = null,
        public ?string $retestOf = null,
        public ?DateTimeImmutable $begun = null,
    ) {
    }

    /** The first step that is not done; null once the check is through. */
    public function next(): ?CheckStep
    {
        foreach ($this->steps as $step) {
            if (! isset($this->done[$step->kind->value])) {
                return $step;
            }
        }

        return null;
    }

    /** When the last thing of it was done: its next step comes after that. */
    public function lastDoneAt(): ?DateTimeImmutable
    {
        $moments = [...$this->begun === null ? [] : [$this->begun], ...array_values($this->done)];

        return $moments === [] ? null : max($moments);
    }

    public function isRead(): bool
    {
        return isset($this->done[StepKind::Read->value]);
    }

    /** When the next step may be done; null where nothing waits. */
    public function dueAt(): ?DateTimeImmutable
    {
        $last = $this->last();

        return $last === null || $last->waitMinutes === null || $this->next() === null ? null : $this->after($last, $last->waitMinutes);
    }

    /** When the next step comes too late; null where it never does. */
    public function tooLateAt(): ?DateTimeImmutable
    {
        $last = $this->last();

        return $last === null || $last->latestMinutes === null || $this->next() === null ? null : $this->after($last, $last->latestMinutes);
    }

    /**
     * What the reading is marked with (CRACK-2).
     *
     * @return list<TimingMark> Empty while it is not read, and for checks without a dwell
     */
    public function marks(): array
    {
        $read = $this->done[StepKind::Read->value] ?? null;

        return $read === null ? [] : $this->marksAt($read);
    }

    /** @return list<TimingMark> What a reading at that moment is marked with; empty for checks without a dwell */
    public function marksAt(DateTimeImmutable $moment): array
    {
        if ($this->dwell === null) {
            return [];
        }
        $soaked =
            $this->retestOf !== null
                ? (float) $this->dwell->penetrantMinutes
                : self::minutes($this->done[StepKind::Penetrant->value] ?? null, $this->done[StepKind::Wipe->value] ?? null);

        return $this->dwell->marks($soaked, self::minutes($this->done[StepKind::Developer->value] ?? null, $moment));
    }

    public function step(StepKind $kind): ?CheckStep
    {
        foreach ($this->steps as $step) {
            if ($step->kind === $kind) {
                return $step;
            }
        }

        return null;
    }

    private function last(): ?CheckStep
    {
        $done = array_filter($this->steps, fn (CheckStep $step): bool => isset($this->done[$step->kind->value]));

        return $done === [] ? null : end($done);
    }

    private function after(CheckStep $step, int $minutes): DateTimeImmutable
    {
        return $this->done[$step->kind->value]->add(new DateInterval("PT{$minutes}M"));
    }

    /** Zero where a step is not done: what was skipped took no time. */
    private static function minutes(?DateTimeImmutable $begin, ?DateTimeImmutable $end): float
    {
        return $begin === null || $end === null ? 0.0 : ((float) $end->format('U.v') - (float) $begin->format('U.v')) / 60;
    }
}
