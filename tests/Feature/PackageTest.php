<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\HouseFiles;
use App\Package\ImportPackage;
use App\Package\JobPackage;
use App\Package\PackageRefused;
use App\People\Role;
use App\Photos\PhotoStore;
use App\Signing\ShopKey;
use App\Stages\Receive\KeepPhoto;
use App\Storage\OptionRecord;
use App\Storage\Photo;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tests\TestCase;

/** A job's package judges the same as the house, without its database. */
final class PackageTest extends TestCase
{
    use EmptyHouse;
    use StatedJob;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = storage_path('app/photos-test-'.bin2hex(random_bytes(4)));
        $this->stateJob();
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_the_evaluation_of_a_package_is_the_verdict_of_the_house(): void
    {
        foreach ([1, 2, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['3.1', '1.9', '2.2', '1.5', '1.0', '0.8']);
        }
        $this->keyBore($this->job, 3, ['9.6', '5.2', '4.0', '3.0', '1.2', '0.8']);
        $this->key($this->job, 'bore.3.top.thrust', '9.8', changes: ['repeat' => true])->assertOk();
        $this->key($this->job, 'ridge.1.top', '1')->assertOk();
        $this->key($this->job, 'bore.2.top.thrust', '3.3', changes: ['reason' => 'misread'])->assertOk();
        $this->key($this->job, 'trace.3.top.0', '5')->assertOk();
        $this->assertSameAsTheHouse();
    }

    public function test_a_drift_and_a_zero_on_the_part_go_with_it(): void
    {
        $this->key($this->job, 'bore.1.top.thrust', '9.9')->assertOk();
        $this->sendTo($this->job, 'sheets/bores/checks', ['shows' => '+0.8'])->assertOk();
        $this->stateSetup($this->job, changes: ['zero_place' => 'bore.2.bottom.inline', 'zero' => null])->assertOk();
        $this->key($this->job, 'bore.2.top.inline', '6.0')->assertOk();
        $this->assertTrue($this->assertSameAsTheHouse()['needs_a_size_for_the_zero']);
        $this->sendTo($this->job, 'sheets/bores/zeros', ['size' => '3.8127', 'gauge' => 'inside micrometer'])->assertOk();
        $this->assertFalse($this->assertSameAsTheHouse()['needs_a_size_for_the_zero']);
    }

    public function test_it_is_judged_without_asking_the_database_anything(): void
    {
        $this->keyBore($this->job, 1, ['9.6', '5.2', '4.0', '3.0', '1.2', '0.8']);
        $json = $this->exported();
        DB::enableQueryLog();
        $evaluation = JobPackage::fromJson($json)->evaluate()->toArray();
        $this->assertSame([], DB::getQueryLog());
        $finding = array_column($evaluation['bores'][0]['findings'], null, 'criterion')['out_of_round'];
        $this->assertSame(
            ['BORE-6', 'fail', (25_400 * 44) / 10, ['bore.1.top.thrust', 'bore.1.top.inline']],
            [$finding['rule'], $finding['outcome'], $finding['value_nm'], array_column($finding['readings'], 'place')],
        );
    }

    public function test_a_package_that_names_the_sheets_as_they_were_named_before_is_judged_the_same(): void
    {
        $this->keyBore($this->job, 1, ['9.6', '5.2', '4.0', '3.0', '1.2', '0.8']);
        $json = $this->exported();
        $former = str_replace(['"sheet": "bores.final"', '"sheet": "bores"'], ['"sheet": "finished"', '"sheet": "incoming"'], $json);
        $this->assertNotSame($json, $former);
        $this->assertSame(JobPackage::fromJson($json)->evaluate()->toArray(), JobPackage::fromJson($former)->evaluate()->toArray());
    }

