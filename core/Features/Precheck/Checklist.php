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
                'Wash',
                self::name($sheet, $part).' washed',
                match ($material) {
                    Material::Aluminium, Material::Magnesium => ucfirst($material->value).
                        ': no caustic tank'.
                        ($material === Material::Magnesium ? ', no blasting.' : '.'),
                    default => ucfirst($material->value).': any wash will do; a crack shows only on clean metal.',
                },
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
        $reason = match ($sheet->volumes->gasket) {
            GasketKind::Composite =>
                'A composite gasket forgives a scratch, not a gouge across its sealing band. Scraper flat, no abrasive discs: their dust '.
                    'ends in the bearings.',
            GasketKind::MultiLayerSteel => 'A steel gasket seals on a mirror: no scraper marks, no abrasive discs.',
            null => 'What the gasket forgives nobody has said: no scraper marks across its sealing band, no abrasive discs.',
            GasketKind::Copper => 'Copper takes the form of what it lies on: no burr, no old sealant.',
        };
        $face = $sheet->deck === null ? 'Cylinder spigots and seats' : 'Deck';

        return [
            new CheckItem('face.deck', 'Gasket faces', "{$face} scraped clean", $reason, EnginePart::Block),
            new CheckItem('face.head', 'Gasket faces', 'Head face scraped clean', $reason, EnginePart::Head),
            new CheckItem(
                'face.rail',
                'Gasket faces',
                $sheet->housings->partingGap === null
                    ? 'Pan rail, front and rear faces clean'
                    : 'Parting faces clean, no burr at the studs',
                'A burr here holds two faces apart by more than a bearing has clearance.',
                EnginePart::Block,
            ),
        ];
    }

    /** @return list<CheckItem> */
    private static function datumFaces(SpecificationSheet $sheet): array
    {
        return array_map(
            static fn (DatumFaceSpec $datum): CheckItem => new CheckItem(
                "datum.{$datum->key}",
                'Datum faces',
                ucfirst($datum->words).' clean, no burr',
                'The machine takes its bearings from it: a burr here tilts every cut.',
                EnginePart::Block,
            ),
            $sheet->datumFaces,
        );
    }

    /** @return non-empty-list<CheckItem> */
    private static function galleries(SpecificationSheet $sheet): array
    {
        return [
            new CheckItem(
                'plugs',
                'Passages',
                $sheet->housings->galleriesOpenable === false
                    ? 'Galleries flushed; they cannot be opened on this case'
                    : 'Gallery plugs out, galleries brushed through',
                'Swarf behind a plug goes through the new bearings in the first minute.',
                EnginePart::Block,
            ),
            ...$sheet->hasWaterJacket() === false
                ? []
                : [
                    new CheckItem(
                        'jacket',
                        'Passages',
                        'Core plugs out, jackets free of scale',
                        'Scale hides cracks and holds a hot spot behind it.',
                        EnginePart::Block,
                    ),
                ],
        ];
    }

    /** @return list<CheckItem> */
    private static function threads(SpecificationSheet $sheet): array
    {
        return array_map(
            static fn (ThreadSpec $thread): CheckItem => new CheckItem(
                "thread.{$thread->key}",
                'Threads',
                ucfirst($thread->words),
                "{$thread->count} of {$thread->size}, {$thread->pitch}".
                    ($thread->insertsExpected === 0 ? '.' : "; {$thread->insertsExpected} with an insert as made.").
                    ' A dirty thread gives a false torque.',
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
                    'Housings',
                    "Main caps in their registers, all {$sheet->housings->count}",
                    'A cap that rocks in its register takes the housing out of line with every torque.',
                    EnginePart::Block,
                ),
                self::imprint(),
            ];
        }

        return [
            new CheckItem(
                'parting.gap',
                'Housings',
                'Parting face, case torqued: thickest feeler that enters',
                'A gap at the parting face lets the halves work; nothing brings them together again.',
                EnginePart::Block,
                AnswerKind::Gap,
            ),
            new CheckItem(
                'line-bore.step',
                'Housings',
                'Line-bore size the case has now',
                'Bearings are made to one last size; a case at it cannot be bored again.',
                EnginePart::Block,
                AnswerKind::LineBoreStep,
            ),
            new CheckItem(
                'blasted',
                'Housings',
                'Grit or bead blasting',
                'Grit in galleries that cannot be opened comes out into the bearings.',
                EnginePart::Block,
            ),
            self::imprint(),
        ];
    }

    private static function imprint(): CheckItem
    {
        return new CheckItem(
            'imprint',
            'Housings',
            'Bearing imprint or a step in the housings',
            'A shell that moved has worn its shape into the housing; that asks for line bore or line hone.',
            EnginePart::Block,
        );
    }

    /** @return list<CheckItem> */
    private static function looks(SpecificationSheet $sheet): array
    {
        return [
            new CheckItem(
                'overheated',
                'Looks',
                'Signs of overheating',
                'Blued metal, cooked paint, a soft plug: look for cracks and a bent face there.',
                EnginePart::Head,
            ),
            new CheckItem(
                'corrosion',
                'Looks',
                'Corrosion of sealing faces and walls',
                $sheet->blockMaterial === Material::Magnesium
                    ? 'Magnesium rots from under its paint.'
                    : 'Pits inside the sealing band must go, or be repaired.',
                EnginePart::Block,
            ),
            new CheckItem(
                'studs',
                'Looks',
                'Broken or bent studs',
                'A broken stud is drilled out before the deck is faced, not after.',
                EnginePart::Block,
            ),
        ];
    }

    private static function name(SpecificationSheet $sheet, EnginePart $part): string
    {
        return ucfirst($sheet->nameOf($part));
    }
}
