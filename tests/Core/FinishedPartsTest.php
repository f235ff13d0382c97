<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Weights\WeightJudge;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Record\Conditions;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;
use NorthLedger\Core\Verification\VerificationState;
use NorthLedger\Core\Verification\VerifiedFeature;
use NorthLedger\Core\Verification\WorstFirst;
use NorthLedger\Core\Work\AwaitedPart;
use NorthLedger\Core\Work\OperationKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Finished work beside the bores, verified by fresh readings against what was ordered (WORK-4). */
final class FinishedPartsTest extends TestCase
{
    private const THOU = 25_400;

    private const SCORED = ['crankshaft' => ['mainscore.2' => 2 * self::THOU]];

    private const WORN = [9, 6, 6, 4, 1, 1];

    private const HOLLOW = ['deck' => ['deck.2.b5' => 4 * self::THOU]];

    public function test_a_ground_crankshaft_is_read_where_it_was_worked_and_nowhere_else(): void
    {
        $verification = $this->finished('tarn-4-198', self::SCORED)->verification();
        $walk = $verification->plan(Section::Crankshaft)->walk();
        $places = array_map(static fn (Characteristic $one): string => $one->place->key, $walk);

        $this->assertContains('main.2.front.0', $places);
        $this->assertContains('mainfillet.2', $places);
        $this->assertContains('pinra.1', $places);
        $this->assertNotContains('pinfillet.1', $places, 'the rod journals were polished only');
        $this->assertNotContains('mainscore.2', $places, 'the score was ground out');
        $this->assertNotContains('main.2.middle.45', $places);
        $this->assertSame([Section::Crankshaft, Section::Weights], $verification->sections(), 'new pistons are weighed');
        $this->assertSame([], self::otherThan(VerificationState::Conforms, $verification->all()));
    }

    /** Where least metal came off, a grind that did not reach the wear shows; what is proved out is proved. */
    public function test_what_was_worst_as_it_came_is_read_first_and_what_is_out_already_last(): void
    {
        $worn = (Bench::sheet('tarn-4-198')->crankshaft->mains->diameter->least->nanometres ?? 0) - self::THOU;
        $incoming = ['crankshaft' => self::SCORED['crankshaft'] + ['main.4.rear.90' => $worn]];
        $unread = array_fill_keys($this->places('tarn-4-198', $incoming, Section::Crankshaft), null);
        $features = $this->finished('tarn-4-198', $incoming, $unread)->verification()->of(Section::Crankshaft);
        $order = array_keys(Bench::agreedOrder('tarn-4-198', $incoming)->operations);
        $places = array_merge(...array_map(static fn (VerifiedFeature $one): array => $one->missing, array_values($features)));
        $sorted = static fn (array $features, array $closed): array => self::keys(
            WorstFirst::ofFeatures($features, $closed)->sort($places, static fn (Place $place): Place => $place),
        );

        $walk = $sorted($features, $order);
        $this->assertSame('main.4.rear.90', $walk[0]);
        $this->assertSame(3, count(preg_grep('/^main\.4\./', array_slice($walk, 1, 3)) ?: []), 'the whole of it before another');
        $this->assertCount(count($places), $walk);

        $isDone = static fn (string $key): bool => ! in_array($key, ['grind mains.4', 'grind mains.1'], true);
        $this->assertStringStartsNotWith('main.4', $sorted($features, array_values(array_filter($order, $isDone)))[0], 'not ground yet');

        $tooSmall = $this->finished('tarn-4-198', $incoming, ['main.4.front.0' => $worn - 100 * self::THOU] + $unread)->verification();
        $this->assertSame(VerificationState::Out, $tooSmall->of(Section::Crankshaft)['main.4']->state);
        $walk = $sorted($tooSmall->of(Section::Crankshaft), $order);
        $this->assertStringStartsNotWith('main.4', $walk[0]);
        $this->assertStringStartsWith('main', end($walk), 'its other places prove nothing more');
    }

    public function test_what_was_read_before_the_grinding_says_nothing_of_it(): void
    {
        $unread = array_fill_keys($this->places('tarn-4-198', self::SCORED, Section::Crankshaft), null);
        $verified = $this->finished('tarn-4-198', self::SCORED, $unread)->verification()->all();

        unset($verified['pistons']);
        $this->assertSame([], self::otherThan(VerificationState::Missing, $verified));
        $this->assertContains('main.2.front.0', self::keys($verified['main.2']->missing));
    }

