<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The simulated gauge says what is wrong with how it was called; StationTest drives it against the running house. */
final class GaugeSimTest extends TestCase
{
    /** @return iterable<string, array{list<string>, int, string}> */
    public static function calls(): iterable
    {
        yield 'without a token' => [[], 2, 'usage: bin/gauge-sim --token TOKEN'];
        yield 'for help' => [['--help'], 0, 'usage: bin/gauge-sim --token TOKEN'];
        yield 'with a family that is none' => [['--token', 'x', '--family', 'unknown-9'], 2, 'There is no family unknown-9.'];
        yield 'with an error that is no number' => [['--token', 'x', '--error-um', 'much'], 2, '--error-um wants a number of micrometres.'];
    }

    /** @param  list<string>  $arguments */
    #[DataProvider('calls')]
    public function test_it_ends_with_a_useful_message(array $arguments, int $code, string $message): void
    {
        $process = proc_open(
            [PHP_BINARY, dirname(__DIR__, 2).'/bin/gauge-sim', ...$arguments],
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
        );
        $this->assertIsResource($process);
        $said = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
        $this->assertSame($code, proc_close($process), $said);
        $this->assertStringContainsString($message, $said);
    }
}
