<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\CaseAdapters\CaseFile;
use Tests\CaseAdapters\CaseRunner;
use Tests\Core\Oracles\BalanceOracle;
use Tests\Core\Oracles\BoreOracle;
use Tests\Core\Oracles\Chance;
use Tests\Core\Oracles\JournalOracle;
use Tests\Core\Oracles\LineboreOracle;
use Tests\Core\Oracles\NotationOracle;
use Tests\Core\Oracles\Oracle;
use Tests\Core\Oracles\OrderOracle;
use Tests\Core\Oracles\PlaneOracle;
use Tests\Core\Oracles\PlanOracle;
use Tests\Core\Oracles\ReboreOracle;
use Tests\Core\Oracles\ScheduleOracle;
use Tests\Core\Oracles\ShellsOracle;
use Tests\Core\Oracles\SleeveOracle;
use Tests\Core\Oracles\StintOracle;
use Tests\Core\Oracles\UncertaintyOracle;
use Tests\Core\Oracles\WearmapOracle;

/** The core against a second telling of its rules, over cases that nobody thought of. */
final class OraclesTest extends TestCase
{
    private const SEED = 20_261_130;

    /** @return iterable<string, array{string, Oracle, int}> How many cases are made up */
    public static function oracles(): iterable
    {
        yield 'what is typed' => ['notation', new NotationOracle(), 1_000];
        yield 'a bore' => ['bore', new BoreOracle(), 500];
        yield 'the ways of a block' => ['rebore', new ReboreOracle(), 300];
        yield 'journals' => ['journal', new JournalOracle(), 300];
        yield 'plans of an engine' => ['plan', new PlanOracle(), 200];
        yield 'shells' => ['shells', new ShellsOracle(), 300];
        yield 'main housings' => ['linebore', new LineboreOracle(), 300];
        yield 'hone stints' => ['stint', new StintOracle(), 300];
        yield 'the order of work' => ['order', new OrderOracle(), 60];
        yield 'machines and days' => ['schedule', new ScheduleOracle(), 200];
        yield 'matched sets' => ['balance', new BalanceOracle(), 40];
        yield 'a traced wall' => ['wearmap', new WearmapOracle(), 60];
        yield 'doubt and decision' => ['uncertainty', new UncertaintyOracle(), 500];
        yield 'a sleeve' => ['sleeve', new SleeveOracle(), 300];
        yield 'a face' => ['plane', new PlaneOracle(), 100];
    }

    #[DataProvider('oracles')]
    public function test_the_core_says_what_the_rule_says(string $area, Oracle $oracle, int $cases): void
    {
        $answered = 0;
        for ($number = 1; $answered < $cases; $number++) {
            $case = $oracle->case(new Chance(self::SEED + $number));
            if ($case === null) {
                continue;
            }
            $answered++;
            $made = CaseFile::made($area, $case['given'], $case['expect'], $case['tolerance'] ?? []);
            $given = json_encode($case['given'], JSON_UNESCAPED_UNICODE);
            $this->assertSame([], CaseRunner::differences($made), "{$area} {$number}: {$given}");
        }
    }
}
