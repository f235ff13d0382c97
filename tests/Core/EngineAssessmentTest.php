<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\EngineAssessment;
use NorthLedger\Core\Assessment\EngineVerdict;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Receiving\Arrival;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\SectionJudgement;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One verdict of the engine from those of its parts (VER-1, VER-2). */
final class EngineAssessmentTest extends TestCase
{
    private const SOUND = [1.2, 0.7, 0.8, 0.5, 0.4, 0.3];

    private SpecificationSheet $sheet;

    private MeasuredEngine $engine;

    protected function setUp(): void
    {
        $this->sheet = Bench::sheet('tarn-4-198');
        $this->engine = new MeasuredEngine($this->sheet);
    }

    /**
     * @return iterable<string, array{list<float>, array<string, array<string, int|string|null>>, list<array{EnginePart, Remedy}>,
     *     EngineVerdict}>
     */
    public static function engines(): iterable
    {
        yield 'everything sound' => [self::SOUND, [], [], EngineVerdict::AsIs];
        yield 'bores worn' => [[9.6, 5.2, 4.0, 3.0, 1.2, 0.8], [], [], EngineVerdict::WithMachining];
        yield 'a journal worn' => [
            self::SOUND,
            ['crankshaft' => ['main.2.front.0' => 66_662_300 - 100_000]],
            [],
            EngineVerdict::WithMachining,
        ];
        yield 'a journal beyond grinding' => [
            self::SOUND,
            ['crankshaft' => ['main.2.front.0' => 66_662_300 - 1_500_000]],
            [],
            EngineVerdict::WithRepairs,
        ];
        yield 'a cracked rod is replaced' => [self::SOUND, [], [[EnginePart::Rods, Remedy::Scrap]], EngineVerdict::WithRepairs];
        yield 'a cracked block is the end' => [self::SOUND, [], [[EnginePart::Block, Remedy::Scrap]], EngineVerdict::No];
        yield 'a crack that can be stitched' => [self::SOUND, [], [[EnginePart::Block, Remedy::Repair]], EngineVerdict::WithRepairs];
        yield 'a crack nobody has decided about' => [self::SOUND, [], [[EnginePart::Head, Remedy::Decide]], EngineVerdict::NotYetKnown];
        yield 'a reading missing' => [self::SOUND, ['rods' => ['bend.3' => null]], [], EngineVerdict::NotYetKnown];
        yield 'a scrapped block with readings missing' => [
            self::SOUND,
            ['rods' => ['bend.3' => null]],
            [[EnginePart::Block, Remedy::Scrap]],
            EngineVerdict::No,
        ];
    }

    /**
     * @param  list<float>  $bores
     * @param  array<string, array<string, int|string|null>>  $changes  By section
     * @param  list<array{EnginePart, Remedy}>  $defects
     */
    #[DataProvider('engines')]
    public function test_the_engine_is_as_good_as_its_parts_can_be_made(
        array $bores,
        array $changes,
        array $defects,
        EngineVerdict $verdict,
    ): void {
        $this->assertSame($verdict, $this->assess($bores, $changes, $defects)->verdict);
    }

    public function test_a_scrapped_part_says_which_is_replaced(): void
    {
        $engine = $this->assess(self::SOUND, [], [[EnginePart::Rods, Remedy::Scrap], [EnginePart::Crankshaft, Remedy::Scrap]]);
        $this->assertSame([EnginePart::Crankshaft, EnginePart::Rods], array_column($engine->replaced(), 'part'));
        $this->assertSame(PartVerdict::Serviceable, $engine->parts['head']->verdict);
    }

    public function test_nothing_is_asked_of_a_part_that_did_not_come(): void
    {
        $absent = array_values(
            array_filter(EnginePart::cases(), static fn (EnginePart $part): bool => ! Arrival::ShortBlock->brings($part)),
        );
        $this->assertSame([EnginePart::Head], $absent);
        $sections = $this->sections([]);
        $sections['heads'] = SectionJudgement::notBegun(Section::Heads, $this->sheet);
        $this->assertSame(EngineVerdict::NotYetKnown, $this->of($sections, [])->verdict, 'the lifters run in the block');
        $this->assertSame(
            EngineVerdict::NotYetKnown,
            $this->of(['deck' => SectionJudgement::notBegun(Section::Deck, $this->sheet)] + $sections, $absent)->verdict,
        );
        $this->assertFalse($this->of($sections, $absent)->parts['head']->isHere);
    }

    public function test_what_is_missing_is_named_by_the_part_it_is_missing_of(): void
    {
        $engine = $this->assess(self::SOUND, ['rods' => ['bend.3' => null, 'twist.3' => null], 'crankshaft' => ['snout.1' => null]], []);
        $this->assertSame(['bend.3', 'twist.3'], array_map(static fn ($place): string => $place->key, $engine->parts['rods']->missing));
        $this->assertSame(['snout.1'], array_map(static fn ($place): string => $place->key, $engine->parts['crankshaft']->missing));
        $this->assertSame([], $engine->parts['block']->missing);
    }

    /**
     * @param  list<float>  $bores
     * @param  array<string, array<string, int|string|null>>  $changes
     * @param  list<array{EnginePart, Remedy}>  $defects
     */
    private function assess(array $bores, array $changes, array $defects): EngineAssessment
    {
        $found = array_map(
            static fn (array $one): PartDefect => PartDefect::found($one[0], $one[1], 'CRACK-5', new Message('a.crack')),
            $defects,
        );

        return EngineAssessment::of($this->sheet, $this->block($bores, $found), $this->sections($changes), $found, []);
    }

    /**
     * @param  array<string, SectionJudgement>  $sections
     * @param  list<EnginePart>  $absent
     */
    private function of(array $sections, array $absent): EngineAssessment
    {
        return EngineAssessment::of($this->sheet, $this->block(self::SOUND, []), $sections, [], $absent);
    }

    /**
     * @param  list<float>  $over
     * @param  list<PartDefect>  $defects
     */
    private function block(array $over, array $defects): BlockAssessment
    {
        return BlockAssessment::of(
            $this->sheet,
            Bench::policy(),
            array_map(
                fn (int $cylinder): BoreInspection => Bench::bore($this->sheet, $cylinder, $over, 1.9),
                $this->sheet->layout->cylinders(),
            ),
            Length::zero(),
            $defects,
        );
    }

    /**
     * @param  array<string, array<string, int|string|null>>  $changes
     * @return array<string, SectionJudgement>
     */
    private function sections(array $changes): array
    {
        $judged = [];
        foreach (array_filter(Section::beside(), static fn (Section $section): bool => $section->judgesParts()) as $section) {
            $judged[$section->value] = Bench::judge($section, $this->sheet)->judge(
                $this->engine->measurements($section, $changes[$section->value] ?? []),
            );
        }

        return $judged;
    }
}
