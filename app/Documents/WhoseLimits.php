<?php

declare(strict_types=1);

namespace App\Documents;

use App\Record\JobFile;
use App\SpecBook\OwnValueLine;
use App\SpecBook\Sources;
use App\Storage\SpecBook;
use App\Words\VerdictWords;

/** Whose the limits are that finished bores were held against, and in what the engine differs from the book. */
final readonly class WhoseLimits
{
    private const OF_BORES = [
        '/bore/finished/out_of_round' => 'out-of-round',
        '/bore/finished/taper' => 'taper',
        '/bore/finished/clearance' => 'clearance',
        '/piston/clearance/least' => 'least clearance',
        '/bore/service/out_of_round' => 'out-of-round in service',
        '/bore/service/taper' => 'taper in service',
        '/bore/service/clearance' => 'clearance in service',
    ];

    public function __construct(private SpecBook $specs)
    {
    }

    /** @return list<string> Nothing of what only stands on the sheet, without a word about where it comes from */
    public function of(JobFile $file): array
    {
        $bySource = [];
        foreach (self::OF_BORES as $pointer => $limit) {
            $source = Sources::words($file->sheet->sourceOf($pointer));
            if ($source !== '') {
                $bySource[$source][] = $limit;
            }
        }

        return [
            ...array_map(
                static fn (string $source, array $limits): string => ucfirst(VerdictWords::list($limits)).": {$source}.",
                array_keys($bySource),
                $bySource,
            ),
            ...array_map(
                static fn (OwnValueLine $one): string => "Not by the book: {$one->sentence()}.",
                OwnValueLine::all($file, $this->specs),
            ),
        ];
    }
}