    public function test_the_commands_write_and_judge_a_file(): void
    {
        $this->keyBore($this->job, 1, ['9.6', '5.2', '4.0', '3.0', '1.2', '0.8']);
        $this->assertSame(0, Artisan::call('ledger:export', ['tag' => $this->job->tag()]));
        $file = (string) tempnam(sys_get_temp_dir(), 'package');
        file_put_contents($file, Artisan::output());
        try {
            $this->assertSame(0, Artisan::call('ledger:evaluate', ['file' => $file]));
            $this->assertSame('Cannot stay at standard', json_decode(Artisan::output(), true)['headline']);
        } finally {
            unlink($file);
        }
        $this->artisan('ledger:export', ['tag' => 'NL-9999'])
            ->expectsOutput('There is no job NL-9999.')
            ->assertFailed();
        $this->artisan('ledger:evaluate', ['file' => '/nowhere/job.json'])
            ->expectsOutput('/nowhere/job.json cannot be opened.')
            ->assertFailed();
    }

    public function test_photos_go_with_a_job_and_lie_in_the_other_house_as_they_were_taken(): void
    {
        $store = $this->photograph();
        $json = $this->exported();
        $hash = Photo::query()->sole()->content_hash;
        $this->forgetEverything();
        File::deleteDirectory($this->folder);

        $job = $this->app->make(ImportPackage::class)->handle(JobPackage::fromJson($json), $this->person(Role::Owner));
        $this->assertSame($hash, hash('sha256', (string) $store->bytes($hash)));
        $this->assertTrue($this->app->make(HouseFiles::class)->has(PhotoStore::name($hash, isSmall: true)));
        $this->assertSame($json, (string) JobPackage::of($job->id, ...$this->books())?->toJson());
        $this->artisan('ledger:verify', ['tag' => $job->tag()])->assertSuccessful();

        $this->besideTheHouse(static fn (): int => DB::table('photos')->delete());
        $this->assertStringNotContainsString('"pictures"', (string) JobPackage::of($job->id, ...$this->books())?->toJson());
    }

    public function test_a_picture_that_is_another_one_or_more_than_a_picture_is_refused(): void
    {
        $store = $this->photograph();
        $data = json_decode($this->exported(), true);
        unset($data['signature']);
        $hash = $data['photos'][0]['content_hash'];
        $this->forgetEverything();
        $owner = $this->person(Role::Owner);
        $import = fn (array $data) => $this->app
            ->make(ImportPackage::class)
            ->handle(JobPackage::fromJson(json_encode($data, JSON_THROW_ON_ERROR)), $owner);

        $longer = base64_decode($data['pictures'][$hash]).'<?php echo 1;';
        $other = hash('sha256', $longer);
        $renamed = array_replace_recursive($data, ['photos' => [['content_hash' => $other]]]);
        foreach ([
            'not the one that was taken' => ['pictures' => [$hash => base64_encode($longer)]] + $data,
            'behind the end of that picture' => ['pictures' => [$other => base64_encode($longer)]] + $renamed,
        ] as $complaint => $altered) {
            try {
                $import($altered);
                $this->fail("read in, though: {$complaint}");
            } catch (PackageRefused $refused) {
                $this->assertStringContainsString($complaint, $refused->getMessage());
            }
        }
        $this->assertNull($store->bytes($other));
        $import(['pictures' => []] + $data);
        $this->assertSame(0, Photo::query()->count(), 'what it does not bring is left out');
    }

    /** What is called G-07 there is another gauge than what is called so here. */
    public function test_a_gauge_of_another_house_is_none_of_ours_and_ours_is_known_by_what_is_written_on_it(): void
    {
        config(['app.key_folder' => $this->folder]);
        ShopKey::own();
        $gauge = ['tag' => 'G-07', 'name' => 'bore gauge', 'kind' => 'dial bore gauge .0001', 'unit' => 'in'];
        $this->post('/gauges', $gauge + ['ulid' => $this->ulid()])->assertSessionHasNoErrors();
        $this->stateSetup($this->job, changes: ['instrument' => 'G-07'])->assertOk();
        $json = $this->exported();
        $this->assertStringNotContainsString('"gauge_id"', $json);
        $ours = DB::table('gauges')->value('id');
        foreach ([[$json, $ours], [$this->unsigned($json), null]] as [$package, $expected]) {
            $this->forgetEverything();
            $job = $this->app->make(ImportPackage::class)->handle(JobPackage::fromJson($package), $this->person(Role::Owner));
            $this->assertSame($expected, DB::table('setups')->where('gauge_tag', 'G-07')->value('gauge_id'));
            $this->assertSame($package, (string) JobPackage::of($job->id, ...$this->books())?->toJson());
            $this->artisan('ledger:verify', ['tag' => $job->tag()])->assertSuccessful();
        }
    }

