<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Record\JobFile;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Words\Line;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\OperationKind;

/** Earlier jobs of the same serial number, with the last sizes their bores were left at. */
final readonly class SeenBefore
{
    private const MOST = 5;

    /** @return list<array{tag: string, when: string, sizes: string, sleeves: list<string>}> Newest first */
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

        return array_map(static function (Job $job) use ($files): array {
            $file = $files->open($job);

            return [
                'tag' => $job->tag(),
                'when' => $job->getAttribute('created_at')->format('j M Y'),
                'sizes' => self::sizes($file),
                'sleeves' => self::sleeves($file),
            ];
        }, $jobs);
    }

    /** @return list<string> What was pressed in then: whoever takes it out again knows what its parent was cut to (SLV-6) */
    private static function sleeves(JobFile $file): array
    {
        $logs = $file->record->workLogs();
        $said = [];
        foreach ($file->sheet->layout->cylinders() as $cylinder) {
            $key = (new OperationKey(OperationKind::Sleeve, (string) $cylinder))->written();
            $card = $logs->sleeve($key, $file->sheet, $file->policy);
            if ($card?->fittedAt !== null) {
                $said[] = Line::of($card->length === null ? 'work.sleeve.earlier' : 'work.sleeve.earlier_long', [
                    'cylinder' => $cylinder,
                    'outside' => $file->display->sizeWithUnit($card->fit->outsideMean),
                    'parent' => $file->display->sizeWithUnit(self::largest($card->parent)),
                    'length' => $card->length === null ? '' : $file->display->sizeWithUnit($card->length),
                ]);
            }
        }

        return $said;
    }

    /** @param  list<Length>  $sizes */
    private static function largest(array $sizes): Length
    {
        return Length::ofNanometres(max(0, ...array_map(static fn (Length $size): int => $size->nanometres, $sizes)));
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

        $line = $sheet->occasion === Occasion::Final ? 'receive.before.left' : 'receive.before.came';

        return $sizes === [] ? Line::of('receive.before.none') : Line::of($line, ['sizes' => implode(', ', $sizes)]);
    }
}
