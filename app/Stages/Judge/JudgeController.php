<?php

declare(strict_types=1);

namespace App\Stages\Judge;

use App\Documents\FindingsReport;
use App\Http\NextPage;
use App\Http\RequestId;
use App\Http\ShownUnit;
use App\Pages\KeptPages;
use App\People\Ability;
use App\Record\JobFiles;
use App\SpecBook\NewerSheet;
use App\SpecBook\OwnValueLine;
use App\Storage\Job;
use App\Storage\SpecBook;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\PartVerdict;

final class JudgeController
{
    /** @return array<string, string> What is said where the password is missing that signs */
    public static function signature(): array
    {
        return ['password.required' => Line::of('judge.signature')];
    }

    public function show(Request $request, Job $job, JobFiles $files, KeptPages $kept, SpecBook $specs): View
    {
        $file = ShownUnit::of($request, $files->open($job));
        $page = $kept->of($file, JudgePage::class, JudgePage::of(...));

        return view('judge.show', [
            'file' => $file,
            'judged' => $page->judged,
            'pistons' => $page->pistons,
            'engine' => $page->engine,
            'drawing' => $page->drawing,
            'tabs' => $page->tabs,
            'limits' => $page->limits,
            'crankshafts' => $page->crankshafts,
            'newer' => NewerSheet::of($job, $specs),
            'own' => OwnValueLine::all($file, $specs),
            'mayKeyLimits' => ! $job->is_closed && ($request->user()?->can(Ability::KeepSpecs->value) ?? false),
            'mayDecide' => ! $job->is_closed && ($request->user()?->can('verify') ?? false),
        ]);
    }

    /** One page for the customer. */
    public function report(Request $request, Job $job, JobFiles $files): View
    {
        return view('findings', ['report' => FindingsReport::of(ShownUnit::of($request, $files->open($job)))]);
    }

    public function overrule(OverruleRequest $request, Job $job, OverruleVerdict $overrule): RedirectResponse
    {
        /** @var array{part: string, verdict: string, reason: string} $data */
        $data = $request->validated();
        $overrule->handle(
            $job,
            $request->user(),
            RequestId::of($request),
            EnginePart::from($data['part']),
            PartVerdict::from($data['verdict']),
            $data['reason'],
        );

        return redirect()->route('stage.judge', $job)->with('note', Line::of('judge.told.signed_stands_beside_verdict'));
    }

    public function concede(ConcedeRequest $request, Job $job, AcceptDefect $accept): RedirectResponse
    {
        /** @var array{finding: string, worst: string, accepted_by: string} $data */
        $data = $request->validated();
        $accept->handle($job, $request->user(), RequestId::of($request), $data['finding'], $data['worst'], $data['accepted_by']);

        return redirect()->route('stage.judge', $job)->with('note', Line::of('judge.told.signed_finding_counts_accepted'));
    }

    /** Which piston goes into which cylinder. */
    public function assign(AssignPistonsRequest $request, Job $job, AssignPistons $assign): JsonResponse|RedirectResponse
    {
        /** @var array{piston: array<int, int>} $data */
        $data = $request->validated();
        $assign->handle($job, $request->user(), RequestId::of($request), array_map(intval(...), $data['piston']));

        return NextPage::of($request, route('stage.judge', $job), Line::of('judge.told.pistons_assigned_clearances_judged'));
    }
}
