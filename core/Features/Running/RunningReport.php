<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Running;

/** What was seen of the running parts of an engine. */
final readonly class RunningReport
{
    /** @param  array<string, SeenRunningPart>  $seen  By part */
    private function __construct(private array $seen)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @param  array<string, SeenRunningPart>  $seen  By part */
    public static function of(array $seen): self
    {
        return new self($seen);
    }

    public function seen(RunningPart $part): ?SeenRunningPart
    {
        return $this->seen[$part->value] ?? null;
    }

    /** @return list<SeenRunningPart> That do not go back in */
    public function replaced(): array
    {
        return array_values(array_filter($this->seen, static fn (SeenRunningPart $one): bool => $one->isReplaced));
    }

    /** True where a new camshaft would run on old lifters, or new lifters on an old camshaft: they wear each other in. */
    public function mixesOldAndNew(): bool
    {
        [$camshaft, $lifters] = [$this->seen(RunningPart::Camshaft), $this->seen(RunningPart::Lifters)];

        return $camshaft !== null && $lifters !== null && $camshaft->isReplaced && ! $lifters->isReplaced;
    }
}
