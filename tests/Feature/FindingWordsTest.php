<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\AmountDisplay;
use App\Words\FindingWords;
use App\Words\Labels;
use App\Words\PlannedWorkWords;
use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Features\Heads\ValvePlaces;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Bench;
use Tests\TestCase;

/** Findings and works beside the bores in the words of the trade (VER-3). */
final class FindingWordsTest extends TestCase
{
    private const THOU = 25_400;

    private FindingWords $words;

    protected function setUp(): void
    {
        parent::setUp();
        $this->words = new FindingWords(LengthDisplay::in(LengthUnit::Inch));
    }

    /** @return iterable<string, array{Finding, string}> */
    public static function findings(): iterable
    {
        $thou = static fn (float $count): Amount => Amount::distance(Length::ofNanometres((int) round($count * self::THOU)));
        $held = static fn (Amount $value, Limits $limits, string|Message $said = ''): Finding => Finding::held(
            EnginePart::Crankshaft,
            'JRNL-1',
            Subject::numbered('main', 3),
            Criterion::RunOut,
            $value,
            $limits,
            Remedy::Machine,
            [],
            $said,
        );
        $mass = static fn (int $grams): Amount => Amount::mass($grams * 1_000_000);

        yield 'inside a limit' => [$held($thou(0.8), Limits::atMost($thou(2))), 'Run-out 0.8 thou, limit 2.0: 1.2 thou inside.'];
        yield 'past a limit' => [$held($thou(2.5), Limits::atMost($thou(2))), 'Run-out 2.5 thou, limit 2.0: over by 0.5 thou.'];
        yield 'exactly at it' => [$held($thou(2), Limits::atMost($thou(2))), 'Run-out 2.0 thou, limit 2.0: on the limit, passes.'];
        yield 'past it by a hair' => [
            $held($thou(2.004), Limits::atMost($thou(2))),
            'Run-out 2.0 thou, limit 2.0: out by less than is shown.',
        ];
        yield 'below a least size' => [
            $held(
                Amount::size(Length::ofNanometres(2_490 * self::THOU)),
                Limits::between(Amount::size(Length::ofNanometres(2_500 * self::THOU)), null),
            ),
            'Run-out 2.4900 in, at least 2.5000: under by 10.0 thou.',
        ];
        yield 'between two' => [
            $held(
                Amount::size(Length::ofNanometres(2_499 * self::THOU)),
                Limits::between(
                    Amount::size(Length::ofNanometres(2_498 * self::THOU)),
                    Amount::size(Length::ofNanometres(2_500 * self::THOU)),
                ),
            ),
            'Run-out 2.4990 in, 2.4980 to 2.5000: 1.0 thou inside.',
        ];
        yield 'a mass with a word' => [
            $held($mass(612), Limits::atMost($mass(610)), 'catches a nail'),
            'Run-out 612.0 g, limit 610.0: over by 2.0 g. Catches a nail.',
        ];
        yield 'a finish' => [
            $held(Amount::of(Measurand::Roughness, 180), Limits::atMost(Amount::of(Measurand::Roughness, 400))),
            'Run-out 7 µin, limit 16: 9 µin inside.',
        ];
        yield 'a look that fails' => [
            Finding::failed(
                EnginePart::Head,
                'VALVE-2',
                ValvePlaces::subject(2, 'in'),
                Criterion::ValveDrop,
                'tight',
                Remedy::Machine,
                [],
            ),
            'Valve falls freely: tight.',
        ];
        yield 'a look that holds' => [
            Finding::passed(EnginePart::Head, 'VALVE-3', ValvePlaces::subject(2, 'in'), Criterion::Vacuum, 'holds', []),
            'Vacuum: holds.',
        ];
        yield 'nothing read' => [
            Finding::unread(EnginePart::Block, 'DECK-1', Subject::the('deck'), Criterion::Flatness, []),
            'Flatness: not read.',
        ];
        yield 'nothing read, and why it matters' => [
            Finding::unread(
                EnginePart::Block,
                'DECK-4',
                Subject::the('deck'),
                Criterion::Pits,
                [],
                new Message('findings.reason.pits_depth'),
            ),
            'Pits: not read. Inside the sealing band: their depth decides how much is cut.',
        ];
        yield 'lived with' => [
            Finding::failed(
                EnginePart::Block,
                'DECK-4',
                Subject::the('deck'),
                Criterion::Pits,
                'inside the sealing band',
                Remedy::Machine,
                [],
            )->conceded(),
            'Pits: inside the sealing band, accepted by a signed concession.',
        ];
    }

    #[DataProvider('findings')]
    public function test_a_finding_is_one_sentence(Finding $finding, string $sentence): void
    {
        $this->assertSame($sentence, $this->words->sentence($finding));
    }

