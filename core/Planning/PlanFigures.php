<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

/** What a choice for some or all of the parts adds up to, in plain numbers: there are thousands of them. */
final readonly class PlanFigures
{
    /** A part whose steps say nothing limits nothing. */
    public const NO_LIMIT = PHP_INT_MAX;

    /**
     * @param  array<string, string>  $codes  Of the choices, by part
     * @param  int  $leastLife  NO_LIMIT where no part says
     * @param  array<int, int>  $deckCuts  In nanometres, by bank
     * @param  array<int, int>  $headCuts  In nanometres, by bank
     */
    private function __construct(
        public array $codes,
        public int $cost,
        public int $minutes,
        public int $leadDays,
        public int $leastLife,
        public int $lives,
        public ?int $bore,
        public array $deckCuts,
        public array $headCuts,
    ) {
    }

    /** @param  list<int>  $banks */
    public static function ofNothing(array $banks): self
    {
        $uncut = array_fill_keys($banks, 0);

        return new self([], 0, 0, 0, self::NO_LIMIT, 0, null, $uncut, $uncut);
    }

    public function with(PlannedPart $part, Choice $choice): self
    {
        return new self(
            $this->codes + [$part->code => $choice->code],
            $this->cost + $choice->cost->minor,
            $this->minutes + $choice->minutes,
            max($this->leadDays, $choice->leadDays),
            min($this->leastLife, $choice->life ?? self::NO_LIMIT),
            $this->lives + ($choice->life ?? 0),
            $choice->bore->nanometres ?? $this->bore,
            self::cut($this->deckCuts, $choice->deckCut->nanometres, $part->bank),
            self::cut($this->headCuts, $choice->headCut->nanometres, $part->bank),
        );
    }

    /** @return list<int> What is least of the cheapest: ties go to what stands first (PLAN-3) */
    public function byCost(): array
    {
        return [$this->cost, $this->minutes, $this->leadDays];
    }

    /** @return list<int> What is least of the longest-lived (PLAN-3) */
    public function byLife(): array
    {
        return [-$this->leastLife, -$this->lives, ...$this->byCost()];
    }

    /**
     * @param  array<int, int>  $cuts  By bank
     * @return array<int, int>
     */
    private static function cut(array $cuts, int $cut, ?int $bank): array
    {
        if ($cut !== 0) {
            foreach ($cuts as $one => $before) {
                $cuts[$one] = $bank === null || $bank === $one ? $before + $cut : $before;
            }
        }

        return $cuts;
    }
}
