<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Http\Happened;
use App\Http\Keyed;
use App\Http\RequestId;
use App\Record\JobFiles;
use App\Sheet\LookAtPlace;
use App\Stages\StagePage;
use App\Storage\Job;
use App\Storage\Stage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Engine\Policy\DwellSchool;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\StepKind;
use NorthLedger\Core\Features\Cracks\Surface;
use NorthLedger\Core\Finding\CustomerAnswer;

final readonly class CracksController
{
    public function __construct(private StagePage $page)
    {
    }

    public function show(Request $request, Job $job, JobFiles $files): View
    {
        return view('cracks.show', $this->page->data($request, $files->open($job), Stage::Cracks));
    }

    public function begin(StartCrackCheckRequest $request, Job $job, StartCrackCheck $start): JsonResponse|RedirectResponse
    {
        $keyed = Keyed::in($request);
        /**
         * @var array{part: string, method: string, surface: string, lab?: ?string, faces?: list<string>, school?: ?string,
         *     developer_minutes?: ?string} $data
         */
        $data = $request->validated();

        return $this->page->after(
            $request,
            $start->handle(
                $job,
                $request->user(),
                RequestId::of($request),
                EnginePart::from($data['part']),
                CheckMethod::from($data['method']),
                $data['faces'] ?? [],
                Surface::from($data['surface']),
                $keyed->celsius('temperature'),
                $data['lab'] ?? '',
                DwellSchool::tryFrom($data['school'] ?? ''),
                isset($data['developer_minutes']) ? (int) $data['developer_minutes'] : null,
                Happened::at($request),
            ),
            Stage::Cracks,
        );
    }

    public function retest(RetestRequest $request, Job $job, StartCrackCheck $start): JsonResponse|RedirectResponse
    {
        $keyed = Keyed::in($request);
        /** @var array{indication: string, method?: ?string} $data */
        $data = $request->validated();

        return $this->page->after(
            $request,
            $start->retest(
                $job,
                $request->user(),
                RequestId::of($request),
                $data['indication'],
                $keyed->celsius('temperature'),
                CheckMethod::tryFrom($data['method'] ?? '') ?? CheckMethod::DyePenetrant,
                Happened::at($request),
            ),
            Stage::Cracks,
        );
    }

    public function step(CrackStepRequest $request, Job $job, MarkCrackStep $mark, PlaceIndication $place): JsonResponse|RedirectResponse
    {
        $keyed = Keyed::in($request);
        /** @var array{run: string, step: string, look?: ?string, leaks?: ?int, result?: ?string} $data */
        $data = $request->validated();
        $id = RequestId::of($request);
        $at = Happened::at($request);

        return $this->page->after(
            $request,
            isset($data['look'])
                ? $place->readAgain($job, $request->user(), $id, $data['run'], Look::from($data['look']), $at)
                : $mark->handle(
                    $job,
                    $request->user(),
                    $id,
                    $data['run'],
                    StepKind::from($data['step']),
                    [
                        'begin_kpa' => $keyed->kilopascals('begin'),
                        'end_kpa' => $keyed->kilopascals('end'),
                        'celsius' => $keyed->celsius('temperature'),
                        'leaks' => isset($data['leaks']) ? (int) $data['leaks'] : null,
                        'result' => $data['result'] ?? null,
                    ],
                    $at,
                ),
            Stage::Cracks,
        );
    }

    public function place(PlaceIndicationRequest $request, Job $job, PlaceIndication $place): JsonResponse|RedirectResponse
    {
        /** @var array{face: string, zone: string, cylinder?: ?int, look: string, length?: ?string, remark?: ?string} $data */
        $data = $request->validated();

        return $this->page->after(
            $request,
            $place->handle(
                $job,
                $request->user(),
                RequestId::of($request),
                Face::from($data['face']),
                CrackZone::from($data['zone']),
                isset($data['cylinder']) ? (int) $data['cylinder'] : null,
                MapPoints::of($request),
                Look::from($data['look']),
                $data['length'] ?? '',
                $data['remark'] ?? '',
                Happened::at($request),
            ),
            Stage::Cracks,
        );
    }

    public function takeBack(TakeBackIndicationRequest $request, Job $job, PlaceIndication $place): JsonResponse|RedirectResponse
    {
        /** @var array{indication: string, reason?: ?string} $data */
        $data = $request->validated();

        return $this->page->after(
            $request,
            $place->takeBack($job, $request->user(), RequestId::of($request), $data['indication'], $data['reason'] ?? ''),
            Stage::Cracks,
        );
    }

    public function decide(DecideCrackRequest $request, Job $job, DecideCrack $decide): JsonResponse|RedirectResponse
    {
        /** @var array{indication: string, disposition: string, reason?: ?string} $data */
        $data = $request->validated();

        return $this->page->after(
            $request,
            $decide->handle(
                $job,
                $request->user(),
                RequestId::of($request),
                $data['indication'],
                Disposition::from($data['disposition']),
                $request->boolean('grinds_out'),
                $data['reason'] ?? '',
            ),
            Stage::Cracks,
        );
    }

    public function customer(CrackAnswerRequest $request, Job $job, DecideCrack $decide): JsonResponse|RedirectResponse
    {
        /** @var array{indication: string, answer: string, how?: ?string} $data */
        $data = $request->validated();

        return $this->page->after(
            $request,
            $decide->customer(
                $job,
                $request->user(),
                RequestId::of($request),
                $data['indication'],
                CustomerAnswer::from($data['answer']),
                $data['how'] ?? '',
            ),
            Stage::Cracks,
        );
    }

    public function lookedAt(PronePlaceRequest $request, Job $job, LookAtPlace $look): JsonResponse|RedirectResponse
    {
        /** @var array{number: int} $data */
        $data = $request->validated();

        return $this->page->after(
            $request,
            $look->handle($job, $request->user(), RequestId::of($request), (int) $data['number'], $request->boolean('looked', true)),
            Stage::Cracks,
        );
    }
}
