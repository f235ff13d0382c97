<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Http\RequestId;
use App\Http\ShownUnit;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\SheetName;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Engine\Places\Station;

/** One bore's own page: wall map, profile, best centre, wall thickness and the ring-gap check. */
final class BoreController
{
    public function show(Request $request, Job $job, string $cylinder, JobFiles $files): View
    {
        $file = ShownUnit::of($request, $files->open($job));
        $parts = SheetAnswer::parts($request, $file, SheetName::bores());
        assert($parts instanceof BoreFragments);

        return view('bore.show', ['file' => $file, 'sheet' => SheetName::bores(), 'parts' => $parts, 'page' => $parts->page()]);
    }

    public function ringGap(
        RingGapRequest $request,
        Job $job,
        SheetName $sheet,
        string $cylinder,
        CheckRingGap $check,
        JobFiles $files,
    ): RedirectResponse|JsonResponse {
        abort_unless(in_array((int) $cylinder, $files->open($job)->sheet->layout->cylinders(), true), 404);
        /** @var array{station: string, known_bore?: ?string, known_gap?: ?string, gap?: ?string} $data */
        $data = $request->validated();
        $written = $check->handle($job, $request->user(), RequestId::of($request), (int) $cylinder, Station::from($data['station']), [
            'known_bore' => $data['known_bore'] ?? '',
            'known_gap' => $data['known_gap'] ?? '',
            'gap' => $data['gap'] ?? '',
        ]);

        return $request->expectsJson()
            ? SheetAnswer::of($request, $written->file, SheetName::bores())
            : redirect()->route('bore', [$job, $cylinder]);
    }
}
