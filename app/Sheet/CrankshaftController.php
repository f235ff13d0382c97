<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Http\RequestId;
use App\Storage\Job;
use App\Words\Line;
use Illuminate\Http\RedirectResponse;
use NorthLedger\Core\Inspection\Section;

/** Which of the crankshafts that came is used. */
final class CrankshaftController
{
    public function exchange(ExchangeCrankshaftRequest $request, Job $job, ExchangeCrankshaft $exchange): RedirectResponse
    {
        /** @var array{use?: ?string, mark?: ?string} $data */
        $data = $request->validated();
        $written = $exchange->handle($job, $request->user(), RequestId::of($request), $data['use'] ?? '', $data['mark'] ?? '');
        $letter = $written->file->record->observations()->crankshafts->inUse();

        return redirect()
            ->route('part', [$job, Section::Crankshaft->value])
            ->with('note', Line::of('crankshafts.exchanged', ['letter' => $letter]));
    }
}
