<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Stages\Work\CellState;
use App\Words\ChangeWords;
use App\Words\FindingWords;
use App\Words\Line;
use App\Words\OperationWords;
use App\Words\OptionWords;
use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\NextReading;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Assessment\WouldStay;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Policy\GrindAim;
use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BoreJudge;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\CrackLook;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\Pistons;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Features\Bores\ScoringLook;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\Money;
use NorthLedger\Core\Work\Caution;
use NorthLedger\Core\Work\Fixture;
use NorthLedger\Core\Work\Machine;
use NorthLedger\Core\Work\NoteKind;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkPart;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Bench;
use Tests\TestCase;

/** What is said, in the trade's words and in whole sentences. */
final class WordsTest extends TestCase
{
    /** @return iterable<string, array{NextReason, ?Place, list<int>, string}> */
    public static function proposals(): iterable
    {
        $place = BorePlace::bore(4, Station::Top, Axis::Thrust);
        yield 'the worst place' => [NextReason::WorstPlaceFirst, $place, [], 'Cylinder 4, top, thrust: worst place first.'];
        yield 'the step' => [
            NextReason::ShowsTheStep,
            BorePlace::bore(2, Station::Bottom, Axis::Thrust),
            [],
            'Cylinder 2, bottom, thrust: the least worn place shows which size the bore was made to.',
        ];
        yield 'the step, everything read' => [
            NextReason::ShowsTheStep,
            null,
            [],
            'Declare the size step with its evidence: the readings do not show it.',
        ];
        yield 'condemning, two spared' => [
            NextReason::CouldCondemn,
            $place,
            [1, 2],
            'Cylinder 4, top, thrust can still show that it cannot stay. What is not read of cylinders 1 and 2 cannot change it.',
        ];
        yield 'the size, one spared' => [
            NextReason::CouldChangeSize,
            $place,
            [3],
            'Cylinder 4, top, thrust can still change the size. What is not read of cylinder 3 cannot change it.',
        ];
        yield 'completing' => [
            NextReason::CompletesStaying,
            BorePlace::piston(1),
            [],
            'Cylinder 1, piston is still needed before it may stay.',
        ];
        yield 'nothing' => [
            NextReason::NothingCanChange,
            null,
            [1, 2, 3, 4],
            'No further reading of the bores can change their verdict or their size.',
        ];
    }

    /** @param  list<int>  $spared */
    #[DataProvider('proposals')]
    public function test_the_proposal_says_why(NextReason $reason, ?Place $place, array $spared, string $sentence): void
    {
        $this->assertSame($sentence, $this->words()->next(new NextReading($place, $reason, $spared)));
    }

    public function test_every_verdict_preference_and_school_is_explained_in_a_sentence(): void
    {
        $sentences = [
            ...array_map(fn (PartVerdict $verdict): string => $this->words()->verdict($verdict), PartVerdict::cases()),
            ...array_map(
                static fn (Preference $one): string => Line::ofCode('policy.settings.preference.choices', $one),
                Preference::cases(),
            ),
            ...array_map(static fn (GrindAim $one): string => Line::ofCode('policy.settings.grind_aim.choices', $one), GrindAim::cases()),
        ];
        $this->assertSame($sentences, array_unique($sentences));
        foreach ($sentences as $sentence) {
            $this->assertMatchesRegularExpression('/^[A-Z].+\.$/u', $sentence);
            $this->assertStringNotContainsString('!', $sentence);
        }
    }

    public function test_options_are_called_as_the_shop_calls_them(): void
    {
        $option = static fn (OptionKind $kind, int $step, array $sleeved): ReboreOption => new ReboreOption(
            $kind,
            Length::ofNanometres($step),
            Length::zero(),
            [],
            [],
            $sleeved,
            null,
            [],
            0,
            Money::zero(),
            0,
        );
        $say = fn (ReboreOption $one): string => $this->optionWords()->option($one).', '.$this->optionWords()->sleeves($one);

        $this->assertSame('Stay at standard, hone and re-ring', $say($option(OptionKind::Stay, 0, [])));
        $this->assertSame('Stay at +.030, sleeve 2', $say($option(OptionKind::Stay, 762_000, [2])));
        $this->assertSame('Bore to +.020, no sleeves', $say($option(OptionKind::Bore, 508_000, [])));
        $this->assertSame('Bore to +.060, sleeve 1, 2 and 4', $say($option(OptionKind::Bore, 1_524_000, [1, 2, 4])));
        $this->assertSame('Replace the block, standard block', $say($option(OptionKind::Replace, 0, [])));
    }

