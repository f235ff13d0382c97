<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AskBack;
use App\Actions\CheckGauge;
use App\Actions\ConfirmSuspects;
use App\Actions\Refused;
use App\Http\Requests\RequestId;
use App\Http\SheetFragments;
use App\Models\Job;
use App\Sheets\SheetName;
use App\Sheets\ShownUnit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Gauges put back on their masters, and readings that somebody stands by in spite of a drift. */
final class CheckBackController
{
    public function store(Request $request, Job $job, SheetName $sheet, CheckGauge $check): JsonResponse
    {
        /** @var array{shows?: ?string, master?: ?string} $data */
        $data = $request->validate(['shows' => ['nullable', 'string', 'max:60'], 'master' => ['nullable', 'string', 'max:60']]);
        $written = $check->handle($job, $request->user(), RequestId::of($request), $sheet, $data['shows'] ?? '', $data['master'] ?? '');

        return new JsonResponse((new SheetFragments(ShownUnit::of($request, $written->file), $sheet, $request->user()))->answer());
    }

    public function confirm(Request $request, Job $job, SheetName $sheet, ConfirmSuspects $confirm): RedirectResponse
    {
        /** @var array{reason?: ?string} $data */
        $data = $request->validate(['reason' => ['nullable', 'string', 'max:200']]);
        try {
            $confirm->handle($job, $request->user(), RequestId::of($request), $sheet, $data['reason'] ?? '');
        } catch (AskBack $question) {
            throw Refused::because('reason', $question->getMessage());
        }

        return redirect()->route($sheet === SheetName::Incoming ? 'stage.measure' : 'stage.verify', $job);
    }
}
