<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Making;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\Precedence;
use NorthLedger\Core\Work\WorkOrder;

/** Makes the order of work of a whole engine from what was agreed for each of its parts (WORK-1, WORK-1a). */
final class EngineWork
{
    /** @return ?WorkOrder Null where nothing is worked: every part that needs something is replaced */
    public static function order(AgreedWork $agreed): ?WorkOrder
    {
        $parts = [...BlockWork::of($agreed), ...CrankshaftWork::of($agreed), ...RodWork::of($agreed), ...HeadWork::of($agreed)];
        $operations = [...$parts, ...self::together($agreed, $parts)];

        return $operations === [] ? null : WorkOrder::of($operations, self::precedence($agreed));
    }

    private static function precedence(AgreedWork $agreed): Precedence
    {
        $faces = [];
        foreach ($agreed->sheet->layout->banks as $index => $cylinders) {
            $faces[$index + 1] = $cylinders;
        }

        return Precedence::under($agreed->policy->orderOfWork, $agreed->policy->orderOfParts, $faces);
    }

    /**
     * What is weighed and matched, and what is fitted once all of it is there.
     *
     * @param  list<Operation>  $parts
     * @return list<Operation>
     */
    private static function together(AgreedWork $agreed, array $parts): array
    {
        $isThere = static fn (OperationKind $kind): bool => array_filter(
            $parts,
            static fn (Operation $operation): bool => $operation->kind === $kind,
        ) !== [];
        $newPistons = $agreed->needs(PriceItem::Piston);
        $isMatched = $newPistons || $isThere(OperationKind::RodWeights);
        $hasAnotherCrank = $isThere(OperationKind::Polish) || $isThere(OperationKind::NewCrank);
        $isBalanced = $isMatched && $hasAnotherCrank && $agreed->sheet->weights->balanceFactor !== null;
        [$mains, $rods] = [$agreed->needs(PriceItem::MainShells), $agreed->needs(PriceItem::RodShells)];

        $needed = [
            [OperationKind::PistonWeights, $newPistons],
            [OperationKind::Match, $isMatched],
            [OperationKind::Balance, $isBalanced],
            [OperationKind::OrderMainShells, $mains],
            [OperationKind::OrderRodShells, $rods],
            [OperationKind::ShellsFitted, $mains || $rods],
        ];

        return array_values(
            array_map(
                static fn (array $one): Operation => new Operation($one[0]),
                array_filter($needed, static fn (array $one): bool => $one[1]),
            ),
        );
    }
}
