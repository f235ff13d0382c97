<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ReadingEntry;
use App\Actions\RecordReading;
use App\Actions\TakeBack;
use App\Http\Requests\RequestId;
use App\Http\SheetFragments;
use App\Models\Job;
use App\Sheets\SheetName;
use App\Sheets\ShownUnit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Gauging\Place;

final class ReadingController
{
    public function store(Request $request, Job $job, SheetName $sheet, RecordReading $record): JsonResponse
    {
        /** @var array{place: string, text: ?string, setup?: ?string, repeat?: bool, confirmed?: bool, reason?: ?string} $data */
        $data = $request->validate([
            'place' => ['required', 'string', 'max:40'],
            'text' => ['present', 'nullable', 'string', 'max:60'],
            'setup' => ['nullable', 'string', 'size:26'],
            'repeat' => ['boolean'],
            'confirmed' => ['boolean'],
            'reason' => ['nullable', 'string', 'max:200'],
        ]);
        $written = $record->handle($job, $request->user(), new ReadingEntry(
            RequestId::of($request), $sheet, Place::parse($data['place']), (string) $data['text'], $data['setup'] ?? null,
            $data['repeat'] ?? false, $data['confirmed'] ?? false, $data['reason'] ?? null,
        ));

        return new JsonResponse((new SheetFragments(ShownUnit::of($request, $written->file), $sheet, $request->user()))->answer());
    }

    public function undo(Request $request, Job $job, SheetName $sheet, TakeBack $takeBack): JsonResponse
    {
        $written = $takeBack->handle($job, $request->user(), RequestId::of($request), $sheet);

        return new JsonResponse((new SheetFragments(ShownUnit::of($request, $written->file), $sheet, $request->user()))->answer());
    }
}
