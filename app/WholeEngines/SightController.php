<?php

declare(strict_types=1);

namespace App\WholeEngines;

use App\Ledger\Refused;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\PolicyBook;
use App\Storage\PracticeEngine;
use App\Storage\SheetName;
use App\Storage\SpecBook;
use App\Words\Line;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Gauging\GaugingException;

/** What is asked of a simulated engine in the practice house: what its gauge shows at a place, and that its clock run on. */
final class SightController
{
    public function shows(
        Request $request,
        Job $job,
        SheetName $sheet,
        JobFiles $files,
        SpecBook $specs,
        PolicyBook $policies,
    ): JsonResponse {
        try {
            $place = Place::parse($request->string('place')->toString());
        } catch (GaugingException) {
            throw Refused::because('text', Line::of('practice.block.no_place'));
        }
        $shows = new WhatShows(EngineBench::of(self::row($request), $specs, $policies), $files->open($job), $sheet);

        return new JsonResponse(['shows' => $shows->at($place), 'on_master' => $shows->onMaster()]);
    }

    /** To where the next thing of a crack check may be done. */
    public function clock(Request $request, Job $job, JobFiles $files): RedirectResponse
    {
        $row = self::row($request);
        $due = $files->open($job)->record->cracks()->nextDue()?->dueAt();
        $seconds = $due === null ? 0 : (int) ceil((float) $due->format('U.u') - now()->getTimestampMs() / 1_000);
        if ($seconds > 0) {
            PracticeEngine::query()->whereKey($row->id)->increment('clock_ahead', $seconds);
        }

        return redirect()->back();
    }

    private static function row(Request $request): PracticeEngine
    {
        $row = $request->attributes->get(PracticeEngine::class);

        return $row instanceof PracticeEngine ? $row : abort(404);
    }
}
