<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Pages\RingGaps;
use App\Pages\Stamp;
use App\Record\JobFile;
use App\Record\WorkLogs;
use App\Stages\Work\Logs\Card;
use App\Words\Line;
use App\Words\OperationWords;
use App\Words\OrderWords;
use NorthLedger\Core\Work\Caution;
use NorthLedger\Core\Work\CutterSetting;
use NorthLedger\Core\Work\Logs\SleeveCard;
use NorthLedger\Core\Work\Machine;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkMinutes;
use NorthLedger\Core\Work\WorkOrder;

/** The work order, ready to show and to print. */
final readonly class WorkView
{
    /**
     * @param  list<WorkGroup>  $groups
     * @param  ?CurrentOperation  $current  Null where nothing is left to do
     * @param  list<array{letter: string, size: string, what: string}>  $cutList
     * @param  string  $oneSetup  What can be done in the set-up of the current operation, with its minutes
     * @param  list<string>  $cautions  Each once, for the print
     * @param  list<string>  $stops  What was found since, and what the customer has not answered
     * @param  list<string>  $differences  Of the order as it would be made today
     * @param  array<string, string>  $machines  That the order goes to, by code
     * @param  list<string>  $ringGaps  As the sheet says them for the use of this engine
     */
    private function __construct(
        public Stamp $stamp,
        public array $groups,
        public ?CurrentOperation $current,
        public array $cutList,
        public string $oneSetup,
        public array $cautions,
        public array $stops,
        public array $differences,
        public string $revision,
        public string $agreed,
        public array $ringGaps,
        public bool $isReplaced,
        public bool $isByCylinder,
        public array $machines = [],
        public ?Card $card = null,
    ) {
    }

    /** The same with the card of a machine beside it. */
    public function with(?Card $card): self
    {
        return new self(...['card' => $card] + get_object_vars($this));
    }

    /** True where the hand stands at a field that takes numbers: a letter that is typed there is a key. */
    public function takesKeys(): bool
    {
        return $this->card !== null || $this->current?->takesASize === true;
    }

    public function isAtOneCylinder(): bool
    {
        return $this->current?->cylinder !== null;
    }

    /**
     * @param  ?string  $at  Key of the operation that was asked for
     * @param  ?string  $after  Key of the one that was just closed: the next of its kind comes first
     * @param  list<string>  $differences
     */
    public static function of(JobFile $file, ?string $at, ?string $after, array $differences): self
    {
        $order = $file->work()->order();
        $stops = array_values(array_unique(array_map(OrderWords::stop(...), $file->work()->stops())));
        if ($order === null) {
            return self::withoutOrder($file, $stops);
        }
        $operation = self::operation($file, $order, $at, $after);
        $current = $operation === null ? null : CurrentOperation::of($file, $order, $operation);
        $groups = WorkSheet::groups($file, $order, $current?->key);

        return new self(
            self::stamp($current, $groups),
            $groups,
            $current,
            self::cutList($file, $order),
            $operation === null ? '' : self::oneSetup($file, $order, $operation),
            self::cautions($order),
            $stops,
            $differences,
            self::revision($file),
            self::agreed($file),
            RingGaps::lines($file),
            false,
            array_filter($order->operations, static fn (Operation $one): bool => $one->cylinder !== null) !== [],
            self::machines($order),
        );
    }

    /** @param  list<string>  $stops */
    private static function withoutOrder(JobFile $file, array $stops): self
    {
        $chosen = $file->work()->chosen();
        $isChosen = $file->work()->choice() !== null;

        return new self(
            $isChosen
                ? new Stamp(
                    $chosen === null ? Line::of('work.nothing') : $file->words()->option($chosen),
                    Line::of('work.replaced'),
                    'chosen',
                )
                : new Stamp(Line::of('work.no_order'), Line::of('work.choose_first'), 'missing'),
            [],
            null,
            [],
            '',
            [],
            $stops,
            [],
            '',
            '',
            [],
            $isChosen,
            false,
        );
    }

    private static function operation(JobFile $file, WorkOrder $order, ?string $at, ?string $after): ?Operation
    {
        $asked = $at !== null && $order->has($at) ? $order->operation($at) : null;
        $open = array_filter($order->operations, $file->work()->canBeDone(...));
        $atMachines = array_filter($open, static fn (Operation $one): bool => $one->kind->machine() !== Machine::Desk);
        $last = $after !== null && $order->has($after) ? $order->operation($after) : null;
        foreach ($last === null ? [] : $open as $one) {
            if ($asked === null && $one->kind === $last->kind) {
                return $one;
            }
        }

        return $asked ?? (reset($atMachines) ?: (reset($open) ?: self::firstOpen($file, $order)));
    }

    /** Nothing can be done: the first that is open says what it waits for. */
    private static function firstOpen(JobFile $file, WorkOrder $order): ?Operation
    {
        $open = array_diff_key($order->operations, array_flip($file->work()->closedOperations()));

        return reset($open) ?: null;
    }

    /** @param  list<WorkGroup>  $groups */
    private static function stamp(?CurrentOperation $current, array $groups): Stamp
    {
        $count = array_sum(array_map(static fn (WorkGroup $group): int => $group->count(), $groups));
        $closed = array_sum(array_map(static fn (WorkGroup $group): int => $group->closed(), $groups));

        return $current === null
            ? new Stamp(Line::of('work.all_done'), Line::of('work.of', ['closed' => $closed, 'count' => $count]), 'good')
            : new Stamp($current->name, $current->where, $current->stops === [] ? 'chosen' : 'out');
    }

    /** @return list<array{letter: string, size: string, what: string}> */
    private static function cutList(JobFile $file, WorkOrder $order): array
    {
        $lines = [];
        foreach (CutterSetting::all($order, self::sleeves($file, $order)) as $index => $setting) {
            $lines[] = [
                'letter' => chr(ord('A') + ($index % 26)),
                'size' => $file->display->finerSize($setting->size),
                'what' =>
                    Line::ofCode('work.cutter', $setting->cut, ['operation' => lcfirst(OperationWords::kind($setting->kind))]).
                    ' '.
                    implode(', ', array_map(static fn (Operation $one): string => $one->place, $setting->operations)),
            ];
        }

        return $lines;
    }

    /** @return array<string, SleeveCard> Of the sleeves that were measured, by operation */
    private static function sleeves(JobFile $file, WorkOrder $order): array
    {
        $cards = [];
        foreach ($order->ofKind(OperationKind::Sleeve) as $operation) {
            $card = WorkLogs::of($file->record->observations())->sleeve($operation->key(), $file->sheet, $file->policy);
            if ($card !== null) {
                $cards[$operation->key()] = $card;
            }
        }

        return $cards;
    }

    /** “bore 5, 6, 7, 8, chamfer: 2 h 40 on the boring mill” */
    private static function oneSetup(JobFile $file, WorkOrder $order, Operation $current): string
    {
        $closed = $file->work()->closedOperations();
        $together = array_filter(
            $order->operations,
            static fn (Operation $one): bool => $one->kind->machine() === $current->kind->machine() &&
                $one->kind->part() === $current->kind->part() &&
                $one->kind->fixture() === $current->kind->fixture() &&
                ! in_array($one->key(), $closed, true),
        );
        $minutes = WorkMinutes::of(array_values($together), $file->policy->prices, $file->sheet->family);
        if ($current->kind->fixture() === null || count($together) < 2) {
            return '';
        }
        $byKind = [];
        foreach ($together as $one) {
            $byKind[lcfirst(OperationWords::title($one))][] = $one->place;
        }
        $words = [];
        foreach ($byKind as $title => $places) {
            $words[] = trim($title.' '.implode(', ', $places));
        }

        return implode(Line::of('work.then'), $words).
            ($minutes === 0
                ? '.'
                : ': '.Line::of('work.minutes', ['hours' => intdiv($minutes, 60), 'minutes' => sprintf('%02d', $minutes % 60)]));
    }

    /** @return array<string, string> */
    private static function machines(WorkOrder $order): array
    {
        $machines = [];
        foreach ($order->operations as $operation) {
            $machine = $operation->kind->machine();
            $machines[$machine->value] ??= Line::ofCode('work.machine', $machine);
        }

        return $machines;
    }

    /** @return list<string> */
    private static function cautions(WorkOrder $order): array
    {
        $cautions = array_merge([], ...array_values(array_map(static fn (Operation $one): array => $one->cautions(), $order->operations)));

        return array_values(array_unique(array_map(static fn (Caution $one): string => OperationWords::caution($one), $cautions)));
    }

    /** “Order 2, made 27 Nov 14:05 by Inspector” */
    private static function revision(JobFile $file): string
    {
        $stored = $file->work()->storedOrder();

        return $stored === null
            ? ''
            : Line::of('work.revision', [
                'number' => $stored->number,
                'at' => $stored->created_at->format('j M H:i'),
                'name' => $stored->user->name,
            ]);
    }

    private static function agreed(JobFile $file): string
    {
        $chosen = $file->work()->chosen();

        return $chosen === null ? '' : implode(' · ', array_filter([$file->words()->option($chosen), $file->words()->sleeves($chosen)]));
    }
}
