<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** What of an order goes to a machine on paper (WORK-1b). */
final class WorkPrintsTest extends TestCase
{
    use WorkedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->receiveJob();
    }

    public function test_what_differs_from_bore_to_bore_is_said_where_it_is_so(): void
    {
        $this->stateSetup($this->job);
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, $cylinder === 2 ? ['21.2', '14', '12', '8', '2', '1.5'] : self::WORN);
        }
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000', 'reason' => 'one sleeve']);

        $mill = $this->get($this->url('work/print/mill'))->assertOk();
        $mill->assertSee('2: Bore the sleeve.')->assertSee('1, 3, 4: Centre on the original axis.');
        $mill->assertSee('Leaves 4.0 thou to hone.')->assertSee('sleeve square before load');
        $mill->assertDontSee('Hot caustic')->assertDontSee('hone to size');
        $this->get($this->url('work/print/hone'))->assertOk()->assertSee('hone to size')->assertSee('3.8325 to 3.8330');
        $this->get($this->url('work/print/balancer'))
            ->assertSee('Nothing of this order is done there.')
            ->assertSee('Bobweight');
        $this->get($this->url('work/print/lathe'))->assertNotFound();
        $this->get($this->url('work/print/labels'))->assertOk()->assertSee('3.8285 in')->assertSee('bore 2, 1, 3, 4');
    }

    public function test_a_job_without_an_order_prints_nothing_and_says_so(): void
    {
        $this->get($this->url('work/print/mill'))->assertOk()->assertSee('Nothing of this order is done there.');
        $this->get($this->url('work/print/labels'))->assertOk()->assertSee('Nothing of this order is cut with a bar.');
        $this->get($this->url('work/at/bore.1'))->assertNotFound();
    }
}
