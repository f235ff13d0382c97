<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Storage\Family;
use App\Storage\SpecBook;
use App\Storage\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Families found by name and by what was measured. */
final class LookupTest extends TestCase
{
    private User $owner;

    protected function setUp(): void
    {
        parent::setUp();
        $this->owner = $this->person(Role::Owner);
        $this->actingAs($this->owner);
    }

    public function test_sizes_lead_to_the_family_and_say_what_tells_the_rest_apart(): void
    {
        $this->lookup([])->assertSee('Type what you measured');
        $both = $this->lookup(['bore' => '3.8131']);
        $both->assertSee('2 families fit')->assertSee('Measure next: main journal. It tells them apart.');
        $both->assertSee('+0.6')->assertSee('2.6240 to 2.6250');
        $one = $this->lookup(['bore' => '3.8131', 'main_journal' => '2.6143']);
        $one->assertSee('Only Tarn 4-198 fits')->assertSee('.010 under')->assertSee('/jobs/new?family=tarn-4-198');
        $one->assertSee('Main journal off by')->assertSee('Brae V8-311');
        $this->get('/jobs/new?family=tarn-4-198')->assertOk()->assertSee('value="tarn-4-198" selected', false);
    }

    public function test_shop_notation_and_millimetres_are_read_and_what_is_none_stays_with_a_sentence(): void
    {
        $this->lookup(['bore' => '3 13/16'])->assertSee('2 families fit');
        $this->lookup(['bore' => '96.85'], ['unit' => 'mm'])->assertSee('2 families fit');
        $this->lookup(['bore' => '3.8131', 'stroke' => 'long'])
            ->assertSee('value="long"', false)
            ->assertSee('aria-invalid="true"', false);
        $this->lookup(['bore' => '30 over'])->assertSee('That does not read as a size.');
        $this->lookup(['bore' => '-3.8'])->assertSee('A size is above zero.');
        $this->get('/specs/lookup?size=x&gauge[bore][]=1&casting[]=2&unit[]=3')->assertOk()->assertSee('Type what you measured');
    }

    public function test_a_casting_number_speaks_for_its_family(): void
    {
        $this->get('/specs/lookup?casting=311+9021')->assertSee('Only Brae V8-311 fits')->assertSee('casting number as listed');
        $this->get('/specs/lookup?casting=777')->assertSee('No family fits');
    }

    public function test_a_new_revision_is_found_by_its_new_sizes_and_no_more_by_the_old(): void
    {
        $this->lookup(['bore_spacing' => '4.3750'])->assertSee('Only Tarn 4-198 fits');
        $document = json_decode($this->app->make(SpecBook::class)->document('tarn-4-198', 1), true);
        $document['block']['bore_spacing'] = '4.4750';
        $document['castings'] = ['198-5000'];
        $this->app->make(SpecBook::class)->add($document, 'a longer stroke', $this->owner);

        $this->lookup(['bore_spacing' => '4.3750'])->assertSee('No family fits');
        $this->lookup(['bore_spacing' => '4.4750'])->assertSee('Only Tarn 4-198 fits');
        $this->get('/specs?q=198-5000')->assertSee('Tarn 4-198')->assertDontSee('Brae V8-311');
        $this->get('/specs?q=198-4411')->assertSee('No family here is called');
        $this->assertSame(6, Family::query()->count());
    }

    public function test_the_list_is_searched_and_paged_without_reading_a_sheet(): void
    {
        $this->get('/specs')
            ->assertSeeInOrder(['Brae V8-311', 'Cairn L4-144', 'Tarn 4-198'])
            ->assertSee('3.8125');
        $this->get('/specs?q=diesel+six')->assertSee('Fell 6-D')->assertDontSee('Tarn 4-198');
        $this->get('/specs?q=%25')->assertSee('No family here is called');
        $document = json_decode($this->app->make(SpecBook::class)->document('tarn-4-198', 1), true);
        foreach (range(1, 40) as $number) {
            $this->app
                ->make(SpecBook::class)
                ->add(['family' => "tarn-{$number}", 'name' => sprintf('Alder %02d', $number)] + $document, 'a copy', $this->owner);
        }
        $this->get('/specs')->assertSee('Alder 40')->assertDontSee('Brae V8-311')->assertSee('Later');
        $this->get('/specs?page=2')->assertSee('Brae V8-311')->assertSee('Earlier');
        DB::enableQueryLog();
        $this->lookup(['bore' => '3.8131'])->assertSee('40 families fit, or more');
        $this->lookup(['bore' => '3.8131', 'bore_spacing' => '4.3800'])
            ->assertSee('Only Brae V8-311 fits')
            ->assertSee('Nothing else among the nearest families fits');
        $this->assertLessThan(14, count(DB::getQueryLog()));
    }

    public function test_nobody_without_a_log_in_asks(): void
    {
        $this->app->make('auth')->logout();
        $this->get('/specs/lookup')->assertRedirect('/login');
    }

    /**
     * @param  array<string, string>  $sizes
     * @param  array<string, string>  $more
     */
    private function lookup(array $sizes, array $more = []): TestResponse
    {
        return $this->get('/specs/lookup?'.http_build_query(['size' => $sizes] + $more))->assertOk();
    }
}
