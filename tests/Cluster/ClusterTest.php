<?php

declare(strict_types=1);

namespace Tests\Cluster;

use PHPUnit\Framework\TestCase;
use Tests\Bench\Client;

/** Nodes die while four people write: what the house said it keeps is there once, on every node, and every chain is whole. */
final class ClusterTest extends TestCase
{
    /** Statuses of a house that is away for a moment: what was keyed waits in the browser and is sent again. */
    private const IN_A_MOMENT = [0, 502, 503, 504];

    /** A writer keys again at once; what is longer than this he would call a standstill. */
    private const LONGEST_STANDSTILL = 30.0;

    private RunningCluster $cluster;

    private FourWriters $writers;

    protected function setUp(): void
    {
        $this->cluster = new RunningCluster((string) getenv('CLUSTER_VAR'));
        $address = (string) getenv('BASE_URL');
        $client = new Client($address);
        $client->logIn('inspector', 'demo-shop');
        $this->writers = new FourWriters($address, [$client->newVee(), $client->newVee(), $client->newVee()]);
        $this->writeOn();
    }

    public function testEachNodeDiesInTurnAndNothingIsLostOrCountedTwice(): void
    {
        foreach (['db1', 'db2', 'db3', 'web1', 'web2'] as $name) {
            $this->cluster->kill($name);
            $this->writeOn();
            $this->cluster->letComeBack($name);
            $this->cluster->waitUntilWhole();
            $this->writeOn();
        }

        $answers = $this->writers->stop();
        $this->assertKeptOnceEverywhere($answers);
        $this->assertLessThan(self::LONGEST_STANDSTILL, $this->report('each in turn', $answers));
    }

    public function testOneDatabaseAloneRefusesRatherThanToLose(): void
    {
        $this->cluster->kill('db1', 'db2');
        $this->cluster->waitUntilShutOut('db3');
        $before = $this->writers->kept();
        $refusedSince = microtime(true);
        // Somebody keys on, and each is told to wait.
        $this->cluster->waitUntil(10.0, static fn (): bool => microtime(true) > $refusedSince + 3.0);
        $this->assertSame($before, $this->writers->kept(), 'One database of three took a reading.');

        $this->cluster->letComeBack('db1', 'db2');
        $this->cluster->waitUntilWhole();
        $this->writeOn();
        $answers = $this->writers->stop();
        $this->assertContains(503, array_column(FourWriters::of($answers, 'refused'), 'number'));
        $this->assertKeptOnceEverywhere($answers);
        $this->report('two at once', $answers);
    }

    /** Until every writer has had some more readings kept. */
    private function writeOn(): void
    {
        $from = $this->writers->kept();
        $this->cluster->waitUntil(120.0, fn (): bool => $this->writers->kept() >= $from + 40);
    }

    /** @param  list<Answer>  $answers */
    private function assertKeptOnceEverywhere(array $answers): void
    {
        $this->assertSame(
            [],
            array_diff(array_column(FourWriters::of($answers, 'refused'), 'number'), self::IN_A_MOMENT),
            'Something was refused for good.',
        );
        $kept = array_column(FourWriters::of($answers, 'kept'), 'request');
        foreach (['db1', 'db2', 'db3'] as $name) {
            $times = array_count_values($this->cluster->requests($name));
            $this->assertSame([], array_filter($kept, static fn (string $request): bool => ($times[$request] ?? 0) !== 1), "On {$name}.");
        }
        $this->assertCount(1, array_unique($this->cluster->sums()), 'The nodes do not hold the same.');
        $proof = $this->cluster->artisan('db3', 'ledger:verify');
        $this->assertSame(0, $proof->getExitCode(), $proof->getOutput());
    }

    /**
     * What docs/cluster.md tells.
     *
     * @param  list<Answer>  $answers
     * @return float The longest time in seconds that any writer waited between two readings that were kept
     */
    private function report(string $title, array $answers): float
    {
        $kept = FourWriters::of($answers, 'kept');
        $longest = 0.0;
        foreach (range(0, 3) as $writer) {
            $times = array_column(array_filter($kept, static fn (Answer $answer): bool => $answer->writer === $writer), 'time');
            foreach (array_slice($times, 1) as $i => $time) {
                $longest = max($longest, $time - $times[$i]);
            }
        }
        $took = array_column($kept, 'number');
        sort($took);
        fprintf(
            STDERR,
            "%s: %d readings kept, half within %d ms, 95 of 100 within %d ms; %d sent again; longest standstill %.1f s; %d conflicts\n",
            $title,
            count($kept),
            $took[intdiv(count($took), 2)],
            $took[(int) (count($took) * 0.95)],
            count(FourWriters::of($answers, 'refused')),
            $longest,
            $this->cluster->conflicts(),
        );

        return $longest;
    }
}
