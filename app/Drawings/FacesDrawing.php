<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Record\JobFile;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Faces\MeasuredFace;
use NorthLedger\Core\Inspection\Section;

/** Every face of an engine as a map: decks, then heads. */
final readonly class FacesDrawing implements SheetDrawing
{
    /** @param  list<FaceMap>  $faces */
    private function __construct(public array $faces)
    {
    }

    public static function section(SpecificationSheet $sheet): Section
    {
        return Section::Deck;
    }

    public static function view(): string
    {
        return 'parts.deck';
    }

    public static function of(JobFile $file, Truth $truth): self
    {
        $true = [];
        foreach ($truth->inspection()?->faces() ?? [] as $face) {
            $true[$face->kind->value][$face->bank] = $face;
        }

        return new self(
            array_map(
                static fn (MeasuredFace $face): FaceMap => FaceMap::of($file, $face, $true[$face->kind->value][$face->bank] ?? null),
                $file->inspection()->faces(),
            ),
        );
    }
}
