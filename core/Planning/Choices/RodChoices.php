<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning\Choices;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\Piece;

/** What becomes of the rods: worked one by one, the odd ones replaced, or the set (ROD-1 to ROD-4). */
final readonly class RodChoices
{
    private const ITEMS = [
        WorkKind::Resize->value => PriceItem::ResizeRod,
        WorkKind::Rebush->value => PriceItem::RebushRod,
        WorkKind::Straighten->value => PriceItem::StraightenRod,
        WorkKind::Balance->value => PriceItem::LightenRod,
    ];

    /** @param  array<int, list<PlannedWork>>  $works  By rod; those that need something */
    private function __construct(private EngineToPlan $engine, private array $works)
    {
    }

    /** @return list<OfferedPart> None where they need nothing, or nobody knows */
    public static function of(EngineToPlan $engine): array
    {
        if (! $engine->isHere(EnginePart::Rods)) {
            return [];
        }
        $choices = self::ofEngine($engine)->choices();

        return $choices === [] ? [] : [new OfferedPart('rods', EnginePart::Rods, $choices)];
    }

    private static function ofEngine(EngineToPlan $engine): self
    {
        $works = [];
        foreach ($engine->works(Section::Rods) as $work) {
            if ($work->about->kind() === 'rod') {
                $works[$work->about->number()][] = $work;
            }
        }

        return new self($engine, $works);
    }

    /** @return list<int> The rods that a choice puts another one in the place of */
    public static function replacedBy(ChoiceKind $kind, EngineToPlan $engine): array
    {
        $rods = self::ofEngine($engine);
        $lost = [...$rods->lost() ?? [], ...$rods->beyondWork()];
        $replaced = match ($kind) {
            ChoiceKind::Replace => $engine->sheet->layout->cylinders(),
            ChoiceKind::ReplaceOdd => array_values(array_unique([...$lost, ...array_keys($rods->works)])),
            default => array_values(array_unique($lost)),
        };
        sort($replaced);

        return $replaced;
    }

    /** @return list<OfferedChoice> */
    private function choices(): array
    {
        $lost = $this->lost();
        $set = OfferedChoice::of($this->engine, ChoiceKind::Replace, [new Piece(PriceItem::Rod, $this->count())]);
        if ($lost === null) {
            return [$set];
        }
        $replaced = array_values(array_unique([...$lost, ...$this->beyondWork()]));
        $worked = array_diff(array_keys($this->works), $replaced);
        if ($replaced === [] && $worked === []) {
            return [];
        }

        return [
            OfferedChoice::of(
                $this->engine,
                ChoiceKind::Recondition,
                [new Piece(PriceItem::Rod, count($replaced)), ...$this->pieces($worked)],
                works: array_merge([], ...array_values($this->works)),
            ),
            ...$worked === [] || count($worked) + count($replaced) === $this->count()
                ? []
                : [
                    OfferedChoice::of($this->engine, ChoiceKind::ReplaceOdd, [
                        new Piece(PriceItem::Rod, count($replaced) + count($worked)),
                    ]),
                ],
            $set,
        ];
    }

    /**
     * Rods that are past saving, whatever their sizes (ROD-2).
     *
     * @return ?list<int> Null where nobody says which: then the set is
     */
    private function lost(): ?array
    {
        $defects = array_filter(
            $this->engine->inspection->defects(),
            static fn (PartDefect $defect): bool => $defect->part === EnginePart::Rods && $defect->isScrap(),
        );
        $rods = array_column($defects, 'cylinder');

        return in_array(null, $rods, true) ? null : array_map(intval(...), $rods);
    }

    /** @return list<int> Rods that no work makes good */
    private function beyondWork(): array
    {
        return array_keys(
            array_filter(
                $this->works,
                static fn (array $works): bool => array_filter(
                    $works,
                    static fn (PlannedWork $work): bool => $work->kind === WorkKind::Replace,
                ) !== [],
            ),
        );
    }

    /**
     * @param  array<int>  $rods
     * @return list<Piece>
     */
    private function pieces(array $rods): array
    {
        $counts = array_fill_keys(array_keys(self::ITEMS), 0);
        foreach ($rods as $rod) {
            foreach ($this->works[$rod] as $work) {
                if (isset($counts[$work->kind->value])) {
                    $counts[$work->kind->value]++;
                }
            }
        }

        return array_map(
            static fn (string $kind, int $count): Piece => new Piece(self::ITEMS[$kind], $count),
            array_keys($counts),
            array_values($counts),
        );
    }

    private function count(): int
    {
        return count($this->engine->sheet->layout->cylinders());
    }
}
