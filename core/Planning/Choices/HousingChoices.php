<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning\Choices;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Planning\Bar;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\Piece;
use NorthLedger\Core\Quantity\Length;

/** What becomes of the main housings: honed back into line, bored to a step, or another case (LINE-2a, LINE-3). */
final readonly class HousingChoices
{
    private const CODE = 'housings';

    /** @return list<OfferedPart> None where they need nothing, or nobody knows */
    public static function of(EngineToPlan $engine): array
    {
        if (! $engine->isHere(EnginePart::Block)) {
            return [];
        }
        $areSeparate = $engine->sheet->cylinders === CylinderKind::Separate;
        $works = array_values(
            array_filter(
                $engine->works(Section::Housings),
                static fn (PlannedWork $work): bool => in_array($work->kind, [WorkKind::LineHone, WorkKind::LineBore], true) &&
                    $work->about->code === self::CODE,
            ),
        );
        $isScrap = self::isScrap($engine);
        if ($works === [] && ! $isScrap) {
            return [];
        }
        $choices = $isScrap ? [] : array_map(static fn (PlannedWork $work): OfferedChoice => self::choice($engine, $work), $works);

        return [
            new OfferedPart(
                self::CODE,
                EnginePart::Block,
                $areSeparate ? [...$choices, self::anotherCase($engine)] : $choices,
                $areSeparate ? null : BoreChoices::CODE,
            ),
        ];
    }

    private static function choice(EngineToPlan $engine, PlannedWork $work): OfferedChoice
    {
        $isHoned = $work->kind === WorkKind::LineHone;
        $step = $work->step ?? Length::zero();

        return OfferedChoice::of(
            $engine,
            $isHoned ? ChoiceKind::LineHone : ChoiceKind::LineBore,
            [new Piece($isHoned ? PriceItem::LineHone : PriceItem::LineBore, $engine->sheet->housings->count)],
            $isHoned ? null : $step,
            count(
                array_filter(
                    $engine->sheet->housings->lineBoreSteps ?? [],
                    static fn (Length $offered): bool => $offered->isLargerThan($step),
                ),
            ),
            works: [$work],
        );
    }

    private static function anotherCase(EngineToPlan $engine): OfferedChoice
    {
        return OfferedChoice::of(
            $engine,
            ChoiceKind::Replace,
            [new Piece(PriceItem::Block, 1)],
            null,
            count($engine->sheet->housings->lineBoreSteps ?? []),
            bars: Bar::held([[Bar::OriginalIsKept, $engine->wishes->keepsOriginal]]),
        );
    }

    private static function isScrap(EngineToPlan $engine): bool
    {
        return array_filter(
            $engine->inspection->judged(Section::Housings)->findings,
            static fn (Finding $finding): bool => $finding->remedy === Remedy::Scrap,
        ) !== [] ||
            ($engine->sheet->cylinders === CylinderKind::Separate && ! $engine->canKeep(EnginePart::Block));
    }
}
