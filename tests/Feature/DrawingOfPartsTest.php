<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawings\CrankDrawing;
use App\Drawings\FaceMap;
use App\Drawings\FacesDrawing;
use App\Drawings\FaceStamps;
use App\Drawings\HousingDrawing;
use App\Drawings\NoTruth;
use App\Pages\CellState;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Crankshaft\JournalGroup;
use NorthLedger\Core\Features\Faces\FaceGrid;
use NorthLedger\Core\Features\Housings\HousingPlaces;
use NorthLedger\Core\Inspection\Section;
use Tests\TestCase;

/** The drawings beside the bores say what was read: faces and their cuts, housings and their line, journals and what they need. */
final class DrawingOfPartsTest extends TestCase
{
    use StatedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stateJob();
    }

    public function test_an_unread_face_shows_where_to_read_and_nothing_else(): void
    {
        $face = $this->deck();
        $this->assertSame('Fewer than four heights are read.', $face->caption);
        $this->assertSame([[], [], [], ''], [$face->shades, $face->contours, $face->passes, $face->shims]);
        $this->assertCount(4, $face->bores);
        foreach ($face->points as $point) {
            $this->assertSame([CellState::Missing, '', null], [$point['state'], $point['text'], $point['pass']]);
            $this->assertStringStartsWith('deck.1.', $point['goto']);
        }
    }

    public function test_the_heights_of_the_edge_are_written_inside_the_face(): void
    {
        $this->readDeck(static fn (): float => 0.01);
        $face = $this->deck();
        foreach ($face->points as $point) {
            [$x, $y] = array_map(floatval(...), explode(',', $point['at']));
            $from = $x + (float) $point['label'];
            $far = $from + 7 * strlen($point['text']);
            $this->assertGreaterThan(0.0, $y - 4, "{$point['goto']} is crossed by the upper edge");
            $this->assertTrue($far < FaceMap::WIDTH || $from > FaceMap::WIDTH, "{$point['goto']} is crossed by the right edge");
            $this->assertLessThan((float) $face->height, $y + 4, "{$point['goto']} is crossed by the lower edge");
        }
    }

    public function test_the_mark_of_a_stamped_number_covers_no_measuring_place_and_leads_to_where_it_stands(): void
    {
        $places = [[20.0, 20.0], [80.0, 20.0], [20.0, 60.0], [80.0, 60.0]];
        $document = json_decode((string) file_get_contents(resource_path('specs/brae-v8-311.json')), true);
        for ($x = 0; $x <= 1_000; $x += 50) {
            for ($y = 0; $y <= 1_000; $y += 50) {
                $stamp = ['face' => 'right deck', 'x' => $x, 'y' => $y, 'words' => 'engine number'];
                $stamped = SpecificationSheet::fromArray(['stamped' => [$stamp]] + $document)->stampedPlaces;
                [$mark] = (new FaceStamps(100, 80, $places))->drawn($stamped);
                [$atX, $atY] = array_map(floatval(...), explode(',', $mark['at']));
                $this->assertEqualsWithDelta($y * 0.08, $atY + (float) $mark['to'], 0.2, 'the line leads to the number');
                foreach ($places as [$placeX, $placeY]) {
                    $isBeside = abs($placeX - $atX) >= 22 || abs($placeY - $atY) >= 12;
                    $this->assertTrue($isBeside, "{$x} {$y}: the mark covers {$placeX} {$placeY}");
                }
            }
        }
    }

    public function test_an_even_face_needs_no_shims_and_its_first_pass_is_clean(): void
    {
        $this->readDeck(static fn (): float => 0.01);
        $face = $this->deck();
        $this->assertSame(['0.0 thou off: touches 41 places (100 %), clean'], $face->passes);
        $this->assertStringContainsString('shims would not help', $face->shims);
        $this->assertSame([], $face->shades);
    }

    public function test_a_face_that_sits_askew_is_shimmed_and_then_needs_no_cut(): void
    {
        // The depth micrometer reads more towards the rear: the face falls 4 thou from the first column to the last.
        $this->readDeck(static fn (int $column): float => 0.01 + 0.0005 * ($column - 1));
        $face = $this->deck();
        $this->assertStringContainsString('flat within 0.0 thou', $face->caption);
        $this->assertMatchesRegularExpression(
            '/As it sits it needs 4\.0 thou; on shims \(front intake 0(?:\.0)?, rear intake 4\.0, rear exhaust 4\.0, front exhaust '.
                '0(?:\.0)?\) 0\.\d thou\./',
            $face->shims,
        );
        $this->assertGreaterThanOrEqual(3, count($face->contours), 'a line every thou');
        $this->assertNotSame([], $face->shades);
    }

    public function test_each_pass_touches_more_until_the_face_is_clean(): void
    {
        $this->readDeck(static fn (int $column, string $row): float => 0.01 + ($row === 'b' ? 0.005 : 0.0005 * ($column % 3)));
        $touched = array_map(
            static fn (string $pass): int => preg_match('/touches (\d+) place/', $pass, $match) === 1 ? (int) $match[1] : -1,
            $this->deck()->passes,
        );
        $sorted = $touched;
        sort($sorted);
        $this->assertSame($sorted, $touched, 'never fewer');
        $this->assertSame(41, end($touched));
        $passes = $this->deck()->passes;
        $this->assertStringEndsWith(', clean', (string) end($passes));
        $this->assertStringContainsString('light cuts remain', $passes[0]);
        $this->assertStringContainsString('1 light cut remains', $passes[count($passes) - 2]);
        foreach ($this->deck()->points as $point) {
            $this->assertLessThanOrEqual(count($passes) - 1, (int) $point['pass'], 'the last pass touches every place');
        }
    }

    public function test_a_face_that_is_read_in_part_says_no_shims(): void
    {
        foreach (['a1' => '.0100', 'a5' => '.0100', 'c1' => '.0110', 'c9' => '.0110'] as $spot => $text) {
            $this->key($this->job, "deck.1.{$spot}", $text, 'deck')->assertOk();
        }
        $this->assertSame('', $this->deck()->shims);
        $this->assertStringContainsString('flat within', $this->deck()->caption);
    }

    public function test_a_housing_is_drawn_round_when_all_its_directions_are_read(): void
    {
        $spec = $this->file()->sheet->housings;
        $drawing = HousingDrawing::of($this->file(), new NoTruth());
        $this->assertCount($spec->count, $drawing->housings);
        $this->assertSame(['not read', ''], [$drawing->housings[0]['caption'], $drawing->housings[0]['outline']]);
        $this->stateSetup($this->job, 'housings', ['feature' => 'housing', 'zero' => '2.8170'])->assertOk();
        foreach (HousingPlaces::directions($spec, 1) as $degrees) {
            $this->key($this->job, "housing.1.{$degrees}", $degrees < 60 ? '0.4' : '0.1', 'housings')->assertOk();
        }
        $drawing = HousingDrawing::of($this->file(), new NoTruth());
        $outline = array_map(
            static fn (string $point): array => array_map(floatval(...), explode(',', $point)),
            explode(' ', $drawing->housings[0]['outline']),
        );
        $this->assertGreaterThanOrEqual(36, count($outline), 'a smooth line');
        $reach = array_map(static fn (array $point): float => hypot($point[0], $point[1]), $outline);
        $this->assertGreaterThan(min($reach) + 0.5, max($reach), 'wider up and down than across');
        $this->assertSame('', $drawing->housings[0]['caption']);
        $this->assertSame('not read', $drawing->housings[1]['caption']);
    }

    public function test_the_line_of_the_housings_rises_where_one_stands_high(): void
    {
        foreach (['0', '1.5', '-1.5'] as $index => $thou) {
            $this->key($this->job, 'offset.'.($index + 1), $thou, 'housings')->assertOk();
        }
        $line = HousingDrawing::of($this->file(), new NoTruth())->line;
        $this->assertCount(3, $line);
        $this->assertLessThan((float) $line[0]['y'], (float) $line[1]['y'], 'up is up');
        $this->assertGreaterThan((float) $line[0]['y'], (float) $line[2]['y']);
        $this->assertSame(['0.0', '+1.5', '−1.5'], array_column($line, 'text'));
    }

    public function test_a_journal_carries_the_undersize_it_needs_by_itself(): void
    {
        $this->readJournal(1, '2.6245', '0');
        $this->readJournal(2, '2.6205', '0');
        $needs = array_column(CrankDrawing::of($this->file(), new NoTruth())->journals, null, 'number');
        $this->assertSame(CellState::Good, $needs['M1']['state']);
        $this->assertSame('polish', $needs['M1']['caption']);
        $this->assertSame(CellState::Close, $needs['M2']['state'], 'worn: it is ground');
        $this->assertNotSame('', $needs['M2']['caption']);
        $this->assertSame([CellState::Missing, ''], [$needs['M3']['state'], $needs['M3']['caption']]);
        $journals = $this->file()->inspection()->crankshaftJudge()->journals;
        $this->assertSame(
            [1, 2],
            array_keys($journals->of(JournalGroup::Mains, $this->file()->inspection()->measurements(Section::Crankshaft))),
        );
    }

    private function readJournal(int $number, string $size, string $score): void
    {
        foreach (['front.0', 'front.90', 'rear.0', 'rear.90'] as $spot) {
            $this->key($this->job, "main.{$number}.{$spot}", $size, 'crankshaft')->assertOk();
        }
        $this->key($this->job, "mainscore.{$number}", $score, 'crankshaft')->assertOk();
        if (! in_array($number, [1, $this->file()->sheet->crankshaft->mains->count], true)) {
            $this->key($this->job, "runout.{$number}", '0', 'crankshaft')->assertOk();
        }
    }

    private function deck(): FaceMap
    {
        return FacesDrawing::of($this->file(), new NoTruth())->faces[0];
    }

    /** @param  callable(int, string): float  $depth  Below the straightedge in inches, of the column and the row */
    private function readDeck(callable $depth): void
    {
        $spec = $this->file()->sheet->deck ?? $this->fail('An in-line four has a deck.');
        foreach (array_keys(FaceGrid::of($spec, 4)->points) as $spot) {
            $this->key($this->job, "deck.1.{$spot}", sprintf('%.4f', $depth((int) substr($spot, 1), $spot[0])), 'deck')->assertOk();
        }
    }
}
