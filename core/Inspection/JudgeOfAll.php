<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Record\Measurements;

/** Several judges of one sheet, each for its own features. */
final readonly class JudgeOfAll implements Judge
{
    /** @param  non-empty-list<Judge>  $judges */
    private function __construct(private array $judges)
    {
    }

    /** @param  list<Judge>  $judges */
    public static function of(array $judges): ?Judge
    {
        return match (count($judges)) {
            0 => null,
            1 => $judges[0],
            default => new self($judges),
        };
    }

    public function judge(Measurements $measurements): SectionJudgement
    {
        $judged = array_map(static fn (Judge $judge): SectionJudgement => $judge->judge($measurements), $this->judges);

        return new SectionJudgement(
            $judged[0]->section,
            array_merge(...array_column($judged, 'findings')),
            array_merge(...array_column($judged, 'works')),
            ! $measurements->isEmpty(),
        );
    }
}
