<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Record\JobFile;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkField;

/** The card of an operation at its machine: what is logged there, and what follows from it. */
abstract readonly class Card
{
    /** The view that shows it. */
    abstract public function view(): string;

    /** Null where nothing is logged at that operation but that it was done. */
    public static function of(JobFile $file, string $key): ?self
    {
        $order = $file->work()->order();
        $operation = $order?->has($key) === true ? $order->operation($key) : null;

        return match ($operation?->kind) {
            OperationKind::Hone => HoneCard::made($file, $operation),
            OperationKind::Sleeve => SleeveBench::made($file, $operation),
            OperationKind::Deck => DeckCard::made($file, $operation),
            OperationKind::Bore => BoreCard::made($file, $operation),
            OperationKind::StrokeClearance => StrokeCard::made($file, $operation),
            null => null,
            default => self::isOffered($operation) ? ValuesCard::made($file, $operation) : null,
        };
    }

    public static function isOffered(Operation $operation): bool
    {
        return in_array(
            $operation->kind,
            [OperationKind::Hone, OperationKind::Sleeve, OperationKind::Deck, OperationKind::Bore, OperationKind::StrokeClearance],
            true,
        ) || WorkField::of($operation->kind) !== [];
    }
}
