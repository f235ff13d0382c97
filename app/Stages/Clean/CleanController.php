<?php

declare(strict_types=1);

namespace App\Stages\Clean;

use App\Http\RequestId;
use App\Record\JobFiles;
use App\Sheet\ReadingEntry;
use App\Sheet\RecordReading;
use App\Stages\StagePage;
use App\Storage\ChangeReason;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Storage\Stage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
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

    public function item(AnswerItemRequest $request, Job $job, AnswerCheckItem $answer): JsonResponse|RedirectResponse
    {
        /**
         * @var array{item: string, state?: ?string, place?: ?string, remark?: ?string, wash?: ?string, stripped?: ?int, inserts?: ?int,
         *     measured?: ?string} $data
         */
        $data = $request->validated();

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
    public function look(LookRequest $request, Job $job, RecordReading $record): JsonResponse|RedirectResponse
    {
        /** @var array{place: string, text: string} $data */
        $data = $request->validated();
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
                ChangeReason::LookedAgain->value,
            ),
        );

        return $this->page->after($request, $written, Stage::Clean);
    }
}
