<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\Stamp;
use App\Record\JobFile;
use App\Words\Line;
use Illuminate\Support\Facades\Cache;
use NorthLedger\Core\Features\Weights\BalanceMatch;
use NorthLedger\Core\Features\Weights\Bobweight;
use NorthLedger\Core\Features\Weights\WeightJudge;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\MassNotation;

/** Which pieces go together, cylinder by cylinder, with letters for the sets; what is on a crankpin; and the bobweight (BAL-1, BAL-2). */
final readonly class BalanceTable
{
    /**
     * @param  list<string>  $kinds
     * @param  list<array{letter: string, pieces: array<string, int>, sum: string, off: string, width: string, left: string,
     *     pin: string}> $sets
     */
    private function __construct(
        public array $kinds,
        public array $sets,
        public string $spread,
        public string $within,
        public string $pins,
        public string $bobweight,
        public string $from,
    ) {
    }

    /** Of what came. */
    public static function of(JobFile $file): self
    {
        return self::judged($file, $file->inspection()->weights());
    }

    /** Of what goes in: weighed again where it was worked or is new; of what came where nothing was ordered. */
    public static function asItIsNow(JobFile $file): self
    {
        return self::judged($file, $file->work()->verification()->weights() ?? $file->inspection()->weights());
    }

    private static function judged(JobFile $file, WeightJudge $judge): self
    {
        $kinds = $judge->kinds();
        $match = self::match($judge);
        $bob = $judge->bobweight();

        return new self(
            array_keys($kinds),
            $match === null ? [] : self::sets($match, $kinds, $file->sheet->layout->cylinders()),
            $match === null
                ? ''
                : Line::of('weights.balance.sets_within', ['mass' => MassNotation::grams($match->cylinderSpread->micrograms)]),
            $match === null ? '' : MassNotation::grams($match->cylinderSpread->micrograms).' g',
            $match?->crankpinSpread === null
                ? ''
                : Line::of('weights.balance.pins_within', ['mass' => MassNotation::grams($match->crankpinSpread->micrograms)]),
            $bob === null ? Line::of('weights.balance.not_known') : MassNotation::grams($bob->total->micrograms).' g',
            $bob === null
                ? Line::of('weights.balance.sheet_silent')
                : self::from($judge, $bob, $file->sheet->weights->balanceFactor ?? 0.0),
        );
    }

    private static function from(WeightJudge $judge, Bobweight $bob, float $balanceFactor): string
    {
        return Line::of('weights.balance.bobweight_of', [
            'rods' => $judge->rodsPerPin(),
            'rotating' => MassNotation::grams($bob->rotating->micrograms),
            'percent' => (string) round($balanceFactor * 100),
            'reciprocating' => MassNotation::grams($bob->reciprocating->micrograms),
        ]);
    }

    /** The spread that is left, or that something is still to be weighed. */
    public function stamp(): Stamp
    {
        return $this->spread === ''
            ? new Stamp(Line::of('sheet.stamp.not_weighed_yet'), Line::of('weights.balance.two_kinds'), 'missing')
            : new Stamp(
                Line::of('weights.balance.within', ['mass' => $this->within]),
                Line::of('weights.balance.as_below'),
                'chosen',
            );
    }

    /** Counting through the ways of six pieces of four kinds takes seconds; the same masses are counted once. */
    private static function match(WeightJudge $judge): ?BalanceMatch
    {
        $kinds = array_map(
            static fn (array $masses): array => array_map(static fn (Mass $mass): int => $mass->micrograms, $masses),
            $judge->kinds(),
        );
        if (count($kinds) < 2) {
            return null;
        }

        return unserialize(
            Cache::rememberForever(
                'balance '.hash('sha256', json_encode([$kinds, $judge->rodsPerPin()], JSON_THROW_ON_ERROR)),
                static fn (): string => serialize($judge->match()),
            ),
            ['allowed_classes' => [BalanceMatch::class, Mass::class]],
        ) ?:
            null;
    }

    /**
     * @param  array<string, list<Mass>>  $kinds
     * @param  list<int>  $numbers  What the pieces are called, in the order in which they were weighed
     * @return list<array{letter: string, pieces: array<string, int>, sum: string, off: string, width: string, left: string, pin: string}>
     */
    private static function sets(BalanceMatch $match, array $kinds, array $numbers): array
    {
        $sums = array_map(
            static fn (int $place): int => array_sum(
                array_map(static fn (string $kind): int => $kinds[$kind][$match->parts[$kind][$place]]->micrograms, array_keys($kinds)),
            ),
            array_keys($numbers),
        );
        $mean = Length::divideRounded(array_sum($sums), max(1, count($sums)));
        $farthest = max(1, ...array_map(static fn (int $sum): int => abs($sum - $mean), $sums));

        return array_map(
            static fn (int $place): array => [
                'letter' => chr(65 + $place),
                'pieces' => array_map(static fn (array $order): int => $numbers[$order[$place]], $match->parts),
                'sum' => MassNotation::grams($sums[$place]),
                'off' => self::off($sums[$place] - $mean),
                'width' => number_format((45 * abs($sums[$place] - $mean)) / $farthest, 1, '.', ''),
                'left' => number_format(50 - ($sums[$place] < $mean ? (45 * abs($sums[$place] - $mean)) / $farthest : 0), 1, '.', ''),
                'pin' => self::pinOf($match, $place),
            ],
            array_keys($numbers),
        );
    }

    /** “+0.4”; nothing that is less than is shown has a sign */
    private static function off(int $micrograms): string
    {
        $grams = MassNotation::grams(abs($micrograms));

        return (float) $grams === 0.0 ? $grams : ($micrograms < 0 ? '−' : '+').$grams;
    }

    private static function pinOf(BalanceMatch $match, int $place): string
    {
        foreach ($match->pairs as $index => $pair) {
            if (in_array($place, $pair, true)) {
                return (string) ($index + 1);
            }
        }

        return '';
    }
}
