<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Http\Keyed;
use App\Http\RequestId;
use App\Storage\Job;
use App\Storage\SheetName;
use Illuminate\Http\JsonResponse;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureCodes;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\ReadingUnit;
use NorthLedger\Core\Record\Conditions;

final class SetupController
{
    /** The size of the place that a comparative setup was zeroed on. */
    public function size(SizeZeroRequest $request, Job $job, SheetName $sheet, SizeZero $sizeZero): JsonResponse
    {
        /** @var array{size?: ?string, gauge: string} $data */
        $data = $request->validated();
        $written = $sizeZero->handle(
            $job,
            $request->user(),
            RequestId::of($request),
            $sheet,
            $data['size'] ?? '',
            $data['gauge'],
            $request->boolean('confirmed'),
        );

        return SheetAnswer::of($request, $written->file, $sheet);
    }

    public function store(StateSetupRequest $request, Job $job, SheetName $sheet, StateSetup $state): JsonResponse
    {
        $keyed = Keyed::in($request);
        /**
         * @var array{feature: string, instrument: string, reading_unit?: ?string, zero?: ?string, zero_place?: ?string, master?: ?string,
         *     zero_with?: ?string} $data
         */
        $data = $request->validated();
        $written = $state->handle(
            $job,
            $request->user(),
            new SetupEntry(
                RequestId::of($request),
                $sheet,
                FeatureCodes::of($data['feature']),
                $data['instrument'],
                isset($data['reading_unit']) ? ReadingUnit::from($data['reading_unit']) : null,
                $data['zero'] ?? '',
                new Conditions(
                    $request->boolean('caps_torqued'),
                    $request->boolean('torque_plate'),
                    $request->boolean('cooled'),
                    $request->boolean('clean'),
                    $keyed->celsius('part_temperature'),
                    $keyed->celsius('master_temperature'),
                ),
                ($data['zero_place'] ?? '') === '' ? null : Place::parse($data['zero_place']),
                $data['master'] ?? '',
                InstrumentKind::tryFrom($data['zero_with'] ?? ''),
            ),
        );

        return SheetAnswer::of($request, $written->file, $sheet);
    }
}
