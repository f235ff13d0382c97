<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Running parts are looked at, and what does not go back in is planned, priced and ordered. */
final class RunningPartsTest extends TestCase
{
    use WorkedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->receiveJob();
        $this->readWorn();
    }

    public function test_what_is_replaced_stands_in_plan_offer_and_parts(): void
    {
        $this->get($this->url('running'))->assertOk()->assertSee('nobody has looked yet')->assertSee('Pushrods');
        $this->see('camshaft', 'pitted', true)->assertSessionDoesntHaveErrors();
        $this->see('lifters', 'fine', false)->assertSessionDoesntHaveErrors();
        $this->get($this->url('running'))
            ->assertSee('pitted, is replaced')
            ->assertSee('Lifters go with their camshaft')
            ->assertSee('A new camshaft on old lifters');
        $this->get($this->url('plan'))->assertSee('new ones for those that do not go back in')->assertSee('265');
        $this->get($this->url('offers'))->assertSee('worn running parts replaced');
        $this->get($this->url('parts'))->assertSee('Another camshaft');

        $this->see('camshaft', 'fine', false)->assertSessionDoesntHaveErrors();
        $this->get($this->url('parts'))->assertDontSee('Another camshaft');
    }

    public function test_what_cannot_be_is_asked_back(): void
    {
        $this->see('camshaft', 'bent', true)->assertSessionHasErrors('look');
        $this->see('crankshaft', 'fine', false)->assertSessionHasErrors('part');
        $this->see('rockers', 'worn', false)->assertSessionHasErrors('remark');
        $this->see('rockers', 'worn', false, 'a light groove, dressed')->assertSessionDoesntHaveErrors();
        $this->actingAs($this->person(Role::FrontCounter));
        $this->see('camshaft', 'fine', false)->assertForbidden();
    }

    public function test_what_is_found_after_the_plan_was_agreed_opens_it_again(): void
    {
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000'])->assertSessionDoesntHaveErrors();
        $this->see('timing_drive', 'slack', true)->assertSessionDoesntHaveErrors();
        $this->get($this->url('plan'))->assertSee('The plan is open again')->assertSee('Running parts: found since, and not in the plan');
    }

    private function see(string $part, string $look, bool $isReplaced, string $remark = ''): TestResponse
    {
        return $this->post($this->url('running'), [
            'ulid' => $this->ulid(),
            'part' => $part,
            'look' => $look,
            'replaced' => $isReplaced ? '1' : '0',
            'remark' => $remark,
        ]);
    }
}
