<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Features\Crankshaft\ShellGrade;
use NorthLedger\Core\Features\Crankshaft\ShellSelection;
use NorthLedger\Core\Finding\PlanningException;

final class ShellsAdapter implements Adapter
{
    public function run(Given $given): array
    {
        try {
            $selection = ShellSelection::of(
                array_map(
                    static fn (Given $one): ShellGrade => ShellGrade::of($one->text('grade'), $one->length('wall_nm')),
                    $given->parts('grades'),
                ),
                $given->flag('mixed'),
                $given->length('clearance_min_nm'),
                $given->length('clearance_max_nm'),
            );
            $journals = $used = [];
            foreach ($given->parts('journals') as $journal) {
                $pair = $selection->forJournal($journal->length('housing_nm'), $journal->length('journal_nm'));
                $used = [...$used, $pair->upper->name, $pair->lower->name];
                $journals[] = [
                    'name' => $journal->text('name'),
                    'upper' => $pair->upper->name,
                    'lower' => $pair->lower->name,
                    'clearance_nm' => $pair->clearance->nanometres,
                    'result' => $pair->state->value,
                    'misses_by_nm' => $pair->missesBy->nanometres,
                ];
            }
        } catch (PlanningException $exception) {
            throw Refusal::withCode($exception->fault->value);
        }

        return $journals === []
            ? throw Refusal::withCode('too_few')
            : ['journals' => $journals, 'grades_used' => count(array_unique($used))];
    }
}
