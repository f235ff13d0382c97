<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Precheck;

use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\DatumFaceSpec;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\GasketKind;
use NorthLedger\Core\Engine\Specification\LayoutKind;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Engine\Specification\ThreadSpec;
use NorthLedger\Core\Message;

/** What is cleaned and looked at before anything is measured, made from a family's parts and metals. */
final readonly class Checklist
{
    /** @param  non-empty-array<string, CheckItem>  $items  By key, in the order of the work */
    private function __construct(public array $items)
    {
    }

    public static function of(SpecificationSheet $sheet): self
    {
        $items = [];
        foreach (
            [
                ...self::wash($sheet),
                ...self::faces($sheet),
                ...self::datumFaces($sheet),
                ...self::galleries($sheet),
                ...self::threads($sheet),
                ...self::caseOrCaps($sheet),
                ...self::looks($sheet),
            ] as $item
        ) {
            $items[$item->key] = $item;
        }

        return new self($items);
    }

    public function item(string $key): ?CheckItem
    {
        return $this->items[$key] ?? null;
    }

    /** @return non-empty-list<CheckItem> */
    private static function wash(SpecificationSheet $sheet): array
    {
        $items = [];
        foreach (self::washedParts($sheet) as $part) {
            $material = $sheet->materialOf($part);
            $items[] = new CheckItem(
                "wash.{$part->value}",
                CheckGroup::Wash,
                new Message('precheck.title.wash', ['part' => $sheet->nameOf($part)]),
                new Message(
                    match ($material) {
                        Material::Aluminium => 'precheck.reason.wash_aluminium',
                        Material::Magnesium => 'precheck.reason.wash_magnesium',
                        default => 'precheck.reason.wash',
                    },
                    ['metal' => $material],
                ),
                $part,
                AnswerKind::Wash,
            );
        }

        return $items;
    }

    /** @return non-empty-list<EnginePart> */
    private static function washedParts(SpecificationSheet $sheet): array
    {
        return $sheet->cylinders === CylinderKind::Separate
            ? [EnginePart::Block, EnginePart::Cylinders, EnginePart::Head, EnginePart::Crankshaft]
            : [EnginePart::Block, EnginePart::Head, EnginePart::Crankshaft];
    }

    /** @return non-empty-list<CheckItem> */
    private static function faces(SpecificationSheet $sheet): array
    {
        $reason = new Message(match ($sheet->volumes->gasket) {
            GasketKind::Composite => 'precheck.reason.composite_gasket',
            GasketKind::MultiLayerSteel => 'precheck.reason.steel_gasket',
            GasketKind::Copper => 'precheck.reason.copper_gasket',
            null => 'precheck.reason.unknown_gasket',
        });
        $face = $sheet->deck === null ? 'spigots' : 'deck';
        $rail = $sheet->housings->partingGap === null ? 'rail' : 'parting_faces';

        return [
            new CheckItem('face.deck', CheckGroup::GasketFaces, self::title($face), $reason, EnginePart::Block),
            new CheckItem('face.head', CheckGroup::GasketFaces, self::title('head_face'), $reason, EnginePart::Head),
            new CheckItem('face.rail', CheckGroup::GasketFaces, self::title($rail), self::reason('rail'), EnginePart::Block),
        ];
    }

    /** @return list<CheckItem> */
    private static function datumFaces(SpecificationSheet $sheet): array
    {
        return array_map(
            static fn (DatumFaceSpec $datum): CheckItem => new CheckItem(
                "datum.{$datum->key}",
                CheckGroup::DatumFaces,
                new Message('precheck.title.datum', ['face' => $datum->words]),
                self::reason('datum'),
                EnginePart::Block,
            ),
            $sheet->datumFaces,
        );
    }

    /** @return non-empty-list<CheckItem> */
    private static function galleries(SpecificationSheet $sheet): array
    {
        $plugs = $sheet->housings->galleriesOpenable === false ? 'galleries_flushed' : 'plugs';
        $jacket = new CheckItem('jacket', CheckGroup::Passages, self::title('jacket'), self::reason('jacket'), EnginePart::Block);

        return [
            new CheckItem('plugs', CheckGroup::Passages, self::title($plugs), self::reason('plugs'), EnginePart::Block),
            ...$sheet->hasWaterJacket() === false ? [] : [$jacket],
        ];
    }

    /** @return list<CheckItem> */
    private static function threads(SpecificationSheet $sheet): array
    {
        return array_map(
            static fn (ThreadSpec $thread): CheckItem => new CheckItem(
                "thread.{$thread->key}",
                CheckGroup::Threads,
                new Message('precheck.title.thread', ['thread' => $thread->words]),
                new Message($thread->insertsExpected === 0 ? 'precheck.reason.thread' : 'precheck.reason.thread_with_inserts', [
                    'count' => $thread->count,
                    'size' => $thread->size,
                    'pitch' => $thread->pitch,
                    'inserts' => $thread->insertsExpected,
                ]),
                str_contains($thread->words, 'head') && ! str_contains($thread->words, 'stud') ? EnginePart::Head : EnginePart::Block,
                AnswerKind::Threads,
            ),
            $sheet->threads,
        );
    }

    /** @return non-empty-list<CheckItem> */
    private static function caseOrCaps(SpecificationSheet $sheet): array
    {
        if ($sheet->layout->kind !== LayoutKind::Flat) {
            return [
                new CheckItem(
                    'caps',
                    CheckGroup::Housings,
                    new Message('precheck.title.caps', ['count' => $sheet->housings->count]),
                    self::reason('caps'),
                    EnginePart::Block,
                ),
                self::ofBlock('imprint', CheckGroup::Housings),
            ];
        }

        return [
            self::ofBlock('parting.gap', CheckGroup::Housings, AnswerKind::Gap),
            self::ofBlock('line-bore.step', CheckGroup::Housings, AnswerKind::LineBoreStep),
            self::ofBlock('blasted', CheckGroup::Housings),
            self::ofBlock('imprint', CheckGroup::Housings),
        ];
    }

    /** @return non-empty-list<CheckItem> */
    private static function looks(SpecificationSheet $sheet): array
    {
        $corrosion = $sheet->blockMaterial === Material::Magnesium ? 'corrosion_of_magnesium' : 'corrosion';

        return [
            new CheckItem('overheated', CheckGroup::Looks, self::title('overheated'), self::reason('overheated'), EnginePart::Head),
            new CheckItem('corrosion', CheckGroup::Looks, self::title('corrosion'), self::reason($corrosion), EnginePart::Block),
            self::ofBlock('studs', CheckGroup::Looks),
        ];
    }

    private static function ofBlock(string $key, CheckGroup $group, AnswerKind $kind = AnswerKind::FineOrFinding): CheckItem
    {
        $code = str_replace(['.', '-'], '_', $key);

        return new CheckItem($key, $group, self::title($code), self::reason($code), EnginePart::Block, $kind);
    }

    private static function title(string $code): Message
    {
        return new Message("precheck.title.{$code}");
    }

    private static function reason(string $code): Message
    {
        return new Message("precheck.reason.{$code}");
    }
}
