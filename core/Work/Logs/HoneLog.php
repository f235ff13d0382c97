<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Logs;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Honing\DeglazeTime;
use NorthLedger\Core\Work\Honing\NextStint;
use NorthLedger\Core\Work\Honing\Stint;

/** Everything that was honed at one engine, bore by bore and set by set (HONE-3). */
final readonly class HoneLog
{
    private const FIRST_SECONDS = 20;

    private const FIRST_SET = '1';

    /** @param  list<LoggedStint>  $stints  Oldest first */
    public function __construct(private array $stints)
    {
    }

    /** @return list<LoggedStint> */
    public function at(string $operation): array
    {
        return array_values(array_filter($this->stints, static fn (LoggedStint $stint): bool => $stint->operation === $operation));
    }

    public function last(): ?LoggedStint
    {
        return $this->stints === [] ? null : $this->stints[count($this->stints) - 1];
    }

    /** The set that is in the hone now. */
    public function set(): string
    {
        return $this->last()->set ?? self::FIRST_SET;
    }

    /** The last reading of a bore; null while it was not read at this hone, or is warm. */
    public function lastRead(string $operation): ?SixSizes
    {
        $last = null;
        foreach ($this->at($operation) as $stint) {
            $last = $stint->isWarm ? $last : $stint->after ?? $last;
        }

        return $last;
    }

    /** Seconds that the next cylinder needs until its finish is reached, with the set that is in now. */
    public function deglazeSeconds(): int
    {
        return DeglazeTime::next($this->finishedSeconds(), self::FIRST_SECONDS);
    }

    /** @return list<float> Seconds that each cylinder needed until its finish was reached with the set that is in now, in their order */
    public function finishedSeconds(): array
    {
        $needed = $finished = [];
        foreach ($this->ofTheSet() as $stint) {
            $needed[$stint->operation] = ($needed[$stint->operation] ?? 0) + $stint->seconds;
            if ($stint->isFinished) {
                $finished[$stint->operation] = $needed[$stint->operation];
            }
        }

        return array_values($finished);
    }

    /** @param  Length  $wanted  The smallest size that is wanted */
    public function nextStint(Length $wanted, Length $now, Length $resolution): NextStint
    {
        return NextStint::towards(
            $wanted,
            $now,
            $resolution,
            array_map(static fn (LoggedStint $stint): Stint => $stint->stint(), $this->ofTheSet()),
            self::FIRST_SECONDS,
        );
    }

    /** @return list<LoggedStint> */
    private function ofTheSet(): array
    {
        $set = $this->set();

        return array_values(array_filter($this->stints, static fn (LoggedStint $stint): bool => $stint->set === $set));
    }
}
