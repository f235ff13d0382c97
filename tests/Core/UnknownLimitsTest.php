<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\AssessedPart;
use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Assessment\MissingLimit;
use NorthLedger\Core\Assessment\MissingLimits;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SourceKind;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Heads\ValvePlaces;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A sheet on which much is unknown: what is read is computed, judged by what is known, and never called good by what is not. */
final class UnknownLimitsTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../resources/specs/';

    private const SEVEN_ANSWERS = [
        'family' => 'glen-4-140',
        'revision' => 1,
        'name' => 'Glen 4-140',
        'unit' => 'in',
        'layout' => ['kind' => 'in-line', 'banks' => [[1, 2, 3, 4]]],
        'valve_train' => 'overhead valve',
        'block' => ['material' => 'grey iron', 'cylinders' => 'in the block'],
        'head' => ['material' => 'grey iron'],
        'stroke' => '3.5000',
        'bore' => ['nominal' => '3.5000', 'oversizes' => ['.020', '.030']],
    ];

    public function test_seven_answers_are_a_sheet(): void
    {
        $sheet = SpecificationSheet::fromArray(self::SEVEN_ANSWERS);
        $schema = (string) file_get_contents(self::FOLDER.'sheet.schema.json');
        $document = json_decode(json_encode(self::SEVEN_ANSWERS, JSON_THROW_ON_ERROR), false, 32, JSON_THROW_ON_ERROR);
        $result = (new Validator())->validate($document, $schema);
        $this->assertTrue($result->isValid(), (string) $result->error());
        $this->assertSame(
            [5, 5, 4, 4, 4],
            [
                $sheet->housings->count,
                $sheet->crankshaft->mains->count,
                $sheet->crankshaft->rods->count,
                $sheet->intake->count,
                $sheet->exhaust->count,
            ],
        );
        $eight = ['layout' => ['kind' => 'vee', 'banks' => [[1, 3, 5, 7], [2, 4, 6, 8]]]];
        $vee = SpecificationSheet::fromArray($eight + self::SEVEN_ANSWERS);
        $this->assertSame([5, 4], [$vee->crankshaft->mains->count, $vee->crankshaft->rods->count], 'two rods on each pin');
    }

    public function test_a_bore_is_sized_and_its_wear_told_and_no_limit_is_known(): void
    {
        $bore = $this->judged(SpecificationSheet::fromArray(self::SEVEN_ANSWERS), [34.0, 31.5, 33.0, 31.0, 30.5, 30.2]);
        $this->assertSame(762_000, $bore->step->value?->nanometres, 'bored .030 over before');
        $this->assertSame([4_000 * 25 + 1_600, CanStay::NotYetKnown], [$bore->wear?->nanometres, $bore->canStay]);
        $round = $bore->finding(Criterion::OutOfRound);
        $this->assertSame([Outcome::NoLimit, null, null], [$round->outcome, $round->margin, $round->remedy]);
        $this->assertSame(63_500, (int) $round->value?->value, 'thirty-four less thirty-one and a half');
        $this->assertSame(Outcome::NoLimit, $bore->finding(Criterion::LeastClearance)->outcome);
    }

    public function test_a_piston_larger_than_its_bore_fails_whatever_is_known(): void
    {
        $sheet = SpecificationSheet::fromArray(self::SEVEN_ANSWERS);
        $bore = BlockAssessment::of(
            $sheet,
            Bench::policy(),
            array_map(
                static fn (int $cylinder) => Bench::bore($sheet, $cylinder, [1.2, 0.7, 0.8, 0.5, 0.4, 0.3], -2.0),
                $sheet->layout->cylinders(),
            ),
            Length::zero(),
        )->bores[0];
        $this->assertSame(Outcome::Fail, $bore->finding(Criterion::LeastClearance)->outcome);
        $this->assertSame(CanStay::NotYetKnown, $bore->canStay, 'a new piston may fit; nobody knows its size');
    }

    public function test_once_everything_is_read_the_limits_are_what_is_missing(): void
    {
        $full = Bench::sheet('tarn-4-198');
        $bare = self::bare('tarn-4-198');
        $inspection = new EngineInspection($bare, self::policy(), new KnownEngine($full));
        $this->assertSame(NextReason::NeedsLimit, $inspection->bores()->next->reason);
        $this->assertSame(PartVerdict::NotYetKnown, $inspection->bores()->verdict);
        $missing = array_map(static fn (MissingLimit $one): string => $one->pointer, $inspection->missingLimits());
        foreach (
            [
                '/bore/service/out_of_round',
                '/piston/clearance/least',
                '/crankshaft/mains/diameter',
                '/crankshaft/taper',
                '/housings/step_overall',
                '/rods/big_end',
                '/deck/flatness',
                '/valves/exhaust/seat_width',
            ] as $pointer
        ) {
            $this->assertContains($pointer, $missing);
        }
    }

    /** Otherwise a limit that is missed could not be put where it is missed. */
    public function test_every_limit_of_every_family_is_known_by_where_it_stands(): void
    {
        foreach (self::families() as [$family]) {
            $inspection = new EngineInspection(self::bare($family), self::policy(), new KnownEngine(Bench::sheet($family)));
            $open = array_filter(self::findings($inspection), static fn (Finding $finding): bool => $finding->outcome === Outcome::NoLimit);
            $this->assertNotSame([], $open);
            foreach ($open as $finding) {
                $this->assertNotNull(MissingLimits::pointer($finding), "{$family}: {$finding->key()}");
            }
        }
    }

    #[DataProvider('families')]
    public function test_knowing_less_never_makes_anything_better_or_worse(string $family): void
    {
        $facts = new KnownEngine(Bench::sheet($family), self::worn(Bench::sheet($family)));
        $full = new EngineInspection(Bench::sheet($family), self::policy(), $facts);
        $known = self::outcomes($full);
        foreach (self::optional($family) as $pointer) {
            $inspection = new EngineInspection(SpecificationSheet::fromArray(self::without($family, [$pointer])), self::policy(), $facts);
            foreach (self::outcomes($inspection) as $key => $outcome) {
                $this->assertContains(
                    $outcome,
                    [$known[$key] ?? Outcome::NoLimit, Outcome::NoLimit, Outcome::Missing],
                    "{$family} without {$pointer}: {$key}",
                );
            }
            foreach ($inspection->engine()->parts as $part) {
                $this->assertContains(
                    $part->verdict,
                    [$full->engine()->parts[$part->part->value]->verdict, PartVerdict::NotYetKnown],
                    "{$family} without {$pointer}: {$part->part->value}",
                );
            }
        }
    }

    public function test_a_case_without_larger_bearings_is_scrap_and_one_of_which_nobody_knows_is_not(): void
    {
        foreach ([[['.0100'], 'pass'], [[], 'fail'], [null, 'no limit']] as [$steps, $outcome]) {
            $document = self::document('tarn-4-198');
            $document['housings']['line_bore_steps'] = $steps;
            $sheet = SpecificationSheet::fromArray($document);
            $most = (int) $sheet->housings->diameter?->most->nanometres;
            $worn = ['housings' => ['housing.2.90' => $most + 100_000]];
            $found = array_filter(
                (new EngineInspection($sheet, self::policy(), new KnownEngine($sheet, $worn)))->judged(Section::Housings)->findings,
                static fn (Finding $finding): bool => $finding->criterion === Criterion::LineBoreStep,
            );
            $this->assertSame($outcome, (array_values($found)[0] ?? null)->outcome->value ?? 'pass');
        }
    }

    public function test_the_shops_own_limits_stand_only_where_the_book_is_silent(): void
    {
        $policy = Bench::policy([
            'house_limits' => [
                'small_bores' => ['out_of_round' => '.001'],
                'bores' => ['out_of_round' => '.003', 'taper' => '0.15 mm'],
                'journals' => ['taper' => '.0005'],
            ],
        ]);
        $this->assertFalse($policy->houseLimits->areNone());
        $this->assertTrue(Bench::policy()->houseLimits->areNone(), 'a shop keeps none until it says so');
        foreach (['2.9999' => 25_400, '3.0000' => 76_200, '4.5000' => 76_200, '4.5001' => null] as $nominal => $limit) {
            $document = ['bore' => ['nominal' => $nominal, 'oversizes' => []]] + self::SEVEN_ANSWERS;
            $sheet = SpecificationSheet::fromArray($policy->houseLimits->filled($document));
            $this->assertSame($limit, $sheet->bore->service->outOfRound?->nanometres, (string) $nominal);
            $this->assertSame($limit === null ? null : SourceKind::House, $sheet->sourceOf('/bore/service/out_of_round')?->kind);
            $this->assertSame(12_700, $sheet->crankshaft->taper?->nanometres);
            $this->assertNull($sheet->rods->taper);
        }
        $known = self::document('tarn-4-198');
        $this->assertSame($known, $policy->houseLimits->filled($known), 'the book says all of it');
        $this->expectException(InvalidDocument::class);
        Bench::policy(['house_limits' => ['bores' => ['taper' => 'a lot']]]);
    }

    public function test_a_guide_is_reamed_to_what_the_sheet_says(): void
    {
        $document = self::document('tarn-4-198');
        $document['valves']['exhaust']['guide_ream'] = '.3440';
        $sheet = SpecificationSheet::fromArray($document);
        $worn = ['heads' => ['guide.2.ex' => 8_900_000, 'guide.3.in' => 8_900_000]];
        $works = (new EngineInspection($sheet, self::policy(), new KnownEngine($sheet, $worn)))->judged(Section::Heads)->works;
        $this->assertSame(
            ['valve.2.ex' => 8_737_600, 'valve.3.in' => null],
            array_combine(
                array_map(static fn ($work): string => $work->about->code, $works),
                array_map(static fn ($work): ?int => $work->target?->nanometres, $works),
            ),
        );
    }

    public function test_where_the_train_is_mixed_each_valve_is_judged_with_the_part_it_stands_in(): void
    {
        $document = self::document('tarn-4-198');
        $document['valve_train'] = 'intake over exhaust';
        $sheet = SpecificationSheet::fromArray($document);
        $this->assertSame([EnginePart::Head, EnginePart::Block], Section::Heads->partsOf($sheet));
        $inspection = new EngineInspection($sheet, self::policy(), new KnownEngine($sheet, ['heads' => ['vacuum.2.ex' => 'falls']]));
        $failing = $inspection->judged(Section::Heads)->failures();
        $this->assertSame(
            [[EnginePart::Block, 'valve.2.ex']],
            array_map(static fn (Finding $one): array => [$one->part, $one->about->code], $failing),
        );
        $this->assertSame(PartVerdict::Serviceable, $inspection->engine()->parts['head']->verdict);
        $this->assertSame(PartVerdict::Recondition, $inspection->engine()->parts['block']->verdict);
        $this->assertCount(8, ValvePlaces::valves($sheet));
    }

    public function test_a_value_has_the_source_that_stands_nearest_to_it(): void
    {
        $document = self::document('tarn-4-198');
        $document['sources'] = [
            '/bore' => ['kind' => 'manual', 'words' => 'third edition, page 12'],
            '/bore/service/taper' => ['kind' => 'house'],
        ];
        $sheet = SpecificationSheet::fromArray($document);
        $this->assertSame(SourceKind::House, $sheet->sourceOf('/bore/service/taper')?->kind);
        $this->assertSame('third edition, page 12', $sheet->sourceOf('/bore/service/out_of_round')?->words);
        $this->assertNull($sheet->sourceOf('/crankshaft/taper'));
    }

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        return SpecificationSheetTest::families();
    }

    /** @param  list<float>  $thou  Above nominal, place by place */
    private function judged(SpecificationSheet $sheet, array $thou): JudgedBore
    {
        return BlockAssessment::of(
            $sheet,
            Bench::policy(),
            array_map(static fn (int $cylinder) => Bench::bore($sheet, $cylinder, $thou, 28.0), $sheet->layout->cylinders()),
            null,
        )->bores[0];
    }

    /**
     * Something is wrong in every part, so that failures are seen to stand too.
     *
     * @return array<string, array<string, int|string>>
     */
    private static function worn(SpecificationSheet $sheet): array
    {
        return [
            'crankshaft' => ['mainscore.1' => 50_000],
            'rods' => ['bend.1' => 200_000],
            'housings' => ['imprint.1' => 'step'],
            'heads' => ['vacuum.1.'.ValvePlaces::valves($sheet)[0][1] => 'falls'],
        ];
    }

    private static function policy(): ShopPolicy
    {
        $needs = Bench::policyDocument()['crack_check'];
        $advised = array_map(static fn (mixed $need): mixed => $need === 'needed' ? 'advised' : $need, is_array($needs) ? $needs : []);

        return Bench::policy(['crack_check' => $advised]);
    }

    /** @return array<string, Outcome> By key */
    private static function outcomes(EngineInspection $inspection): array
    {
        $outcomes = [];
        foreach (self::findings($inspection) as $finding) {
            $outcomes[$finding->key()] = $finding->outcome;
        }

        return $outcomes;
    }

    /** @return list<Finding> */
    private static function findings(EngineInspection $inspection): array
    {
        return array_merge(
            ...array_map(static fn (JudgedBore $bore): array => array_values($bore->findings), $inspection->bores()->bores),
            ...array_map(static fn (AssessedPart $part): array => $part->findings, array_values($inspection->engine()->parts)),
        );
    }

    private static function bare(string $family): SpecificationSheet
    {
        return SpecificationSheet::fromArray(self::without($family, self::optional($family)));
    }

    /**
     * Every limit and size of a sheet that may be left out, ranges as one.
     *
     * @return list<string>
     */
    private static function optional(string $family): array
    {
        $pointers = [];
        $walk = static function (array $part, string $at) use (&$walk, &$pointers): void {
            foreach ($part as $key => $value) {
                $isWhole = ! is_array($value) || array_is_list($value) || isset($value['least']);
                if ($isWhole) {
                    $pointers[] = "{$at}/{$key}";
                } else {
                    $walk($value, "{$at}/{$key}");
                }
            }
        };
        $document = self::document($family);
        foreach (['bore', 'piston', 'housings', 'crankshaft', 'rods', 'deck', 'head', 'valves', 'volumes', 'weights'] as $part) {
            $walk(is_array($document[$part] ?? null) ? $document[$part] : [], "/{$part}");
        }
        $kept = '#^/(bore/nominal|head/material|.*/(count|shell_wall|local_span|hardening|case_depth|no_go|parting_gap|thrust/housing))$#';

        return array_values(array_filter($pointers, static fn (string $pointer): bool => preg_match($kept, $pointer) !== 1));
    }

    /**
     * @param  list<string>  $pointers
     * @return array<string, mixed>
     */
    private static function without(string $family, array $pointers): array
    {
        $document = self::document($family);
        foreach ($pointers as $pointer) {
            $keys = explode('/', substr($pointer, 1));
            $last = array_pop($keys);
            $place = &$document;
            foreach ($keys as $key) {
                $place = &$place[$key];
            }
            unset($place[$last]);
            if ($last === 'local_flatness') {
                unset($place['local_span']);
            }
            unset($place);
        }

        return $document;
    }

    /** @return array<string, mixed> */
    private static function document(string $family): array
    {
        /** @var array<string, mixed> $document */
        $document = json_decode((string) file_get_contents(self::FOLDER."{$family}.json"), true, 32, JSON_THROW_ON_ERROR);

        return $document;
    }
}
