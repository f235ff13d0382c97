<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Making;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\Choices\CrackRepairs;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\Piece;
use NorthLedger\Core\Work\Note;
use NorthLedger\Core\Work\NoteKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;

/** The operations at the heads: repairs, guides, seats, face, and their chambers measured (VALVE-1 to VALVE-3, DECK-2, WORK-1a). */
final readonly class HeadWork
{
    private function __construct(private AgreedWork $agreed)
    {
    }

    /** @return list<Operation> None where every head stays as it is */
    public static function of(AgreedWork $agreed): array
    {
        $head = new self($agreed);
        $heads = array_filter(
            $agreed->numbered('head'),
            static fn (OfferedChoice $choice): bool => in_array(
                $choice->kind,
                [ChoiceKind::Recondition, ChoiceKind::ToTarget, ChoiceKind::Weld],
                true,
            ),
        );
        $work = [...$head->repairs($heads), ...$head->welds($heads), ...$head->valves($heads), ...$head->faces($heads)];
        $others = $head->others();

        return [
            ...$work === [] ? [] : [new Operation(OperationKind::HeadWash), new Operation(OperationKind::HeadCrackCheck), ...$work],
            ...$others,
            ...self::volumes([...$work, ...$others]),
        ];
    }

    /** @return list<Operation> Heads that go in for those that came */
    private function others(): array
    {
        $replaced = array_filter(
            $this->agreed->numbered('head'),
            static fn (OfferedChoice $choice): bool => $choice->kind === ChoiceKind::Replace,
        );

        return array_map(
            static fn (int|string $bank): Operation => new Operation(OperationKind::NewHead, (string) $bank),
            array_keys($replaced),
        );
    }

    /**
     * @param  array<string, OfferedChoice>  $heads
     * @return list<Operation>
     */
    private function repairs(array $heads): array
    {
        $isPaid = array_filter(
            array_merge([], ...array_map(static fn (OfferedChoice $choice): array => $choice->pieces, array_values($heads))),
            static fn (Piece $piece): bool => $piece->item === PriceItem::CrackRepair && $piece->count > 0,
        );
        $operations = [];
        foreach ($isPaid === [] ? [] : CrackRepairs::of($this->agreed->engine->cracks, EnginePart::Head) as $crack) {
            $operations[] = new Operation(
                OperationKind::HeadRepair,
                (string) $crack->number,
                notes: [new Note(NoteKind::CrackAt, said: $crack->location->key())],
            );
        }

        return $operations;
    }

    /**
     * @param  array<string, OfferedChoice>  $heads
     * @return list<Operation>
     */
    private function welds(array $heads): array
    {
        $welded = array_filter($heads, static fn (OfferedChoice $choice): bool => $choice->kind === ChoiceKind::Weld);

        return array_map(
            static fn (int|string $bank): Operation => new Operation(OperationKind::HeadWeld, (string) $bank),
            array_keys($welded),
        );
    }

    /**
     * @param  array<string, OfferedChoice>  $heads
     * @return list<Operation>
     */
    private function valves(array $heads): array
    {
        return array_merge(
            [],
            ...array_map(
                fn (OfferedChoice $choice): array => ValveWork::operations(
                    $this->agreed,
                    $choice->works,
                    OperationKind::Guides,
                    OperationKind::Seats,
                ),
                array_values($heads),
            ),
        );
    }

    /**
     * @param  array<string, OfferedChoice>  $heads
     * @return list<Operation>
     */
    private function faces(array $heads): array
    {
        $operations = [];
        foreach ($heads as $bank => $choice) {
            if ($choice->choice->headCut->isPositive()) {
                $height = AgreedWork::works($choice, WorkKind::Face)[0]->target ?? null;
                $operations[] = new Operation(
                    OperationKind::HeadFace,
                    (string) $bank,
                    step: $choice->choice->headCut,
                    notes: $height === null ? [] : [new Note(NoteKind::LeavesHeight, [$height])],
                );
            }
        }

        return $operations;
    }

    /**
     * A chamber is another one once its face or a seat was cut, or its head is another one.
     *
     * @param  list<Operation>  $work
     * @return list<Operation>
     */
    private static function volumes(array $work): array
    {
        $changing = [OperationKind::HeadFace, OperationKind::Seats, OperationKind::NewHead];
        $changed = array_filter($work, static fn (Operation $one): bool => in_array($one->kind, $changing, true));

        return $changed === [] ? [] : [new Operation(OperationKind::Volumes)];
    }
}
