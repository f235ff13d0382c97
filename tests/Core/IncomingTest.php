<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Cracks\CrackDefects;
use NorthLedger\Core\Features\Cracks\CrackLocation;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\LookReading;
use NorthLedger\Core\Features\Precheck\Checklist;
use NorthLedger\Core\Features\Precheck\ItemAnswer;
use NorthLedger\Core\Features\Precheck\ItemState;
use NorthLedger\Core\Features\Precheck\PrecheckReport;
use NorthLedger\Core\Features\Precheck\WashMethod;
use NorthLedger\Core\Features\Precheck\WashRefusal;
use NorthLedger\Core\Features\Receiving\Arrival;
use NorthLedger\Core\Features\Receiving\Claim;
use NorthLedger\Core\Features\Receiving\ClaimCheck;
use NorthLedger\Core\Features\Receiving\ClaimKind;
use NorthLedger\Core\Features\Receiving\ClaimMatch;
use NorthLedger\Core\Features\Receiving\FoundWork;
use NorthLedger\Core\Features\Receiving\PartsList;
use NorthLedger\Core\Features\Receiving\SleeveFinding;
use NorthLedger\Core\Features\Receiving\SleevePiece;
use NorthLedger\Core\Features\Receiving\SleevePieceKind;
use NorthLedger\Core\Features\Receiving\SleeveSurvey;
use NorthLedger\Core\Finding\CustomerAnswer;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pre-check, receiving, and what both and the crack checks do to a block's verdict. */
final class IncomingTest extends TestCase
{
    public function test_a_cracked_bore_is_a_sleeve_in_the_verdict_and_in_the_plan(): void
    {
        $assessment = $this->assess('tarn-4-198', [$this->crack('tarn-4-198', Face::Deck, CrackZone::BoreWall, 3)]);

        $this->assertSame(PartVerdict::Repair, $assessment->verdict);
        foreach ($assessment->plan->options ?? [] as $option) {
            if ($option->kind !== OptionKind::Replace) {
                $this->assertContains(3, $option->sleeved, $option->key());
            }
        }
    }

    public function test_a_cracked_web_scraps_the_block_whatever_its_bores_read(): void
    {
        $assessment = $this->assess('tarn-4-198', [$this->crack('tarn-4-198', Face::MainWebs, CrackZone::MainWeb, null)]);

        $this->assertSame([PartVerdict::Scrap, NextReason::NothingCanChange], [$assessment->verdict, $assessment->next->reason]);
        $this->assertSame(
            ['replace'],
            array_map(static fn (ReboreOption $option): string => $option->key(), $assessment->plan?->feasible() ?? []),
        );
        $this->assertSame([EnginePart::Block], array_column($assessment->scrappedBy(), 'part'));
    }

    public function test_what_a_specialist_has_to_see_leaves_the_verdict_open(): void
    {
        $assessment = $this->assess('tarn-4-198', [$this->crack('tarn-4-198', Face::Deck, CrackZone::BetweenBores, null)]);
        $this->assertSame(PartVerdict::NotYetKnown, $assessment->verdict);
    }

    public function test_a_repair_the_customer_declines_scraps_the_block(): void
    {
        $accepted = $this->crack('cairn-l4-144', Face::Deck, CrackZone::ValveSeatToBore, 2, CustomerAnswer::Accepted);
        $declined = $this->crack('cairn-l4-144', Face::Deck, CrackZone::ValveSeatToBore, 2, CustomerAnswer::Declined);

        $this->assertSame(PartVerdict::Repair, $this->assess('cairn-l4-144', [$accepted])->verdict);
        $this->assertSame(PartVerdict::Scrap, $this->assess('cairn-l4-144', [$declined])->verdict);
    }

