<?php

declare(strict_types=1);

namespace App\Bench;

use App\Http\ShownUnit;
use App\Sheet\ShownAxes;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Quantity\LengthUnit;

final class ShownUnitController
{
    /** Turns the extra axes and lands of the bore sheet on or off. */
    public function axes(Request $request): RedirectResponse
    {
        ShownAxes::turn($request);

        return back();
    }

    public function store(ShownUnitRequest $request): RedirectResponse
    {
        /** @var array{unit: string} $data */
        $data = $request->validated();
        ShownUnit::choose(LengthUnit::from($data['unit']));

        return back();
    }
}
