<?php

declare(strict_types=1);

namespace App\Parts;

use App\Record\JobFile;
use App\Record\MissingPart;
use App\Storage\Said;
use App\Words\Line;
use App\Words\VerdictWords;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Planning\PartToOrder;

/** One part that the plan needs, with what became of it, ready to show. */
final readonly class PartLine
{
    private function __construct(
        public string $key,
        public string $name,
        public string $size,
        public int $count,
        public string $each,
        public string $total,
        public ?int $days,
        public bool $isMeasuredFirst,
        public PartState $state,
        public string $supplier,
        public string $promisedFor,
        public string $said,
    ) {
    }

    public static function of(JobFile $file, PartToOrder $part, ?Said $said): self
    {
        $state = PartState::tryFrom($said?->text('state') ?? '') ?? ($part->isOnTheShelf ? PartState::OnTheShelf : PartState::ToOrder);

        return new self(
            $part->key(),
            trans()->has("price.part.{$part->item->value}")
                ? Line::ofCode('price.part', $part->item)
                : Line::ofCode('price.item', $part->item),
            self::size($file, $part),
            $part->count,
            VerdictWords::money($part->each->minor),
            VerdictWords::money($part->each->times($part->count)->minor),
            $part->leadDays,
            $part->isMeasuredFirst,
            $state,
            $said?->text('supplier') ?? '',
            $said?->text('promised_for') ?? '',
            $said === null ? '' : self::words($said),
        );
    }

    /** A part that did not come with the engine: the price list knows nothing of it. */
    public static function missing(MissingPart $part, ?Said $said): self
    {
        return new self(
            $part->key(),
            Line::of('parts.did_not_come', ['part' => ucfirst($part->words)]),
            '',
            $part->count,
            '–',
            '–',
            null,
            false,
            PartState::tryFrom($said?->text('state') ?? '') ?? PartState::ToFind,
            $said?->text('supplier') ?? '',
            $said?->text('promised_for') ?? '',
            $said === null ? '' : self::words($said),
        );
    }

    /** True of what is missing from the engine: it is looked for whatever is planned. */
    public function didNotCome(): bool
    {
        return $this->days === null;
    }

    /** Shells are of an undersize, everything else of an oversize. */
    private static function size(JobFile $file, PartToOrder $part): string
    {
        if ($part->step === null) {
            return '';
        }
        $step = $file->display->step($part->step);
        $isShells = in_array($part->item, [PriceItem::MainShells, PriceItem::RodShells], true);

        return $isShells && ! $part->step->isZero() ? Line::of('parts.under', ['step' => ltrim($step, '+')]) : $step;
    }

    private static function words(Said $said): string
    {
        $told = [
            $said->text('supplier'),
            $said->text('promised_for') === '' ? '' : Line::of('parts.promised_for', ['date' => $said->text('promised_for')]),
            $said->text('remark'),
            $said->at()->format('j M'),
        ];

        return implode(', ', array_filter($told, static fn (string $one): bool => $one !== ''));
    }
}