    public function test_cracks_of_other_parts_leave_the_block_alone_and_a_suspect_line_keeps_it_open(): void
    {
        $this->assertSame(
            PartVerdict::Serviceable,
            $this->assess('tarn-4-198', [$this->crack('tarn-4-198', Face::Crankshaft, CrackZone::CrankshaftFillet, null)])->verdict,
        );
        $suspect = new Indication('i', 1, CrackLocation::on(Face::MainWebs, CrackZone::MainWeb, null, [[500, 400]]), Material::GreyIron, [
            new LookReading(Look::SharpLine),
        ]);
        $this->assertSame(PartVerdict::NotYetKnown, $this->assess('tarn-4-198', [$suspect])->verdict);
    }

    public function test_separate_cylinders_are_replaced_never_sleeved(): void
    {
        $sheet = Bench::sheet('sorrel-f4');
        $worn = array_map(
            static fn (int $cylinder): BoreInspection => Bench::bore($sheet, $cylinder, [9, 4, 5, 3, 1, 1], 2.0),
            $sheet->layout->cylinders(),
        );
        $assessment = BlockAssessment::of($sheet, Bench::policy(), $worn, Length::zero());

        $this->assertSame(
            ['replace'],
            array_map(static fn (ReboreOption $option): string => $option->key(), $assessment->plan?->feasible() ?? []),
        );
    }

    public function test_caustic_is_refused_for_light_metals_alone(): void
    {
        foreach ([Material::Aluminium, Material::Magnesium] as $material) {
            $this->assertSame(WashRefusal::CausticEatsLightMetal, WashMethod::HotCausticTank->refusalFor($material));
        }
        $this->assertNull(WashMethod::HotCausticTank->refusalFor(Material::GreyIron));
        foreach (Material::cases() as $material) {
            $this->assertNotEmpty(
                array_filter(WashMethod::cases(), static fn (WashMethod $wash): bool => $wash->refusalFor($material) === null),
                "{$material->value} can be washed somehow",
            );
        }
    }

