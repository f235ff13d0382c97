<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Identification\Candidate;
use NorthLedger\Core\Engine\Identification\FamilySizes;
use NorthLedger\Core\Engine\Identification\Identification;
use NorthLedger\Core\Engine\Identification\KnownSize;
use NorthLedger\Core\Engine\Identification\MeasuredSize;
use NorthLedger\Core\Engine\Identification\OfferedSize;
use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\ShopNotation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which family a part without papers can be of, from what was measured on it. */
final class IdentificationTest extends TestCase
{
    private const FAMILIES = ['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'sorrel-f4', 'cairn-l4-144', 'quern-3-16'];

    public function test_a_bore_that_two_families_share_leaves_both_and_names_what_tells_them_apart(): void
    {
        $found = $this->identify(['bore' => '3.8131']);
        $this->assertSame(['brae-v8-311', 'tarn-4-198'], $this->families($found->possible));
        $this->assertNotNull($found->telling);
        [$tarn, $brae] = [$this->sizes('tarn-4-198'), $this->sizes('brae-v8-311')];
        foreach ($tarn->offered($found->telling) as $one) {
            foreach ($brae->offered($found->telling) as $other) {
                $this->assertTrue($one->isApartFrom($other, $this->wear(), Length::ofNanometres(2_540)));
            }
        }
        $main = $this->identify(['bore' => '3.8131', 'main_journal' => '2.6143']);
        $this->assertSame(['tarn-4-198'], $this->families($main->possible));
        $this->assertSame(
            [0, -254_000],
            [$main->possible[0]->fits['bore']->step->nanometres, $main->possible[0]->fits['main_journal']->step->nanometres],
        );
        $this->assertNull($main->telling, 'one is left');
        $this->assertSame('brae-v8-311', $main->excluded[0]->family->family, 'nearest, off by one size only');
    }

    /** @return iterable<string, array{string, string, list<string>}> What was measured; the families left */
    public static function bores(): iterable
    {
        yield 'as made' => ['3.8125', 'inside micrometer', ['brae-v8-311', 'tarn-4-198']];
        yield 'worn as far as an unworn place is' => ['3.8165', 'inside micrometer', ['brae-v8-311', 'tarn-4-198']];
        yield 'the gauge can be that wrong' => ['3.8168', 'inside micrometer', ['brae-v8-311', 'tarn-4-198']];
        yield 'past wear and doubt' => ['3.8178', 'inside micrometer', []];
        yield 'a caliper doubts more' => ['3.8178', 'digital caliper', ['brae-v8-311', 'tarn-4-198']];
        yield 'under standard, within doubt' => ['3.8121', 'inside micrometer', ['brae-v8-311', 'tarn-4-198']];
        yield 'no bore shrinks' => ['3.8115', 'inside micrometer', []];
        yield 'thirty over' => ['3.8428', 'inside micrometer', ['brae-v8-311', 'tarn-4-198']];
    }

    /** @param  list<string>  $left */
    #[DataProvider('bores')]
    public function test_holes_grow_and_the_gauge_doubts(string $bore, string $gauge, array $left): void
    {
        $this->assertSame($left, $this->families($this->identify(['bore' => $bore], gauge: InstrumentKind::from($gauge))->possible));
    }

    public function test_every_family_is_known_again_by_its_own_sizes_at_every_step(): void
    {
        foreach (self::FAMILIES as $family) {
            foreach ($this->sizes($family)->sizes as $offered) {
                $middle = Length::ofNanometres(intdiv($offered->made->least->nanometres + $offered->made->most->nanometres, 2));
                $found = Identification::among($this->all(), [$this->measured($offered->of, $middle)], '', $this->wear());
                $this->assertContains($family, $this->families($found->possible), "{$family}, {$offered->of->value}");
            }
        }
    }

    public function test_a_casting_number_speaks_for_a_family_and_none_speaks_against_one(): void
    {
        $found = $this->identify(['bore' => '3.8131'], '311 9021');
        $this->assertSame(['brae-v8-311', 'tarn-4-198'], $this->families($found->possible));
        $this->assertSame([true, false], array_map(static fn (Candidate $one): bool => $one->bearsCasting, $found->possible));
        $this->assertSame(['sorrel-f4'], $this->families($this->identify([], 'sf4 1130l')->possible));
        $this->assertSame([], $this->identify([], 'X-1')->possible);
        $this->assertSame([], $this->identify([])->possible, 'nothing speaks for anything');
    }

    public function test_what_is_not_known_of_a_family_does_not_speak_against_it(): void
    {
        $bare = new FamilySizes('bare', 'Bare', $this->sizes('tarn-4-198')->offered(KnownSize::Bore), []);
        $found = Identification::among(
            [$bare],
            [$this->measured(KnownSize::Bore, $this->length('3.8125')), $this->measured(KnownSize::Stroke, $this->length('4'))],
            '',
            $this->wear(),
        );
        $this->assertSame(['bare'], $this->families($found->possible));
        $this->assertSame([KnownSize::Stroke], $found->possible[0]->unknown);
        $this->assertSame(
            [],
            Identification::among([$bare], [$this->measured(KnownSize::Stroke, $this->length('4'))], '', $this->wear())->possible,
        );
    }

    public function test_steps_that_meet_tell_nobody_apart(): void
    {
        $of = static fn (string $family, int ...$least): FamilySizes => new FamilySizes(
            $family,
            $family,
            array_map(
                static fn (int $one): OfferedSize => new OfferedSize(
                    KnownSize::RodJournal,
                    Length::zero(),
                    LengthRange::between(Length::ofNanometres($one), Length::ofNanometres($one + 10_000)),
                ),
                $least,
            ),
            ['1'],
        );
        $telling = fn (FamilySizes ...$families): ?KnownSize => Identification::among(array_values($families), [], '1', $this->wear())
            ->telling;

        $this->assertSame(KnownSize::RodJournal, $telling($of('a', 50_000_000), $of('b', 49_000_000)));
        $this->assertNull($telling($of('a', 50_000_000, 49_000_000), $of('b', 49_000_000)), 'ground ten under it is the other');
        $this->assertNull($telling($of('a', 50_000_000), $of('b', 49_890_000)), 'worn it is the other');
        $this->assertNull($telling($of('a', 50_000_000), $of('b')), 'nothing is known of the other');
    }

    /** @param  array<string, string>  $sizes */
    private function identify(array $sizes, string $casting = '', ?InstrumentKind $gauge = null): Identification
    {
        $measured = [];
        foreach ($sizes as $of => $text) {
            $measured[] = $this->measured(KnownSize::from($of), $this->length($text), $gauge);
        }

        return Identification::among($this->all(), $measured, $casting, $this->wear());
    }

    private function measured(KnownSize $of, Length $size, ?InstrumentKind $gauge = null): MeasuredSize
    {
        $instrument = Instrument::ofKind($gauge ?? $of->usualGauge());

        return new MeasuredSize($of, $size, Uncertainty::ofSize($size, $instrument, Temperatures::of(11.0, 11.5, null, null)));
    }

    /** @return list<FamilySizes> */
    private function all(): array
    {
        return array_map($this->sizes(...), self::FAMILIES);
    }

    private function sizes(string $family): FamilySizes
    {
        return FamilySizes::of(Bench::sheet($family));
    }

    private function length(string $inches): Length
    {
        return ShopNotation::forSizes(LengthUnit::Inch)->read($inches)->value;
    }

    private function wear(): Length
    {
        return Bench::policy()->boreAllowances(LengthUnit::Inch)->stepTolerance;
    }

    /**
     * @param  list<Candidate>  $candidates
     * @return list<string>
     */
    private function families(array $candidates): array
    {
        return array_map(static fn (Candidate $one): string => $one->family->family, $candidates);
    }
}
