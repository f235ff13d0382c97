<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Shop\PriceBook;
use App\Storage\OldPrices;
use App\Storage\PolicyBook;
use App\Storage\PolicyRevision;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use NorthLedger\Core\Engine\Policy\PriceItem;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The shop's price list: typed, as a file, and from the supplier. Nothing changes that nobody has seen. */
final class PriceListTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person(Role::Owner));
    }

    public function test_a_price_is_typed_for_every_family_and_for_one(): void
    {
        $form = $this->form('');
        $form['price']['bore']['labour'] = 'dear';
        $form['price']['hone']['days'] = '-1';
        $this->from('/shop/prices')
            ->post('/shop/prices', $form)
            ->assertSessionHasErrors(['price.bore.labour', 'price.hone.days']);
        $this->assertSame('dear', old('price.bore.labour'));
        $this->assertSame(0, PolicyRevision::query()->count());

        $form = $this->form('');
        $form['price']['bore']['labour'] = '47.50';
        $this->post('/shop/prices', $form)->assertSessionDoesntHaveErrors();
        $this->post('/shop/prices', $form)->assertSessionHas('note', 'Nothing is different; no revision was made.');
        $own = $this->form('brae-v8-311');
        $own['price']['block'] = ['labour' => '0.00', 'parts' => '2600.00', 'setup' => '0', 'run' => '0', 'days' => '35'];
        $this->post('/shop/prices', $own)->assertSessionDoesntHaveErrors();

        $prices = $this->app->make(PolicyBook::class)->current()->prices;
        $this->assertSame(
            [4_750, 260_000, 180_000],
            [
                $prices->of(PriceItem::Bore, 'brae-v8-311')->labour->minor,
                $prices->of(PriceItem::Block, 'brae-v8-311')->parts->minor,
                $prices->of(PriceItem::Block, 'tarn-4-198')->parts->minor,
            ],
        );
        $this->get('/shop')->assertSee('prices, every, bore, labour minor: 4500 → 4750');
        $this->get('/shop/prices?family=brae-v8-311')->assertSee('value="2600.00"', false);
        $this->get('/shop/prices?family=nobody')->assertNotFound();
    }

    public function test_the_list_goes_out_as_csv_and_comes_back_after_a_look_at_what_changes(): void
    {
        $csv = (string) $this->get('/shop/prices.csv')->assertOk()->getContent();
        $this->post('/shop/prices/preview', ['text' => $csv])->assertSee('Nothing is different');
        $dearer = str_replace('piston,,0.00,62.00', 'piston,,0.00,65.00', $csv);
        $this->post('/shop/prices/preview', ['text' => $dearer])
            ->assertSee('part: 62.00 → 65.00')
            ->assertDontSee('Set up a block');
        $this->assertSame(0, PolicyRevision::query()->count(), 'a look changes nothing');
        $this->post('/shop/prices/take', ['text' => $dearer])->assertSessionDoesntHaveErrors();
        $this->assertSame(6_500, $this->app->make(PolicyBook::class)->current()->prices->of(PriceItem::Piston, 'tarn-4-198')->parts->minor);
    }

    /** @return iterable<string, array{string, string}> */
    public static function faultyLists(): iterable
    {
        $head = 'item,family,labour,parts,setup,run,days';
        yield 'text for a number' => ["{$head}\nbore,,dear,0.00,0,35,0", 'Line 2: labour is “dear”'];
        yield 'negative days' => ["{$head}\nbore,,45.00,0.00,0,35,-3", 'Line 2: days is “-3”'];
        yield 'no such item' => ["{$head}\nengine,,1,1,1,1,1", '“engine” is no item'];
        yield 'no such family' => ["{$head}\nbore,nobody,45.00,0.00,0,35,0", '“nobody” is no family'];
        yield 'too long' => [$head.str_repeat("\nbore,,45.00,0.00,0,35,0", 10_000), '10000 lines; 2000 can be read at once'];
        yield 'no columns' => ['hello', 'missing: item'];
        yield 'nothing' => ['', 'missing: item'];
        yield 'no lines' => [$head, 'There is no price in it'];
    }

    #[DataProvider('faultyLists')]
    public function test_a_faulty_list_changes_nothing_and_says_why(string $text, string $why): void
    {
        $this->post('/shop/prices/preview', ['text' => $text])
            ->assertOk()
            ->assertSee($why)
            ->assertDontSee('Take these over');
        $this->post('/shop/prices/take', ['text' => $text])->assertSessionHasErrors('text');
        $this->assertSame(0, PolicyRevision::query()->count());
    }

    public function test_the_supplier_s_prices_are_shown_before_they_count(): void
    {
        Http::fake(['*/prices' => Http::response(['prices' => [['item' => 'piston', 'price_minor' => 6_450, 'lead_days' => 7]]])]);
        $page = $this->post('/shop/prices/supplier')->assertOk()->assertSee('part: 62.00 → 64.50')->assertSee('days to come: 8 → 7');
        $this->assertSame(0, PolicyRevision::query()->count());
        preg_match('#<textarea name="text" hidden>(.*?)</textarea>#s', (string) $page->getContent(), $match);
        $this->post('/shop/prices/take', ['text' => html_entity_decode($match[1])])->assertSessionDoesntHaveErrors();
        $this->assertSame(6_450, $this->app->make(PolicyBook::class)->current()->prices->of(PriceItem::Piston, 'x')->parts->minor);
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function silences(): iterable
    {
        yield 'down' => [static fn () => throw new ConnectionException('refused'), 'does not answer'];
        yield 'broken' => [['x', 500], 'answers with an error (500)'];
        yield 'nonsense' => [['<html>', 200], 'is no price list'];
        yield 'a price that is none' => [['{"prices":[{"item":"piston","price_minor":-1,"lead_days":7}]}', 200], 'Price 1'];
        yield 'a word for a price' => [['{"prices":[{"item":"piston","price_minor":"cheap","lead_days":7}]}', 200], 'Price 1'];
        yield 'too many' => [['{"prices":['.implode(',', array_fill(0, 2_001, '1')).']}', 200], 'more than can be looked through'];
    }

    #[DataProvider('silences')]
    public function test_a_supplier_that_is_down_or_answers_nonsense_changes_nothing_and_the_page_says_why(mixed $answer, string $why): void
    {
        Http::fake(['*' => is_array($answer) ? Http::response($answer[0], $answer[1]) : $answer]);
        $this->post('/shop/prices/supplier')->assertOk()->assertSee($why)->assertSee('Nothing was changed');
        $this->assertSame(0, PolicyRevision::query()->count());
    }

    public function test_prices_from_before_every_part_had_one_are_read_as_they_were(): void
    {
        $old = [
            'preference' => 'cost',
            'prices' => ['setup_minor' => 7_000, 'sleeve_minor' => 20_000, 'sleeve_minutes' => 80, 'block_minor' => 9],
        ];
        PolicyRevision::query()->create(['number' => 1, 'policy' => $old, 'user_id' => null, 'created_at' => now()]);
        $prices = $this->app->make(PolicyBook::class)->revision(1)->prices;

        $this->assertSame(
            [7_000, 20_000, 80, 9, 98_00],
            [
                $prices->of(PriceItem::BoreSetup, 'x')->each()->minor,
                $prices->of(PriceItem::Sleeve, 'x')->each()->minor,
                $prices->of(PriceItem::Sleeve, 'x')->runMinutes,
                $prices->of(PriceItem::Block, 'x')->each()->minor,
                $prices->of(PriceItem::GasketSet, 'x')->each()->minor,
            ],
        );
        $this->assertSame(['preference' => 'life'], OldPrices::brought(['preference' => 'life']));
    }

    /** @return array{family: string, price: array<string, array<string, string>>} As the page sends it */
    private function form(string $family): array
    {
        $price = [];
        foreach ($this->app->make(PriceBook::class)->lines($family) as $line) {
            $price[$line->item->value] = $line->typed;
        }

        return ['family' => $family, 'price' => $price];
    }
}
