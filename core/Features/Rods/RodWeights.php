<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Rods;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Record\Measurements;

/** The rods on the scale: which is the odd one, and what comes off which end of it (ROD-3). */
final readonly class RodWeights
{
    private const ENDS = ['big' => RodFeature::BigEndMass, 'small' => RodFeature::SmallEndMass];

    /**
     * @param  array<int, array{big: int, small: int}>  $ends  In micrograms by rod
     * @param  array<int, int>  $totals  In micrograms by rod
     * @param  ?int  $spread  Heaviest less lightest, in micrograms; null until every rod is weighed
     * @param  list<Place>  $extremes  Of the heaviest and the lightest rod
     * @param  list<Place>  $missing
     */
    private function __construct(
        private array $ends,
        private array $totals,
        public ?int $spread,
        public array $extremes,
        public array $missing,
    ) {
    }

    /**
     * Both ends of each rod, or the whole rod where only that was weighed.
     *
     * @param  list<int>  $rods
     */
    public static function of(array $rods, Measurements $measurements): self
    {
        $ends = $totals = $missing = [];
        foreach ($rods as $rod) {
            $big = $measurements->value(Place::at(RodFeature::BigEndMass, $rod));
            $small = $measurements->value(Place::at(RodFeature::SmallEndMass, $rod));
            $whole = $measurements->value(Place::at(RodFeature::RodMass, $rod));
            if ($big !== null && $small !== null) {
                $ends[$rod] = ['big' => (int) $big, 'small' => (int) $small];
                $totals[$rod] = (int) $big + (int) $small;
            } elseif ($whole !== null) {
                $totals[$rod] = (int) $whole;
            } else {
                $missing = [
                    ...$missing,
                    ...$measurements->missing([Place::at(RodFeature::BigEndMass, $rod), Place::at(RodFeature::SmallEndMass, $rod)]),
                ];
            }
        }
        if ($missing !== [] || $totals === []) {
            return new self($ends, $totals, null, [], $missing);
        }
        $extremes = [array_search(max($totals), $totals, true), array_search(min($totals), $totals, true)];

        return new self(
            $ends,
            $totals,
            max($totals) - min($totals),
            array_merge(
                [],
                ...array_map(
                    static fn (int|false $rod): array => isset($ends[(int) $rod])
                        ? [Place::at(RodFeature::BigEndMass, (int) $rod), Place::at(RodFeature::SmallEndMass, (int) $rod)]
                        : [Place::at(RodFeature::RodMass, (int) $rod)],
                    $extremes,
                ),
            ),
            [],
        );
    }

    /** The rod whose weight is farthest from the middle one; null while not all are weighed. */
    public function oddOne(): ?int
    {
        if ($this->spread === null) {
            return null;
        }
        $totals = $this->totals;
        $sorted = array_values($totals);
        sort($sorted);
        $middle = $sorted[intdiv(count($sorted), 2)];
        uasort($totals, static fn (int $a, int $b): int => abs($b - $middle) <=> abs($a - $middle));

        return (int) array_key_first($totals);
    }

    /**
     * Every end that is heavier than the lightest by more than keeps the set inside its spread comes down to it; a single
     * light rod is cheaper replaced than all the others lightened, and it says so. A rod that would lose more than the shop takes off
     * one needs another beside it, or is replaced.
     *
     * @return list<PlannedWork>
     */
    public function works(Mass $allowed, Mass $most): array
    {
        $odd = $this->oddOne();
        if ($odd === null || $this->spread === null || $this->spread <= $allowed->micrograms) {
            return [];
        }
        $totals = $this->totals;
        if ($totals[$odd] === self::least($totals) && $this->spreadWithout($odd) <= $allowed->micrograms) {
            return [
                PlannedWork::of(
                    'ROD-3',
                    Subject::rod($odd),
                    WorkKind::Replace,
                    said: new Message('findings.also.lightest', [
                        'mass' => MassNotation::grams($this->secondLightest($odd) - $totals[$odd]),
                    ]),
                ),
            ];
        }
        $works = [];
        foreach ($totals as $rod => $total) {
            $over = $total - self::least($totals) - $allowed->micrograms;
            if ($over > $most->micrograms) {
                $works[] = $this->tooHeavy($rod, $total - self::least($totals), $most);
            } elseif ($over > 0) {
                $works[] = PlannedWork::of('ROD-3', Subject::rod($rod), WorkKind::Balance, said: $this->off($rod, $over, $most));
            }
        }

        return $works;
    }

    private function tooHeavy(int $rod, int $above, Mass $most): PlannedWork
    {
        $said = new Message('findings.also.too_heavy', [
            'mass' => MassNotation::grams($above),
            'most' => MassNotation::grams($most->micrograms),
        ]);

        return PlannedWork::of('ROD-3', Subject::rod($rod), WorkKind::Replace, said: $said);
    }

    /** @param  int  $over  What has to come off at the least, in micrograms */
    private function off(int $rod, int $over, Mass $most): Message
    {
        if (! isset($this->ends[$rod]) || count($this->ends) !== count($this->totals)) {
            return new Message('findings.also.off_some_end', ['mass' => MassNotation::grams($over)]);
        }

        return $most->micrograms < $this->totals[$rod] - self::least($this->totals)
            ? new Message('findings.also.off_between', [
                'mass' => MassNotation::grams($over),
                'most' => MassNotation::grams($most->micrograms),
            ])
            : $this->shares($this->ends[$rod]);
    }

    /**
     * What each end is heavier than the lightest of its kind.
     *
     * @param  array{big: int, small: int}  $ends
     */
    private function shares(array $ends): Message
    {
        $shares = [];
        foreach (array_keys(self::ENDS) as $end) {
            $over = $ends[$end] - self::least(array_column($this->ends, $end));
            if ($over > 0) {
                $shares[$end] = MassNotation::grams($over);
            }
        }

        $code = match (array_keys($shares)) {
            ['big'] => 'findings.also.off_big',
            ['small'] => 'findings.also.off_small',
            default => 'findings.also.off_big_and_small',
        };

        return new Message($code, $shares);
    }

    private function spreadWithout(int $odd): int
    {
        $totals = $this->totals;
        unset($totals[$odd]);

        return $totals === [] ? 0 : max($totals) - min($totals);
    }

    private function secondLightest(int $odd): int
    {
        $totals = $this->totals;
        unset($totals[$odd]);

        return self::least($totals);
    }

    /** @param  array<int>  $masses */
    private static function least(array $masses): int
    {
        return $masses === [] ? 0 : min($masses);
    }
}
