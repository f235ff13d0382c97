<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Http\RequestId;
use App\Http\ShownUnit;
use App\Pages\CrankshaftLines;
use App\Pages\KeptPages;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Inspection\Section;

final class SheetController
{
    /** The bores; of a job without them the first sheet of what came. */
    public function measure(Request $request, Job $job, JobFiles $files): View|RedirectResponse
    {
        $file = ShownUnit::of($request, $files->open($job));
        $first = SheetTabs::first($file);
        if ($first !== SheetName::bores()) {
            return redirect()->route('part', [$job, $first->section->value]);
        }

        return view(
            'measure.show',
            ['file' => $file, 'sheet' => SheetName::bores(), 'parts' => SheetAnswer::parts($request, $file, SheetName::bores())] +
                SheetTabs::beside($file, SheetName::bores()),
        );
    }

    /** The sheet of one section beside the bores. */
    public function part(Request $request, Job $job, Section $section, JobFiles $files, KeptPages $kept): View
    {
        $file = ShownUnit::of($request, $files->open($job));
        $sheet = SheetName::of($section);
        $file->record->openSheets($sheet->onItsPage());

        return view(
            'parts.show',
            [
                'file' => $file,
                'sheet' => $sheet,
                'section' => $section,
                'parts' => SheetAnswer::parts($request, $file, $sheet),
                'crankshafts' => $section === Section::Crankshaft ? CrankshaftLines::of($file, $kept)->lines : [],
                'mayExchange' => ! $job->is_closed &&
                    $job->arrival->brings(EnginePart::Crankshaft) &&
                    ($request->user()?->can('measure') ?? false),
            ] + SheetTabs::beside($file, $sheet),
        );
    }

    /** A list of weights that came with the parts. */
    public function weightList(WeightListRequest $request, Job $job, KeepWeightList $keep): RedirectResponse
    {
        $keep->handle($job, $request->user(), RequestId::of($request), $request->list(), $request->from());

        return redirect()
            ->route('part', [$job, Section::Weights->value])
            ->with('note', Line::of('weights.kept'));
    }

    /** What others have written since the page's last known entry; nothing where nothing was. */
    public function changes(Request $request, Job $job, SheetName $sheet, JobFiles $files): JsonResponse|Response
    {
        return $request->integer('since') === $job->entries
            ? response()->noContent()
            : SheetAnswer::of($request, $files->open($job), $sheet);
    }
}
