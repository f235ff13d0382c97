<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Feed\FeedMark;
use App\Http\RequestId;
use App\Storage\JobNumber;
use App\Storage\SheetName;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Engine\Places\Place;

final class ReadingController
{
    public function store(ReadingRequest $request, JobNumber $job, SheetName $sheet, RecordReading $record): JsonResponse
    {
        /**
         * @var array{place: string, text: ?string, setup?: ?string, repeat?: bool, confirmed?: bool, reason?: ?string, saw?: ?int,
         *     feed?: ?array{gauge: string, number: int}} $data
         */
        $data = $request->validated();
        $written = $record->handle(
            $job,
            $request->user(),
            new ReadingEntry(
                RequestId::of($request),
                $sheet,
                Place::parse($data['place']),
                (string) $data['text'],
                $data['setup'] ?? null,
                $data['repeat'] ?? false,
                $data['confirmed'] ?? false,
                $data['reason'] ?? null,
                isset($data['feed']) ? new FeedMark($data['feed']['gauge'], (int) $data['feed']['number']) : null,
                $data['saw'] ?? null,
            ),
        );

        return SheetAnswer::of($request, $written->file, $sheet);
    }

    public function undo(Request $request, JobNumber $job, SheetName $sheet, TakeBack $takeBack): JsonResponse
    {
        $written = $takeBack->handle($job, $request->user(), RequestId::of($request), $sheet);

        return SheetAnswer::of($request, $written->file, $sheet);
    }
}
