<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SetupEntry;
use App\Actions\StateSetup;
use App\Http\Requests\RequestId;
use App\Http\SheetFragments;
use App\Models\Job;
use App\Sheets\SheetName;
use App\Sheets\ShownUnit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Gauging\Conditions;
use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\ReadingUnit;

final class SetupController
{
    public function store(Request $request, Job $job, SheetName $sheet, StateSetup $state): JsonResponse
    {
        /** @var array{feature: string, instrument: string, reading_unit?: ?string, zero?: ?string, part_celsius?: ?string, master_celsius?: ?string} $data */
        $data = $request->validate([
            'feature' => ['required', Rule::in([Feature::Bore->value, Feature::Piston->value])],
            'instrument' => ['required', Rule::enum(InstrumentKind::class)],
            'reading_unit' => ['nullable', Rule::enum(ReadingUnit::class)],
            'zero' => ['nullable', 'string', 'max:60'],
            'part_celsius' => ['nullable', 'numeric', 'between:-20,60'],
            'master_celsius' => ['nullable', 'numeric', 'between:-20,60'],
        ]);
        $written = $state->handle($job, $request->user(), new SetupEntry(
            RequestId::of($request), $sheet, Feature::from($data['feature']), InstrumentKind::from($data['instrument']),
            isset($data['reading_unit']) ? ReadingUnit::from($data['reading_unit']) : null,
            $data['zero'] ?? '',
            new Conditions(
                $request->boolean('caps_torqued'), $request->boolean('torque_plate'), $request->boolean('cooled'), $request->boolean('clean'),
                isset($data['part_celsius']) ? (float) $data['part_celsius'] : null,
                isset($data['master_celsius']) ? (float) $data['master_celsius'] : null,
            ),
        ));

        return new JsonResponse((new SheetFragments(ShownUnit::of($request, $written->file), $sheet, $request->user()))->answer());
    }
}