    public function test_every_family_has_a_checklist_of_its_own_with_a_reason_for_every_line(): void
    {
        foreach (['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'sorrel-f4', 'cairn-l4-144', 'quern-3-16'] as $family) {
            $sheet = Bench::sheet($family);
            $items = Checklist::of($sheet)->items;
            foreach ($items as $item) {
                $this->assertStringStartsWith('precheck.reason.', $item->reason->code, "{$family} {$item->key}");
            }
            $this->assertSame($sheet->housings->partingGap !== null, isset($items['parting.gap']), $family);
            $this->assertSame($sheet->housings->partingGap === null, isset($items['caps']), $family);
            foreach ($sheet->threads as $thread) {
                $this->assertArrayHasKey("thread.{$thread->key}", $items);
            }
        }
    }

    /** @return iterable<string, array{ItemAnswer, bool}> */
    public static function caseAnswers(): iterable
    {
        yield 'a feeler just below the limit' => [
            new ItemAnswer('parting.gap', ItemState::Fine, measured: Length::ofNanometres(37_999)),
            false,
        ];
        yield 'a feeler at the limit' => [new ItemAnswer('parting.gap', ItemState::Finding, measured: Length::ofNanometres(38_000)), true];
        yield 'line bored once' => [new ItemAnswer('line-bore.step', ItemState::Fine, measured: Length::ofNanometres(250_000)), false];
        yield 'at the largest step' => [
            new ItemAnswer('line-bore.step', ItemState::Finding, measured: Length::ofNanometres(500_000)),
            true,
        ];
        yield 'blasted once' => [new ItemAnswer('blasted', ItemState::Finding), true];
        yield 'washed with grit' => [new ItemAnswer('wash.block', ItemState::Finding, wash: WashMethod::GritBlast), true];
        yield 'washed well' => [new ItemAnswer('wash.block', ItemState::Fine, wash: WashMethod::JetWasher), false];
    }

    #[DataProvider('caseAnswers')]
    public function test_a_split_case_is_scrapped_by_gap_last_step_or_grit(ItemAnswer $answer, bool $isScrap): void
    {
        $sheet = Bench::sheet('sorrel-f4');
        $defects = (new PrecheckReport($sheet, Checklist::of($sheet), [$answer->key => $answer]))->defects();
        $this->assertSame($isScrap, $defects !== [] && $defects[0]->isScrap());
        $inIron = (new PrecheckReport(Bench::sheet('tarn-4-198'), Checklist::of(Bench::sheet('tarn-4-198')), [
            $answer->key => $answer,
        ]))->defects();
        $this->assertSame(
            [],
            array_values(array_filter($inIron, static fn (PartDefect $defect): bool => $answer->key !== 'line-bore.step')),
            'a block that is not split has no such rule',
        );
    }

    public function test_inserts_are_counted_beyond_those_made_in(): void
    {
        $sheet = Bench::sheet('sorrel-f4');
        $answers = [];
        foreach ($sheet->threads as $thread) {
            $answers["thread.{$thread->key}"] = new ItemAnswer(
                "thread.{$thread->key}",
                ItemState::Fine,
                stripped: 0,
                inserts: $thread->insertsExpected + ($thread->key === 'case' ? 2 : 0),
            );
        }
        $this->assertSame(2, (new PrecheckReport($sheet, Checklist::of($sheet), $answers))->insertsFound());
        unset($answers['thread.sump']);
        $this->assertNull(
            (new PrecheckReport($sheet, Checklist::of($sheet), $answers))->insertsFound(),
            'not known while a kind is not checked',
        );
    }

    /** @return iterable<string, array{Claim, FoundWork, ClaimMatch}> */
    public static function claims(): iterable
    {
        $found = static fn (
            ?int $sleeves = null,
            bool $whole = false,
            ?int $inserts = null,
            ?Length $step = null,
        ): FoundWork => new FoundWork($sleeves, $whole, $inserts, null, null, $step);
        $sleeves = new Claim('c', ClaimKind::Sleeved, 'cylinder 2', 1, null);
        yield 'nobody looked' => [$sleeves, $found(), ClaimMatch::NotChecked];
        yield 'more than claimed, before all are seen' => [$sleeves, $found(2), ClaimMatch::Differs];
        yield 'as many so far, not all seen' => [$sleeves, $found(1), ClaimMatch::NotChecked];
        yield 'as many, all seen' => [$sleeves, $found(1, true), ClaimMatch::Agrees];
        yield 'fewer, all seen' => [$sleeves, $found(0, true), ClaimMatch::Differs];
        $bored = new Claim('c', ClaimKind::Rebored, 'all', null, Length::ofNanometres(508_000));
        yield 'another step' => [$bored, $found(step: Length::ofNanometres(762_000)), ClaimMatch::Differs];
        yield 'that step' => [$bored, $found(step: Length::ofNanometres(508_000)), ClaimMatch::Agrees];
        yield 'a person says so' => [
            new Claim('c', ClaimKind::DeckFaced, 'deck', null, null, ClaimMatch::Differs),
            $found(),
            ClaimMatch::Differs,
        ];
        yield 'counting goes before a person' => [
            new Claim('c', ClaimKind::ThreadInserts, 'deck', 3, null, ClaimMatch::Agrees),
            $found(inserts: 1),
            ClaimMatch::Differs,
        ];
    }

    #[DataProvider('claims')]
    public function test_paperwork_is_held_against_what_is_found(Claim $claim, FoundWork $found, ClaimMatch $expected): void
    {
        $this->assertSame($expected, ClaimCheck::of($claim, $found)->match);
    }

    public function test_a_sleeve_that_is_not_whole_is_the_customers_to_decide(): void
    {
        $inch = static fn (float $inches): Length => Length::ofNanometres((int) round($inches * 25_400_000));
        $depth = $inch(6.9375);
        $plain = static fn (?Length $length = null): SleevePiece => new SleevePiece(SleevePieceKind::Plain, $length);
        $flanged = static fn (?Length $length = null): SleevePiece => new SleevePiece(SleevePieceKind::Flanged, $length);

        $this->assertSame(
            [],
            (new SleeveSurvey(1, [], $depth, jointFelt: true))->findings(),
            'where there is no sleeve nothing is wrong with it',
        );
        $this->assertSame([], (new SleeveSurvey(1, [$plain($depth)], $depth))->findings(), 'exactly as long as its bore was cut');
        $this->assertSame(
            [SleeveFinding::NotFullDepth],
            (new SleeveSurvey(1, [$plain($depth->minus(Length::ofNanometres(1)))], $depth))->findings(),
        );
        $this->assertSame(
            [SleeveFinding::MoreThanOnePiece, SleeveFinding::NotFullDepth],
            (new SleeveSurvey(4, [$flanged($inch(5.625)), $plain($inch(1.375))], $depth))->findings(),
            'a short flanged sleeve with a ring below it',
        );
        $this->assertSame(
            [SleeveFinding::JointInRingTravel, SleeveFinding::MoreThanOnePiece],
            (new SleeveSurvey(4, [$plain(), $plain()], $depth, jointFelt: true))->findings(),
        );
        $this->assertSame(
            [SleeveFinding::EdgeCatchesNail, SleeveFinding::FlangeNotSeated],
            (new SleeveSurvey(4, [$flanged()], $depth, flangeNotSeated: true, edgeCatchesNail: true))->findings(),
        );
        $this->assertSame([SleeveFinding::NotFullDepth], (new SleeveSurvey(4, [$plain()], isShort: true))->findings());
    }

    public function test_the_parts_list_follows_the_family_and_how_it_came(): void
    {
        $flat = PartsList::of(Bench::sheet('sorrel-f4'));
        $this->assertSame([2, 4, 2], [$flat['case-halves']->count, $flat['cylinders']->count, $flat['heads']->count]);
        $this->assertArrayNotHasKey('water-pump', $flat);
        $this->assertSame(14, PartsList::of(Bench::sheet('fell-6-d'))['main-shells']->count);
        $this->assertSame(['crankshaft'], array_keys(PartsList::expected(Bench::sheet('fell-6-d'), Arrival::CrankshaftOnly)));
        $this->assertSame(['block', 'main-caps'], array_keys(PartsList::expected(Bench::sheet('tarn-4-198'), Arrival::BareBlock)));
        $this->assertArrayNotHasKey('rockers', PartsList::of(Bench::sheet('cairn-l4-144')));
        $complete = PartsList::expected(Bench::sheet('quern-3-16'), Arrival::Complete);
        $this->assertSame(array_keys(PartsList::of(Bench::sheet('quern-3-16'))), array_keys($complete));
    }

    /** @param  list<Indication>  $indications */
    private function assess(string $family, array $indications): BlockAssessment
    {
        $sheet = Bench::sheet($family);

        return BlockAssessment::of(
            $sheet,
            Bench::policy(),
            array_map(
                static fn (int $cylinder): BoreInspection => Bench::bore($sheet, $cylinder, [0.4, 0.3, 0.3, 0.2, 0.1, 0.1], 2.0),
                $sheet->layout->cylinders(),
            ),
            Length::zero(),
            CrackDefects::of($this->report($sheet, $indications)),
        );
    }

    /** @param  list<Indication>  $indications */
    private function report(SpecificationSheet $sheet, array $indications): CrackReport
    {
        return new CrackReport($sheet, $indications, [], [], []);
    }

    private function crack(string $family, Face $face, CrackZone $zone, ?int $cylinder, ?CustomerAnswer $answer = null): Indication
    {
        $sharp = new LookReading(Look::SharpLine);

        return new Indication(
            'i',
            1,
            CrackLocation::on($face, $zone, $cylinder, [[500, 400]]),
            Bench::sheet($family)->materialAt($face->part(), $zone),
            [$sharp, $sharp],
            answer: $answer,
        );
    }
}
