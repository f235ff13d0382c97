<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Http\RequestId;
use App\Record\JobFiles;
use App\Stages\StagePage;
use App\Storage\Job;
use App\Storage\Stage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Features\Receiving\ClaimKind;
use NorthLedger\Core\Features\Receiving\ClaimMatch;
use NorthLedger\Core\Features\Receiving\CountedState;
use NorthLedger\Core\Features\Receiving\SleevePieceKind;
use NorthLedger\Core\Finding\CustomerAnswer;

/** What came in with an engine: parts, paperwork, sleeves of earlier work. */
final readonly class ReceivedController
{
    public function __construct(private StagePage $page)
    {
    }

    public function show(Request $request, Job $job, JobFiles $files): View
    {
        return view('receive.show', $this->page->data($request, $files->open($job), Stage::Receive));
    }

    public function part(CountPartRequest $request, Job $job, CountPart $count): JsonResponse|RedirectResponse
    {
        /** @var array{part?: ?string, words?: ?string, state: string, count?: ?int, remark?: ?string} $data */
        $data = $request->validated();

        return $this->page->after(
            $request,
            $count->handle(
                $job,
                $request->user(),
                RequestId::of($request),
                $data['part'] ?? '',
                CountedState::from($data['state']),
                isset($data['count']) ? (int) $data['count'] : null,
                $data['remark'] ?? '',
                $data['words'] ?? '',
            ),
            Stage::Receive,
        );
    }

    public function claim(ClaimRequest $request, Job $job, StateClaim $state): JsonResponse|RedirectResponse
    {
        /** @var array{kind: string, where?: ?string, count?: ?int, size?: ?string} $data */
        $data = $request->validated();

        return $this->page->after(
            $request,
            $state->handle(
                $job,
                $request->user(),
                RequestId::of($request),
                ClaimKind::from($data['kind']),
                $data['where'] ?? '',
                isset($data['count']) ? (int) $data['count'] : null,
                $data['size'] ?? '',
            ),
            Stage::Receive,
        );
    }

    public function judgeClaim(JudgeClaimRequest $request, Job $job, StateClaim $state): JsonResponse|RedirectResponse
    {
        /** @var array{claim: string, match: string, remark?: ?string} $data */
        $data = $request->validated();
        $id = RequestId::of($request);

        return $this->page->after(
            $request,
            $data['match'] === 'take back'
                ? $state->takeBack($job, $request->user(), $id, $data['claim'])
                : $state->judge($job, $request->user(), $id, $data['claim'], ClaimMatch::from($data['match']), $data['remark'] ?? ''),
            Stage::Receive,
        );
    }

    public function sleeve(SurveySleeveRequest $request, Job $job, SurveySleeve $survey): JsonResponse|RedirectResponse
    {
        /** @var array{cylinder: int, kind: string, length?: ?string, kind_below?: ?string, length_below?: ?string} $data */
        $data = $request->validated();
        $pieces = [];
        foreach (
            [
                [$data['kind'], $data['length'] ?? ''],
                [$data['kind'] === 'none' ? '' : $data['kind_below'] ?? '', $data['length_below'] ?? ''],
            ] as [$kind, $length]
        ) {
            $piece = SleevePieceKind::tryFrom($kind);
            $pieces = $piece === null ? $pieces : [...$pieces, [$piece, $length]];
        }

        return $this->page->after(
            $request,
            $survey->handle(
                $job,
                $request->user(),
                RequestId::of($request),
                (int) $data['cylinder'],
                $pieces,
                $request->boolean('joint_felt'),
                $request->boolean('flange_not_seated'),
                $request->boolean('edge_catches_nail'),
            ),
            Stage::Receive,
        );
    }

    public function sleeveAnswer(SleeveAnswerRequest $request, Job $job, SurveySleeve $survey): JsonResponse|RedirectResponse
    {
        /** @var array{cylinder: int, answer: string, how?: ?string} $data */
        $data = $request->validated();

        return $this->page->after(
            $request,
            $survey->customer(
                $job,
                $request->user(),
                RequestId::of($request),
                (int) $data['cylinder'],
                CustomerAnswer::from($data['answer']),
                $data['how'] ?? '',
            ),
            Stage::Receive,
        );
    }

    public function found(FoundPartsRequest $request, Job $job, SurveySleeve $survey): JsonResponse|RedirectResponse
    {
        /** @var array{kind: string, count: int} $data */
        $data = $request->validated();

        return $this->page->after(
            $request,
            $survey->found($job, $request->user(), RequestId::of($request), ClaimKind::from($data['kind']), (int) $data['count']),
            Stage::Receive,
        );
    }

    /** Earlier jobs of a serial that is being typed. */
    public function seen(Request $request, JobFiles $files): View
    {
        return view('receive.seen', ['earlier' => SeenBefore::of(mb_substr((string) $request->query('serial', ''), 0, 60), null, $files)]);
    }

    /** The tag to print: one label, or a sheet of eight. */
    public function tag(Request $request, Job $job, JobFiles $files): View
    {
        $isSheet = $request->query('print') === 'sheet';

        return view('receive.tag', [
            'file' => $files->open($job),
            'isSheet' => $isSheet,
            'labels' => array_fill(0, $isSheet ? 8 : 1, route('jobs.show', $job)),
        ]);
    }
}
