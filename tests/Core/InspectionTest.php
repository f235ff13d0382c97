<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Crankshaft\CrankshaftJudge;
use NorthLedger\Core\Features\Faces\FaceGrid;
use NorthLedger\Core\Features\Faces\FaceJudge;
use NorthLedger\Core\Features\Faces\FaceKind;
use NorthLedger\Core\Features\Housings\HousingFeature;
use NorthLedger\Core\Features\Housings\HousingPlaces;
use NorthLedger\Core\Features\Volumes\Compression;
use NorthLedger\Core\Features\Weights\WeightJudge;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\SectionJudgement;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The sheets beside the bores: what there is to read, and what is judged and planned of it (JRNL, LINE, ROD, DECK, VALVE, BAL, COMP). */
final class InspectionTest extends TestCase
{
    private const THOU = 25_400;

    private SpecificationSheet $vee;

    private MeasuredEngine $engine;

    protected function setUp(): void
    {
        $this->vee = Bench::sheet('brae-v8-311');
        $this->engine = new MeasuredEngine($this->vee);
    }

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'sorrel-f4', 'cairn-l4-144', 'quern-3-16'] as $family) {
            yield $family => [$family];
        }
    }

    #[DataProvider('families')]
    public function test_every_place_of_every_sheet_has_a_key_that_reads_back_and_a_gauge_that_reaches_it(string $family): void
    {
        $sheet = Bench::sheet($family);
        foreach (Section::beside() as $section) {
            $plan = InspectionPlan::of($section, $sheet);
            $walk = $plan->walk();
            $this->assertSame(count($walk), count(array_unique(array_map(static fn ($one): string => $one->place->key, $walk))));
            foreach ($plan->all() as $key => $one) {
                $this->assertEquals($one->place, Place::parse($key));
                $this->assertSame($one, $plan->find(Place::parse($key)));
                $this->assertLessThanOrEqual(40, strlen($key), 'it fits the column it is stored in');
                $kind = UsualGauge::of($one->place->feature, $one->nominal);
                $this->assertTrue(
                    $one->nominal === null || ! $kind->showsSizes() || $kind->range()->reaches($one->nominal),
                    "{$kind->value} for {$key}",
                );
            }
        }
    }

    #[DataProvider('families')]
    public function test_a_sound_engine_is_serviceable_on_every_sheet_and_nothing_is_known_of_an_unread_one(string $family): void
    {
        $sheet = Bench::sheet($family);
        $engine = new MeasuredEngine($sheet);
        foreach ([Section::Crankshaft, Section::Housings, Section::Rods, Section::Deck, Section::Heads] as $section) {
            $read = $this->judge($sheet, $section, $engine->measurements($section));
            $this->assertSame(
                PartVerdict::Serviceable,
                $read->verdict(),
                $section->value.': '.implode(' ', array_map(static fn (Finding $finding): string => $finding->key(), $read->failures())),
            );
            $this->assertTrue($read->isSettled());
            $empty = $this->judge($sheet, $section, Measurements::none());
            $this->assertSame(PartVerdict::NotYetKnown, $empty->verdict());
            $needed = array_filter(InspectionPlan::of($section, $sheet)->walk(), static fn ($one): bool => $one->isNeeded);
            $this->assertEqualsCanonicalizing(
                array_values(array_map(static fn ($one): string => $one->place->key, $needed)),
                array_map(static fn (Place $place): string => $place->key, $empty->missing()),
                'what a verdict needs is what is missing',
            );
        }
    }

    #[DataProvider('families')]
    public function test_housings_are_measured_clear_of_oil_holes_and_dowels(string $family): void
    {
        $spec = Bench::sheet($family)->housings;
        foreach (range(1, $spec->count) as $housing) {
            $directions = HousingPlaces::directions($spec, $housing);
            $this->assertCount(4, array_unique($directions));
            foreach ($spec->noGo as $noGo) {
                foreach ($noGo->housing === $housing ? $directions : [] as $degrees) {
                    $this->assertFalse($noGo->liesOn($degrees));
                }
            }
        }
    }

    public function test_mains_and_rod_journals_go_to_their_own_undersizes(): void
    {
        $judged = $this->crankshaft([
            'main.3.front.0' => $this->main(-35),
            'pin.2.front.0' => $this->pin(-65),
            'pinscore.2' => 2 * self::THOU,
        ]);
        $this->assertSame(PartVerdict::Recondition, $judged->verdict());
        $this->assertSame(
            [['mains', WorkKind::Grind, 254_000, 63_220_600], ['rods', WorkKind::Grind, 508_000, 53_454_300]],
            array_map(
                static fn (PlannedWork $work): array => [
                    $work->about->code,
                    $work->kind,
                    $work->step?->nanometres,
                    $work->target?->nanometres,
                ],
                $judged->works,
            ),
        );
        $size = $this->finding($judged, 'main.3', Criterion::Size);
        $this->assertSame([-3 * self::THOU, Outcome::Fail], [$size->margin?->value, $size->outcome]);
    }

    public function test_a_journal_beyond_the_last_undersize_is_welded_or_replaced(): void
    {
        $judged = $this->crankshaft(['pin.1.rear.90' => $this->pin(-400)]);
        $this->assertSame(PartVerdict::Repair, $judged->verdict());
        $this->assertSame('JRNL-5', $this->finding($judged, 'rods', Criterion::Undersize)->rule);
        $this->assertSame(WorkKind::WeldOrReplace, $judged->works[1]->kind);
    }

    public function test_more_wear_never_asks_for_a_smaller_undersize(): void
    {
        $chance = new Randomizer(new Mt19937(7));
        for ($round = 0; $round < 30; $round++) {
            $journal = $chance->getInt(1, 5);
            $wear = $chance->getInt(0, 200);
            $more = $wear + $chance->getInt(1, 80);
            $this->assertGreaterThanOrEqual(
                $this->undersize($journal, $wear),
                $this->undersize($journal, $more),
                "main {$journal}: {$wear} and {$more} tenths",
            );
        }
    }

    public function test_a_bent_crankshaft_and_one_polished_like_a_mirror(): void
    {
        $judged = $this->crankshaft(['runout.3' => 3 * self::THOU, 'mainra.2' => 40, 'snout.1' => 1 * self::THOU]);
        $this->assertSame(Outcome::Fail, $this->finding($judged, 'main.3', Criterion::RunOut)->outcome);
        $this->assertSame(Outcome::Pass, $this->finding($judged, 'crankshaft', Criterion::SnoutRunOut)->outcome);
        $this->assertSame(Outcome::Fail, $this->finding($judged, 'main.2', Criterion::Finish)->outcome);
        $mirror = (new CrankshaftJudge($this->vee, Bench::policy(['mirror_finish' => 'accepted']), Measurements::none()))->judge(
            $this->engine->measurements(Section::Crankshaft, ['mainra.2' => 40]),
        );
        $this->assertSame(Outcome::Pass, $this->finding($mirror, 'main.2', Criterion::Finish)->outcome, 'the other school');
    }

    public function test_oil_clearance_is_the_housings_less_two_shells_less_the_journal_and_the_strip_only_checks_it(): void
    {
        $bearings = $this->engine->measurements(Section::Housings);
        $judge = new CrankshaftJudge($this->vee, Bench::policy(), $bearings);
        $strip = ['mainstrip.1' => (int) (9 * self::THOU)];
        $judged = $judge->judge($this->engine->measurements(Section::Crankshaft, $strip));
        $clearance = $this->finding($judged, 'main.1', Criterion::OilClearance);
        // 2.6910 − 2 × .0946 − 2.4990 at the loosest, as far inside .0008 to .0040 as the tightest is.
        $this->assertSame((int) (2.8 * self::THOU), $clearance->value?->value);
        $this->assertSame('JRNL-8', $clearance->rule);
        $this->assertSame(PartVerdict::NotYetKnown, $judged->verdict(), 'the strip says nine thou: somebody has to decide');
        $this->assertSame(Outcome::Fail, $this->finding($judged, 'main.1', Criterion::PlasticStrip)->outcome);
    }

    public function test_a_crankpin_carries_the_rods_that_stand_over_it_however_the_cylinders_are_numbered(): void
    {
        $document = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/resources/specs/brae-v8-311.json'), true);
        foreach ([[[[1, 3, 5, 7], [2, 4, 6, 8]], 2], [[[1, 2, 3, 4], [5, 6, 7, 8]], 5]] as [$banks, $besideOne]) {
            $sheet = SpecificationSheet::fromArray(['layout' => ['kind' => 'vee', 'banks' => $banks]] + $document);
            $bigEnds = fn (int $rod): Measurements => $this->engine->measurements(Section::Rods, ["bigend.{$rod}.rear.90" => 60_000_000]);
            $ofPin = fn (Measurements $bearings): ?int => $this->finding(
                (new CrankshaftJudge($sheet, Bench::policy(), $bearings))->judge($this->engine->measurements(Section::Crankshaft)),
                'pin.1',
                Criterion::OilClearance,
            )->value?->value;
            foreach (range(2, 8) as $rod) {
                $hasMoved = $ofPin($bigEnds($rod)) !== $ofPin($this->engine->measurements(Section::Rods));
                $this->assertSame($rod === $besideOne, $hasMoved, "rod {$rod}");
            }
        }
    }

    public function test_a_hardened_case_that_grinding_goes_through_is_treated_anew_or_replaced(): void
    {
        $sheet = Bench::sheet('sorrel-f4');
        $case = (new MeasuredEngine($sheet))->measurements(Section::Crankshaft, ['main.2.front.0' => 54_980_000 - 60_000]);
        $this->assertSame(PartVerdict::Recondition, $this->judge($sheet, Section::Crankshaft, $case)->verdict());
        $deep = (new MeasuredEngine($sheet))->measurements(Section::Crankshaft, ['main.2.front.0' => 54_980_000 - 300_000]);
        $judged = $this->judge($sheet, Section::Crankshaft, $deep);
        $this->assertSame(
            [PartVerdict::Recondition, 500_000],
            [$judged->verdict(), $judged->works[0]->step?->nanometres],
            'a quarter millimetre a side leaves a tenth of the case',
        );
    }

    public function test_a_feeler_at_the_parting_face_scraps_the_case_and_ends_the_reading(): void
    {
        $sheet = Bench::sheet('sorrel-f4');
        $judged = $this->judge(
            $sheet,
            Section::Housings,
            (new MeasuredEngine($sheet))->measurements(Section::Housings, ['gap.2' => 38_000, 'housing.4.45' => null]),
        );
        $this->assertSame(PartVerdict::Scrap, $judged->verdict());
        $this->assertTrue($judged->isSettled(), 'nothing that is still unread changes that');
        $thinner = $this->judge(
            $sheet,
            Section::Housings,
            (new MeasuredEngine($sheet))->measurements(Section::Housings, ['gap.2' => 37_999]),
        );
        $this->assertSame(PartVerdict::Serviceable, $thinner->verdict());
    }

    public function test_an_imprint_or_a_step_in_the_line_asks_for_line_boring_and_the_last_step_scraps(): void
    {
        $sheet = Bench::sheet('sorrel-f4');
        $flat = new MeasuredEngine($sheet);
        $judged = $this->judge(
            $sheet,
            Section::Housings,
            $flat->measurements(Section::Housings, ['imprint.2' => Looks::IMPRINT, 'offset.3' => 21_000]),
        );
        $this->assertSame(
            [PartVerdict::Recondition, WorkKind::LineBore, 250_000],
            [$judged->verdict(), $judged->works[0]->kind, $judged->works[0]->step?->nanometres],
        );
        $this->assertSame(Outcome::Fail, $this->finding($judged, 'line', Criterion::StepToNeighbour)->outcome);
        $this->assertSame(Outcome::Pass, $this->finding($judged, 'line', Criterion::StepOverall)->outcome);
        $atLast = array_fill_keys(
            array_map(
                static fn ($one): string => $one->place->key,
                array_filter(
                    InspectionPlan::of(Section::Housings, $sheet)->walk(),
                    static fn ($one): bool => $one->place->feature === HousingFeature::Housing,
                ),
            ),
            60_509_500,
        );
        $this->assertSame(
            PartVerdict::Serviceable,
            $this->judge($sheet, Section::Housings, $flat->measurements(Section::Housings, $atLast))->verdict(),
        );
        $this->assertSame(
            PartVerdict::Scrap,
            $this->judge(
                $sheet,
                Section::Housings,
                $flat->measurements(Section::Housings, ['imprint.1' => Looks::STEP] + $atLast),
            )->verdict(),
        );
        $caps = $this->judge(
            $this->vee,
            Section::Housings,
            $this->engine->measurements(Section::Housings, ['imprint.2' => Looks::IMPRINT]),
        );
        $this->assertSame(
            [WorkKind::LineBore],
            array_map(static fn (PlannedWork $work): WorkKind => $work->kind, $caps->works),
            'one of the two, never both',
        );
    }

    public function test_without_torqued_caps_a_housing_and_a_big_end_are_not_read(): void
    {
        foreach ([Section::Housings, Section::Rods] as $section) {
            $judged = $this->judge($this->vee, $section, $this->engine->measurements($section, capsTorqued: false));
            $this->assertSame(PartVerdict::NotYetKnown, $judged->verdict());
            $this->assertNotEmpty($judged->missing());
        }
    }

    public function test_the_odd_rod_is_named_with_what_comes_off_which_end(): void
    {
        $judged = $this->judge(
            $this->vee,
            Section::Rods,
            $this->engine->measurements(Section::Rods, ['bigendmass.3' => 507_000_000, 'smallendmass.3' => 501_500_000]),
        );
        $this->assertSame(PartVerdict::Recondition, $judged->verdict());
        $this->assertSame(
            ['rod.3', WorkKind::Balance, ['big' => '7.0', 'small' => '1.5']],
            [$judged->works[0]->about->code, $judged->works[0]->kind, $judged->works[0]->said?->with],
        );
        $light = $this->judge($this->vee, Section::Rods, $this->engine->measurements(Section::Rods, ['bigendmass.6' => 490_000_000]));
        $this->assertSame(['rod.6', WorkKind::Replace], [$light->works[0]->about->code, $light->works[0]->kind]);
        $this->assertEquals(new Message('findings.also.lightest', ['mass' => '10.0']), $light->works[0]->said);
    }

    public function test_no_rod_is_told_to_lose_more_than_the_shop_takes_off_one(): void
    {
        $most = intdiv(Bench::policy()->mostOffARod->micrograms, 1_000_000);
        $spread = intdiv($this->vee->rods->spread->micrograms ?? 0, 1_000_000);
        for ($heavier = 1; $heavier <= 40; $heavier++) {
            $readings = ['bigendmass.3' => (500 + $heavier) * 1_000_000];
            $works = $this->judge($this->vee, Section::Rods, $this->engine->measurements(Section::Rods, $readings))->works;
            $this->assertSame(
                match (true) {
                    $heavier <= $spread => [],
                    $heavier - $spread > $most => [WorkKind::Replace],
                    default => [WorkKind::Balance],
                },
                array_map(static fn (PlannedWork $work): WorkKind => $work->kind, $works),
                "{$heavier} g heavier",
            );
            foreach ($works as $work) {
                $this->assertLessThanOrEqual($most, (float) ($work->said->with['big'] ?? 0));
            }
        }
    }

    public function test_a_rod_out_of_true_is_straightened_one_of_another_length_is_replaced(): void
    {
        $judged = $this->judge(
            $this->vee,
            Section::Rods,
            $this->engine->measurements(Section::Rods, [
                'bend.2' => 3 * self::THOU,
                'bigend.4.rear.90' => $this->vee->rods->bigEnd->most->nanometres + self::THOU,
                'smallend.5.0' => 0 + $this->vee->rods->smallEnd->most->nanometres + self::THOU,
            ]),
        );
        $this->assertSame(
            [['rod.2', WorkKind::Straighten], ['rod.4', WorkKind::Resize], ['rod.5', WorkKind::Rebush]],
            array_map(static fn (PlannedWork $work): array => [$work->about->code, $work->kind], $this->sorted($judged->works)),
        );
        $this->assertSame(PartVerdict::Recondition, $judged->verdict());
        $long = $this->judge(
            $this->vee,
            Section::Rods,
            $this->engine->measurements(Section::Rods, [
                'centres.1' => $this->vee->rods->centreDistance->most->nanometres + 20 * self::THOU,
            ]),
        );
        $this->assertSame(PartVerdict::Scrap, $long->verdict());
    }

    public function test_flatness_is_not_changed_by_tilting_or_shifting_the_face(): void
    {
        $chance = new Randomizer(new Mt19937(11));
        $points = FaceGrid::of($this->vee->deck ?? $this->vee->head, 4)->points;
        for ($round = 0; $round < 12; $round++) {
            $heights = array_map(static fn (): int => $chance->getInt(0, 120_000), $points);
            $tilt = [$chance->getInt(-3, 3) / 1000, $chance->getInt(-3, 3) / 1000, $chance->getInt(-50_000, 50_000)];
            $tilted = array_map(
                static fn (array $point, int $z): int => (int) round(
                    $z + ($tilt[0] * $point[0]) / 10 + ($tilt[1] * $point[1]) / 10 + $tilt[2],
                ),
                $points,
                $heights,
            );
            $this->assertEqualsWithDelta(
                $this->flatness(array_combine(array_keys($points), $heights)),
                $this->flatness(array_combine(array_keys($points), $tilted)),
                3,
            );
        }
    }

    public function test_a_hollow_deck_is_cut_by_its_flatness_and_a_pit_in_the_band_adds_to_it(): void
    {
        $hollow = ['deck.1.b5' => -5 * self::THOU];
        $judged = $this->judge(
            $this->vee,
            Section::Deck,
            $this->engine->measurements(Section::Deck, $hollow + ['deckstamp.1' => Looks::STAMPED], kind: InstrumentKind::DepthMicrometer),
        );
        $this->assertSame(PartVerdict::Recondition, $judged->verdict());
        $cut = $judged->works[0]->step->nanometres ?? 0;
        $this->assertGreaterThan(3 * self::THOU, $cut);
        $this->assertSame('findings.also.stamped', $judged->works[0]->said?->code);
        $pitted = $this->judge(
            $this->vee,
            Section::Deck,
            $this->engine->measurements(
                Section::Deck,
                $hollow + ['deckpits.1' => Looks::INSIDE_BAND, 'deckpit.1' => 2 * self::THOU],
                kind: InstrumentKind::DepthMicrometer,
            ),
        );
        $this->assertSame($cut + 2 * self::THOU, $pitted->works[0]->step?->nanometres);
        $outside = $this->judge(
            $this->vee,
            Section::Deck,
            $this->engine->measurements(Section::Deck, ['deckpits.1' => Looks::OUTSIDE_BAND], kind: InstrumentKind::DepthMicrometer),
        );
        $this->assertSame(PartVerdict::Serviceable, $outside->verdict(), 'it may stay');
    }

    public function test_numbers_that_the_sheet_says_are_stamped_warn_of_the_cut_until_somebody_saw_none(): void
    {
        $document = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/resources/specs/brae-v8-311.json'), true);
        $document['stamped'] = [['face' => 'right deck', 'x' => 60, 'y' => 120, 'words' => 'engine number']];
        $sheet = SpecificationSheet::fromArray($document);
        $warned = function (array $changes) use ($sheet): array {
            $measurements = $this->engine->measurements(Section::Deck, $changes, kind: InstrumentKind::DepthMicrometer);

            $said = new Message('findings.also.stamped_at', ['places' => 'engine number']);

            return array_map(
                static fn (PlannedWork $work): bool => $work->said == $said,
                $this->judge($sheet, Section::Deck, $measurements)->works,
            );
        };
        $hollow = ['deck.1.b5' => -5 * self::THOU, 'deck.2.b5' => -5 * self::THOU];
        $this->assertSame([false, true], $warned($hollow + ['deckstamp.2' => null]), 'nobody has looked');
        $this->assertSame([false, false], $warned($hollow + ['deckstamp.2' => 'none']));
        $this->assertSame([false, true], $warned($hollow + ['deckstamp.2' => Looks::STAMPED]));
        $turned = [
            'layout' => ['kind' => 'in-line', 'banks' => [[4, 3, 2, 1]]],
            'stamped' => [['face' => 'deck'] + $document['stamped'][0]],
        ];
        $inLine = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/resources/specs/tarn-4-198.json'), true);
        $this->assertCount(1, SpecificationSheet::fromArray($turned + $inLine)->stampedPlacesOf(1));
        $this->expectExceptionMessage('refusal.expected.deck_of_the_layout');
        SpecificationSheet::fromArray(['stamped' => [['face' => 'deck'] + $document['stamped'][0]]] + $document);
    }

    public function test_a_deck_without_stock_is_scrap_unless_only_a_pit_asks_for_it(): void
    {
        $least = $this->vee->deck?->minimumHeight->nanometres ?? 0;
        $low = ['deckheight.1' => $least + 2 * self::THOU];
        $this->assertSame(
            PartVerdict::Scrap,
            $this->judge(
                $this->vee,
                Section::Deck,
                $this->engine->measurements(Section::Deck, $low + ['deck.1.b5' => -5 * self::THOU]),
            )->verdict(),
        );
        $this->assertSame(
            PartVerdict::Repair,
            $this->judge(
                $this->vee,
                Section::Deck,
                $this->engine->measurements(Section::Deck, $low + ['deckpits.1' => Looks::INSIDE_BAND, 'deckpit.1' => 4 * self::THOU]),
            )->verdict(),
        );
        $this->assertSame(
            PartVerdict::Serviceable,
            $this->judge($this->vee, Section::Deck, $this->engine->measurements(Section::Deck, $low))->verdict(),
        );
    }

    public function test_a_deck_that_is_not_square_shows_at_the_corners_and_side_valves_sink_with_the_cut(): void
    {
        $judged = $this->judge($this->vee, Section::Deck, $this->engine->measurements(Section::Deck, ['todeck.8' => 5 * self::THOU]));
        $this->assertSame(
            ['DECK-6', Outcome::Fail],
            [
                $this->finding($judged, 'corners', Criterion::CornerSpread)->rule,
                $this->finding($judged, 'corners', Criterion::CornerSpread)->outcome,
            ],
        );
        $side = Bench::sheet('cairn-l4-144');
        $cut = $this->judge(
            $side,
            Section::Deck,
            (new MeasuredEngine($side))->measurements(Section::Deck, ['deck.1.b5' => -8 * self::THOU]),
        );
        $this->assertSame('findings.also.seats_lower', $cut->works[0]->said?->code);
        $this->assertSame([FaceKind::Deck->part()], [$this->finding($cut, 'deck.1', Criterion::Flatness)->part]);
    }

    public function test_guides_seats_and_lifters(): void
    {
        $most = $this->vee->exhaust->guide->most->nanometres;
        $judged = $this->judge(
            $this->vee,
            Section::Heads,
            $this->engine->measurements(Section::Heads, [
                'guide.4.ex' => $most + 2 * self::THOU,
                'drop.2.in' => Looks::TIGHT,
                'vacuum.6.ex' => Looks::FALLS,
                'guideheight.7.in' => $this->vee->intake->guideHeight->most->nanometres + 2 * self::THOU,
            ]),
        );
        $failed = array_map(static fn (Finding $finding): string => "{$finding->rule} {$finding->about->code}", $judged->failures());
        sort($failed);
        $this->assertSame(
            [
                'VALVE-1 guides.in',
                'VALVE-1 valve.7.in',
                'VALVE-2 valve.2.in',
                'VALVE-2 valve.2.in',
                'VALVE-2 valve.4.ex',
                'VALVE-3 valve.6.ex',
            ],
            $failed,
            'a valve that sticks beside a clearance that measures fine is asked about',
        );
        $lifters = $this->judge(
            $this->vee,
            Section::Housings,
            $this->engine->measurements(Section::Housings, [
                'lifterbore.9' => ($this->vee->lifters?->bore->most->nanometres ?? 0) + 2 * self::THOU,
                'lifterfeel.3' => Looks::LOOSE,
                'lifterbore.3' => null,
                'lifter.3' => null,
            ]),
        );
        $this->assertSame(
            ['lifter.3', 'lifter.9'],
            array_map(static fn (Finding $finding): string => $finding->about->code, $lifters->failures()),
            'they run in the block, and a feel is enough',
        );
        $this->assertSame('block', $this->finding($lifters, 'lifter.9', Criterion::Play)->part->value);
        $this->assertSame('head', $this->finding($judged, 'valve.4.ex', Criterion::StemClearance)->part->value);
    }

    public function test_a_guide_is_pressed_reamed_or_new_by_what_is_wrong_with_it(): void
    {
        [$intake, $exhaust] = [$this->vee->intake, $this->vee->exhaust];
        $stem = $exhaust->stem->most->nanometres;
        $works = $this->judge(
            $this->vee,
            Section::Heads,
            $this->engine->measurements(Section::Heads, [
                'guideheight.1.in' => $intake->guideHeight->middle()->nanometres + 45 * self::THOU,
                'guideheight.2.in' => $intake->guideHeight->middle()->nanometres - 30 * self::THOU,
                'stem.3.ex' => $stem,
                'guide.3.ex' => $stem + self::THOU / 2,
                'drop.3.ex' => Looks::TIGHT,
                'drop.5.ex' => Looks::TIGHT,
                'guide.4.ex' => $exhaust->guide->most->nanometres + 3 * self::THOU,
                'guideheight.4.ex' => $exhaust->guideHeight->most->nanometres + 30 * self::THOU,
            ]),
        )->works;
        $this->assertSame(
            [
                ['valve.1.in', WorkKind::PressGuide, 45 * self::THOU],
                ['valve.2.in', WorkKind::PressGuide, -30 * self::THOU],
                ['valve.3.ex', WorkKind::ReamGuide, null],
                ['valve.4.ex', WorkKind::Guides, null],
            ],
            array_map(
                static fn (PlannedWork $work): array => [$work->about->code, $work->kind, $work->step?->nanometres],
                array_filter($works, static fn (PlannedWork $work): bool => str_starts_with($work->about->code, 'valve.')),
            ),
            'a new guide is put in at its height; a valve that sticks beside a clearance that measures fine is looked at again',
        );
        $this->assertEquals($intake->guideHeight->middle(), $works[0]->target);
        $this->assertSame($stem + $exhaust->stemClearance->middle()->nanometres, $works[2]->target?->nanometres, 'to its own stem');
    }

    public function test_the_bobweight_takes_what_was_weighed_and_the_sheet_for_the_rest(): void
    {
        $asNew = (new WeightJudge($this->vee, Measurements::none()))->bobweight();
        $this->assertSame(2 * (425 + 44 + 4) + 2 * 0.5 * (548 + 148 + 38 + 1.6 + 175), $asNew->total->micrograms / 1e6);
        $scale = $this->engine->measurements(Section::Weights)->plus($this->engine->measurements(Section::Rods));
        $judge = new WeightJudge($this->vee, $scale);
        $this->assertSame(['pistons', 'pins', 'rings', 'locks', 'rods'], array_keys($judge->kinds()));
        $this->assertSame(2 * (500 + 44 + 4) + 500 * 5, (int) ($judge->bobweight()->total->micrograms / 1e6));
        $this->assertSame([2, 0], [$judge->rodsPerPin(), $judge->match()?->cylinderSpread->micrograms]);
        $this->assertSame([], $judge->missing());
    }

    public function test_the_ratio_follows_what_was_measured_and_the_cut_that_is_asked_for_gives_it(): void
    {
        $volumes = $this->engine->measurements(Section::Volumes, ['chamber.1' => 66_000.0]);
        $faces = $this->engine->measurements(Section::Deck, ['todeck.1' => 10 * self::THOU, 'todeck.7' => 40 * self::THOU]);
        $compression = new Compression($this->vee, $volumes, $faces);
        $bore = $this->vee->bore->nominal;
        $this->assertSame(20 * self::THOU, $compression->deckClearance(3)->nanometres, 'a third of the way from corner to corner');
        $asNew = (new Compression($this->vee, Measurements::none(), Measurements::none()))->ratio(2, $bore, Length::zero(), Length::zero());
        $this->assertEqualsWithDelta($this->vee->volumes->ratio, $asNew, 0.05);
        $this->assertGreaterThan(
            $compression->ratio(3, $bore, Length::zero(), Length::zero()),
            $compression->ratio(1, $bore, Length::zero(), Length::zero()),
        );
        $this->assertGreaterThan(
            $compression->ratio(1, $bore, Length::zero(), Length::zero()),
            $compression->ratio(1, $bore, Length::ofNanometres(5 * self::THOU), Length::zero()),
        );
        $wanted = $compression->chamberFor(1, 9.5, $bore, Length::zero());
        $cut = (($compression->chamber(1)->cubicMillimetres - $wanted->cubicMillimetres) / $compression->chamberArea()) * 1_000_000;
        $this->assertEqualsWithDelta(9.5, $compression->ratio(1, $bore, Length::zero(), Length::ofNanometres((int) round($cut))), 0.001);
        $this->assertSame(
            INF,
            $compression->ratio(1, $bore, Length::ofNanometres(2_000_000_000), Length::zero()),
            'nothing is left above the piston',
        );
    }

    private function judge(SpecificationSheet $sheet, Section $section, Measurements $measurements): SectionJudgement
    {
        return Bench::judge($section, $sheet)->judge($measurements);
    }

    /** @param  array<string, int>  $changes */
    private function crankshaft(array $changes): SectionJudgement
    {
        return $this->judge($this->vee, Section::Crankshaft, $this->engine->measurements(Section::Crankshaft, $changes));
    }

    /** In tenths of a thou off the middle of the range. */
    private function main(int $tenths): int
    {
        return 63_474_600 + $tenths * 2_540;
    }

    private function pin(int $tenths): int
    {
        return 53_962_300 + $tenths * 2_540;
    }

    private function undersize(int $journal, int $wear): int
    {
        $work = $this->crankshaft(["main.{$journal}.rear.0" => $this->main(-$wear)])->works[0];

        return $work->kind === WorkKind::WeldOrReplace ? PHP_INT_MAX : $work->step->nanometres ?? 0;
    }

    /** @param  array<string, int>  $heights  By spot */
    private function flatness(array $heights): int
    {
        $changes = [];
        foreach ($heights as $spot => $height) {
            $changes["deck.1.{$spot}"] = $height;
        }
        $face = (new FaceJudge($this->vee, Bench::policy()))->faces($this->engine->measurements(Section::Deck, $changes))[0];

        return $face->plan()?->flatness()->nanometres ?? -1;
    }

    private function finding(SectionJudgement $judged, string $subject, Criterion $criterion): Finding
    {
        foreach ($judged->findings as $finding) {
            if ($finding->about->code === $subject && $finding->criterion === $criterion) {
                return $finding;
            }
        }
        $this->fail("There is no finding on {$criterion->value} of {$subject}.");
    }

    /**
     * @param  list<PlannedWork>  $works
     * @return list<PlannedWork>
     */
    private function sorted(array $works): array
    {
        usort($works, static fn (PlannedWork $a, PlannedWork $b): int => $a->about->code <=> $b->about->code);

        return $works;
    }
}
