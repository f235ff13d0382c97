<?php

declare(strict_types=1);

namespace Tests\Bench;

use NorthLedger\Core\Scheduling\Load;
use NorthLedger\Core\Scheduling\OpenMinutes;
use NorthLedger\Core\Scheduling\PlannedOperation;
use NorthLedger\Core\Scheduling\ScheduledJob;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A shop with sixty jobs and seven hundred operations at ten machines over half a year, the same in every run. */
final class BusyShop
{
    private const JOBS = 60;

    private const OPERATIONS = 700;

    private const DAYS = 130;

    private const MACHINES = ['bench', 'wash', 'mill', 'surfacer', 'hone', 'grinder', 'polisher', 'rods', 'seats', 'line'];

    public static function load(): Load
    {
        $chance = new Randomizer(new Mt19937(700));
        $spans = [];
        for ($day = 0; $day < self::DAYS; $day++) {
            array_push($spans, [$day * 1440 + 480, $day * 1440 + 720], [$day * 1440 + 750, $day * 1440 + 1020]);
        }
        $machines = $jobs = $operations = [];
        foreach (self::MACHINES as $machine) {
            $machines[$machine] = OpenMinutes::of($machine, $spans);
        }
        for ($job = 0; $job < self::JOBS; $job++) {
            $jobs[] = new ScheduledJob("J{$job}", 1440 * $chance->getInt(3, 50), 1);
        }
        for ($number = 0; $number < self::OPERATIONS; $number++) {
            $job = $number % self::JOBS;
            $before = $number - self::JOBS;
            $operations[] = new PlannedOperation(
                "o{$number}",
                "J{$job}",
                self::MACHINES[$chance->getInt(0, count(self::MACHINES) - 1)],
                $chance->getInt(0, 45),
                $chance->getInt(10, 240),
                'f'.$chance->getInt(0, 2),
                $before < 0 ? [] : ["o{$before}"],
                $chance->getInt(0, 5) === 0 ? 1440 * $chance->getInt(1, 20) : 0,
            );
        }

        return Load::of($machines, $jobs, $operations);
    }
}
