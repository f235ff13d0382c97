<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning\Choices;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\Exclusion;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\Piece;
use NorthLedger\Core\Planning\PlannedPart;

/**
 * The balancing of a crankshaft, this one or another: new pistons and rods that were worked weigh something else, and it follows from them
 * (BAL-2).
 */
final class BalanceChoices
{
    public const CODE = 'balance';

    private const RODS = 'rods';

    /**
     * @param  list<OfferedPart>  $parts  All others
     * @return list<OfferedPart> None where nothing that is chosen would change a weight, or the sheet knows no balance factor
     */
    public static function of(EngineToPlan $engine, array $parts): array
    {
        $byCode = array_column($parts, null, 'code');
        $rods = isset($byCode[self::RODS]);
        $pistons = self::withPistons($byCode[BoreChoices::CODE] ?? null);
        if (! isset($byCode['mains']) || $engine->sheet->weights->balanceFactor === null || (! $rods && $pistons === [])) {
            return [];
        }
        $fit = OfferedChoice::of($engine, ChoiceKind::Fit, [new Piece(PriceItem::Balance, 1)]);

        return [
            new OfferedPart(
                self::CODE,
                EnginePart::Crankshaft,
                $rods ? [$fit] : [$fit, OfferedChoice::of($engine, ChoiceKind::Leave, [])],
            ),
        ];
    }

    /**
     * It is balanced with new pistons, and left without them.
     *
     * @param  array<string, OfferedPart>  $parts
     * @param  list<PlannedPart>  $planned  With the choices that are open
     * @return list<Exclusion>
     */
    public static function exclusions(array $parts, array $planned): array
    {
        $open = array_column($planned, 'choices', 'code');
        if (isset($parts[self::RODS]) || ! isset($open[self::CODE], $open[BoreChoices::CODE])) {
            return [];
        }
        $pistons = self::withPistons($parts[BoreChoices::CODE]);
        $exclusions = [];
        foreach (array_keys($open[BoreChoices::CODE]) as $bores) {
            $wrong = (in_array($bores, $pistons, true) ? ChoiceKind::Leave : ChoiceKind::Fit)->value;
            if (isset($open[self::CODE][$wrong])) {
                $exclusions[] = new Exclusion(BoreChoices::CODE, (string) $bores, self::CODE, $wrong);
            }
        }

        return $exclusions;
    }

    /** @return list<string> Codes of the ways that buy any */
    private static function withPistons(?OfferedPart $bores): array
    {
        $buying = array_filter(
            $bores->choices ?? [],
            static fn (OfferedChoice $choice): bool => array_filter(
                $choice->pieces,
                static fn (Piece $piece): bool => $piece->item === PriceItem::Piston && $piece->count > 0,
            ) !== [],
        );

        return array_values(array_map(static fn (OfferedChoice $choice): string => $choice->code(), $buying));
    }
}
