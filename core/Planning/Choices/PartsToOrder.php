<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning\Choices;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Policy\PriceList;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\EnginePlan;
use NorthLedger\Core\Planning\PartToOrder;
use NorthLedger\Core\Planning\Piece;
use NorthLedger\Core\Planning\Shelf;

/** What has to come for a plan: every part once, in its size; no shells before journals and housings have their final sizes (WORK-3). */
final class PartsToOrder
{
    /** Work after which the counterparts of shells are measured anew, by the shells that wait for it. */
    private const DECIDES = [
        PriceItem::MainShells->value => ['mains', 'housings'],
        PriceItem::RodShells->value => ['rod_journals', 'rods'],
    ];

    private const CHANGES_THE_SIZE = [
        ChoiceKind::Grind,
        ChoiceKind::GrindOffset,
        ChoiceKind::Weld,
        ChoiceKind::LineHone,
        ChoiceKind::LineBore,
        ChoiceKind::Recondition,
    ];

    /** @return list<PartToOrder> */
    public static function of(EngineChoices $choices, EnginePlan $plan, PriceList $prices, string $family, Shelf $shelf): array
    {
        $counts = $pieces = [];
        foreach (self::pieces($choices, $plan) as $piece) {
            $key = Shelf::key($piece->item, $piece->step);
            $counts[$key] = ($counts[$key] ?? 0) + $piece->count;
            $pieces[$key] = $piece;
        }
        $parts = [];
        foreach ($pieces as $key => $piece) {
            $price = $prices->of($piece->item, $family);
            $parts[] = new PartToOrder(
                $piece->item,
                $piece->step,
                $counts[$key],
                $price->parts,
                $price->leadDays,
                self::isMeasuredFirst($piece->item, $choices, $plan),
                $shelf->holds(new Piece($piece->item, $counts[$key], $piece->step)),
            );
        }

        return $parts;
    }

    /** @return list<Piece> */
    private static function pieces(EngineChoices $choices, EnginePlan $plan): array
    {
        $pieces = [];
        foreach ($plan->codes() as $part => $code) {
            $pieces = [...$pieces, ...$choices->parts[$part]->choice($code)->pieces ?? []];
        }

        return array_values(array_filter($pieces, static fn (Piece $piece): bool => $piece->item->isOrdered() && $piece->count > 0));
    }

    private static function isMeasuredFirst(PriceItem $item, EngineChoices $choices, EnginePlan $plan): bool
    {
        foreach (self::DECIDES[$item->value] ?? [] as $part) {
            $choice = ($choices->parts[$part] ?? null)?->choice($plan->choices[$part]->code ?? '');
            if ($choice !== null && in_array($choice->kind, self::CHANGES_THE_SIZE, true)) {
                return true;
            }
        }

        return false;
    }
}
