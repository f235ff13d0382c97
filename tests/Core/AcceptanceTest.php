<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Receiving\Claim;
use NorthLedger\Core\Features\Receiving\ClaimCheck;
use NorthLedger\Core\Features\Receiving\ClaimKind;
use NorthLedger\Core\Features\Receiving\ClaimMatch;
use NorthLedger\Core\Features\Receiving\FoundWork;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Verification\Acceptance;
use NorthLedger\Core\Verification\AcceptanceState;
use NorthLedger\Core\Verification\CheckedPart;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Work of others: parts that are only checked, and claims that readings answer (WORK-5). */
final class AcceptanceTest extends TestCase
{
    private const THOU = 25_400;

    public function test_sound_parts_conform_and_one_tapered_rod_is_out_by_name(): void
    {
        $this->assertSame(AcceptanceState::Conforms, $this->parts('brae-v8-311')['rods']->state());

        $bigEnd = Bench::sheet('brae-v8-311')->rods->bigEnd?->middle()->nanometres ?? 0;
        $tapered = ['bigend.3.rear.0' => $bigEnd + self::THOU, 'bigend.3.rear.90' => $bigEnd + self::THOU];
        $rods = $this->parts('brae-v8-311', ['rods' => $tapered])['rods'];
        $this->assertSame(AcceptanceState::Out, $rods->state());
        $this->assertSame(['rod.3'], array_values(array_unique(array_map(self::subject(...), $rods->failing()))));
    }

    public function test_what_is_not_read_keeps_a_part_open_and_what_is_out_settles_it_at_once(): void
    {
        $open = $this->parts('brae-v8-311', ['rods' => ['bend.2' => null]])['rods'];
        $this->assertSame(AcceptanceState::Open, $open->state());
        $this->assertSame('bend.2', $open->missing()[0]->key);
        $this->assertTrue($open->isBegun());

        $out = $this->parts('brae-v8-311', ['rods' => ['bend.2' => null, 'twist.4' => 40 * self::THOU]])['rods'];
        $this->assertSame(AcceptanceState::Out, $out->state());
    }

    public function test_conditions_that_were_lacking_keep_a_part_open(): void
    {
        $parts = $this->parts('quern-3-16', [], ['crankshaft' => [OrderedCondition::Cooled]]);
        $this->assertSame(AcceptanceState::Open, $parts['crankshaft']->state());
        $this->assertSame(AcceptanceState::Conforms, $parts['rods']->state());
    }

    public function test_parts_that_did_not_come_are_not_spoken_of(): void
    {
        $sheet = Bench::sheet('brae-v8-311');
        $facts = new KnownEngine($sheet, absent: [EnginePart::Block, EnginePart::Head, EnginePart::Crankshaft]);
        $parts = Acceptance::of(new EngineInspection($sheet, Bench::policy(), $facts), $sheet, []);

        $this->assertSame([EnginePart::Rods], array_column($parts, 'part'));
    }

    /** The farthest past its limit is told first. */
    #[DataProvider('seeds')]
    public function test_failures_are_told_worst_first(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $worn = [];
        foreach (range(1, 8) as $rod) {
            $worn["bend.{$rod}"] = $chance->getInt(0, 12) * self::THOU;
            $worn["twist.{$rod}"] = $chance->getInt(0, 12) * self::THOU;
        }
        $overshoots = array_map(
            static fn (Finding $finding): float => $finding->overshoot(),
            $this->parts('brae-v8-311', ['rods' => $worn])['rods']->failing(),
        );
        $sorted = $overshoots;
        rsort($sorted);

        $this->assertSame($sorted, $overshoots);
    }

