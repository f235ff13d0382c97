<?php

declare(strict_types=1);

namespace App\Stages\Verify;

use App\Http\RequestId;
use App\Http\ShownUnit;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Sheet\AcceptedPartView;
use App\Sheet\SheetAnswer;
use App\Sheet\SheetTabs;
use App\Storage\DispositionKind;
use App\Storage\Job;
use App\Storage\SheetName;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;

final class VerifyController
{
    /** The finished bores; of a job without them the first sheet that something is verified on. */
    public function show(Request $request, Job $job, JobFiles $files): View|RedirectResponse
    {
        $file = ShownUnit::of($request, $files->open($job));
        if ($job->isCheck()) {
            return view('verify.acceptance', [
                'file' => $file,
                'parts' => AcceptedPartView::all($file),
                'open' => count($file->acceptance()->unanswered()),
            ]);
        }
        $first = $file->work()->verification()->sections()[0] ?? Section::Bores;

        return $first === Section::Bores
            ? view('verify.show', self::sheet($request, $file, Section::Bores))
            : redirect()->route('verify.part', [$job, $first->value]);
    }

    /** The finished sheet of one section beside the bores. */
    public function part(Request $request, Job $job, Section $section, JobFiles $files): View|RedirectResponse
    {
        $file = ShownUnit::of($request, $files->open($job));

        return $section === Section::Bores
            ? redirect()->route('stage.verify', $job)
            : view('verify.part', self::sheet($request, $file, $section));
    }

    public function store(DecideFinishedRequest $request, Job $job, DecideFinished $decide): RedirectResponse
    {
        /** @var array{subject: string, kind: string, reason: string} $data */
        $data = $request->validated();
        $decide->handle(
            $job,
            $request->user(),
            RequestId::of($request),
            $data['subject'],
            DispositionKind::from($data['kind']),
            $data['reason'],
        );

        return back();
    }

    /** @return array<string, mixed> */
    private static function sheet(Request $request, JobFile $file, Section $section): array
    {
        $sheet = SheetName::of($section, Occasion::Final);
        $file->record->openSheets($sheet->onItsPage());

        return ['file' => $file, 'sheet' => $sheet, 'section' => $section, 'parts' => SheetAnswer::parts($request, $file, $sheet)] +
            SheetTabs::beside($file, $sheet);
    }
}
