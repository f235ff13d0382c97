<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Pages\RingGaps;
use App\Pages\Stamp;
use App\Record\JobFile;
use App\Stages\Work\Logs\Card;
use App\Words\Line;
use App\Words\OperationWords;
use App\Words\OrderWords;
use Closure;
use NorthLedger\Core\Work\Caution;
use NorthLedger\Core\Work\CutterSetting;
use NorthLedger\Core\Work\Logs\SleeveCard;
use NorthLedger\Core\Work\Machine;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkMinutes;
use NorthLedger\Core\Work\WorkOrder;

/** The work order, ready to show and to print. What only one part of the page shows is made when that part asks for it. */
final class WorkView
{
    /** @var ?list<WorkGroup> */
    private ?array $groups = null;

    /** @var ?list<array{letter: string, size: string, what: string}> */
    private ?array $cutList = null;

    private ?string $oneSetup = null;

    /**
     * @param  ?CurrentOperation  $current  Null where nothing is left to do
     * @param  ?Card  $card  Of the machine that the page stands at
     * @param  Closure(): list<string>  $differences  Of the order as it would be made today
     */
    private function __construct(
        private readonly JobFile $file,
        private readonly ?WorkOrder $order,
        public readonly ?CurrentOperation $current,
        public readonly ?Card $card,
        private readonly Closure $differences,
    ) {
    }

    /**
     * @param  ?string  $at  Key of the operation that was asked for
     * @param  ?string  $after  Key of the one that was just closed: the next of its kind comes first
     * @param  ?string  $card  Key of the operation whose card is shown
     * @param  ?Closure(): list<string>  $differences  Of the order as it would be made today; null where nobody asks
     */
    public static function of(JobFile $file, ?string $at, ?string $after, ?string $card = null, ?Closure $differences = null): self
    {
        $order = $file->work()->order();
        $operation = $order === null ? null : self::operation($file, $order, $at, $after);

        return new self(
            $file,
            $order,
            $operation === null ? null : CurrentOperation::of($file, $order, $operation),
            $card === null ? null : Card::of($file, $card),
            $differences ?? static fn (): array => [],
        );
    }

    public function hasOrder(): bool
    {
        return $this->order !== null;
    }

    /** True where something was agreed, and nothing of it is worked. */
    public function isReplaced(): bool
    {
        return ! $this->hasOrder() && $this->file->work()->choice() !== null;
    }

