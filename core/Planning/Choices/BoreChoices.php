<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning\Choices;

use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Bores\ReborePlan;
use NorthLedger\Core\Features\Bores\Recommendation;
use NorthLedger\Core\Planning\Bar;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\Piece;

/** The ways of a block's bores (BORE-11), as choices of the engine's plan. */
final readonly class BoreChoices
{
    public const CODE = 'bores';

    private function __construct(private EngineToPlan $engine)
    {
    }

    /** @return list<OfferedPart> None while the size that the bores were made to is not known, and the block is not scrapped */
    public static function of(EngineToPlan $engine): array
    {
        return (new self($engine))->parts(false);
    }

    /** @return list<OfferedPart> The same as they are where every trace fails that a way rests on (BORE-11a) */
    public static function ifTracesFail(EngineToPlan $engine): array
    {
        return (new self($engine))->parts(true);
    }

    /** @return list<OfferedPart> */
    private function parts(bool $tracesFail): array
    {
        $bores = $this->engine->inspection->bores();
        $plan = $bores->hasReadings() ? $bores->plan : null;
        $choices = match (true) {
            $plan !== null => $this->choices($tracesFail ? $plan->ifTracesFail() : $plan),
            ! $this->engine->canKeep($this->part()) => [$this->replace($this->isKept() ? [Bar::OriginalIsKept] : [])],
            default => [],
        };

        return $choices === [] ? [] : [new OfferedPart(self::CODE, $this->part(), $choices)];
    }

    /** @return list<OfferedChoice> */
    private function choices(ReborePlan $plan): array
    {
        $needless = Recommendation::needless($plan, $this->engine->policy->sleeveForWear);

        return [
            ...array_map(fn (ReboreOption $option): OfferedChoice => $this->choice($option, $plan, $needless), $plan->ways()),
            ...$this->withKnownPits(),
        ];
    }

    /** @return list<OfferedChoice> */
    private function withKnownPits(): array
    {
        $option = $this->engine->inspection->bores()->knownPits?->option;

        return $option === null
            ? []
            : [
                OfferedChoice::of(
                    $this->engine,
                    ChoiceKind::StayWithPits,
                    $this->toStay($option),
                    null,
                    $option->sizesRemaining,
                    bars: [Bar::WantsAcceptance],
                ),
            ];
    }

    /** @param  list<string>  $needless  Keys of the ways that sleeve for wear and save no size */
    private function choice(ReboreOption $option, ReborePlan $plan, array $needless): OfferedChoice
    {
        $bars = $this->bars($option, $needless);

        return match ($option->kind) {
            OptionKind::Stay => OfferedChoice::of(
                $this->engine,
                ChoiceKind::from($option->key()),
                $this->toStay($option),
                null,
                $option->sizesRemaining,
                bars: $bars,
            ),
            OptionKind::Bore => OfferedChoice::of(
                $this->engine,
                ChoiceKind::Bore,
                $this->toBore($option),
                $option->step,
                $option->sizesRemaining,
                $plan->block->nominal->plus($option->step),
                bars: $bars,
            ),
            OptionKind::Replace => $this->replace($bars, $option->sizesRemaining),
        };
    }

    /** @param  list<Bar>  $bars */
    private function replace(array $bars, ?int $life = null): OfferedChoice
    {
        $pieces = $this->areSeparate() ? [new Piece(PriceItem::Cylinder, $this->count())] : [new Piece(PriceItem::Block, 1)];

        return OfferedChoice::of(
            $this->engine,
            ChoiceKind::Replace,
            $pieces,
            null,
            $life,
            $this->engine->sheet->bore->nominal,
            bars: $bars,
        );
    }

    /** @return list<Piece> */
    private function toStay(ReboreOption $option): array
    {
        $sleeved = count($option->sleeved);

        return [
            new Piece(PriceItem::BoreSetup, $sleeved > 0 ? 1 : 0),
            new Piece(PriceItem::Bore, $sleeved),
            new Piece(PriceItem::Sleeve, $sleeved),
            new Piece(PriceItem::Hone, $this->count()),
            new Piece(PriceItem::Rings, $this->count(), $option->step),
            new Piece(PriceItem::Piston, count($option->newPistons), $option->step),
        ];
    }

    /** @return list<Piece> */
    private function toBore(ReboreOption $option): array
    {
        return [
            new Piece(PriceItem::BoreSetup, 1),
            new Piece(PriceItem::Bore, $this->count()),
            new Piece(PriceItem::Sleeve, count($option->sleeved)),
            new Piece(PriceItem::Hone, $this->count()),
            new Piece(PriceItem::Piston, $this->count(), $option->step),
        ];
    }

    /**
     * @param  list<string>  $needless
     * @return list<Bar>
     */
    private function bars(ReboreOption $option, array $needless): array
    {
        $isReplaced = $option->kind === OptionKind::Replace;
        $lasts = $this->engine->policy->preference === Preference::Life;
        $tooMany = $lasts && 3 * count($option->sleeved) >= $this->count() + 3;

        return Bar::held([
            [Bar::WallTooThin, $option->wallTooThin !== []],
            [Bar::CannotBeWorked, ! $option->isFeasible() && $option->wallTooThin === []],
            [Bar::OriginalIsKept, $isReplaced && $this->isKept()],
            [Bar::NotNeeded, $option->isWithNewPistons],
            [Bar::NeedlessSleeves, $tooMany || in_array($option->key(), $needless, true)],
            [Bar::IsAnotherBlock, $isReplaced && $lasts],
        ]);
    }

    private function isKept(): bool
    {
        return $this->engine->wishes->keepsOriginal && ! $this->areSeparate();
    }

    private function areSeparate(): bool
    {
        return $this->engine->sheet->cylinders === CylinderKind::Separate;
    }

    private function part(): EnginePart
    {
        return $this->areSeparate() ? EnginePart::Cylinders : EnginePart::Block;
    }

    private function count(): int
    {
        return count($this->engine->sheet->layout->cylinders());
    }
}
