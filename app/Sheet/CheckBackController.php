<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Http\RequestId;
use App\Ledger\AskBack;
use App\Ledger\Refused;
use App\Storage\Job;
use App\Storage\SheetName;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureCodes;
use NorthLedger\Core\Features\Bores\BoreFeature;

/** Gauges put back on their masters, and readings that somebody stands by in spite of a drift. */
final class CheckBackController
{
    public function store(CheckBackRequest $request, Job $job, SheetName $sheet, CheckGauge $check): JsonResponse
    {
        /** @var array{shows?: ?string, master?: ?string, feature?: ?string} $data */
        $data = $request->validated();
        $written = $check->handle(
            $job,
            $request->user(),
            RequestId::of($request),
            $sheet,
            $data['shows'] ?? '',
            $data['master'] ?? '',
            FeatureCodes::of($data['feature'] ?? BoreFeature::Bore->value),
        );

        return SheetAnswer::of($request, $written->file, $sheet);
    }

    public function confirm(
        ConfirmSuspectsRequest $request,
        Job $job,
        SheetName $sheet,
        ConfirmSuspects $confirm,
    ): RedirectResponse|JsonResponse {
        /** @var array{reason?: ?string} $data */
        $data = $request->validated();
        try {
            $written = $confirm->handle($job, $request->user(), RequestId::of($request), $sheet, $data['reason'] ?? '');
        } catch (AskBack $question) {
            throw Refused::because('reason', $question->getMessage());
        }

        return $request->expectsJson()
            ? SheetAnswer::of($request, $written->file, $sheet)
            : redirect("/jobs/{$job->tag()}/{$sheet->path()}");
    }
}
