<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawings\BoreFrame;
use App\Drawings\BoresFromAbove;
use App\Pages\Marks;
use App\Pages\SheetRow;
use App\Record\JobFile;
use App\Sheet\BoreSheetView;
use App\Storage\SheetName;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\LengthUnit;
use Tests\TestCase;

/** Columns of the bore sheet that an answer leaves out are those that the page shows as they are. */
final class BoreColumnsTest extends TestCase
{
    use StatedJob;

    private const SHOWN = 'X-Shown-Columns';

    private const FRAME = 'X-Shown-Frame';

    protected function setUp(): void
    {
        parent::setUp();
        $this->stateJob();
    }

    public function test_where_a_column_has_the_same_mark_it_has_the_same_cells_whatever_was_written_between(): void
    {
        $tag = $this->job->tag();
        $url = "/jobs/{$tag}/sheets/bores";
        foreach (range(1, 4) as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['6.0', '3.0', '4.0', '2.0', '1.0', '0.5']);
        }
        $piston = static fn (int $cylinder): string => "piston.{$cylinder}";
        $steps = [
            'another reading' => fn () => $this->key($this->job, 'bore.1.top.thrust', '6.4', changes: ['reason' => 'misread']),
            'a repeat' => fn () => $this->key($this->job, 'bore.2.middle.thrust', '4.1', changes: ['repeat' => true]),
            'taken back' => fn () => $this->postJson("{$url}/undo", ['ulid' => $this->ulid()]),
            'out of round' => fn () => $this->key($this->job, 'bore.3.top.inline', '0.2', changes: ['reason' => 'misread']),
            'another axis' => fn () => $this->key($this->job, 'bore.4.top.45', '4.0'),
            'the land' => fn () => $this->key($this->job, 'bore.4.land.inline', '0.0'),
            'a piston' => fn () => $this->key($this->job, $piston(1), '3.8090'),
            'a tight piston' => fn () => $this->key($this->job, $piston(2), '3.8125', changes: ['confirmed' => true]),
            'pistons swapped' => fn () => $this->sendTo($this->job, 'judge/pistons', ['piston' => [1 => 2, 2 => 1, 3 => 3, 4 => 4]]),
            'one of them again' => fn () => $this->key($this->job, $piston(2), '3.8122', changes: [
                'reason' => 'misread',
                'confirmed' => true,
            ]),
            'a weight' => fn () => $this->key($this->job, 'weight.2', '612.4', changes: ['confirmed' => true]),
            'a ridge' => fn () => $this->key($this->job, 'ridge.2.top', '1'),
            'scoring' => fn () => $this->key($this->job, 'scoring.3', '3'),
            'pitting' => fn () => $this->key($this->job, 'pitting.1', '3'),
            'a depth' => fn () => $this->key($this->job, 'pit.1', '0.012'),
            'a crack' => fn () => $this->key($this->job, 'crack.4', '1'),
            'a gauge off its zero' => fn () => $this->postJson("{$url}/checks", [
                'ulid' => $this->ulid(),
                'feature' => 'bore',
                'shows' => '0.4',
                'master' => null,
            ]),
            'stood by' => fn () => $this->post("{$url}/confirmations", ['ulid' => $this->ulid(), 'reason' => 'the ring was dirty']),
            'pitting that is felt' => fn () => $this->key($this->job, 'pitting.2', '3'),
            'lived with' => fn () => $this->sendTo($this->job, 'judge/concessions', [
                'finding' => 'BORE-6/bore.2/pitting',
                'worst' => 'it burns oil',
                'accepted_by' => 'the sawmill',
                'password' => 'a-password',
            ]),
            'a limit of its own' => fn () => $this->sendTo($this->job, 'sheet', [
                'scope' => 'engine',
                'value' => ['/bore/service/out_of_round' => '.0005'],
                'words' => 'page 12',
                'source' => 'manual',
            ]),
            'another setup' => fn () => $this->stateSetup($this->job, changes: ['zero' => '3.8150']),
            'read again' => fn () => $this->key($this->job, 'bore.1.top.thrust', '3.9', changes: ['reason' => 'misread']),
            'a zero on the part' => fn () => $this->stateSetup($this->job, changes: [
                'zero_place' => 'bore.2.bottom.inline',
                'zero' => null,
            ]),
            'from that zero' => fn () => $this->key($this->job, 'bore.2.top.thrust', '5.1', changes: ['reason' => 'misread']),
            'its size' => fn () => $this->postJson("{$url}/zeros", [
                'ulid' => $this->ulid(),
                'size' => '3.8131',
                'gauge' => 'inside micrometer',
                'confirmed' => true,
            ]),
        ];
        $seen = [$this->columns()];
        foreach ($steps as $name => $step) {
            $answer = $step();
            $this->assertContains($answer->status(), [200, 302], "{$name}: {$answer->getContent()}");
            $answer->assertSessionHasNoErrors();
            $seen[$name] = $this->columns();
        }
        $seen['in millimetres'] = $this->columns($this->file()->shownIn(LengthUnit::Millimetre));
        $seen['every axis'] = $this->columns(showsAllAxes: true);
        $this->app->instance(Marks::class, new Marks(false));
        $seen['nothing marked'] = $this->columns();
        $this->app->forgetInstance(Marks::class);

