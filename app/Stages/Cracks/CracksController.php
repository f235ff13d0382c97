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
use Illuminate\Validation\Rule;
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

    public function begin(Request $request, Job $job, StartCrackCheck $start): JsonResponse|RedirectResponse
    {
        $keyed = Keyed::in($request);
        /**
         * @var array{part: string, method: string, surface: string, lab?: ?string, faces?: list<string>, school?: ?string,
         *     developer_minutes?: ?string} $data
         */
        $data = $request->validate(
            [
                'part' => ['required', Rule::enum(EnginePart::class)],
                'method' => ['required', Rule::enum(CheckMethod::class)],
                'surface' => ['required', Rule::enum(Surface::class)],
                'lab' => ['nullable', 'string', 'max:80'],
                'faces' => ['nullable', 'array'],
                'faces.*' => [Rule::enum(Face::class)],
                'school' => ['nullable', Rule::enum(DwellSchool::class)],
                'developer_minutes' => ['nullable', 'integer', 'between:10,60'],
            ] + $keyed->temperatureRules('temperature'),
            ['temperature.*' => $keyed->temperatureWords(), 'developer_minutes.*' => 'Developer stays on for 10 to 60 minutes.'],
        );

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
            ),
            Stage::Cracks,
        );
    }

    public function retest(Request $request, Job $job, StartCrackCheck $start): JsonResponse|RedirectResponse
    {
        $keyed = Keyed::in($request);
        /** @var array{indication: string, method?: ?string} $data */
        $data = $request->validate(
            ['indication' => ['required', 'string', 'size:26'], 'method' => ['nullable', Rule::enum(CheckMethod::class)]] +
                $keyed->temperatureRules('temperature'),
            ['temperature.*' => $keyed->temperatureWords()],
        );

        return $this->page->after(
            $request,
            $start->retest(
                $job,
                $request->user(),
                RequestId::of($request),
                $data['indication'],
                $keyed->celsius('temperature'),
                CheckMethod::tryFrom($data['method'] ?? '') ?? CheckMethod::DyePenetrant,
            ),
            Stage::Cracks,
        );
    }

    public function step(Request $request, Job $job, MarkCrackStep $mark, PlaceIndication $place): JsonResponse|RedirectResponse
    {
        $keyed = Keyed::in($request);
        /** @var array{run: string, step: string, look?: ?string, leaks?: ?int, result?: ?string} $data */
        $data = $request->validate(
            [
                'run' => ['required', 'string', 'size:26'],
                'step' => ['required', Rule::enum(StepKind::class)],
                'look' => ['nullable', Rule::enum(Look::class)],
                'leaks' => ['nullable', 'integer', 'between:0,99'],
                'result' => ['nullable', 'string', 'max:200'],
            ] +
                $keyed->temperatureRules('temperature') +
                $keyed->pressureRules('begin', 'end'),
            ['temperature.*' => $keyed->temperatureWords(), 'begin.*' => $keyed->pressureWords(), 'end.*' => $keyed->pressureWords()],
        );
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

    public function place(Request $request, Job $job, PlaceIndication $place): JsonResponse|RedirectResponse
    {
        /** @var array{face: string, zone: string, cylinder?: ?int, look: string, length?: ?string, remark?: ?string} $data */
        $data = $request->validate(
            [
                'face' => ['required', Rule::enum(Face::class)],
                'zone' => ['required', Rule::enum(CrackZone::class)],
                'cylinder' => ['nullable', 'integer', 'between:1,16'],
                'look' => ['required', Rule::in(array_map(static fn (Look $look): string => $look->value, Look::FIRST))],
                'length' => ['nullable', 'string', 'max:40'],
                'remark' => ['nullable', 'string', 'max:200'],
            ],
            ['look.required' => 'How does it look?'],
        );

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

    public function takeBack(Request $request, Job $job, PlaceIndication $place): JsonResponse|RedirectResponse
    {
        /** @var array{indication: string, reason?: ?string} $data */
        $data = $request->validate(['indication' => ['required', 'string', 'size:26'], 'reason' => ['nullable', 'string', 'max:200']]);

        return $this->page->after(
            $request,
            $place->takeBack($job, $request->user(), RequestId::of($request), $data['indication'], $data['reason'] ?? ''),
            Stage::Cracks,
        );
    }

    public function decide(Request $request, Job $job, DecideCrack $decide): JsonResponse|RedirectResponse
    {
        /** @var array{indication: string, disposition: string, reason?: ?string} $data */
        $data = $request->validate(
            [
                'indication' => ['required', 'string', 'size:26'],
                'disposition' => ['required', Rule::enum(Disposition::class)],
                'reason' => ['nullable', 'string', 'max:200'],
            ],
            ['disposition.required' => 'What is done about it?'],
        );

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

    public function customer(Request $request, Job $job, DecideCrack $decide): JsonResponse|RedirectResponse
    {
        /** @var array{indication: string, answer: string, how?: ?string} $data */
        $data = $request->validate([
            'indication' => ['required', 'string', 'size:26'],
            'answer' => ['required', Rule::enum(CustomerAnswer::class)],
            'how' => ['nullable', 'string', 'max:120'],
        ]);

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

    public function lookedAt(Request $request, Job $job, LookAtPlace $look): JsonResponse|RedirectResponse
    {
        /** @var array{number: int} $data */
        $data = $request->validate(['number' => ['required', 'integer', 'between:1,99']]);

        return $this->page->after(
            $request,
            $look->handle($job, $request->user(), RequestId::of($request), (int) $data['number'], $request->boolean('looked', true)),
            Stage::Cracks,
        );
    }
}
