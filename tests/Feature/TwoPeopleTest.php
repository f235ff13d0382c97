<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Storage\ChangeReason;
use App\Storage\Reading;
use App\Storage\SheetName;
use App\Storage\User;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Engine\Places\Place;
use Tests\TestCase;

/** A caller and a writer at one sheet, and what happens when both read one place. */
final class TwoPeopleTest extends TestCase
{
    use StatedJob;

    private const CALLER = '01HZZZZZZZZZZZZZZZZZZZZZZA';

    private const WRITER = '01HZZZZZZZZZZZZZZZZZZZZZZB';

    private const PLACE = 'bore.1.top.thrust';

    private User $owner;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stateJob();
        $this->owner = $this->person(Role::Owner);
    }

    public function test_each_sees_where_the_other_is_and_the_last_reading(): void
    {
        $this->sit(self::CALLER, 'caller', self::PLACE)->assertOk()->assertJsonPath('others', [])->assertJsonPath('last', null);
        $this->actingAs($this->owner);
        $this->sit(self::WRITER, 'writer', 'bore.2.top.thrust')
            ->assertJsonPath('others.0.words', 'Cylinder 1, top, thrust')
            ->assertJsonPath('others.0.part', 'caller');
        $this->key($this->job, 'bore.2.top.thrust', '+3.4')->assertOk();
        $this->actingAs($this->inspector);
        $answer = $this->sit(self::CALLER, 'caller', self::PLACE);
        $this->assertSame(
            ['Owner', 'writer', 'bore.2.top.thrust'],
            [$answer->json('others.0.name'), $answer->json('others.0.part'), $answer->json('others.0.place')],
        );
        $this->assertSame(
            ['Cylinder 2, top, thrust', '+3.4', 'Owner'],
            [$answer->json('last.words'), $answer->json('last.typed'), $answer->json('last.by')],
        );
    }

    public function test_who_is_not_heard_of_has_left(): void
    {
        Carbon::setTestNow('2030-05-05 10:00:00');
        $this->sit(self::CALLER, 'caller', self::PLACE);
        Carbon::setTestNow('2030-05-05 10:00:09');
        $this->sit(self::WRITER, 'writer', self::PLACE)->assertJsonPath('others', []);
        $this->sit(self::CALLER, 'caller', self::PLACE)->assertJsonCount(1, 'others');
        $this->postJson("/jobs/{$this->job->tag()}/sheets/bores/seats/leave", ['seat' => self::WRITER])->assertOk();
        $this->sit(self::CALLER, 'caller', self::PLACE)->assertJsonPath('others', []);
        Carbon::setTestNow();
    }

    public function test_two_entries_for_one_place_are_both_kept_and_one_is_asked(): void
    {
        $this->key($this->job, self::PLACE, '3.1')->assertOk();
        $this->actingAs($this->owner);
        $this->key($this->job, self::PLACE, '3.5', changes: ['saw' => 0])
            ->assertUnprocessable()
            ->assertJsonPath('question.kind', 'clash')
            ->assertJsonPath('question.text', 'Inspector read cylinder 1, top, thrust as 3.1 at the same time. Which counts?')
            ->assertJsonPath('question.values', ['theirs_counts', 'mine_counts', 'both_count'])
            ->assertJsonPath('question.choices.2', 'both: take their mean');
    }

    public function test_the_other_one_counts(): void
    {
        $this->clash(ChangeReason::TheirsCounts->value);
        $this->assertSame([3_100, 1], [$this->stands(), $this->repeats()]);
        $this->assertSame(3, Reading::query()->count(), 'both stand in the journal, and which was taken back');
    }

    public function test_mine_counts(): void
    {
        $this->clash(ChangeReason::MineCounts->value);
        $this->assertSame([3_500, 1], [$this->stands(), $this->repeats()]);
        $this->assertSame(ChangeReason::MineCounts->value, Reading::query()->latest('id')->firstOrFail()->reason);
    }

    public function test_both_count_as_repeats(): void
    {
        $this->clash(ChangeReason::BothCount->value);
        $this->assertSame([3_300, 2], [$this->stands(), $this->repeats()]);
    }

    /** It was asked by the house as it was before, and waited in a browser. */
    public function test_an_answer_in_the_words_of_before_is_understood(): void
    {
        $this->clash('both: take their mean');
        $this->assertSame([3_300, 2], [$this->stands(), $this->repeats()]);
        $this->assertSame('both_count', Reading::query()->latest('id')->firstOrFail()->reason);
    }

    public function test_a_reason_of_before_and_one_in_own_words_read_as_they_did(): void
    {
        $this->key($this->job, self::PLACE, '3.1')->assertOk();
        $this->key($this->job, self::PLACE, '3.5', changes: ['reason' => 'wrong_place'])->assertOk();
        $this->key($this->job, self::PLACE, '3.6', changes: ['reason' => 'the lamp went out'])->assertOk();
        $history = (string) $this->get("/jobs/{$this->job->tag()}/history")->assertOk()->getContent();
        $this->assertStringContainsString('wrong place', $history);
        $this->assertStringNotContainsString('wrong_place', $history);
        $this->assertStringContainsString('the lamp went out', $history);
        $this->assertSame(ChangeReason::WrongPlace, ChangeReason::read('wrong place'));
        $this->assertNull(ChangeReason::read('the lamp went out'));
    }

    public function test_a_page_that_showed_the_reading_is_asked_why_it_changes_as_always(): void
    {
        $this->key($this->job, self::PLACE, '3.1')->assertOk();
        $shown = Reading::query()->sole()->id;
        $this->actingAs($this->owner);
        $this->key($this->job, self::PLACE, '3.5', changes: ['saw' => $shown])
            ->assertUnprocessable()
            ->assertJsonPath('question.kind', 'reason');
        $this->actingAs($this->inspector);
        $this->key($this->job, self::PLACE, '3.5', changes: ['saw' => 0])->assertUnprocessable()->assertJsonPath('question.kind', 'reason');
        $this->assertStringContainsString("data-saw=\"{$shown}\"", (string) $this->get("/jobs/{$this->job->tag()}/measure")->getContent());
    }

    public function test_only_who_measures_sits_down(): void
    {
        $this->actingAs($this->person(Role::Machinist));
        $this->sit(self::WRITER, 'writer', self::PLACE)->assertForbidden();
    }

    private function clash(string $answer): void
    {
        $this->key($this->job, self::PLACE, '3.1')->assertOk();
        $this->actingAs($this->owner);
        $ulid = $this->ulid();
        $this->key($this->job, self::PLACE, '3.5', changes: ['saw' => 0, 'ulid' => $ulid])->assertUnprocessable();
        $this->key($this->job, self::PLACE, '3.5', changes: ['saw' => 0, 'ulid' => $ulid, 'reason' => $answer])->assertOk();
        $this->key($this->job, self::PLACE, '3.5', changes: ['saw' => 0, 'ulid' => $ulid, 'reason' => $answer])->assertOk();
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    /** Thousandths of a thou over the zero. */
    private function stands(): int
    {
        $file = $this->file();
        $reading = $file->record->entries(SheetName::bores())->reading(Place::parse(self::PLACE), $file->sheet, $file->policy);

        return (int) round((($reading->measured->nanometres ?? 0) - 96_837_500) / 25.4);
    }

    private function repeats(): int
    {
        $file = $this->file();

        return count($file->record->entries(SheetName::bores())->at(Place::parse(self::PLACE))->current());
    }

    private function sit(string $seat, string $part, string $place): TestResponse
    {
        return $this->postJson("/jobs/{$this->job->tag()}/sheets/bores/seats", ['seat' => $seat, 'part' => $part, 'place' => $place]);
    }
}
