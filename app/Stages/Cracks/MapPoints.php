<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Words\Line;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use NorthLedger\Core\Features\Cracks\CrackLocation;

/** The points of an indication as the page sends them: “500,420 512,431”, in thousandths of the face. */
final class MapPoints
{
    /** @return list<array{int, int}> */
    public static function of(Request $request): array
    {
        $text = trim((string) $request->input('points', ''));
        if (preg_match('/^\d{1,4},\d{1,4}( \d{1,4},\d{1,4})*$/D', $text) !== 1 || substr_count($text, ' ') >= CrackLocation::MOST_POINTS) {
            throw ValidationException::withMessages(['points' => Line::of('cracks.ask.where')]);
        }

        return array_map(static fn (string $point): array => array_map(intval(...), explode(',', $point)), explode(' ', $text));
    }
}
