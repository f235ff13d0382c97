<?php

declare(strict_types=1);

namespace Tests\Core;

use LogicException;
use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Assessment\Features;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\CrackLook;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Features\Bores\ScoringLook;
use NorthLedger\Core\Features\Running\RunningReport;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Planning\BuildWishes;
use NorthLedger\Core\Planning\Choices\BoreChoices;
use NorthLedger\Core\Planning\Choices\EngineChoices;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\Shelf;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Record\Reading;
use NorthLedger\Core\Work\Making\AgreedWork;
use NorthLedger\Core\Work\Making\EngineWork;
use NorthLedger\Core\Work\WorkOrder;

/** Engines laid out for the tests of the core. */
final class Bench
{
    public const PLACES = [
        [Station::Top, Axis::Thrust],
        [Station::Top, Axis::Inline],
        [Station::Middle, Axis::Thrust],
        [Station::Middle, Axis::Inline],
        [Station::Bottom, Axis::Thrust],
        [Station::Bottom, Axis::Inline],
    ];

    public static function sheet(string $family): SpecificationSheet
    {
        return SpecificationSheet::fromJson((string) file_get_contents(dirname(__DIR__, 2)."/resources/specs/{$family}.json"), $family);
    }

    /** Who judges a sheet while nothing is read on any other. */
    public static function judge(Section $section, SpecificationSheet $sheet, ?ShopPolicy $policy = null): Judge
    {
        $nothing = new class implements MeasuredSections
        {
            public function measurements(Section $section): Measurements
            {
                return Measurements::none();
            }
        };

        return Features::judge($section, $sheet, $policy ?? self::policy(), $nothing) ??
            throw new LogicException("Nothing is judged on the sheet {$section->value}.");
    }

    /** @param  array<string, mixed>  $changes  To the shop's defaults */
    public static function policy(array $changes = []): ShopPolicy
    {
        return ShopPolicy::fromArray($changes + self::policyDocument());
    }

    /** @return array<string, mixed> */
    public static function policyDocument(): array
    {
        /** @var array<string, mixed> $document */
        $document = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2).'/resources/policy/defaults.json'),
            true,
            16,
            JSON_THROW_ON_ERROR,
        );

        return $document;
    }

    public static function looksFine(): BoreLooks
    {
        return new BoreLooks(CrackLook::NoneSeen, RidgeLook::Felt, RidgeLook::None, ScoringLook::None, PittingClass::None);
    }

    public static function reading(Place $place, int $nanometres): Reading
    {
        return Reading::of(
            $place,
            [Length::ofNanometres($nanometres)],
            Instrument::ofKind(InstrumentKind::BoreGaugeTenth),
            Temperatures::of(11.0, 11.5, null, null),
        );
    }

    /**
     * @param  list<float|int|null>  $over  Thou over the nominal at the six places; null where not read
     * @param  ?float  $pistonUnder  Thou below the nominal
     */
    public static function bore(
        SpecificationSheet $sheet,
        int $cylinder,
        array $over,
        ?float $pistonUnder = null,
        ?BoreLooks $looks = null,
    ): BoreInspection {
        $readings = [];
        foreach (self::PLACES as $index => [$station, $axis]) {
            if (($over[$index] ?? null) !== null) {
                $readings[] = self::reading(
                    BorePlace::bore($cylinder, $station, $axis),
                    $sheet->bore->nominal->nanometres + (int) round($over[$index] * 25_400),
                );
            }
        }
        $piston =
            $pistonUnder === null
                ? null
                : self::reading(BorePlace::piston($cylinder), $sheet->bore->nominal->nanometres - (int) round($pistonUnder * 25_400));

        return BoreInspection::of($cylinder, $readings, $piston, $looks ?? self::looksFine());
    }

    /**
     * The order of work for a way of the bores alone: nothing else was agreed, and nobody read the decks.
     *
     * @param  array<int, Length>  $pistons  Measured, by cylinder
     */
    public static function order(
        SpecificationSheet $sheet,
        ReboreOption $option,
        ?ShopPolicy $policy = null,
        array $pistons = [],
    ): ?WorkOrder {
        $policy ??= self::policy();
        $unread = array_fill_keys(
            array_map(static fn (Characteristic $one): string => $one->place->key, InspectionPlan::of(Section::Deck, $sheet)->walk()),
            null,
        );
        $facts = new KnownEngine($sheet, [Section::Deck->value => $unread]);

        return EngineWork::order(new AgreedWork(self::toPlan($sheet, $policy, $facts), [], $option, $pistons));
    }

    /**
     * The order of the recommended plan of an engine that is sound but for what a test says; its bores to .020 where they are said.
     *
     * @param  array<string, array<string, int|float|string|null>>  $changes  By section and place
     * @param  array<int, list<float|int>>  $bores  Thou over the nominal at the six places, by cylinder
     * @param  array<int, Length>  $pistons  Measured, by cylinder
     */
    public static function agreedOrder(string $family, array $changes = [], array $bores = [], array $pistons = []): WorkOrder
    {
        $sheet = self::sheet($family);
        $engine = self::toPlan($sheet, self::policy(), new KnownEngine($sheet, $changes, bores: $bores));
        $choices = EngineChoices::of($engine);
        $codes = $choices->recommended(Preference::Balanced, null)?->codes() ?? throw new LogicException('No plan is allowed.');
        $agreed = [];
        foreach ($codes as $part => $code) {
            $isCut = $part === BoreChoices::CODE && $bores !== [];
            $codes[$part] = $isCut ? 'bore 508000' : $code;
            $choice = $code === 'with_its_host' ? $choices->parts[$part]->choices[0] : $choices->parts[$part]->choice($codes[$part]);
            $agreed[$part] = $choice ?? throw new LogicException("{$part} has no choice {$codes[$part]}.");
        }
        $option = $engine->inspection->bores()->plan?->option($codes[BoreChoices::CODE]);
        $option?->kind === OptionKind::Replace && throw new LogicException('The block is replaced.');

        return EngineWork::order(new AgreedWork($engine, $agreed, $option, $pistons)) ?? throw new LogicException('Nothing is worked.');
    }

    public static function toPlan(SpecificationSheet $sheet, ShopPolicy $policy, KnownEngine $facts): EngineToPlan
    {
        return new EngineToPlan(
            $sheet,
            $policy,
            new EngineInspection($sheet, $policy, $facts),
            $facts->cracks(),
            RunningReport::none(),
            new BuildWishes(),
            Shelf::empty(),
        );
    }
}
