<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\Closure;
use App\Storage\LoadRules;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use NorthLedger\Core\Scheduling\OpenDays;
use NorthLedger\Core\Scheduling\OpenMinutes;
use NorthLedger\Core\Scheduling\Units;
use NorthLedger\Core\Work\Machine;

/** When each machine can be worked: its hours, less days off, repairs, and the days on which nobody is there who runs it (LOAD-1). */
final readonly class MachineHours
{
    /** @param  Collection<int, Closure>  $closures  That are not over */
    public function __construct(private LoadRules $rules, private Collection $closures, private DateTimeImmutable $zero)
    {
    }

    /** @return array<string, OpenMinutes> By unit of each machine, for so many days from the zero on */
    public function open(int $days): array
    {
        $open = [];
        foreach (Machine::cases() as $machine) {
            if ($machine !== Machine::Desk) {
                $hours = $this->ofMachine($machine, $days);
                for ($unit = 1; $unit <= $this->rules->unitsOf($machine); $unit++) {
                    $open[Units::code($machine->value, $unit)] = $hours;
                }
            }
        }

        return $open;
    }

    /** @return list<Closure> Of the shop, of the machine, and of people without whom nobody runs it; in the order of their beginning */
    public function closuresOf(Machine $machine): array
    {
        $people = $this->rules->people[$machine->value] ?? [];
        $nobody = $people === [] ? [] : $this->spansWithout($people);

        return array_values(
            $this->closures
                ->filter(
                    fn (Closure $one): bool => $one->isOfShop() ||
                        $one->machine === $machine->value ||
                        (in_array($one->person_id, $people, true) && self::common([$this->span($one)], $nobody) !== []),
                )
                ->sortBy('begins_at')
                ->all(),
        );
    }

    private function ofMachine(Machine $machine, int $days): OpenMinutes
    {
        $open = OpenMinutes::of($machine->value, OpenDays::spans($this->rules->hoursOf($machine), $this->zero, $days))->without(
            array_map($this->span(...), $this->closuresOf($machine)),
        );
        $people = $this->rules->people[$machine->value] ?? [];

        return $people === [] ? $open : $open->without($this->spansWithout($people));
    }

    /**
     * @param  non-empty-list<int>  $people  Who runs a machine
     * @return list<array{int, int}> In which none of them is there
     */
    private function spansWithout(array $people): array
    {
        $away = array_map(fn (int $person): array => $this->absences($person), $people);

        return array_reduce(array_slice($away, 1), self::common(...), $away[0]);
    }

    /** @return list<array{int, int}> */
    private function absences(int $person): array
    {
        return array_map(
            $this->span(...),
            array_values($this->closures->filter(static fn (Closure $one): bool => $one->person_id === $person)->all()),
        );
    }

    /**
     * @param  list<array{int, int}>  $ones
     * @param  list<array{int, int}>  $others
     * @return list<array{int, int}>
     */
    private static function common(array $ones, array $others): array
    {
        $common = [];
        foreach ($ones as [$from, $to]) {
            foreach ($others as [$begin, $end]) {
                if (max($from, $begin) < min($to, $end)) {
                    $common[] = [max($from, $begin), min($to, $end)];
                }
            }
        }

        return $common;
    }

    /** @return array{int, int} */
    private function span(Closure $closure): array
    {
        return [
            OpenDays::minuteOf($this->zero, $closure->begins_at->toDateTimeImmutable()),
            OpenDays::minuteOf($this->zero, $closure->ends_at->toDateTimeImmutable()),
        ];
    }
}