    public function test_a_journal_that_is_large_has_metal_left_and_one_that_is_small_is_out(): void
    {
        $target = Bench::agreedOrder('tarn-4-198', self::SCORED)->operation('grind mains.3')->target;
        $this->assertNotNull($target);
        $large = $target->most->nanometres + 7_620;
        $verified = $this->finished('tarn-4-198', self::SCORED, [
            'main.3.rear.90' => $large,
            'main.4.front.0' => $target->least->nanometres - 2_540,
        ])
            ->verification()
            ->all();

        $this->assertSame(VerificationState::Out, $verified['main.3']->state, 'large at one place only, it is out of round as well');
        $this->assertSame(VerificationState::Out, $verified['main.4']->state);
        $this->assertNull($verified['main.4']->left);
        $this->assertSame(VerificationState::Conforms, $verified['main.1']->state);

        $allLarge = array_fill_keys(['main.3.front.0', 'main.3.front.90', 'main.3.rear.0', 'main.3.rear.90'], $large);
        $whole = $this->finished('tarn-4-198', self::SCORED, $allLarge)->verification()->all();
        $this->assertSame(VerificationState::MoreToCut, $whole['main.3']->state);
        $this->assertSame($large - $target->aim->nanometres, $whole['main.3']->left?->nanometres);
    }

    /** In the range of the next undersize it would be as good as any other crankshaft, and it is not what was ordered. */
    public function test_a_journal_ground_to_another_step_than_ordered_is_out(): void
    {
        $aim = Bench::agreedOrder('tarn-4-198', self::SCORED)->operation('grind mains.3')->target?->aim->nanometres ?? 0;
        $tooFar = array_fill_keys(['main.3.front.0', 'main.3.front.90', 'main.3.rear.0', 'main.3.rear.90'], $aim - 254_000);
        $verified = $this->finished('tarn-4-198', self::SCORED, $tooFar)->verification()->all();

        $this->assertSame(VerificationState::Out, $verified['main.3']->state);
        $this->assertSame([Criterion::OrderedSize], self::failing($verified['main.3']));
    }

    public function test_another_crankshaft_and_another_rod_are_read_like_parts_that_came(): void
    {
        $deep = 120 * self::THOU;
        $lost = ['crankshaft' => ['mainscore.2' => $deep, 'pinscore.1' => $deep], 'rods' => ['centres.3' => 90_000_000]];
        $order = Bench::agreedOrder('tarn-4-198', $lost);
        $this->assertTrue($order->has('new crank'));
        $this->assertFalse($order->has('polish'));
        $this->assertContains('new crank', $order->before('shells fitted'));
        foreach ([OperationKind::NewCrank, OperationKind::NewRod] as $kind) {
            $this->assertFalse($kind->canBeLeftOut(), 'else what was read of the old one would count');
            $this->assertNotSame([], AwaitedPart::before($kind), 'it is measured once it is there');
        }

        $unread = array_fill_keys($this->places('tarn-4-198', $lost, Section::Crankshaft), null);
        $verified = $this->finished('tarn-4-198', $lost, $unread)->verification()->all();
        foreach (['main.1', 'main.2', 'pin.4', 'crankshaft'] as $subject) {
            $this->assertSame(VerificationState::Missing, $verified[$subject]->state, "nothing of the old one counts: {$subject}");
        }
        $sound = $this->finished('tarn-4-198', $lost);
        $this->assertSame([], self::otherThan(VerificationState::Conforms, $sound->verification()->all()));
        $scored = $this->finished('tarn-4-198', $lost, ['mainscore.2' => 2 * self::THOU, 'bigend.3.rear.0' => 60_000_000])
            ->verification()
            ->all();
        $this->assertSame(VerificationState::Out, $scored['main.2']->state, 'new out of the box is no proof');
        $this->assertSame(VerificationState::Out, $scored['rod.3']->state);
        $this->assertArrayNotHasKey('rod.1', $scored, 'the others are the ones that came');
    }

    public function test_readings_without_the_ordered_conditions_close_nothing(): void
    {
        $warm = $this->finished('tarn-4-198', self::SCORED, [], new Conditions(clean: true))->verification()->all();

        $this->assertSame(VerificationState::ConditionsLacking, $warm['main.2']->state);
        $this->assertSame([OrderedCondition::Cooled], $warm['main.2']->lacking);
    }

