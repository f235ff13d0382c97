<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Engine\Policy\Price;
use NorthLedger\Core\Engine\Policy\PriceList;

/** How long a kind of operation holds its machine: by the shop's price list, and as is usual where the list knows no time (LOAD-5). */
final readonly class UsualMinutes
{
    /** Set-up, and run for each place. */
    private const USUAL = [
        OperationKind::Wash->value => [15, 75],
        OperationKind::CrackCheck->value => [15, 75],
        OperationKind::Threads->value => [10, 15],
        OperationKind::StrokeClearance->value => [15, 45],
        OperationKind::Chamfer->value => [0, 4],
        OperationKind::Deburr->value => [0, 60],
        OperationKind::PistonsMeasured->value => [5, 4],
        OperationKind::FinalWash->value => [10, 50],
        OperationKind::CorePlugs->value => [5, 20],
        OperationKind::CrankWash->value => [10, 30],
        OperationKind::CrankCrackCheck->value => [15, 45],
        OperationKind::CrankRecheck->value => [15, 30],
        OperationKind::Polish->value => [15, 40],
        OperationKind::NewCrank->value => [10, 35],
        OperationKind::RodCrackCheck->value => [10, 8],
        OperationKind::NewRod->value => [5, 8],
        OperationKind::RodWeights->value => [10, 5],
        OperationKind::NewHead->value => [15, 60],
        OperationKind::HeadWash->value => [10, 40],
        OperationKind::HeadCrackCheck->value => [15, 45],
        OperationKind::Volumes->value => [10, 30],
        OperationKind::PistonWeights->value => [10, 20],
        OperationKind::Match->value => [0, 30],
        OperationKind::Balance->value => [45, 90],
        OperationKind::CrankFinalWash->value => [10, 25],
        OperationKind::ShellsFitted->value => [10, 50],
    ];

    /** A line hone and a line bore are one kind of operation: the longer one is planned. */
    public static function of(OperationKind $kind, PriceList $prices, string $family): self
    {
        $item = WorkMinutes::item($kind);
        $price = $item === null ? Price::none() : $prices->of($item, $family);
        [$setup, $run] = [$price->setupMinutes, $price->runMinutes];
        if ($setup + $run > 0) {
            return new self($setup, $run, true);
        }
        [$setup, $run] = self::USUAL[$kind->value] ?? [0, 0];

        return new self($setup, $run, false);
    }

    /** @param  bool  $isPriced  The price list says it */
    private function __construct(public int $setup, public int $run, public bool $isPriced)
    {
    }

    /** All of it: the set-up, and the run for so many places. */
    public function forPlaces(int $places): int
    {
        return $this->setup + $this->run * $places;
    }
}
