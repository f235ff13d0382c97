<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\Confirmation;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\LookReading;
use NorthLedger\Core\Features\Receiving\SleeveFinding;
use NorthLedger\Core\Features\Receiving\SleevePiece;
use NorthLedger\Core\Features\Receiving\SleevePieceKind;
use NorthLedger\Core\Features\Receiving\SleeveSurvey;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\PressureUnit;
use NorthLedger\Core\Quantity\TemperatureUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** In what a shop keys and reads beside lengths, and what is said of it. */
final class UnitsTest extends TestCase
{
    /** @return iterable<string, array{TemperatureUnit, float, float, string}> */
    public static function temperatures(): iterable
    {
        yield 'a warm room' => [TemperatureUnit::Fahrenheit, 68.0, 20.0, '68 °F'];
        yield 'ice' => [TemperatureUnit::Fahrenheit, 32.0, 0.0, '32 °F'];
        yield 'where both agree' => [TemperatureUnit::Fahrenheit, -40.0, -40.0, '-40 °F'];
        yield 'as it is kept' => [TemperatureUnit::Celsius, 18.5, 18.5, '18.5 °C'];
    }

    #[DataProvider('temperatures')]
    public function test_temperatures_are_kept_in_celsius(TemperatureUnit $unit, float $typed, float $kept, string $shown): void
    {
        $this->assertEqualsWithDelta($kept, $unit->toCelsius($typed), 1e-9);
        $this->assertSame($shown, $unit->shown($kept));
        $this->assertNull($unit->fromKnown(null));
    }

    public function test_what_was_typed_comes_back_to_a_tenth(): void
    {
        foreach (TemperatureUnit::cases() as $unit) {
            for ($tenths = -300; $tenths <= 1_000; $tenths += 7) {
                $this->assertEqualsWithDelta($tenths / 10, $unit->fromCelsius($unit->toCelsius($tenths / 10)), 1e-9, $unit->value);
            }
        }
        foreach (PressureUnit::cases() as $unit) {
            for ($tenths = 0; $tenths <= 900; $tenths += 3) {
                $this->assertEqualsWithDelta($tenths / 10, $unit->fromKilopascals($unit->toKilopascals($tenths / 10)), 1e-9, $unit->value);
            }
        }
    }

    public function test_pressures_follow_the_unit_of_the_job(): void
    {
        $this->assertSame(
            [PressureUnit::PoundsPerSquareInch, PressureUnit::Bar],
            [PressureUnit::of(LengthUnit::Inch), PressureUnit::of(LengthUnit::Millimetre)],
        );
        $this->assertSame(['58 psi', '4 bar'], [PressureUnit::PoundsPerSquareInch->shown(400), PressureUnit::Bar->shown(400)]);
    }

    public function test_a_limit_is_named_so_that_it_holds_as_it_is_read(): void
    {
        foreach ([LengthUnit::Inch, LengthUnit::Millimetre] as $unit) {
            $display = LengthDisplay::in($unit);
            foreach ([1, 999, 2_539, 2_540, 2_541, 93_980, 93_981, 188_000] as $nanometres) {
                $named = $display->notBelow(Length::ofNanometres($nanometres));
                $this->assertGreaterThanOrEqual($nanometres, $named->nanometres);
                $grain = $unit === LengthUnit::Inch ? 2_540 : 1_000;
                $this->assertLessThan($nanometres + $grain, $named->nanometres);
                $this->assertSame(
                    (float) $named->nanometres,
                    (float) $display->magnitude($named) * ($unit === LengthUnit::Inch ? 25_400 : 1_000),
                    'nothing is rounded away when it is shown',
                );
            }
        }
    }

