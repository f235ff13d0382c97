<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\Decisions;
use App\Documents\ReadingExport;
use App\Package\JobPackage;
use App\Record\Concessions;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Storage\CrankshaftsThatCame;
use App\Storage\EntryKind;
use App\Storage\Said;
use Database\Seeders\DemoIncoming;
use Database\Seeders\DemoParts;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\StopReason;
use Tests\TestCase;

/** Two crankshafts came and one will be used: what is read of one says nothing of the other. */
final class CrankshaftsThatCameTest extends TestCase
{
    use WorkedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->receiveJob();
        $this->receiveCrankshaft();
    }

    public function test_another_one_begins_with_nothing_and_the_first_is_as_it_was_when_it_is_taken_up_again(): void
    {
        $scored = $this->verdict();
        $this->assertSame(PartVerdict::Recondition, $scored);
        $this->get($this->url('measure/crankshaft'))->assertSee('Another crankshaft came')->assertDontSee('The crankshafts that came');

        $this->exchange(['mark' => '7741'])->assertSessionDoesntHaveErrors();
        $this->assertSame(PartVerdict::NotYetKnown, $this->verdict());
        $this->assertTrue($this->file()->inspection()->measurements(Section::Crankshaft)->isEmpty());
        $this->assertSame([], $this->file()->record->cracks()->runs, 'what was looked at was the other one');
        $this->readSound();
        $this->assertSame(PartVerdict::Serviceable, $this->verdict());
        $this->get($this->url('measure/crankshaft'))
            ->assertSeeInOrder(['A, as it came in the engine', 'Recondition', 'Use A', 'B, marked 7741', 'Serviceable', 'on the bench']);
        $this->get($this->url('judge'))->assertSeeInOrder(['A, as it came in the engine', 'recondition', 'B, marked 7741']);

        $this->exchange(['use' => 'A'])->assertSessionDoesntHaveErrors();
        $this->assertSame($scored, $this->verdict());
        $this->assertSame(PartVerdict::Serviceable, $this->file()->asIfUsed('B')->engine()->parts['crankshaft']->verdict);
        $this->key($this->job, 'pin.2.front.0', '2.2490', 'crankshaft')->assertStatus(422)->assertJsonPath('question.kind', 'reason');
        $this->exchange(['use' => 'B']);
        $this->assertSame(PartVerdict::Serviceable, $this->verdict());
        $this->assertSame(['Crankshaft used: B, marked 7741. Not used: A, as it came in the engine.'], Decisions::of($this->file()));
        $export = ReadingExport::rows($this->job);
        $letters = array_count_values(array_filter(array_column($export, 'crankshaft')));
        $this->assertSame(['A', 'B'], array_keys($letters), 'what is written out says of which one it is');
        $this->assertSame(count($export), array_sum($letters));
        $this->artisan('ledger:verify')->assertSuccessful();
        $this->artisan('ledger:recompute')->assertSuccessful();
        $evaluation = JobPackage::fromJson((string) JobPackage::of($this->job->id, ...$this->books())?->toJson())->evaluate()->toArray();
        $this->assertSame('serviceable', array_column($evaluation['engine']['parts'], 'verdict', 'part')['crankshaft']);
    }

    /** A step that is written late, an answer that comes late: they are of what they speak of. */
    public function test_what_is_said_of_an_earlier_entry_is_of_the_crankshaft_that_was_meant_there(): void
    {
        $id = 0;
        $said = static function (EntryKind $kind, string $subject, array $words = []) use (&$id): Said {
            return new Said(++$id, "row-{$id}", $kind, $subject, json_encode($words, JSON_THROW_ON_ERROR), '2026-11-29 10:00:00', 1);
        };
        $rows = [
            $said(EntryKind::CrackCheck, 'run', ['part' => 'crankshaft']),
            $said(EntryKind::Indication, 'mark', ['face' => 'crankshaft']),
            $said(EntryKind::CrankshaftExchanged, 'B', ['mark' => '7741']),
            $said(EntryKind::CrackStep, 'run', ['step' => 'read']),
            $said(EntryKind::CustomerAnswer, 'mark', ['answer' => 'accepted']),
            $said(EntryKind::CustomerAnswer, 'bore.1', ['answer' => 'accepted']),
            $said(EntryKind::Indication, 'mark', ['withdrawn' => true]),
            $said(EntryKind::PartCount, 'crankshaft', ['state' => 'here']),
        ];
        $of = static fn (string $letter): array => array_column(CrankshaftsThatCame::of($rows)->asIf($letter)->counting($rows), 'id');
        $this->assertSame([1, 2, 3, 4, 5, 6, 7], $of('A'));
        $this->assertSame([3, 6, 8], $of('B'));
    }

    public function test_what_was_accepted_of_one_is_not_accepted_of_the_other(): void
    {
        $finding = array_values($this->file()->inspection()->judged(Section::Crankshaft)->failures())[0];
        $this->post($this->url('judge/concessions'), [
            'ulid' => $this->ulid(),
            'finding' => $finding->key(),
            'worst' => 'it wears a bearing',
            'accepted_by' => 'the customer',
            'password' => 'a-password',
        ])->assertSessionDoesntHaveErrors();
        $this->assertFalse(Concessions::of($this->file()->record->observations())->isEmpty());
        $this->exchange(['mark' => '7741']);
        $this->assertTrue(Concessions::of($this->file()->record->observations())->isEmpty());
        $this->exchange(['use' => 'A']);
        $this->assertFalse(Concessions::of($this->file()->record->observations())->isEmpty());
    }

    public function test_once_it_is_worked_it_stays_on_the_bench(): void
    {
        $this->post($this->url('plan'), ['ulid' => $this->ulid()])->assertSessionDoesntHaveErrors();
        $this->actingAs($this->machinist);
        $this->tick('crank wash')->assertSessionDoesntHaveErrors();
        $this->actingAs($this->inspector);
        $this->exchange(['mark' => '7741'])->assertSessionHasErrors('use');
        $this->assertStringContainsString('Work on the crankshaft has begun', session('errors')->first('use'));
        $this->actingAs($this->machinist);
        $this->tick('crank wash', 'open again')->assertSessionDoesntHaveErrors();
        $this->actingAs($this->inspector);
        $this->exchange(['mark' => '7741'])->assertSessionDoesntHaveErrors();
        $this->assertSame([StopReason::OtherCrankshaft], array_column($this->file()->work()->stops(), 'reason'));
        $this->get($this->url('work'))->assertSee('The plan was agreed for crankshaft A');
        $this->actingAs($this->machinist);
        $this->tick('grind rods.1', actual: '2.2395')->assertSessionHasErrors('grind rods.1');
        $this->actingAs($this->inspector);
        $this->exchange(['use' => 'A'])->assertSessionDoesntHaveErrors();
        $this->assertSame([], $this->file()->work()->stops());
        $this->exchange(['use' => 'B']);
        $this->readSound();
        $this->post($this->url('plan'), ['ulid' => $this->ulid()])->assertSessionDoesntHaveErrors();
        $this->assertSame([], $this->file()->work()->stops(), 'agreed for this one');
    }

    public function test_what_cannot_be_told_apart_or_did_not_come_is_refused_with_what_was_typed(): void
    {
        $this->exchange(['mark' => ' '])->assertSessionHasErrors(['mark' => __('crankshafts.say_mark')]);
        $this->exchange(['use' => 'A'])->assertSessionHasErrors('use');
        $this->exchange(['use' => 'C'])->assertSessionHasErrors('use');
        $this->exchange(['mark' => 'Stamp 7741'])->assertSessionDoesntHaveErrors();
        $this->exchange(['mark' => 'stamp 7741'])->assertSessionHasErrors('mark');
        $this->assertSame('stamp 7741', old('mark'));
        $ulid = $this->ulid();
        $this->exchange(['use' => 'A', 'ulid' => $ulid]);
        $this->exchange(['use' => 'A', 'ulid' => $ulid])->assertSessionDoesntHaveErrors();
        $this->assertSame('A', $this->file()->record->observations()->crankshafts->inUse());
    }

    /** @param  array<string, string>  $form */
    private function exchange(array $form): TestResponse
    {
        return $this->post($this->url('crankshafts'), $form + ['ulid' => $this->ulid()]);
    }

    private function readSound(): void
    {
        $this->app->make(DemoIncoming::class)->magneticCheck(
            $this->job,
            $this->inspector,
            EnginePart::Crankshaft,
            Carbon::yesterday()->setTime(15, 0),
        );
        $this->app->make(DemoParts::class)->read($this->job, $this->inspector, [Section::Crankshaft], [], 43);
    }

    private function verdict(): PartVerdict
    {
        return $this->file()->engine()->parts[EnginePart::Crankshaft->value]->verdict;
    }

    private function file(): JobFile
    {
        return $this->app->make(JobFiles::class)->open($this->job->refresh());
    }
}
