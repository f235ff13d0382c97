<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Record\Concessions;
use App\Storage\JobObservations;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Message;
use Tests\TestCase;

/** What a customer accepted before looks had codes was kept in words; it holds, however the same is said today. */
final class ConcessionWordsTest extends TestCase
{
    public function test_a_look_that_was_accepted_in_words_holds_under_another_wording_and_another_look_does_not(): void
    {
        $this->app->make('translator')->addLines(['places.pitting.3' => 'one can feel it'], 'en');
        $felt = $this->pitting('3');
        $this->assertTrue($this->accepted('felt')->covers($felt), 'in the words of then');
        $this->assertTrue($this->accepted('3')->covers($felt), 'by its code');
        $this->assertFalse($this->accepted('visible, not felt')->covers($felt));
        $this->assertFalse($this->accepted('one can feel it')->covers($felt), 'nothing was ever kept in today’s words');
    }

    public function test_a_reason_that_was_accepted_in_words_holds_under_another_wording(): void
    {
        $this->app->make('translator')->addLines(['findings.reason.pits_have_to_go' => 'Another sentence.'], 'en');
        $pits = $this->finding(new Message('findings.reason.pits_have_to_go'), 'inside the sealing band');
        $accepted = 'Inside the sealing band they have to go: the deepest adds to the cut, or is repaired.';
        $this->assertTrue($this->accepted($accepted)->covers($pits));
        $this->assertTrue($this->accepted('inside the sealing band')->covers($pits));
        $this->assertFalse($this->accepted('Another sentence.')->covers($pits));
    }

    private function pitting(string $class): Finding
    {
        return $this->finding(new Message("places.pitting.{$class}"), $class);
    }

    private function finding(Message $said, string $state): Finding
    {
        return Finding::look(
            EnginePart::Block,
            'BORE-6',
            Subject::bore(2),
            Criterion::Pitting,
            Outcome::Fail,
            $said,
            $state,
            Remedy::Machine,
            [],
        );
    }

    private function accepted(string $look): Concessions
    {
        $row = [
            'id' => 1,
            'ulid' => $this->ulid(),
            'kind' => 'concession',
            'subject' => 'BORE-6/bore.2/pitting',
            'said' => json_encode(['look' => $look], JSON_THROW_ON_ERROR),
            'happened_at' => '2026-11-01 10:00:00',
            'user_id' => 1,
        ];

        return Concessions::of(JobObservations::ofRows([$row]));
    }
}
