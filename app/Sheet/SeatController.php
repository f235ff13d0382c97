<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Feed\SeatRole;
use App\Feed\Seats;
use App\Record\LookCodes;
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
        $place = ($data['place'] ?? '') === '' ? null : Place::parse($data['place'])->key;
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

        if ($reading === null) {
            return null;
        }
        $place = Place::parse($reading->place);

        return [
            'ulid' => $reading->ulid,
            'words' => PlaceName::of($place),
            'typed' => $reading->look === null ? $reading->typed : LookCodes::shown($place->feature, $reading->look),
            'by' => $reading->user->name,
        ];
    }
}
