<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

/** What somebody practises next: what went wrong comes back soon, what went right after twice as many exercises as the time before. */
final readonly class Repetition
{
    /** Right in a row, over all spots, before help is left out; and before the time counts. */
    private const GUIDED_UNTIL = 5;

    private const TIMED_FROM = 15;

    private const LONGEST_BOX = 6;

    /** @param  list<array{spot: string, right: bool}>  $answers  At one instrument, oldest first */
    public function __construct(private array $answers)
    {
    }

    /**
     * What was never tried comes first, then what is overdue most.
     *
     * @param  non-empty-list<Spot>  $spots  The easiest first
     */
    public function next(array $spots): Spot
    {
        $next = $spots[0];
        $most = PHP_INT_MIN;
        foreach ($spots as $spot) {
            $overdue = $this->overdue($spot);
            if ($overdue === null) {
                return $spot;
            }
            [$next, $most] = $overdue > $most ? [$spot, $overdue] : [$next, $most];
        }

        return $next;
    }

    public function level(): Level
    {
        $inARow = $this->rightInARow();

        return match (true) {
            $inARow < self::GUIDED_UNTIL => Level::Guided,
            $inARow < self::TIMED_FROM => Level::Alone,
            default => Level::Timed,
        };
    }

    /** @return int How many of the last were right without one between that was wrong */
    public function rightInARow(): int
    {
        $count = 0;
        foreach (array_reverse($this->answers) as $answer) {
            if (! $answer['right']) {
                return $count;
            }
            $count++;
        }

        return $count;
    }

    /** How many exercises it is late; null where it was never tried. */
    private function overdue(Spot $spot): ?int
    {
        $since = $box = 0;
        $isTried = false;
        foreach (array_reverse($this->answers) as $answer) {
            if ($answer['spot'] !== $spot->value) {
                $since += $isTried ? 0 : 1;

                continue;
            }
            $isTried = true;
            if (! $answer['right']) {
                break;
            }
            $box = min(self::LONGEST_BOX, $box + 1);
        }

        return $isTried ? $since - 2 ** $box : null;
    }
}