    public function test_a_deck_that_was_cut_is_closed_by_two_straightedges_and_not_by_the_heights_of_before(): void
    {
        $verified = $this->finished('brae-v8-311', self::HOLLOW)->verification()->all();
        $this->assertSame(VerificationState::Conforms, $verified['deck.2']->state);

        $limit = Bench::sheet('brae-v8-311')->deck->flatness->nanometres ?? 0;
        $rough = $this->finished('brae-v8-311', self::HOLLOW, ['deckstraight.2' => $limit + 10 * self::THOU])
            ->verification()
            ->all();
        $this->assertSame(VerificationState::Out, $rough['deck.2']->state);
        $this->assertSame([Criterion::Flatness], self::failing($rough['deck.2']));

        $unread = $this->finished('brae-v8-311', self::HOLLOW, ['deckstraight.2' => null])
            ->verification()
            ->all();
        $this->assertSame(['deckstraight.2'], self::keys($unread['deck.2']->missing));
    }

    /** The ratio is computed here once more, from the cylinder as it is now. */
    public function test_a_head_that_was_faced_has_its_chambers_filled_again_and_its_ratio_told(): void
    {
        $sheet = Bench::sheet('brae-v8-311');
        $faced = ['deck' => ['headpits.2' => Looks::INSIDE_BAND, 'headpit.2' => 4 * self::THOU]];
        $chamber = $sheet->volumes->chamber->cubicMillimetres ?? 0.0;
        $finished = $this->finished('brae-v8-311', $faced, ['chamber.8' => $chamber - 3_000]);
        $cylinders = $sheet->layout->banks[1];
        $this->assertSame(
            array_map(static fn (int $cylinder): string => "chamber.{$cylinder}", $cylinders),
            array_keys($finished->verification()->of(Section::Volumes)),
            'the other head is as it came',
        );
        $this->assertContains(8, $cylinders);
        $this->assertSame(['crown.8'], self::keys($finished->proofs->bySubject['chamber.8']->gone), 'new pistons have crowns of their own');

        $bore = Bench::agreedOrder('brae-v8-311', $faced, array_fill(1, 8, self::WORN))->operation('hone.8')->target?->aim;
        $this->assertNotNull($bore);
        $disc = M_PI / 4 * ($bore->nanometres / 1e6) ** 2;
        $clearance =
            $chamber - 3_000 +
            ($sheet->volumes->gasketVolume()->cubicMillimetres ?? 0.0) -
            ($sheet->volumes->crown->cubicMillimetres ?? 0.0);
        $ratio = static fn (float $below): float => 1 + $disc * ($sheet->stroke->nanometres / 1e6) / ($clearance + $disc * $below);
        $value = static fn (FinishedEngine $one): float => (float) self::finding(
            $one->verification()->all()['chamber.8'],
            Criterion::Ratio,
        )->value?->value;
        $this->assertEqualsWithDelta($ratio(0.0), $value($finished), 1e-6, 'its pistons stood at the deck when it came');

        $domed = $this->finished('brae-v8-311', $faced, ['chamber.8' => $chamber - 3_000, 'crown.8' => 500.0]);
        $this->assertGreaterThan($value($finished), $value($domed), 'a dome takes room');
        $tooSmall = $this->finished('brae-v8-311', $faced, ['chamber.8' => $chamber / 2])->verification()->all();
        $this->assertSame(VerificationState::Out, $tooSmall['chamber.8']->state);
        $this->assertSame(VerificationState::Conforms, $tooSmall['chamber.6']->state);
        $unread = $this->finished('brae-v8-311', $faced, ['chamber.8' => null])->verification()->all();
        $this->assertSame(['chamber.8'], self::keys($unread['chamber.8']->missing), 'what it held before says nothing');
    }

