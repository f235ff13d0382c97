<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\History\HistoryLine;
use App\History\HistoryWords;
use App\Record\JobFiles;
use App\Storage\EntryKind;
use App\Storage\LedgerEntry;
use App\Words\Line;
use Tests\TestCase;

/** Every entry of a job's ledger is told in words, and no code stands on the page. */
final class HistoryTest extends TestCase
{
    use WorkedJob;

    public function test_what_was_done_is_told_as_people_say_it(): void
    {
        $this->receiveJob();
        $this->chooseTwentyOver();
        $this->workAll();
        $this->actingAs($this->inspector);
        $page = $this->get($this->url('history'))->assertOk();
        foreach (['bored to +.020', 'bore, cylinder 3', 'wash the block', 'gauge and zero', 'work'] as $words) {
            $page->assertSee($words);
        }
        $page->assertDontSee('bore 508000')->assertDontSee('bore.3')->assertDontSee('history.');
    }

    public function test_every_kind_of_entry_has_its_words_and_odd_codes_stand_as_they_were_written(): void
    {
        $this->receiveJob();
        foreach (EntryKind::cases() as $kind) {
            $this->assertNotSame('', Line::ofCode('history.kind', $kind));
        }
        $older = LedgerEntry::query()
            ->with('user')
            ->where('job_id', $this->job->id)
            ->firstOrFail()
            ->forceFill(['kind' => 'washed']);
        $words = new HistoryWords($this->app->make(JobFiles::class)->open($this->job->refresh()));
        $said = $words->said('tick', ['operation' => 'no such thing.3', 'sheet' => 'none', 'place' => 'nowhere', 'option_key' => 'odd 1']);
        $this->assertSame(
            ['no such thing.3', 'none', 'nowhere', 'odd 1'],
            [$said['operation'], $said['sheet'], $said['place'], $said['option_key']],
        );
        $this->assertSame('washed', HistoryLine::of($older, $words)->kind);
        $recall = $words->said('recall', ['standing' => 'reopened', 'cause' => 'claim']);
        $this->assertSame(['withdrawn, and the job is open again', 'a claim'], [$recall['standing'], $recall['cause']]);
        $this->assertSame('indication', $words->said('photo', ['subject' => 'indication.01M8KJNQ5ZAJ7FRNHQHF7JKHZ2'])['subject']);
        $this->assertSame('', $words->said('crack step', ['subject' => '01M8KJNQ5ZAJ7FRNHQHF7JKHZ2'])['subject']);
        $this->assertSame(
            'piston, +.020',
            lcfirst(str_replace(' with pin', '', $words->said('part order', ['subject' => 'piston 508000'])['subject'])),
        );
    }

    public function test_codes_are_told_in_words_and_own_words_as_they_are(): void
    {
        $this->receiveJob();
        $words = new HistoryWords($this->app->make(JobFiles::class)->open($this->job->refresh()));
        $told = static fn (string $kind, array $payload, string $key): mixed => $words->said($kind, $payload)[$key];
        $this->assertSame(
            [
                'wet magnetic particle',
                'case wall of the left half',
                'not ours',
                'accepted as it is',
                'weld repair',
                'scrap',
                'dial bore gauge .0001',
                'G-02',
                'catches a nail',
                'retaken: the gauge had drifted',
                'the lamp went out',
                'plain over flanged',
            ],
            [
                $told('crack check', ['method' => 'wet magnetic particle'], 'method'),
                $told('indication', ['zone' => 'case wall of the left half'], 'zone'),
                $told('part count', ['state' => 'not ours'], 'state'),
                $told('part answered', ['answer' => 'accepted_as_it_is'], 'answer'),
                $told('crack decision', ['disposition' => 'weld repair'], 'disposition'),
                $told('overruled', ['result' => 'scrap'], 'result'),
                $told('setup', ['instrument' => 'dial bore gauge .0001'], 'instrument'),
                $told('setup', ['instrument' => 'G-02'], 'instrument'),
                $told('reading', ['sheet' => 'bores', 'place' => 'scoring.1', 'look' => 'catches a nail'], 'typed'),
                $told('reading', ['sheet' => 'bores', 'place' => 'bore.1.top.thrust', 'reason' => 'drifted'], 'reason'),
                $told('reading', ['sheet' => 'bores', 'place' => 'bore.1.top.thrust', 'reason' => 'the lamp went out'], 'reason'),
                str_replace(', ', ' ', (string) $told('sleeve survey', ['pieces' => [['kind' => 'plain'], ['kind' => 'flanged']]], 'kind')),
            ],
        );
    }

    public function test_a_look_that_is_a_number_is_told_in_words(): void
    {
        $this->receiveJob();
        $words = new HistoryWords($this->app->make(JobFiles::class)->open($this->job->refresh()));
        $said = $words->said('reading', ['sheet' => 'bores', 'place' => 'pitting.1', 'look' => '3']);
        $this->assertNotSame('3', $said['typed']);
        $this->assertMatchesRegularExpression('/[a-z]{3}/', (string) $said['typed']);
    }
}