        $this->assertEveryMarkTells($seen);
    }

    public function test_an_answer_brings_the_columns_that_the_page_does_not_show(): void
    {
        foreach (range(1, 4) as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['6.0', '3.0', '4.0', '2.0', '1.0', '0.5']);
        }
        $whole = $this->key($this->job, 'bore.2.top.thrust', '6.1', changes: ['reason' => 'misread']);
        $this->assertSame('1,2,3,4', self::said($whole, 'brings'));

        $this->withHeader(self::SHOWN, self::said($whole, 'columns'));
        $part = $this->key($this->job, 'bore.3.top.thrust', '6.2', changes: ['reason' => 'misread']);
        $this->assertSame('3', self::said($part, 'brings'));
        $this->assertStringContainsString('data-place="bore.3.top.thrust"', $part->json('fragments.table'));
        $this->assertStringNotContainsString('data-place="bore.2.top.thrust"', $part->json('fragments.table'));

        $this->assertSame('3', self::said($this->key($this->job, 'bore.3.top.thrust', '6.3', changes: ['reason' => 'misread']), 'brings'));
        $this->withHeader(self::SHOWN, self::said($part, 'columns'));
        $again = $this->key($this->job, 'bore.3.top.thrust', '6.4', changes: ['reason' => 'misread']);
        $this->assertSame('3', self::said($again, 'brings'), 'a page that has not shown two answers gets what both changed');

        foreach (['nonsense', 'a,b,c,d', ',,,', ''] as $unknown) {
            $this->withHeader(self::SHOWN, $unknown);
            $answer = $this->key($this->job, 'bore.3.top.thrust', '6.5', changes: ['reason' => 'misread'])->assertOk();
            $this->assertSame('1,2,3,4', self::said($answer, 'brings'), $unknown);
        }
        $this->withHeader(self::SHOWN, self::said($again, 'columns'));
        $changes = $this->getJson("/jobs/{$this->job->tag()}/sheets/bores/changes?since=-1")->assertOk();
        $this->assertStringContainsString('data-place="bore.3.top.thrust"', $changes->json('fragments.table'));
    }

    public function test_an_answer_brings_the_bores_whose_columns_it_brings_where_the_page_draws_them_in_the_same_frame(): void
    {
        foreach (range(1, 4) as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['6.0', '3.0', '4.0', '2.0', '1.0', '0.5']);
        }
        $misread = ['reason' => 'misread'];
        $correct = fn (string $place, string $text): TestResponse => $this->key($this->job, $place, $text, changes: $misread);
        $whole = $correct('bore.2.middle.thrust', '4.1');
        $this->assertSame('1,2,3,4', self::said($whole, 'brings', 'drawing'), 'a page that says nothing gets the whole drawing');

        $columns = self::said($whole, 'columns', 'drawing');
        $this->assertSame(self::said($whole, 'columns'), $columns);
        $this->withHeaders([self::SHOWN => $columns, self::FRAME => self::said($whole, 'frame', 'drawing')]);
        $part = $correct('bore.3.middle.thrust', '4.2');
        $this->assertSame('3', self::said($part, 'brings', 'drawing'));
        $this->assertStringContainsString('data-bore="3"', $part->json('fragments.drawing'));
        $this->assertStringNotContainsString('data-bore="2"', $part->json('fragments.drawing'));
        $this->assertSame(self::said($whole, 'frame', 'drawing'), self::said($part, 'frame', 'drawing'));

        $more = $correct('bore.3.top.thrust', '7.5');
        $this->assertSame('3', self::said($more, 'brings'));
        $this->assertSame('1,2,3,4', self::said($more, 'brings', 'drawing'), 'more wear than any before: all are drawn to another scale');
        $this->assertNotSame(self::said($whole, 'frame', 'drawing'), self::said($more, 'frame', 'drawing'));
    }

    public function test_two_columns_that_are_alike_are_not_taken_for_each_other(): void
    {
        $page = $this->getJson("/jobs/{$this->job->tag()}/sheets/bores/changes?since=-1")->assertOk();
        $marks = explode(',', self::said($page, 'columns'));
        $this->assertCount(4, $marks);
        $this->key($this->job, 'bore.1.top.thrust', '6.0')->assertOk();
        $this->withHeader(self::SHOWN, implode(',', $marks));
        $answer = $this->key($this->job, 'bore.1.top.inline', '3.0')->assertOk();
        $this->assertSame('1', self::said($answer, 'brings'));
    }

    public function test_finished_work_is_sent_whole(): void
    {
        $shown = [1 => 'a', 2 => 'b', 3 => 'c', 4 => 'd'];
        $view = BoreSheetView::of($this->file(), SheetName::bores(Occasion::Final), new Marks(), shown: $shown);
        $this->assertSame([], $view->marks);
        $this->assertSame([1, 2, 3, 4], $view->cylinders);
    }

    /** @return array<int, array{string, string, string, string}> By cylinder: its mark, its cells, the frame's mark, the bore drawn */
    private function columns(?JobFile $file = null, bool $showsAllAxes = false): array
    {
        $file ??= $this->file();
        $found = $this->app->make(Marks::class);
        $view = BoreSheetView::of($file, SheetName::bores(), $found, $showsAllAxes);
        $frame = BoreFrame::of($file, SheetName::bores());
        $drawing = BoresFromAbove::in($frame, $file, SheetName::bores(), $found, $view->cylinders);
        $drawn = array_combine(array_column($drawing->bores, 'cylinder'), $drawing->bores);
        $columns = [];
        foreach ($view->cylinders as $index => $cylinder) {
            $cells = array_map(
                static fn (SheetRow $row): array => [$row->kind, $row->group, $row->label, (array) $row->cells[$index], $view->base],
                $view->rows,
            );
            $columns[$cylinder] = [$view->marks[$cylinder], serialize($cells), $frame->mark(), serialize($drawn[$cylinder])];
        }

        return $columns;
    }

    /** @param  array<int|string, array<int, array{string, string, string, string}>>  $seen */
    private function assertEveryMarkTells(array $seen): void
    {
        $kept = 0;
        foreach (range(1, 4) as $cylinder) {
            $cells = $bores = [];
            foreach ($seen as $step => $columns) {
                [$mark, $shown, $frame, $drawn] = $columns[$cylinder];
                $this->assertSame($cells[$mark] ?? $shown, $shown, "cylinder {$cylinder}, {$step}: another column under the same mark");
                $this->assertSame($bores[$mark.$frame] ?? $drawn, $drawn, "cylinder {$cylinder}, {$step}: another bore drawn under them");
                $kept += isset($bores[$mark.$frame]) ? 1 : 0;
                $cells[$mark] = $shown;
                $bores[$mark.$frame] = $drawn;
            }
            $this->assertGreaterThan(6, count($cells), "cylinder {$cylinder} changes now and then");
        }
        $this->assertGreaterThan(10, $kept, 'most columns stay as they are');
    }

    private static function said(TestResponse $answer, string $what, string $fragment = 'table'): string
    {
        preg_match("/data-{$what}=\"([^\"]*)\"/", $answer->json("fragments.{$fragment}"), $match);

        return $match[1] ?? '';
    }
}