    /** @return iterable<int, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield $seed => [$seed];
        }
    }

    public function test_another_undersize_than_claimed_refutes_the_paper_at_once(): void
    {
        $ten = Length::ofNanometres(254_000);
        $claim = new Claim('a', ClaimKind::CrankshaftGround, '', null, $ten);
        $read = fn (array $steps, array $findings = []): ClaimCheck => ClaimCheck::of($claim, $this->found($steps, $findings));

        $this->assertSame(ClaimMatch::NotChecked, $read([])->match);
        $this->assertSame(ClaimMatch::Differs, $read([$ten, $ten->times(2)])->match);
        $this->assertEquals($ten->times(2), $read([$ten, $ten->times(2)])->step);
        $this->assertSame(ClaimMatch::NotChecked, $read([$ten])->match, 'its form is not read');

        $sound = $this->findings('tarn-4-198', Section::Crankshaft);
        $this->assertSame(ClaimMatch::Agrees, $read([$ten, $ten], $sound)->match);
        $scored = $this->findings('tarn-4-198', Section::Crankshaft, ['mainscore.2' => self::THOU]);
        $this->assertSame(ClaimMatch::Differs, $read([$ten, $ten], $scored)->match);
        $this->assertSame('main.2', $read([$ten, $ten], $scored)->failing[0]->about->code);
    }

    public function test_a_person_answers_only_what_no_reading_tells(): void
    {
        $scored = $this->findings('tarn-4-198', Section::Crankshaft, ['mainscore.2' => self::THOU]);
        $said = new Claim('a', ClaimKind::CrankshaftGround, '', null, null, ClaimMatch::Agrees);

        $this->assertSame(ClaimMatch::Agrees, ClaimCheck::of($said, $this->found([], []))->match);
        $this->assertSame(ClaimMatch::Differs, ClaimCheck::of($said, $this->found([], $scored))->match);
    }

    public function test_a_deck_says_nothing_of_a_head(): void
    {
        $hollow = $this->findings('brae-v8-311', Section::Deck, ['deck.2.b5' => 5 * self::THOU]);
        $check = fn (ClaimKind $kind): ClaimMatch => ClaimCheck::of(
            new Claim('a', $kind, '', null, null),
            new FoundWork(null, false, null, null, null, null, [], [Section::Deck->value => $hollow]),
        )->match;

        $this->assertSame(ClaimMatch::Differs, $check(ClaimKind::DeckFaced));
        $this->assertNotSame(ClaimMatch::Differs, $check(ClaimKind::HeadFaced));
    }

    /**
     * @param  list<Length>  $steps
     * @param  list<Finding>  $findings
     */
    private function found(array $steps, array $findings): FoundWork
    {
        return new FoundWork(
            null,
            false,
            null,
            null,
            null,
            null,
            [ClaimKind::CrankshaftGround->value => $steps],
            $findings === [] ? [] : [Section::Crankshaft->value => $findings],
        );
    }

    /**
     * @param  array<string, int|float|string|null>  $changes  By place
     * @return list<Finding>
     */
    private function findings(string $family, Section $section, array $changes = []): array
    {
        $sheet = Bench::sheet($family);
        $facts = new KnownEngine($sheet, [$section->value => $changes]);

        return (new EngineInspection($sheet, Bench::policy(), $facts))->judged($section)->findings;
    }

    /**
     * @param  array<string, array<string, int|float|string|null>>  $changes  By section and place
     * @param  array<string, list<OrderedCondition>>  $lacking
     * @return array<string, CheckedPart>
     */
    private function parts(string $family, array $changes = [], array $lacking = []): array
    {
        $sheet = Bench::sheet($family);
        $parts = [];
        $inspection = new EngineInspection($sheet, self::policy(), new KnownEngine($sheet, $changes));
        foreach (Acceptance::of($inspection, $sheet, $lacking) as $part) {
            $parts[$part->part->value] = $part;
        }

        return $parts;
    }

    /** A shop that wants no crack check of what it only measures. */
    private static function policy(): ShopPolicy
    {
        $document = Bench::policyDocument();
        $checks = is_array($document['crack_check']) ? $document['crack_check'] : [];
        $advised = array_fill_keys(['block', 'cylinders', 'head', 'crankshaft', 'rods'], 'advised');

        return Bench::policy(['crack_check' => $advised + $checks])->atTheEnd();
    }

    private static function subject(Finding $finding): string
    {
        return $finding->about->code;
    }
}
