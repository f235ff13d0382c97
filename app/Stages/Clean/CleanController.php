<?php

declare(strict_types=1);

namespace App\Stages\Clean;

use App\Http\RequestId;
use App\Record\JobFiles;
use App\Sheet\ReadingEntry;
use App\Sheet\RecordReading;
use App\Stages\StagePage;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Storage\Stage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Precheck\ItemState;
use NorthLedger\Core\Features\Precheck\WashMethod;

final readonly class CleanController
{
    public function __construct(private StagePage $page)
    {
    }

    public function show(Request $request, Job $job, JobFiles $files): View
    {
        return view('clean.show', $this->page->data($request, $files->open($job), Stage::Clean));
    }

    public function item(Request $request, Job $job, AnswerCheckItem $answer): JsonResponse|RedirectResponse
    {
        /**
         * @var array{item: string, state?: ?string, place?: ?string, remark?: ?string, wash?: ?string, stripped?: ?int, inserts?: ?int,
         *     measured?: ?string} $data
         */
        $data = $request->validate(
            [
                'item' => ['required', 'string', 'max:60'],
                'state' => ['nullable', Rule::enum(ItemState::class)],
                'place' => ['nullable', 'string', 'max:80'],
                'remark' => ['nullable', 'string', 'max:200'],
                'wash' => ['nullable', Rule::enum(WashMethod::class)],
                'stripped' => ['nullable', 'integer', 'between:0,200'],
                'inserts' => ['nullable', 'integer', 'between:0,200'],
                'measured' => ['nullable', 'string', 'max:40'],
            ],
            ['stripped.*' => 'How many are stripped? A whole number.', 'inserts.*' => 'How many carry an insert? A whole number.'],
        );

        return $this->page->after(
            $request,
            $answer->handle(
                $job,
                $request->user(),
                RequestId::of($request),
                $data['item'],
                isset($data['state']) ? ItemState::from($data['state']) : null,
                $data['place'] ?? '',
                $data['remark'] ?? '',
                isset($data['wash']) ? WashMethod::from($data['wash']) : null,
                isset($data['stripped']) ? (int) $data['stripped'] : null,
                isset($data['inserts']) ? (int) $data['inserts'] : null,
                $data['measured'] ?? '',
            ),
            Stage::Clean,
        );
    }

    /** A look at one bore, written into the same sheet that is measured on. */
    public function look(Request $request, Job $job, RecordReading $record): JsonResponse|RedirectResponse
    {
        /** @var array{place: string, text: string} $data */
        $data = $request->validate(['place' => ['required', 'string', 'max:40'], 'text' => ['required', 'string', 'max:1']]);
        $written = $record->handle(
            $job,
            $request->user(),
            new ReadingEntry(
                RequestId::of($request),
                SheetName::bores(),
                Place::parse($data['place']),
                $data['text'],
                null,
                false,
                false,
                'looked again at the pre-check',
            ),
        );

        return $this->page->after($request, $written, Stage::Clean);
    }
}
