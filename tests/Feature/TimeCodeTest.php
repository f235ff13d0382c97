<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Security\OneTimePassword;
use App\Security\TimeCode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Time codes against the test values of RFC 6238, and one-time passwords. */
final class TimeCodeTest extends TestCase
{
    /** The base 32 of `12345678901234567890`. */
    private const SECRET = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ';

    /** @return iterable<string, array{int, string}> */
    public static function standardValues(): iterable
    {
        yield '1970' => [59, '287082'];
        yield '2005' => [1111111109, '081804'];
        yield '2005, a second step' => [1111111111, '050471'];
        yield '2009' => [1234567890, '005924'];
        yield '2033' => [2000000000, '279037'];
        yield '2603' => [20000000000, '353130'];
    }

    #[DataProvider('standardValues')]
    public function test_codes_are_those_of_the_standard(int $second, string $code): void
    {
        $this->assertSame($code, (new TimeCode(self::SECRET))->at($second));
    }

    public function test_a_clock_may_be_a_step_off_and_no_more(): void
    {
        $code = TimeCode::make();
        $second = 1_800_000_000;
        foreach ([-2 => false, -1 => true, 0 => true, 1 => true, 2 => false] as $steps => $isTaken) {
            $this->assertSame($isTaken, $code->stepOf($code->at($second + 30 * $steps), $second) !== null, "{$steps} steps off");
        }
        $used = (int) $code->stepOf($code->at($second), $second);
        $this->assertNull($code->stepOf($code->at($second), $second, $used));
        $this->assertNull($code->stepOf('', $second));
    }

    public function test_secrets_and_one_time_passwords_differ_and_can_be_read_out(): void
    {
        $this->assertMatchesRegularExpression('/^[A-Z2-7]{32}$/', TimeCode::make()->secret);
        $passwords = array_map(static fn (): string => OneTimePassword::make(), range(1, 200));
        $this->assertCount(200, array_unique($passwords));
        foreach ($passwords as $password) {
            $this->assertMatchesRegularExpression('/^[a-hjkmnp-z2-9]{4}(-[a-hjkmnp-z2-9]{4}){3}$/', $password);
        }
    }
}
