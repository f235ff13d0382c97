<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Record\JobFile;
use Illuminate\Http\Request;

/** What a page shows of the bores already, as it says with an entry: an answer brings only what it does not. */
final readonly class ShownBores
{
    /** The columns, in the order of the cylinders (`BoreColumns`); a bore is drawn from what its column is made of. */
    private const COLUMNS = 'X-Shown-Columns';

    /** In which frame the bores are drawn (`BoreFrame`). */
    private const FRAME = 'X-Shown-Frame';

    /** @param  array<int, string>  $columns  Marks by cylinder; empty where the page does not say it, or speaks of another engine */
    private function __construct(public array $columns, public string $frame)
    {
    }

    public static function of(Request $request, JobFile $file): self
    {
        $cylinders = $file->sheet->layout->cylinders();
        $marks = explode(',', (string) $request->header(self::COLUMNS));
        $columns = count($marks) === count($cylinders) ? array_combine($cylinders, $marks) : [];

        return new self($columns, (string) $request->header(self::FRAME));
    }
}
