<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Record\JobFile;
use App\Record\JobFiles;
use App\Sheet\BalanceTable;
use App\Storage\Job;
use App\Words\Line;
use App\Words\OperationWords;
use Illuminate\Contracts\View\View;
use NorthLedger\Core\Work\Machine;

/** What of the order goes to one machine, on paper: a sheet to write on, labels for cutters, the bobweight card. */
final class PrintController
{
    public function machine(Job $job, string $machine, JobFiles $files): View
    {
        $at = Machine::tryFrom($machine);
        abort_if($at === null, 404);
        $file = $files->open($job);
        $file->record->openAll();
        $view = WorkView::of($file, null, null);

        return view('work.machine-sheet', [
            'file' => $file,
            'view' => $view,
            'machine' => Line::ofCode('work.machine', $at),
            'groups' => array_filter(
                array_map(static fn (WorkGroup $group): WorkGroup => $group->at(Line::ofCode('work.machine', $at)), $view->groups()),
                static fn (WorkGroup $group): bool => $group->rows !== [],
            ),
            'cautions' => self::cautions($file, $at),
            'balance' => $at === Machine::Balancer ? BalanceTable::asItIsNow($file) : null,
        ]);
    }

    /** @return list<string> */
    private static function cautions(JobFile $file, Machine $machine): array
    {
        $cautions = [];
        foreach ($file->work()->order()->operations ?? [] as $operation) {
            foreach ($operation->kind->machine() === $machine ? $operation->cautions() : [] as $caution) {
                $cautions[$caution->value] = OperationWords::caution($caution);
            }
        }

        return array_values($cautions);
    }

    public function labels(Job $job, JobFiles $files): View
    {
        $file = $files->open($job);

        return view('work.labels', ['file' => $file, 'settings' => WorkView::of($file, null, null)->cutList()]);
    }
}