    /** @return iterable<array{int, string}> */
    public static function amounts(): iterable
    {
        yield [0, '0'];
        yield [95_000, '950'];
        yield [180_000, '1 800'];
        yield [123_450, '1 234.50'];
        yield [5, '0.05'];
    }

    #[DataProvider('amounts')]
    public function test_money_is_written_without_empty_pence(int $minor, string $shown): void
    {
        $this->assertSame($shown, VerdictWords::money($minor));
    }

    /** @return iterable<string, array{BoreLooks, Criterion, string}> */
    public static function looks(): iterable
    {
        yield 'a crack' => [new BoreLooks(crack: CrackLook::Crack), Criterion::Crack, 'Crack: crack. It cannot stay like that.'];
        yield 'nobody looked' => [new BoreLooks(), Criterion::Scoring, 'Scoring: not read.'];
        yield 'a hairline' => [new BoreLooks(scoring: ScoringLook::Hairline), Criterion::Scoring, 'Scoring: hairline.'];
        yield 'deposits' => [
            new BoreLooks(ridgeAtTop: RidgeLook::Deposits, ridgeAtBottom: RidgeLook::None),
            Criterion::Ridge,
            'Ridge: top deposits, bottom none. Clean it and check again.',
        ];
        yield 'accepted pitting' => [
            new BoreLooks(pitting: PittingClass::Felt, pittingConceded: true),
            Criterion::Pitting,
            'Pitting: felt, accepted by a signed concession.',
        ];
    }

    #[DataProvider('looks')]
    public function test_a_look_is_told_with_what_to_do(BoreLooks $looks, Criterion $criterion, string $sentence): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $judged = (new BoreJudge(
            $sheet->bore->nominal,
            $sheet->bore->oversizes,
            $sheet->bore->service,
            Length::ofNanometres(101_600),
        ))->judge(Bench::bore($sheet, 1, [], null, $looks));

