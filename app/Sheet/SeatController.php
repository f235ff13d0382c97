<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Feed\SeatRole;
use App\Feed\Seats;
use App\Storage\Job;
use App\Storage\Reading;
use App\Storage\SheetName;
use App\Words\PlaceName;
use Illuminate\Http\JsonResponse;
use NorthLedger\Core\Engine\Places\Place;

/** Two people at one sheet: where each is, and the last reading, to be read back. */
final readonly class SeatController
{
    public function __construct(private Seats $seats)
    {
    }

    public function store(TakeSeatRequest $request, Job $job, SheetName $sheet): JsonResponse
    {
        /** @var array{seat: string, part: string, place?: ?string} $data */
        $data = $request->validated();
        $place = ($data['place'] ?? '') === '' ? null : Place::parse($data['place'])->key();
        $this->seats->take($job, $sheet, $data['seat'], $request->user(), SeatRole::from($data['part']), $place);

        return new JsonResponse(['others' => $this->seats->others($job, $sheet, $data['seat']), 'last' => $this->last($job, $sheet)]);
    }

    public function leave(LeaveSeatRequest $request, Job $job, SheetName $sheet): JsonResponse
    {
        /** @var array{seat: string} $data */
        $data = $request->validated();
        $this->seats->leave($data['seat'], $request->user());

        return new JsonResponse([]);
    }

    /** @return ?array{ulid: string, words: string, typed: string, by: string} */
    private function last(Job $job, SheetName $sheet): ?array
    {
        $reading = Reading::query()
            ->with('user')
            ->where(['job_id' => $job->id, 'sheet' => $sheet->value])
            ->whereNull('withdraws_id')
            ->latest('id')
            ->first();

        return $reading === null
            ? null
            : [
                'ulid' => $reading->ulid,
                'words' => PlaceName::of(Place::parse($reading->place)),
                'typed' => $reading->look ?? $reading->typed,
                'by' => $reading->user->name,
            ];
    }
}
