<?php

declare(strict_types=1);

namespace App\Stages\Verify;

use App\Http\RequestId;
use App\Http\ShownUnit;
use App\Pages\WeightListLine;
use App\Record\JobFiles;
use App\Record\WeightList;
use App\Sheet\AcceptedPartView;
use App\Storage\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Verification\PartAnswer;

/** What came to be checked only, part by part, and the sheet that goes back with a part. */
final class AcceptanceController
{
    public function store(AnswerPartRequest $request, Job $job, AnswerPart $answer): RedirectResponse
    {
        /** @var array{part: string, answer: string, reason?: ?string} $data */
        $data = $request->validated();
        $answer->handle(
            $job,
            $request->user(),
            RequestId::of($request),
            EnginePart::from($data['part']),
            PartAnswer::from($data['answer']),
            $data['reason'] ?? '',
        );

        return redirect()->route('stage.verify', $job);
    }

    /** One part for the shop or the supplier that it came from. */
    public function sheet(Request $request, Job $job, EnginePart $part, JobFiles $files): View
    {
        $file = ShownUnit::of($request, $files->open($job));
        $view = ($file->job->isCheck() ? AcceptedPartView::all($file) : [])[$part->value] ?? abort(404);

        return view('verify.sheet', [
            'file' => $file,
            'part' => $view,
            'listed' => $part === EnginePart::Rods ? WeightListLine::all($file) : [],
            'from' => WeightList::of($file)->from ?? '',
        ]);
    }
}
