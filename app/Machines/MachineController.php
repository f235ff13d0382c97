<?php

declare(strict_types=1);

namespace App\Machines;

use App\Load\PlannedLoad;
use App\Load\PlanOfShop;
use Illuminate\Contracts\View\View;
use NorthLedger\Core\Scheduling\SchedulingException;
use NorthLedger\Core\Work\Machine;

final class MachineController
{
    public function __construct(private readonly PlanOfShop $shop)
    {
    }

    public function show(string $machine = Machine::BoringMill->value): View
    {
        return view('machines.show', ['view' => $this->at($machine)]);
    }

    /** What changes on the page while somebody stands before it. */
    public function now(string $machine): View
    {
        return view('machines.lines', ['view' => $this->at($machine)]);
    }

    private function at(string $machine): MachineView
    {
        $at = Machine::tryFrom($machine);
        abort_if($at === null, 404);

        return MachineView::of($at, $this->plan());
    }

    /** Null where the shop cannot be planned: then the work stands by the day it is due. */
    private function plan(): ?PlannedLoad
    {
        try {
            return $this->shop->now();
        } catch (SchedulingException) {
            return null;
        }
    }
}