    public function test_what_a_deck_lost_is_taken_off_the_piston_below_it_unless_that_is_read_again(): void
    {
        $pitted = ['headpits.2' => Looks::INSIDE_BAND, 'headpit.2' => 4 * self::THOU];
        $incoming = ['deck' => ['deck.2.b5' => 4 * self::THOU] + $pitted];
        $order = Bench::agreedOrder('brae-v8-311', $incoming, array_fill(1, 8, self::WORN));
        $cut = $order->operation('deck.2')->step->nanometres ?? 0;
        $this->assertGreaterThan(0, $cut);
        $height = Bench::sheet('brae-v8-311')->deck->standardHeight->nanometres ?? 0;
        $value = fn (array $changes): float => (float) self::finding(
            $this->finished('brae-v8-311', $incoming, $changes)->verification()->all()['chamber.8'],
            Criterion::Ratio,
        )->value?->value;
        $lower = ['deckheight.2' => $height - $cut];
        $corners = ['todeck.2' => -$cut, 'todeck.8' => -$cut];

        $this->assertEqualsWithDelta($value($lower + $corners), $value($lower), 1e-9);
        $this->assertLessThan($value($lower), $value($lower + ['todeck.2' => 20 * self::THOU, 'todeck.8' => 20 * self::THOU]));
        $proud = $this->finished('brae-v8-311', $incoming, ['todeck.2' => -80 * self::THOU, 'todeck.8' => 0])->verification()->all();
        $this->assertSame([Criterion::DeckClearance], self::failing($proud['deck.2']), 'the highest of its corners counts');
    }

    public function test_new_pistons_are_weighed_and_nothing_that_came_with_the_old_ones_counts(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $finished = $this->finished('tarn-4-198', self::SCORED, ['weight.1' => 612_400_000]);
        $verification = $finished->verification();
        $weights = $verification->measurements(Section::Weights)->plus($verification->measurements(Section::Rods));
        $judge = new WeightJudge($sheet, $weights);

        $this->assertSame(['pistons', 'rods'], array_keys($judge->kinds()));
        $this->assertSame(612_400_000, $judge->kinds()['pistons'][0]->micrograms);
        $pinned = $this->finished('tarn-4-198', self::SCORED, ['pinmass.1' => 1, 'pinmass.2' => 1, 'pinmass.3' => 1, 'pinmass.4' => 1]);
        $this->assertSame(VerificationState::Conforms, $pinned->verification()->all()['pistons']->state, 'pins are weighed by who wants');
        $unread = $this->finished('tarn-4-198', self::SCORED, ['weight.3' => null])->verification()->all();
        $this->assertSame(['weight.3'], self::keys($unread['pistons']->missing));
    }

    public function test_another_head_is_read_like_one_that_came(): void
    {
        $least = Bench::sheet('tarn-4-198')->head->minimumHeight->nanometres ?? 0;
        $lost = ['deck' => ['headheight.1' => $least - 10_000]];
        $order = Bench::agreedOrder('tarn-4-198', $lost);
        $this->assertTrue($order->has('new head.1'));
        $this->assertContains('new head.1', $order->before('volumes'));
        $this->assertFalse(OperationKind::NewHead->canBeLeftOut());
        $this->assertNotSame([], AwaitedPart::before(OperationKind::NewHead), 'it is measured once it is there');

        $sound = $this->finished('tarn-4-198', $lost)->verification()->all();
        $this->assertSame([], self::otherThan(VerificationState::Conforms, $sound));
        foreach (['head.1', 'valve.1.in', 'valve.4.ex', 'chamber.3'] as $subject) {
            $this->assertArrayHasKey($subject, $sound);
        }
        $worn = $this->finished('tarn-4-198', $lost, ['stem.4.ex' => 1_000_000, 'vacuum.1.in' => Looks::FALLS])->verification()->all();
        $this->assertSame(VerificationState::Out, $worn['valve.4.ex']->state, 'new out of the box is no proof');
        $this->assertSame([Criterion::Vacuum], self::failing($worn['valve.1.in']));
    }

    public function test_what_the_customer_takes_as_it_is_is_conceded(): void
    {
        $finished = $this->finished('tarn-4-198', self::SCORED, ['mainra.2' => 2_000]);

        $this->assertSame(VerificationState::Out, $finished->verification()->all()['main.2']->state);
        $this->assertSame(VerificationState::Conceded, $finished->verification(['main.2'])->all()['main.2']->state);
    }

    /** Taper of a big end shows as two clearances, one at each edge. */
    public function test_oil_clearance_is_that_of_the_worse_edge_of_a_rod(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $bigEnd = $sheet->rods->bigEnd?->middle()->nanometres ?? 0;
        $rods = ['bigend.2.rear.0' => $bigEnd + self::THOU, 'bigend.2.rear.90' => $bigEnd + self::THOU];
        $incoming = self::SCORED + ['rods' => $rods];
        $order = Bench::agreedOrder('tarn-4-198', self::SCORED);
        $verified = (new FinishedEngine($sheet, $order, $incoming))->verification()->of(Section::Crankshaft);
        $clearance = self::finding($verified['pin.2'], Criterion::OilClearance);
        $sound = self::finding($verified['pin.3'], Criterion::OilClearance);

        $this->assertSame('bigend.2.rear.0', $clearance->places[0]->key);
        $this->assertNotEquals($sound->value, $clearance->value);
    }