        $this->assertSame($sentence, (new FindingWords(LengthDisplay::in(LengthUnit::Inch)))->sentence($judged->finding($criterion)));
    }

    public function test_what_would_change_a_bore_is_one_sentence_with_all_that_has_to_change(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $judge = new BoreJudge(
            $sheet->bore->nominal,
            $sheet->bore->oversizes,
            $sheet->bore->service,
            Length::ofNanometres(101_600),
            Length::zero(),
            Pistons::of($sheet->piston, Length::ofNanometres(76_200)),
        );
        $words = new ChangeWords(LengthDisplay::in(LengthUnit::Inch));
        $of = static fn (BoreLooks $looks): ?WouldStay => WouldStay::of(
            $judge->judge(Bench::bore($sheet, 2, [9.6, 5.2, 4, 3, 2.2, 2], null, $looks)),
            $judge,
            $sheet->bore->service,
        );

        $change = $of(new BoreLooks(pitting: PittingClass::Felt));
        $this->assertNotNull($change);
        $this->assertSame(
            'would pass with a limit of 4.4 thou for out-of-round (now 2.0), a limit of 7.4 thou for taper (now 5.0), a limit of '.
                '11.1 thou for clearance (now 6.0) and the customer’s signed concession for its pits.',
            $words->stay($change),
        );
        $this->assertNull($of(new BoreLooks(crack: CrackLook::Hole)), 'no limit closes a hole');
    }

    public function test_a_block_is_told_from_the_first_reading_to_the_last(): void
    {
        $of = static fn (
            array $bores,
            ?float $pistonUnder = 1.8,
            ?BoreLooks $looks = null,
            array $defects = [],
        ): BlockAssessment => BlockAssessment::of(
            Bench::sheet('tarn-4-198'),
            Bench::policy(),
            array_map(
                static fn (int $cylinder, array $bore): BoreInspection => Bench::bore(
                    Bench::sheet('tarn-4-198'),
                    $cylinder,
                    $bore,
                    $pistonUnder,
                    $looks,
                ),
                [1, 2, 3, 4],
                $bores,
            ),
            Length::zero(),
            $defects,
        );
        $sound = [1.2, 0.7, 0.8, 0.5, 0.4, 0.3];
        $worn = [4.1, 1.7, 2.2, 1.2, 0.8, 0.6];
        $pitsNotLooked = new BoreLooks(CrackLook::NoneSeen, RidgeLook::None, RidgeLook::None, ScoringLook::None);
        $web = PartDefect::found(EnginePart::Block, Remedy::Scrap, 'CRACK-5', new Message('precheck.defect.parting_gap'));

        $said = fn (BlockAssessment $one): array => [$this->words()->headline($one), $this->words()->clause($one)];
        $this->assertSame(['Not yet read', 'begin with the worst place'], $said($of([[], [], [], []], looks: new BoreLooks())));
        $this->assertSame(['Can stay at standard', 'hone and re-ring'], $said($of([$sound, $sound, $sound, $sound])));
        $this->assertSame(['Not yet known', '4 places are missing'], $said($of([$sound, $sound, $sound, $sound], looks: $pitsNotLooked)));
        $this->assertSame(['Cannot stay at standard', 'cylinder 3 is past a limit'], $said($of([$sound, $sound, $worn, $sound])));
        $this->assertSame(['Cannot stay at standard', 'cylinders 1 and 3 are past a limit'], $said($of([$worn, $sound, $worn, $sound])));
        $scrapped = $of([$sound, $sound, $sound, $sound], defects: [$web]);
        $this->assertSame(['The block is scrap', 'whatever its bores read'], $said($scrapped));
        $this->assertSame(
            'Scrap. A feeler as thick as the limit enters the parting face of the torqued case: the case is scrap.',
            $this->words()->conclusion($scrapped),
        );
    }

    public function test_a_size_that_hangs_on_a_trace_says_what_is_at_stake(): void
    {
        $bores = array_map(
            static fn (int $cylinder, float $thou): BoreInspection => Bench::bore(
                Bench::sheet('tarn-4-198'),
                $cylinder,
                array_map(static fn (float $share): float => round($thou * $share, 1), [1.0, 0.5, 0.6, 0.35, 0.15, 0.1]),
                1.8,
            ),
            [1, 2, 3, 4],
            [34, 52, 12, 11],
        );
        $assessment = BlockAssessment::of(Bench::sheet('tarn-4-198'), Bench::policy(), $bores, Length::zero());
        $this->assertSame(
            ['no, settled', 'bore to +.020 so far'],
            [$this->words()->questions($assessment)->canStay, $this->words()->questions($assessment)->size],
        );
        $this->assertSame(
            'Trace cylinder 1: 190 and one sleeve hang on it. If the trace holds, “Bore to +.040, sleeve 2” is better; until then '.
                '“Bore to +.020, sleeve 1 and 2” is recommended, which rests on no trace.',
            $this->optionWords()->recommendation($assessment->recommendation ?? $this->fail('Nothing is recommended.')),
        );
        $this->assertStringStartsWith('Trace the wall of cylinder 1', $this->words()->next($assessment->next));
    }

    public function test_every_operation_has_its_words_and_what_can_hurt_its_caution(): void
    {
        $groups = ['kind', 'instruction', 'check', 'machine', 'fixture', 'part', 'note', 'caution', 'state'];
        $parts = [Machine::class, Fixture::class, WorkPart::class, CellState::class];
        foreach ([OperationKind::class, NoteKind::class, Caution::class, ...$parts] as $codes) {
            foreach ($codes::cases() as $code) {
                $key = str_replace([' ', '-'], '_', $code->value);
                $named = array_filter($groups, static fn (string $group): bool => trans()->has("work.{$group}.{$key}"));
                $this->assertNotEmpty($named, "{$codes}: {$code->value}");
            }
        }
        foreach (OperationKind::cases() as $kind) {
            foreach (['kind', 'instruction', 'check'] as $group) {
                $this->assertTrue(trans()->has('work.'.$group.'.'.str_replace(' ', '_', $kind->value)), "{$group} of {$kind->value}");
            }
            $isMachined = ! in_array($kind->machine(), [Machine::Bench, Machine::Desk], true);
            $this->assertTrue(! $isMachined || Caution::of($kind) !== [], $kind->value);
        }
        $this->assertContains(Caution::HotCaustic, Caution::of(OperationKind::Wash));
        $this->assertContains(Caution::Press, Caution::of(OperationKind::Sleeve));
        $this->assertStringContainsString('Never for aluminium or magnesium', OperationWords::caution(Caution::HotCaustic));
    }

    private function optionWords(): OptionWords
    {
        return new OptionWords(LengthDisplay::in(LengthUnit::Inch));
    }

    private function words(): VerdictWords
    {
        return new VerdictWords(LengthDisplay::in(LengthUnit::Inch));
    }
}
