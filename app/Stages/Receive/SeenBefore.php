<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Record\JobFile;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\SheetName;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Inspection\Occasion;

/** Earlier jobs of the same serial number, with the last sizes their bores were left at. */
final readonly class SeenBefore
{
    private const MOST = 5;

    /** @return list<array{tag: string, when: string, sizes: string}> Newest first */
    public static function of(string $serial, ?Job $apart, JobFiles $files): array
    {
        if (trim($serial) === '') {
            return [];
        }
        /** @var list<Job> $jobs */
        $jobs = Job::query()
            ->with('customer')
            ->where('serial', trim($serial))
            ->when($apart !== null, static fn ($query) => $query->where('id', '<', $apart?->id))
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get()
            ->all();

        return array_map(
            static fn (Job $job): array => [
                'tag' => $job->tag(),
                'when' => $job->getAttribute('created_at')->format('j M Y'),
                'sizes' => self::sizes($files->open($job)),
            ],
            $jobs,
        );
    }

    private static function sizes(JobFile $file): string
    {
        $sheet =
            $file->record->entries(SheetName::bores(Occasion::Final))->rows === [] ? SheetName::bores() : SheetName::bores(Occasion::Final);
        $entries = $file->record->entries($sheet);
        $largest = [];
        foreach ($entries->measuredPlaces() as $place) {
            $reading = $place->feature === BoreFeature::Bore ? $entries->reading($place, $file->sheet, $file->policy) : null;
            if ($reading !== null && (! isset($largest[$place->number]) || $reading->corrected->isLargerThan($largest[$place->number]))) {
                $largest[$place->number] = $reading->corrected;
            }
        }
        ksort($largest);
        $sizes = array_map(
            static fn (int $cylinder, $size): string => "{$cylinder}: {$file->display->size($size)}",
            array_keys($largest),
            $largest,
        );

        return $sizes === [] ? 'no readings' : ($sheet->occasion === Occasion::Final ? 'left at ' : 'came in at ').implode(', ', $sizes);
    }
}
