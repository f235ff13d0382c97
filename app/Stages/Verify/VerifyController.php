<?php

declare(strict_types=1);

namespace App\Stages\Verify;

use App\Http\RequestId;
use App\Http\ShownUnit;
use App\Record\JobFiles;
use App\Sheet\SheetAnswer;
use App\Storage\DispositionKind;
use App\Storage\Job;
use App\Storage\SheetName;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Inspection\Occasion;

final class VerifyController
{
    public function show(Request $request, Job $job, JobFiles $files): View
    {
        $file = ShownUnit::of($request, $files->open($job));

        return view('verify.show', [
            'file' => $file,
            'sheet' => SheetName::bores(Occasion::Final),
            'parts' => SheetAnswer::parts($request, $file, SheetName::bores(Occasion::Final)),
        ]);
    }

    public function store(DisposeBoreRequest $request, Job $job, DisposeBore $dispose): RedirectResponse
    {
        /** @var array{cylinder: int, kind: string, reason: string} $data */
        $data = $request->validated();
        $dispose->handle(
            $job,
            $request->user(),
            RequestId::of($request),
            (int) $data['cylinder'],
            DispositionKind::from($data['kind']),
            $data['reason'],
        );

        return redirect()->route('stage.verify', $job);
    }
}
