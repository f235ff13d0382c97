<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Weights;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureCodes;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Record\Measurements;

/** Which pieces go together, and what stands for them when the crankshaft is balanced (BAL-1, BAL-2). */
final class WeightJudge
{
    public const RODS = 'rods';

    /** Codes of what the rods' own sheet weighs. */
    private const BIG_END = 'bigendmass';

    private const SMALL_END = 'smallendmass';

    /** @var ?array<string, list<Mass>> */
    private ?array $kinds = null;

    /** @param  Measurements  $measurements  Of the scale, the rods' ends included */
    public function __construct(private readonly SpecificationSheet $sheet, private readonly Measurements $measurements)
    {
    }

    /** @return list<Place> What is not weighed yet of the kinds that are begun; of every kind where nothing is */
    public function missing(): array
    {
        $missing = [];
        foreach ($this->places() as $places) {
            $missing = [...$missing, ...$this->measurements->missing($places)];
        }

        return $missing;
    }

    /** @return array<string, list<Mass>> By kind, one mass for every cylinder; only kinds that are weighed whole */
    public function kinds(): array
    {
        return $this->kinds ??= $this->weighed();
    }

    /** @return 1|2 */
    public function rodsPerPin(): int
    {
        return $this->sheet->crankshaft->rods->count < count($this->sheet->layout->cylinders()) ? 2 : 1;
    }

    /** How pieces of two kinds or more go together best; it can take seconds where six pieces of four kinds are counted through. */
    public function match(): ?BalanceMatch
    {
        $kinds = $this->kinds();

        return count($kinds) < 2 ? null : BalanceMatch::of($kinds, $this->rodsPerPin());
    }

    /** From the mean of every kind; what is not weighed is as the sheet says. Null where it says nothing of one of them. */
    public function bobweight(): ?Bobweight
    {
        $factor = $this->sheet->weights->balanceFactor;
        $masses = $this->masses();
        $known = array_filter($masses);

        return $factor === null || count($known) < count($masses) ? null : Bobweight::of($this->rodsPerPin(), $factor, ...$known);
    }

    /** @return array<string, ?Mass> Of one cylinder: the mean of what is weighed, else as the sheet says; null where it does not */
    private function masses(): array
    {
        $kinds = $this->kinds();
        $spec = $this->sheet->weights;
        $rods = $this->sheet->layout->cylinders();
        $isWeighed = isset($kinds[self::RODS]);
        $mean = static fn (string $kind, ?Mass $new): ?Mass => isset($kinds[$kind])
            ? self::mean(array_map(static fn (Mass $mass): int => $mass->micrograms, $kinds[$kind]))
            : $new;
        $end = fn (string $feature, ?Mass $new): ?Mass => $isWeighed
            ? self::mean(array_map(fn (int $rod): int => $this->end($feature, $rod), $rods))
            : $new;

        return [
            'bigEnd' => $end(self::BIG_END, $this->sheet->rods->bigEndMass),
            'bearing' => $spec->bearing,
            'oil' => $spec->oilAllowance,
            'piston' => $mean('pistons', $this->sheet->piston->mass),
            'pin' => $mean('pins', $spec->pin),
            'rings' => $mean('rings', $spec->rings),
            'locks' => $mean('locks', $spec->locks),
            'smallEnd' => $end(self::SMALL_END, $this->sheet->rods->smallEndMass),
        ];
    }

    /** @return array<string, list<Mass>> */
    private function weighed(): array
    {
        $kinds = [];
        foreach ($this->places() as $kind => $places) {
            if ($this->measurements->missing($places) === []) {
                $kinds[$kind] =
                    $kind === self::RODS
                        ? array_map(
                            fn (int $rod): Mass => Mass::ofMicrograms($this->end(self::BIG_END, $rod) + $this->end(self::SMALL_END, $rod)),
                            $this->sheet->layout->cylinders(),
                        )
                        : array_map(fn (Place $place): Mass => Mass::ofMicrograms((int) $this->measurements->value($place)), $places);
            }
        }

        return $kinds;
    }

    /** @return array<string, list<Place>> By kind, the rods last */
    private function places(): array
    {
        $cylinders = $this->sheet->layout->cylinders();
        $places = array_map(
            static fn (Feature $feature): array => array_map(static fn (int $number): Place => Place::at($feature, $number), $cylinders),
            WeightPlaces::KINDS,
        );
        $places[self::RODS] = array_merge(
            [],
            ...array_map(
                static fn (int $rod): array => [self::placeOf(self::BIG_END, $rod), self::placeOf(self::SMALL_END, $rod)],
                $cylinders,
            ),
        );

        return $places;
    }

    private function end(string $feature, int $rod): int
    {
        return (int) $this->measurements->value(self::placeOf($feature, $rod));
    }

    private static function placeOf(string $feature, int $rod): Place
    {
        return Place::at(FeatureCodes::of($feature), $rod);
    }

    /** @param  list<int>  $masses */
    private static function mean(array $masses): Mass
    {
        return Mass::ofMicrograms(Length::divideRounded(array_sum($masses), max(1, count($masses))));
    }
}
