<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Http\NextPage;
use App\Http\RequestId;
use App\Record\JobFiles;
use App\Record\OwnValues;
use App\Storage\Job;
use App\Storage\SpecBook;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The sheet that one engine is judged by. */
final readonly class SheetOfJobController
{
    public function __construct(private SpecBook $specs, private ChangeSheetOfJob $change)
    {
    }

    /** Every value as it is for this engine, to be changed for it alone. */
    public function own(Job $job, JobFiles $files): View
    {
        $file = $files->open($job);
        $book = $this->specs->decoded($job->family, $job->family_revision);
        $own = OwnValues::of([]);
        if ($job->has_own_values) {
            $own = OwnValues::ofJob($job->id);
        }

        return view('specs.own', [
            'file' => $file,
            'page' => SheetPage::ofDocument($file->sheet, $own->applied($book)),
            'typed' => array_filter((array) old('value', []), is_string(...)),
            'own' => OwnValueLine::all($file, $this->specs),
        ]);
    }

    public function store(KeyLimitsRequest $request, Job $job): JsonResponse|RedirectResponse
    {
        $words = $request->string('words')->trim()->toString();
        if ($request->isForTheFamily()) {
            $this->change->forTheFamily($job, $request->user(), RequestId::of($request), $request->values(), $request->source(), $words);
            $note = Line::of('spec.told.stands_book_from_now');
        } else {
            $all = array_map(static fn (mixed $text): string => is_string($text) ? trim($text) : '', (array) $request->input('value'));
            $values = $request->boolean('whole') ? $all : $request->values();
            $this->change->forThisEngine($job, $request->user(), RequestId::of($request), $values, $words);
            $note = Line::of('spec.told.engine_judged_by_from');
        }

        return NextPage::of($request, self::back($request, $job), $note);
    }

    /** The sheet that somebody came from to put a limit in; else the verdict. */
    private static function back(Request $request, Job $job): string
    {
        $back = $request->string('back')->toString();

        return preg_match('#^(measure|bores)(/[a-z0-9]+)?$#D', $back) === 1
            ? "/jobs/{$job->tag()}/{$back}"
            : route('stage.judge', $job, absolute: false);
    }

    public function takeOver(Request $request, Job $job): JsonResponse|RedirectResponse
    {
        $revision = $request->integer('revision');
        $this->change->takeOver($job, $request->user(), RequestId::of($request), $revision);

        return NextPage::of($request, route('stage.judge', $job), Line::of('spec.done.taken_over', ['revision' => $revision]));
    }
}
