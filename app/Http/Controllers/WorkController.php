<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TickOperation;
use App\Http\Requests\RequestId;
use App\Models\Job;
use App\Sheets\JobFiles;
use App\Sheets\TickState;
use App\Sheets\WorkView;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

final class WorkController
{
    public function show(Job $job, JobFiles $files): View
    {
        $file = $files->open($job);

        return view('work.show', ['file' => $file, 'work' => WorkView::of($file)]);
    }

    public function store(Request $request, Job $job, TickOperation $tick): RedirectResponse
    {
        /** @var array{operation: string, state: string, actual?: ?string, remark?: ?string} $data */
        $data = $request->validate([
            'operation' => ['required', 'string', 'max:30'],
            'state' => ['required', Rule::enum(TickState::class)],
            'actual' => ['nullable', 'string', 'max:60'],
            'remark' => ['nullable', 'string', 'max:200'],
        ]);
        $tick->handle($job, $request->user(), RequestId::of($request), $data['operation'], TickState::from($data['state']), $data['actual'] ?? '', $data['remark'] ?? null);

        return redirect()->route('stage.work', $job);
    }
}
