<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\LoadRecord;
use App\Storage\Said;
use App\Storage\ShelfBook;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Planning\Choices\BoreChoices;
use NorthLedger\Core\Planning\Choices\PartsToOrder;
use NorthLedger\Core\Work\AwaitedPart;
use NorthLedger\Core\Work\LeftWork;
use NorthLedger\Core\Work\MachineReach;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\Stop;
use NorthLedger\Core\Work\StopReason;
use NorthLedger\Core\Work\TickState;
use NorthLedger\Core\Work\WorkOrder;

/** What a job loads the machines with, and what its finished work took (LOAD-2, LOAD-5); derived from the job's file alone. */
final readonly class LoadOfJob
{
    public function __construct(private JobFile $file)
    {
    }

    /** What is left, for the job's row; null where nothing is, or it is released. */
    public function left(): ?string
    {
        if ($this->file->work()->release() !== null || ! $this->file->job->isWorked()) {
            return null;
        }
        $order = $this->file->work()->order();
        $answerBy = (new CustomerQuestions($this->file->record))->waitingOffer()?->wantedBy()->format('Y-m-d');

        return match (true) {
            $order !== null => $this->record($order, $this->file->work()->closedOperations(), $answerBy)->written(),
            $answerBy !== null => $this->recommended($answerBy)?->written(),
            default => null,
        };
    }

    /** What each finished kind of work took, for the job's row; null where nothing was timed. */
    public function taken(): ?string
    {
        $order = $this->file->work()->order();
        $clocks = $order === null ? [] : $this->file->record->workLogs()->clocks();
        $closed = $clocks === [] ? [] : $this->file->work()->closedOperations();
        $taken = [];
        foreach ($clocks as $kind => $clock) {
            $places = array_map(static fn (Operation $one): string => $one->key(), $order->ofKind(OperationKind::from($kind)));
            if ($clock->minutesTaken() > 0 && $places !== [] && array_diff($places, $closed) === []) {
                $taken[] = [
                    'kind' => $kind,
                    'minutes' => $clock->minutesTaken(),
                    'places' => count($places),
                    'begun' => $clock->firstAt?->format('c'),
                    'ended' => $clock->lastAt?->format('c'),
                ];
            }
        }

        return $taken === [] ? null : json_encode($taken, JSON_THROW_ON_ERROR);
    }

    /**
     * What would be done if the customer agreed to a way.
     *
     * @param  array<string, string>  $codes  Of its choices, by part
     * @param  ?string  $answerBy  The day by which the customer was asked to answer; null where nobody asked yet
     * @return ?LoadRecord Null where nothing would be worked
     */
    public function ifAgreed(array $codes, ?string $answerBy): ?LoadRecord
    {
        $bores = $this->file->assessment()->way($codes[BoreChoices::CODE] ?? '');
        $order = AgreedOrder::of($this->file, $bores, $codes, []);
        if ($order === null) {
            return null;
        }
        $asked = [new Stop(StopReason::CustomerAsked, null, '', null)];

        return new LoadRecord(LeftWork::of($order, [], $asked), [], $this->partsOf($codes), $answerBy, true, $this->sizes());
    }

    private function recommended(string $answerBy): ?LoadRecord
    {
        $way = (new CustomerQuestions($this->file->record))->waitingOffer()?->ways()[0] ?? null;

        return $way === null ? null : $this->ifAgreed($way->parts, $answerBy);
    }

    /**
     * @param  array<string, string>  $codes
     * @return list<array{item: string, by: null, ordered: null}> What a plan needs and does not lie on the shelf
     */
    private function partsOf(array $codes): array
    {
        $plan = $this->file->plan()->with($codes);
        $prices = $this->file->policy->prices;
        $needed =
            $plan === null
                ? []
                : PartsToOrder::of(
                    $this->file->plan()->choices(),
                    $plan,
                    $prices,
                    $this->file->sheet->family,
                    ShelfBook::of($this->file->job),
                );
        $missing = [];
        foreach ($needed as $part) {
            if (! $part->isOnTheShelf) {
                $missing[] = ['item' => $part->item->value, 'by' => null, 'ordered' => null];
            }
        }

        return $missing;
    }

    /** @param  list<string>  $closed */
    private function record(WorkOrder $order, array $closed, ?string $answerBy): LoadRecord
    {
        $clocks = [];
        foreach ($this->file->record->workLogs()->clocks() as $kind => $clock) {
            $clocks[$kind] = ['since' => $clock->runningSince?->format('c'), 'seconds' => $clock->secondsBefore()];
        }

        return new LoadRecord(
            LeftWork::of($order, $closed, $this->file->work()->stops()),
            $clocks,
            $this->missingParts(),
            $answerBy,
            false,
            $this->sizes(),
        );
    }

    /** @return array<string, int> */
    private function sizes(): array
    {
        return [
            MachineReach::Bore->value => $this->file->sheet->bore->nominal->nanometres,
            MachineReach::Stroke->value => $this->file->sheet->stroke->nanometres,
        ];
    }

    /** @return list<array{item: string, by: ?string, ordered: ?string}> What was ordered and is not there, and what came and is wrong */
    private function missingParts(): array
    {
        $missing = [];
        $inHand = $this->partsInHand();
        foreach ($this->file->record->observations()->newest(EntryKind::PartOrder) as $part => $said) {
            $isHere = in_array(explode(' ', $part)[0], $inHand, true);
            $isOfThePlan = PriceItem::tryFrom(explode(' ', $part)[0]) !== null;
            if ($isOfThePlan && in_array($said->text('state'), ['ordered', 'wrong'], true) && ! $isHere) {
                $missing[] = [
                    'item' => explode(' ', $part)[0],
                    'by' => $said->text('state') === 'ordered' ? self::promised($said) : null,
                    'ordered' => $said->text('state') === 'ordered' ? $said->at()->format('Y-m-d') : null,
                ];
            }
        }

        return [...$missing, ...$this->orderedAtTheMachine([...array_column($missing, 'item'), ...$inHand])];
    }

    /**
     * What was ticked as ordered, and nothing was said of on the page of parts.
     *
     * @param  list<string>  $said  Items that are known to be missing, or here
     * @return list<array{item: string, by: null, ordered: string}>
     */
    private function orderedAtTheMachine(array $said): array
    {
        $known = array_map(
            static fn (string $part): string => explode(' ', $part)[0],
            array_keys($this->file->record->observations()->newest(EntryKind::PartOrder)),
        );
        $ordered = [];
        foreach ($this->file->work()->ticks() as $key => $tick) {
            $item = $tick->state === TickState::Done ? AwaitedPart::orderedBy(OperationKey::parse($key)->kind) : null;
            if ($item !== null && ! in_array($item->value, [...$said, ...$known], true)) {
                $ordered[] = ['item' => $item->value, 'by' => null, 'ordered' => $tick->created_at->format('Y-m-d')];
            }
        }

        return $ordered;
    }

    /**
     * Items that somebody had in hand, whatever was said of their order: work that needs them was logged, timed or done.
     *
     * @return list<string>
     */
    private function partsInHand(): array
    {
        $kinds = array_fill_keys(array_keys($this->file->record->workLogs()->clocks()), true);
        foreach ($this->file->record->observations()->all(EntryKind::WorkLog) as $row) {
            $kinds[explode('.', $row->subject)[0]] = true;
        }
        foreach ($this->file->work()->ticks() as $key => $tick) {
            if ($tick->state === TickState::Done) {
                $kinds[explode('.', $key)[0]] = true;
            }
        }
        $items = [];
        foreach (array_keys($kinds) as $kind) {
            $kind = OperationKind::tryFrom((string) $kind);
            array_push($items, ...array_column($kind === null ? [] : AwaitedPart::before($kind), 'value'));
        }

        return $items;
    }

    private static function promised(Said $said): ?string
    {
        return preg_match('/^\d{4}-\d{2}-\d{2}$/', $said->text('promised_for')) === 1 ? $said->text('promised_for') : null;
    }
}
