<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\LoadRecord;
use DateTimeImmutable;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Policy\PriceList;
use NorthLedger\Core\Work\AwaitedPart;
use NorthLedger\Core\Work\LeftWork;

/** What the work of one job waits for: parts that are promised, or reckoned by their lead days, and the customer's answer (LOAD-2). */
final readonly class AwaitedOfJob
{
    public function __construct(
        private LoadRecord $record,
        private PriceList $prices,
        private string $family,
        private int $answerDays,
        private DateTimeImmutable $now,
    ) {
    }

    /** @return array<string, Awaited> What comes last of all that a kind waits for, by kind */
    public function byKind(): array
    {
        $awaited = [];
        foreach ($this->record->left as $one) {
            $last = null;
            foreach ([...$this->parts($one), ...$one->isAsked ? [$this->answer()] : []] as $each) {
                $last = $last === null || $each->on > $last->on ? $each : $last;
            }
            if ($last !== null && $last->on > $this->now) {
                $awaited[$one->kind->value] = $last;
            }
        }

        return $awaited;
    }

    /** @return list<Awaited> */
    private function parts(LeftWork $work): array
    {
        $awaited = [];
        foreach (AwaitedPart::before($work->kind) as $item) {
            foreach ($this->record->parts as $part) {
                if ($part['item'] === $item->value && ! $this->isOrderedLater($item)) {
                    $awaited[] = $this->part($item, $part['by'], $part['ordered']);
                }
            }
            if ($this->isToOrder($item)) {
                $awaited[] = $this->expected($item, $this->record->isProvisional ? $this->answer()->on : $this->now);
            }
        }

        return $awaited;
    }

    /** What was promised for a day that is over can be there tomorrow. */
    private function part(PriceItem $item, ?string $by, ?string $ordered): Awaited
    {
        $tomorrow = $this->now->setTime(0, 0)->modify('+1 day');
        $awaited = match (true) {
            $by !== null => new Awaited($item, new DateTimeImmutable($by, $this->now->getTimezone()), false),
            $ordered !== null => $this->expected($item, new DateTimeImmutable($ordered, $this->now->getTimezone())),
            default => $this->expected($item, $this->record->isProvisional ? $this->answer()->on : $this->now),
        };

        return $awaited->on < $tomorrow->modify('-1 day') ? new Awaited($item, $tomorrow, true) : $awaited;
    }

    private function expected(PriceItem $item, DateTimeImmutable $from): Awaited
    {
        $days = $this->prices->of($item, $this->family)->leadDays;

        return new Awaited($item, $from->setTime(0, 0)->modify("+{$days} days"), true);
    }

    /** True where nothing has to be done before it is ordered. */
    private function isToOrder(PriceItem $item): bool
    {
        foreach ($this->record->left as $one) {
            if ($one->after === [] && AwaitedPart::orderedBy($one->kind) === $item) {
                return true;
            }
        }

        return false;
    }

    /** Expected on the day after the last on which it can be given; where that is over, as long as answers take here. */
    private function answer(): Awaited
    {
        $wanted =
            $this->record->answerBy === null
                ? null
                : (new DateTimeImmutable($this->record->answerBy, $this->now->getTimezone()))->modify('+1 day');

        return new Awaited(
            null,
            $wanted !== null && $wanted > $this->now ? $wanted : $this->now->setTime(0, 0)->modify("+{$this->answerDays} days"),
            true,
        );
    }

    private function isOrderedLater(PriceItem $item): bool
    {
        foreach ($this->record->left as $one) {
            if ($one->after !== [] && AwaitedPart::orderedBy($one->kind) === $item) {
                return true;
            }
        }

        return false;
    }
}
