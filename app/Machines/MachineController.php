<?php

declare(strict_types=1);

namespace App\Machines;

use Illuminate\Contracts\View\View;
use NorthLedger\Core\Work\Machine;

final class MachineController
{
    public function show(string $machine = Machine::BoringMill->value): View
    {
        $at = Machine::tryFrom($machine);
        abort_if($at === null, 404);

        return view('machines.show', ['view' => MachineView::of($at)]);
    }
}
