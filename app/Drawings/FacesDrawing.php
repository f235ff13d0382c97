<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Record\JobFile;
use NorthLedger\Core\Features\Faces\MeasuredFace;

/** Every face of an engine as a map: decks, then heads. */
final readonly class FacesDrawing
{
    /** @param  list<FaceMap>  $faces */
    private function __construct(public array $faces)
    {
    }

    public static function of(JobFile $file): self
    {
        return new self(array_map(static fn (MeasuredFace $face): FaceMap => FaceMap::of($file, $face), $file->inspection()->faces()));
    }
}