    public function isByCylinder(): bool
    {
        return array_filter($this->order->operations ?? [], static fn (Operation $one): bool => $one->cylinder !== null) !== [];
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

    public function stamp(): Stamp
    {
        return match (true) {
            $this->isReplaced() => new Stamp($this->nothingWorked(), Line::of('work.replaced'), 'chosen'),
            $this->order === null => new Stamp(Line::of('work.no_order'), Line::of('work.choose_first'), 'missing'),
            $this->current === null => new Stamp(Line::of('work.all_done'), $this->counted(), 'good'),
            default => new Stamp($this->current->name, $this->current->where, $this->current->stops === [] ? 'chosen' : 'out'),
        };
    }

    /** @return list<WorkGroup> */
    public function groups(): array
    {
        return $this->groups ??= $this->order === null ? [] : WorkSheet::groups($this->file, $this->order, $this->current?->key);
    }

    /** @return list<string> What was found since, and what the customer has not answered */
    public function stops(): array
    {
        return array_values(array_unique(array_map(OrderWords::stop(...), $this->file->work()->stops())));
    }

    /** @return list<string> Of the order as it would be made today */
    public function differences(): array
    {
        return ($this->differences)();
    }

    /** @return list<array{letter: string, size: string, what: string}> */
    public function cutList(): array
    {
        return $this->cutList ??= $this->order === null ? [] : $this->settings($this->order);
    }

    /** @return list<string> As the sheet says them for the use of this engine */
    public function ringGaps(): array
    {
        return $this->order === null ? [] : RingGaps::lines($this->file);
    }

    /** @return array<string, string> The machines that the order goes to, by code */
    public function machines(): array
    {
        $machines = [];
        foreach ($this->order->operations ?? [] as $operation) {
            $machine = $operation->kind->machine();
            $machines[$machine->value] ??= Line::ofCode('work.machine', $machine);
        }

        return $machines;
    }

    /** @return list<string> Each once, for the print */
    public function cautions(): array
    {
        $cautions = array_map(static fn (Operation $one): array => $one->cautions(), array_values($this->order->operations ?? []));

        return array_values(
            array_unique(array_map(static fn (Caution $one): string => OperationWords::caution($one), array_merge([], ...$cautions))),
        );
    }

    /** “Order 2, made 27 Nov 14:05 by Inspector” */
    public function revision(): string
    {
        $stored = $this->file->work()->storedOrder();

        return $stored === null
            ? ''
            : Line::of('work.revision', [
                'number' => $stored->number,
                'at' => $stored->created_at->format('j M H:i'),
                'name' => $stored->user->name,
            ]);
    }

    public function agreed(): string
    {
        $chosen = $this->order === null ? null : $this->file->work()->chosen();

        return $chosen === null
            ? ''
            : implode(' · ', array_filter([$this->file->optionWords()->option($chosen), $this->file->optionWords()->sleeves($chosen)]));
    }

    /** What can be done in the set-up of the current operation: “bore 5, 6, 7, 8, chamfer: 2 h 40 on the boring mill” */
    public function oneSetup(): string
    {
        return $this->oneSetup ??= $this->doneTogether();
    }

    private function doneTogether(): string
    {
        $current = $this->current === null ? null : $this->order?->operation($this->current->key);
        if ($this->order === null || $current === null || $current->kind->fixture() === null) {
            return '';
        }
        $setup = [$current->kind->machine(), $current->kind->part(), $current->kind->fixture()];
        $together = array_filter(
            array_diff_key($this->order->operations, array_flip($this->file->work()->closedOperations())),
            static fn (Operation $one): bool => [$one->kind->machine(), $one->kind->part(), $one->kind->fixture()] === $setup,
        );

        return count($together) < 2
            ? ''
            : self::places($together).
                self::time(WorkMinutes::of(array_values($together), $this->file->policy->prices, $this->file->sheet->family));
    }

    private static function operation(JobFile $file, WorkOrder $order, ?string $at, ?string $after): ?Operation
    {
        if ($at !== null && $order->has($at)) {
            return $order->operation($at);
        }
        $open = array_filter($order->operations, $file->work()->canBeDone(...));
        $last = $after !== null && $order->has($after) ? $order->operation($after) : null;
        foreach ($last === null ? [] : $open as $one) {
            if ($one->kind === $last->kind) {
                return $one;
            }
        }
        $atMachines = array_filter($open, static fn (Operation $one): bool => $one->kind->machine() !== Machine::Desk);

        return reset($atMachines) ?: (reset($open) ?: self::firstOpen($file, $order));
    }

    /** Nothing can be done: the first that is open says what it waits for. */
    private static function firstOpen(JobFile $file, WorkOrder $order): ?Operation
    {
        $open = array_diff_key($order->operations, array_flip($file->work()->closedOperations()));

        return reset($open) ?: null;
    }

    private function nothingWorked(): string
    {
        $chosen = $this->file->work()->chosen();

        return $chosen === null ? Line::of('work.nothing') : $this->file->optionWords()->option($chosen);
    }

    /** “12 of 12 closed” */
    private function counted(): string
    {
        $count = array_sum(array_map(static fn (WorkGroup $group): int => $group->count(), $this->groups()));
        $closed = array_sum(array_map(static fn (WorkGroup $group): int => $group->closed(), $this->groups()));

        return Line::of('work.of', ['closed' => $closed, 'count' => $count]);
    }

    /** @return list<array{letter: string, size: string, what: string}> */
    private function settings(WorkOrder $order): array
    {
        $lines = [];
        foreach (CutterSetting::all($order, $this->sleeves($order)) as $index => $setting) {
            $lines[] = [
                'letter' => chr(ord('A') + ($index % 26)),
                'size' => $this->file->display->finerSize($setting->size),
                'what' =>
                    Line::ofCode('work.cutter', $setting->cut, ['operation' => lcfirst(OperationWords::kind($setting->kind))]).
                    ' '.
                    implode(', ', array_map(static fn (Operation $one): string => $one->place, $setting->operations)),
            ];
        }

        return $lines;
    }

    /** @return array<string, SleeveCard> Of the sleeves that were measured, by operation */
    private function sleeves(WorkOrder $order): array
    {
        $logs = $this->file->record->workLogs();
        $cards = [];
        foreach ($order->ofKind(OperationKind::Sleeve) as $operation) {
            $card = $logs->sleeve($operation->key(), $this->file->sheet, $this->file->policy);
            if ($card !== null) {
                $cards[$operation->key()] = $card;
            }
        }

        return $cards;
    }

    /** @param  array<string, Operation>  $operations */
    private static function places(array $operations): string
    {
        $byTitle = [];
        foreach ($operations as $one) {
            $byTitle[lcfirst(OperationWords::title($one))][] = $one->place;
        }
        $words = [];
        foreach ($byTitle as $title => $places) {
            $words[] = trim($title.' '.implode(', ', $places));
        }

        return implode(Line::of('work.then'), $words);
    }

    private static function time(int $minutes): string
    {
        return $minutes === 0
            ? '.'
            : ': '.Line::of('work.minutes', ['hours' => intdiv($minutes, 60), 'minutes' => sprintf('%02d', $minutes % 60)]);
    }
}