    /**
     * Whatever is worn: as ordered everything conforms; one size out of its target is out, and nothing else is.
     *
     * @param  non-empty-string  $family
     */
    #[DataProvider('families')]
    public function test_one_size_past_its_target_is_out_and_everything_else_conforms(string $family, int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $incoming = [
            'crankshaft' => ['mainscore.2' => $chance->getInt(1, 3) * self::THOU, 'pinscore.1' => $chance->getInt(0, 2) * self::THOU],
            'rods' => ['bigend.2.front.90' => (Bench::sheet($family)->rods->bigEnd?->middle()->nanometres ?? 0) + 2 * self::THOU],
        ];
        $order = Bench::agreedOrder($family, $incoming);
        $sheet = Bench::sheet($family);
        $finished = new FinishedEngine($sheet, $order, $incoming);
        $this->assertSame([], self::otherThan(VerificationState::Conforms, $finished->verification()->all()));

        $sized = array_values(array_filter($finished->proofs->bySubject, static fn ($proof): bool => $proof->size !== null));
        $proof = $sized[$chance->getInt(0, count($sized) - 1)];
        $size = $proof->size;
        $this->assertNotNull($size);
        $place = $size->places[$chance->getInt(0, count($size->places) - 1)];
        $isOver = $chance->getInt(0, 1) === 1;
        $value = $isOver ? $size->target->most->nanometres + 2_540 : $size->target->least->nanometres - 2_540;
        $verified = (new FinishedEngine($sheet, $order, $incoming, [$place->key => $value]))->verification()->all();

        $this->assertTrue($verified[$proof->subject->code]->state->needsDecision());
        unset($verified[$proof->subject->code]);
        $this->assertSame([], self::otherThan(VerificationState::Conforms, $verified));
    }

    /** @return iterable<string, array{string, int}> */
    public static function families(): iterable
    {
        foreach (['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'cairn-l4-144', 'quern-3-16'] as $family) {
            foreach (range(1, 6) as $seed) {
                yield "{$family} {$seed}" => [$family, $seed];
            }
        }
    }

    /**
     * @param  array<string, array<string, int|float|string|null>>  $incoming
     * @param  array<string, int|float|string|null>  $changes
     */
    private function finished(string $family, array $incoming, array $changes = [], ?Conditions $conditions = null): FinishedEngine
    {
        $bores = isset($incoming['deck']) ? array_fill(1, 8, self::WORN) : [];
        $given = [Bench::sheet($family), Bench::agreedOrder($family, $incoming, $bores), $incoming, $changes];

        return $conditions === null ? new FinishedEngine(...$given) : new FinishedEngine(...[...$given, $conditions]);
    }

    /**
     * @param  array<string, array<string, int|float|string|null>>  $incoming
     * @return list<string> Keys
     */
    private function places(string $family, array $incoming, Section $section): array
    {
        return array_map(
            static fn (Characteristic $one): string => $one->place->key,
            $this->finished($family, $incoming)->verification()->plan($section)->walk(),
        );
    }

    /**
     * @param  array<string, VerifiedFeature>  $verified
     * @return array<string, string> What stands otherwise, by subject, with what fails
     */
    private static function otherThan(VerificationState $state, array $verified): array
    {
        $others = array_filter($verified, static fn (VerifiedFeature $one): bool => $one->state !== $state);

        return array_map(
            static fn (VerifiedFeature $one): string => $one->state->value.' '.implode(' ', array_column(self::failing($one), 'value')),
            $others,
        );
    }

    /** @return list<Criterion> */
    private static function failing(VerifiedFeature $feature): array
    {
        $failing = array_filter($feature->findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail);

        return array_values(array_column($failing, 'criterion'));
    }

    private static function finding(VerifiedFeature $feature, Criterion $criterion): Finding
    {
        foreach ($feature->findings as $finding) {
            if ($finding->criterion === $criterion) {
                return $finding;
            }
        }
        self::fail("{$feature->subject()->code} is not judged by its {$criterion->value}.");
    }

    /**
     * @param  list<Place>  $places
     * @return list<string>
     */
    private static function keys(array $places): array
    {
        return array_map(static fn (Place $place): string => $place->key, $places);
    }
}
