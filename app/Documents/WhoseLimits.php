<?php

declare(strict_types=1);

namespace App\Documents;

use App\Record\JobFile;
use App\SpecBook\OwnValueLine;
use App\SpecBook\Sources;
use App\Storage\SpecBook;
use App\Words\Line;
use App\Words\VerdictWords;

/** Whose the limits are that finished bores were held against, and in what the engine differs from the book. */
final readonly class WhoseLimits
{
    /** By what they are called in `release.whose.limit`. */
    private const OF_BORES = [
        '/bore/finished/out_of_round' => 'out_of_round',
        '/bore/finished/taper' => 'taper',
        '/bore/finished/clearance' => 'clearance',
        '/piston/clearance/least' => 'least_clearance',
        '/bore/service/out_of_round' => 'service_out_of_round',
        '/bore/service/taper' => 'service_taper',
        '/bore/service/clearance' => 'service_clearance',
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
                $bySource[$source][] = Line::of("release.whose.limit.{$limit}");
            }
        }

        return [
            ...array_map(
                static fn (string $source, array $limits): string => Line::of('release.whose.source', [
                    'limits' => ucfirst(VerdictWords::list($limits)),
                    'source' => $source,
                ]),
                array_keys($bySource),
                $bySource,
            ),
            ...array_map(
                static fn (OwnValueLine $one): string => Line::of('release.whose.own', ['value' => $one->sentence()]),
                OwnValueLine::all($file, $this->specs),
            ),
        ];
    }
}
