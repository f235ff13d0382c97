<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Scheduling\WeekHours;
use NorthLedger\Core\Work\Machine;
use NorthLedger\Core\Work\MachineReach;

/** The hours of the shop and of its machines, who runs them, and how long an answer is waited for; the owner's choice. */
final readonly class LoadRules
{
    private const USUAL = '8:00–12:00, 12:30–17:00';

    private const USUAL_ANSWER_DAYS = 3;

    /**
     * @param  array<string, WeekHours>  $own  Hours of machines that differ from the shop's, by machine
     * @param  array<string, int>  $units  How many of a machine there are, or people at a bench, where there are several
     * @param  array<string, list<int>>  $people  Who runs a machine; whoever is there, where it is not named
     * @param  array<string, int>  $largest  The largest bore or stroke that goes onto a machine, in nanometres; any, where it is not named
     */
    public function __construct(
        public int $version,
        public int $answerDays,
        public WeekHours $hours,
        public array $own,
        public array $units,
        public array $people,
        public array $largest,
    ) {
    }

    public static function inForce(): self
    {
        /** @var object{load_rules: ?string, load_version: int} $row */
        $row = DB::selectOne('SELECT load_rules, load_version FROM houses LIMIT 1');
        /**
         * @var array{answer_days?: int, hours?: array<string, string>, own?: array<string, array<string, string>>,
         *     units?: array<string, int>, people?: array<string, list<int>>, largest?: array<string, int>} $said
         */
        $said = json_decode($row->load_rules ?? '{}', true, 6, JSON_THROW_ON_ERROR);

        return new self(
            (int) $row->load_version,
            $said['answer_days'] ?? self::USUAL_ANSWER_DAYS,
            WeekHours::of($said['hours'] ?? array_fill_keys(array_slice(WeekHours::DAYS, 0, 5), self::USUAL)),
            array_map(WeekHours::of(...), $said['own'] ?? []),
            $said['units'] ?? [],
            $said['people'] ?? [],
            $said['largest'] ?? [],
        );
    }

    public function hoursOf(Machine $machine): WeekHours
    {
        return $this->own[$machine->value] ?? $this->hours;
    }

    public function unitsOf(Machine $machine): int
    {
        return $this->units[$machine->value] ?? 1;
    }

    /** @return array<string, string> As they are written, by the day; empty where the machine has the shop’s */
    public function ownHours(Machine $machine): array
    {
        return isset($this->own[$machine->value]) ? $this->own[$machine->value]->written() : array_fill_keys(WeekHours::DAYS, '');
    }

    /** True where anything of it differs from the shop. */
    public function saysSomethingOf(Machine $machine): bool
    {
        $code = $machine->value;

        return isset($this->own[$code]) || isset($this->people[$code]) || isset($this->units[$code]) || isset($this->largest[$code]);
    }

    /** True where a part of these sizes does not go onto a machine. */
    public function isTooLargeFor(Machine $machine, LoadRecord $record): bool
    {
        $most = $this->largest[$machine->value] ?? null;
        $reach = MachineReach::of($machine);

        return $most !== null && $reach !== null && ($record->sizes[$reach->value] ?? 0) > $most;
    }

    /** @return bool False where somebody else kept others since these were read; nothing is kept then */
    public function keep(): bool
    {
        $said = [
            'answer_days' => $this->answerDays,
            'hours' => $this->hours->written(),
            'own' => array_map(static fn (WeekHours $hours): array => $hours->written(), $this->own),
            'units' => $this->units,
            'people' => $this->people,
            'largest' => $this->largest,
        ];

        return DB::update('UPDATE houses SET load_rules = ?, load_version = load_version + 1 WHERE load_version = ?', [
            json_encode($said, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            $this->version,
        ]) === 1;
    }
}