    /** As a house writes it that has no key. */
    private function unsigned(string $json): string
    {
        $data = json_decode($json, true);
        unset($data['signature'], $data['house']);

        return json_encode($data, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    private function photograph(): PhotoStore
    {
        $store = new PhotoStore($this->filesIn($this->folder));
        $picture = imagecreatetruecolor(60, 40);
        $file = (string) tempnam(sys_get_temp_dir(), 'picture');
        imagejpeg($picture === false ? throw new RuntimeException('no picture') : $picture, $file);
        $this->app->make(KeepPhoto::class)->handle($this->job, $this->inspector, $this->ulid(), 'paperwork', 'delivery note', $file);
        unlink($file);

        return $store;
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string}> */
    public static function broken(): iterable
    {
        yield 'another format' => [
            static fn (array $data): array => ['format' => 'something else'] + $data,
            'its “format” is not “north-ledger job 1”',
        ];
        yield 'no readings' => [static fn (array $data): array => array_diff_key($data, ['readings' => 1]), 'it has no “readings”'];
        yield 'a sheet with a fault' => [
            static fn (array $data): array => ['sheet' => ['unit' => 'furlong'] + $data['sheet']] + $data,
            'unit',
        ];
        $saying = static fn (string $said, string $at): callable => static fn (array $data): array => [
            'observations' => [
                [
                    'id' => 1,
                    'ulid' => 'x',
                    'kind' => 'part count',
                    'subject' => 'rods',
                    'said' => $said,
                    'happened_at' => $at,
                    'user_id' => 1,
                ],
            ],
        ] + $data;
        yield 'an observation that is nonsense' => [$saying('{nonsense', '2026-11-25 08:00:00.000'), 'cannot be read'];
        yield 'an observation that says no more than a number' => [$saying('5', '2026-11-25 08:00:00.000'), 'cannot be read'];
        yield 'an observation on no day' => [$saying('{}', 'the day after'), 'cannot be read'];
        yield 'a reading without its place' => [static fn (array $data): array => ['readings' => [['id' => 1]]] + $data, 'cannot be read'];
    }

    #[DataProvider('broken')]
    public function test_a_broken_package_is_refused_with_what_is_wrong(callable $break, string $complaint): void
    {
        $data = json_decode($this->exported(), true);
        $this->expectException(PackageRefused::class);
        $this->expectExceptionMessage($complaint);
        JobPackage::fromJson(json_encode($break($data), JSON_THROW_ON_ERROR))->evaluate();
    }

    /** @return array<string, mixed> */
    private function assertSameAsTheHouse(): array
    {
        $evaluation = JobPackage::fromJson($this->exported())->evaluate()->toArray();
        $house = $this->file()->assessment();
        $this->assertSame(
            [$house->verdict->value, $house->canStay->value, $house->next->place?->key, $house->recommendation?->option->key()],
            [$evaluation['verdict'], $evaluation['can_stay'], $evaluation['next']['place'], $evaluation['recommended']],
        );
        foreach ($house->bores as $index => $bore) {
            $this->assertSame(
                [$bore->measures->size()?->nanometres, $bore->wear?->nanometres],
                [$evaluation['bores'][$index]['size_nm'], $evaluation['bores'][$index]['wear_nm']],
            );
            $this->assertSame(
                array_map(
                    static fn ($finding): array => [$finding->outcome->value, $finding->margin?->value],
                    array_values($bore->findings),
                ),
                array_map(
                    static fn (array $finding): array => [$finding['outcome'], $finding['margin_nm']],
                    $evaluation['bores'][$index]['findings'],
                ),
            );
        }
        foreach ($house->plan->options ?? [] as $index => $option) {
            $this->assertSame(OptionRecord::write($option), array_diff_key($evaluation['ways'][$index], ['key' => 1, 'is_feasible' => 1]));
        }

        return $evaluation;
    }

    private function exported(): string
    {
        return (string) JobPackage::of($this->job->id, ...$this->books())?->toJson();
    }
}