    /** @return iterable<string, array{Confirmation, non-empty-list<LookReading>}> */
    public static function confirmations(): iterable
    {
        $dye = static fn (Look $look): LookReading => new LookReading($look, [], CheckMethod::DyePenetrant);
        $particles = static fn (Look $look): LookReading => new LookReading($look, [], CheckMethod::WetMagneticParticle);
        $pressure = static fn (Look $look): LookReading => new LookReading($look, [], CheckMethod::PressureTest);
        yield 'dye alone' => [Confirmation::Awaited, [$dye(Look::SharpLine)]];
        yield 'dye twice is one method' => [Confirmation::Awaited, [$dye(Look::SharpLine), $dye(Look::SharpLine)]];
        yield 'particles see it too' => [Confirmation::Confirmed, [$dye(Look::SharpLine), $particles(Look::DotsInALine)]];
        yield 'particles see nothing' => [Confirmation::Contradicted, [$dye(Look::SharpLine), $particles(Look::None)]];
        yield 'the other way round' => [Confirmation::Confirmed, [$particles(Look::SharpLine), $dye(Look::SharpLine)]];
        yield 'what leaks needs no second method' => [Confirmation::NotAsked, [$pressure(Look::SharpLine)]];
    }

    /** @param  non-empty-list<LookReading>  $readings */
    #[DataProvider('confirmations')]
    public function test_a_second_method_says_what_it_saw(Confirmation $says, array $readings): void
    {
        $this->assertSame($says, Confirmation::of($readings));
    }

    /**
     * @return iterable<string, array{list<SleeveFinding>, list<array{SleevePieceKind, ?int}>, array<string, bool>}> Lengths in millimetres
     */
    public static function sleeves(): iterable
    {
        yield 'none' => [[], [], ['edgeCatchesNail' => true]];
        yield 'one, full' => [[], [[SleevePieceKind::Plain, 160]], []];
        yield 'one, longer than its cut' => [[], [[SleevePieceKind::Flanged, 161]], []];
        yield 'one, short' => [[SleeveFinding::NotFullDepth], [[SleevePieceKind::Plain, 159]], []];
        yield 'two that are as long together' => [
            [SleeveFinding::MoreThanOnePiece, SleeveFinding::NotFullDepth],
            [[SleevePieceKind::Plain, 120], [SleevePieceKind::Plain, 40]],
            [],
        ];
        yield 'two, the one under the deck full' => [
            [SleeveFinding::MoreThanOnePiece],
            [[SleevePieceKind::Plain, 160], [SleevePieceKind::Plain, 12]],
            [],
        ];
        yield 'a flange that is up' => [[SleeveFinding::FlangeNotSeated], [[SleevePieceKind::Flanged, 160]], ['flangeNotSeated' => true]];
        yield 'a plain one has no flange' => [[], [[SleevePieceKind::Plain, 160]], ['flangeNotSeated' => true]];
        yield 'nobody measured it' => [[], [[SleevePieceKind::Plain, null]], []];
        yield 'a joint and an edge' => [
            [SleeveFinding::EdgeCatchesNail, SleeveFinding::JointInRingTravel],
            [[SleevePieceKind::Plain, 160]],
            ['jointFelt' => true, 'edgeCatchesNail' => true],
        ];
    }

    /**
     * @param  list<SleeveFinding>  $findings
     * @param  list<array{SleevePieceKind, ?int}>  $pieces
     * @param  array<string, bool>  $felt
     */
    #[DataProvider('sleeves')]
    public function test_the_piece_under_the_deck_is_what_counts(array $findings, array $pieces, array $felt): void
    {
        $survey = new SleeveSurvey(
            2,
            array_map(
                static fn (array $piece): SleevePiece => new SleevePiece(
                    $piece[0],
                    $piece[1] === null ? null : Length::ofNanometres($piece[1] * 1_000_000),
                ),
                $pieces,
            ),
            Length::ofNanometres(160_000_000),
            ...$felt,
        );
        $this->assertEqualsCanonicalizing($findings, $survey->findings());
        $this->assertSame($findings !== [], $survey->waitsForCustomer());
    }
}
