<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Record\JobFile;
use App\Words\Line;
use NorthLedger\Core\Planning\SleeveFit;
use NorthLedger\Core\Work\Logs\SleeveCard;
use NorthLedger\Core\Work\Operation;

/** The card of one sleeve: what its parent is cut to, whether it fits, until when it cools (SLV-1 to SLV-6). */
final readonly class SleeveBench extends Card
{
    /**
     * @param  list<array{name: string, value: string, isMain: bool}>  $figures
     * @param  list<array{place: string, size: string, interference: string, fits: bool}>  $parent
     * @param  list<string>  $warnings
     */
    private function __construct(
        public bool $isMeasured,
        public array $figures,
        public array $parent,
        public array $warnings,
        public bool $mayBeFitted,
        public ?int $coolAt,
        public string $fittedAt,
    ) {
    }

    public function view(): string
    {
        return 'work.cards.sleeve';
    }

    public static function made(JobFile $file, Operation $operation): self
    {
        $card = $file->record->workLogs()->sleeve($operation->key(), $file->sheet, $file->policy);

        return $card === null
            ? new self(false, [], [], [], false, null, '')
            : new self(
                true,
                self::figures($file, $card),
                self::parent($file, $card),
                self::warnings($file, $card),
                $card->mayBeFitted() && ! $card->isShort() && $card->pieces === 1,
                $card->coolAt() === null ? null : (int) $card->coolAt()->format('Uv'),
                $card->fittedAt?->format('j M H:i') ?? '',
            );
    }

    /** @return list<array{name: string, value: string, isMain: bool}> */
    private static function figures(JobFile $file, SleeveCard $card): array
    {
        $display = $file->display;
        $alpha = $file->policy->expansionOf($file->sheet->blockMaterial);
        $figures = [
            ['finish', $display->finerSize($card->fit->finishCut()), true],
            ['rough', $display->finerSize($card->rough()), true],
            ['depth', $card->depthOfCut === null ? Line::of('work.sleeve.depth_unknown') : $display->sizeWithUnit($card->depthOfCut), true],
            ['mean', $display->sizeWithUnit($card->fit->outsideMean), false],
            ['spread', SleeveWords::amount($file, $card->fit->outsideSpread), false],
            [
                'range',
                Line::of('work.range', [
                    'least' => SleeveWords::amount($file, $card->fit->least),
                    'most' => SleeveWords::amount($file, $card->fit->most),
                ]),
                false,
            ],
            ['target', SleeveWords::amount($file, $card->fit->target), false],
            ['warmer', Line::of('work.sleeve.degrees', ['degrees' => (string) ceil($card->temperatureDifference($alpha))]), false],
        ];

        return array_map(
            static fn (array $one): array => ['name' => Line::of("work.sleeve.{$one[0]}"), 'value' => $one[1], 'isMain' => $one[2]],
            $figures,
        );
    }

    /** @return list<array{place: string, size: string, interference: string, fits: bool}> */
    private static function parent(JobFile $file, SleeveCard $card): array
    {
        $rows = [];
        foreach (array_keys(SleeveFit::placesToCheck()) as $index) {
            $size = $card->parent[$index] ?? null;
            if ($size !== null) {
                $rows[] = [
                    'place' => SleeveWords::place($index),
                    'size' => $file->display->size($size),
                    'interference' => SleeveWords::amount($file, $card->fit->interferenceIn($size)),
                    'fits' => $card->fit->isInside($size),
                ];
            }
        }

        return $rows;
    }

    /** @return list<string> */
    private static function warnings(JobFile $file, SleeveCard $card): array
    {
        return array_values(
            array_filter([
                $card->fit->isSpreadTooLarge() ? Line::of('work.sleeve.spread_too_large') : '',
                $card->isShort() ? Line::of('work.sleeve.is_short') : '',
                $card->pieces > 1 ? Line::of('work.sleeve.pieces') : '',
                $card->parent !== [] && ! $card->mayBeFitted() ? SleeveWords::refusal($file, $card) : '',
            ]),
        );
    }
}