    /** @return iterable<string, array{PlannedWork, string}> */
    public static function works(): iterable
    {
        $thou = static fn (int $count): Length => Length::ofNanometres($count * self::THOU);
        yield 'ground under' => [
            PlannedWork::of('JRNL-6', Subject::the('mains'), WorkKind::Grind, $thou(10), $thou(2_489)),
            'Mains: grind .010 under, aim at 2.4890 in.',
        ];
        yield 'polished' => [PlannedWork::of('JRNL-2', Subject::rod(2), WorkKind::Straighten), 'Rod 2: straighten.'];
        yield 'bored in line' => [
            PlannedWork::of('LINE-3', Subject::the('housings'), WorkKind::LineBore, $thou(20), $thou(2_837)),
            'Housings: line bore to +.020, aim at 2.8370 in.',
        ];
        yield 'faced' => [
            PlannedWork::of(
                'DECK-2',
                Subject::of('deck.2', new Message('places.subject.deck_of_bank', ['bank' => 2])),
                WorkKind::Face,
                $thou(3),
                $thou(9_172),
                new Message('findings.also.stamped_at', ['places' => 'pan rail']),
            ),
            'Deck, bank 2: face by 3.0 thou, leaving 9.1720 in. Stamped numbers stand in this face (pan rail): '.
                'keep them where the cut allows, photograph and note them before.',
        ];
        yield 'resized to standard' => [
            PlannedWork::of('ROD-2', Subject::rod(4), WorkKind::Resize, Length::zero(), $thou(2_265)),
            'Rod 4: resize to standard, aim at 2.2650 in.',
        ];
        yield 'made good without a number' => [
            PlannedWork::of('VALVE-2', ValvePlaces::subject(1, 'ex'), WorkKind::Guides),
            'Cylinder 1, exhaust: fit a new guide.',
        ];
    }

    #[DataProvider('works')]
    public function test_a_work_is_said_with_its_step_and_its_target(PlannedWork $work, string $sentence): void
    {
        $this->assertSame($sentence, (new PlannedWorkWords(LengthDisplay::in(LengthUnit::Inch)))->sentence($work));
    }

    public function test_a_close_call_says_what_settles_it(): void
    {
        $finer = Instrument::of(Length::ofNanometres(254), Length::ofNanometres(2_540), Length::ofNanometres(500));
        $words = new FindingWords(LengthDisplay::in(LengthUnit::Inch), ['G-01' => $finer]);
        $sheet = Bench::sheet('tarn-4-198');
        $limit = $sheet->bore->service->outOfRound->nanometres / 25_400;
        $of = static fn (float $inside, float $piston, Criterion $criterion): Finding => BlockAssessment::of(
            $sheet,
            Bench::policy(),
            array_map(static fn (int $cylinder): BoreInspection => Bench::bore($sheet, $cylinder, [$inside, 0, 0, 0, 0, 0], $piston), [
                1,
                2,
                3,
                4,
            ]),
            Length::zero(),
        )->bores[0]->finding($criterion);

        $this->assertStringContainsString(
            'What settles it: read it with G-01, or repeat each reading 3 times or more, scattering by',
            $words->sentence($of($limit - 0.15, 1.6, Criterion::OutOfRound)),
        );
        $this->assertStringContainsString(
            'let a second person read it, and decide',
            $words->sentence($of($limit, 1.6, Criterion::OutOfRound)),
        );
        $clearance = $sheet->bore->service->clearance->nanometres / 25_400;
        $this->assertStringContainsString(
            'take both temperatures',
            $words->sentence($of($clearance - 9_000 / 25_400 - 1.6, 1.6, Criterion::Clearance)),
        );
    }

    public function test_every_code_has_its_words(): void
    {
        foreach (Criterion::cases() as $criterion) {
            $this->assertStringNotContainsString('findings.', Labels::criterion($criterion));
        }
        foreach (WorkKind::cases() as $kind) {
            $this->assertStringNotContainsString('findings.', Labels::work($kind));
        }
    }

    public function test_places_are_named_up_to_a_number_and_counted_from_there(): void
    {
        $places = array_map(static fn (int $number): Place => Place::at(JournalFeature::RunOut, $number), range(1, 5));
        $this->assertSame('', $this->words->places([]));
        $this->assertSame('main 1, run-out', $this->words->places(array_slice($places, 0, 1)));
        $this->assertSame('main 1, run-out; main 2, run-out; main 3, run-out', $this->words->places(array_slice($places, 0, 3)));
        $this->assertSame('main 1, run-out; main 2, run-out; main 3, run-out and 2 more', $this->words->places($places));
        $this->assertSame('main 1, run-out and 4 more', $this->words->places($places, 1));
    }

    public function test_every_kind_of_amount_is_shown_as_the_trade_writes_it(): void
    {
        $inch = new AmountDisplay(LengthDisplay::in(LengthUnit::Inch));
        $metric = new AmountDisplay(LengthDisplay::in(LengthUnit::Millimetre));
        $shown = static fn (Measurand $measurand, int|float $value): array => [
            $inch->withUnit(Amount::of($measurand, $value)),
            $metric->withUnit(Amount::of($measurand, $value)),
        ];
        $this->assertSame(['3.8125 in', '96.838 mm'], $shown(Measurand::Size, 96_837_500));
        $this->assertSame(['1.0 thou', '25 µm'], $shown(Measurand::Distance, 25_400));
        $this->assertSame(["\u{2212}1.0 thou", "\u{2212}25 µm"], $shown(Measurand::Offset, -25_400));
        $this->assertSame("\u{2212}1.0 thou", $shown(Measurand::Distance, -25_400)[0], 'a distance below nothing keeps its sign');
        $this->assertSame(['612.0 g', '612.0 g'], $shown(Measurand::Mass, 612_000_000));
        $this->assertSame(['7 µin', '0.18 µm'], $shown(Measurand::Roughness, 180));
        $this->assertSame('64.5 cc', $shown(Measurand::Volume, 64_500.0)[0]);
        $this->assertSame('1.0 thou', $inch->difference(Amount::of(Measurand::Size, -25_400)), 'a difference of sizes has no sign');
        $this->assertSame('', $inch->limits(Limits::between(null, null)));
    }
}
