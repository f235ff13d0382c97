<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Backup\BackupFolder;
use App\Backup\Manifest;
use App\Files\FilesUnreachable;
use App\Files\HouseFiles;
use App\Package\JobPackage;
use App\People\Role;
use App\Photos\PhotoStore;
use App\Storage\Job;
use App\Storage\Photo;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Pictures and certificates lie in the house's own folder, or in a store of files that its machines share; to the house it is the same. */
final class HouseFilesTest extends TestCase
{
    private string $folder;

    private ?Process $store = null;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/files-'.bin2hex(random_bytes(6));
        File::makeDirectory("{$this->folder}/house", recursive: true);
    }

    protected function tearDown(): void
    {
        $this->store?->stop(1);
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    /** @return iterable<string, array{string}> */
    public static function disks(): iterable
    {
        yield 'a folder' => ['local'];
        yield 'a store that speaks S3' => ['s3'];
    }

    #[DataProvider('disks')]
    public function test_a_file_is_kept_once_and_comes_back_as_it_was(string $disk): void
    {
        $files = $this->files($disk);
        $this->assertSame([], $files->names());
        $this->assertFalse($files->has('photos/ab/one.jpg'));
        $this->assertNull($files->bytes('photos/ab/one.jpg'));

        $files->keep('photos/ab/one.jpg', $this->file('first'));
        $files->keep('photos/ab/one.jpg', $this->file('never'));
        $files->keep('certificates/two & a space.pdf', $this->file(random_bytes(300_000)));
        $this->assertTrue($files->has('photos/ab/one.jpg'));
        $this->assertSame('first', $files->bytes('photos/ab/one.jpg'));
        $this->assertSame(300_000, strlen((string) $files->bytes('certificates/two & a space.pdf')));
        $this->assertEqualsCanonicalizing(['photos/ab/one.jpg', 'certificates/two & a space.pdf'], $files->names());

        $answer = $files->answer('photos/ab/one.jpg', ['Content-Type' => 'image/jpeg'], 'from the bench.jpg');
        ob_start();
        $answer->sendContent();
        $this->assertSame('first', ob_get_clean());
        $this->assertSame('image/jpeg', $answer->headers->get('Content-Type'));
        $this->assertSame('attachment; filename="from the bench.jpg"', $answer->headers->get('Content-Disposition'));
    }

    #[DataProvider('disks')]
    public function test_a_photo_is_shown_packed_proved_and_backed_up_wherever_it_lies(string $disk): void
    {
        $this->app->instance(HouseFiles::class, $this->files($disk));
        config(['app.key_folder' => "{$this->folder}/keys", 'app.seal_folder' => "{$this->folder}/seals"]);
        $job = $this->photographed();
        $photo = Photo::query()->sole();

        $shown = $this->get("/jobs/{$job->tag()}/photos/{$photo->ulid}.jpg")->assertOk()->streamedContent();
        $this->assertSame($photo->content_hash, hash('sha256', $shown));
        $this->get("/jobs/{$job->tag()}/photos/{$photo->ulid}.jpg?size=small")->assertOk();
        $package = json_decode((string) JobPackage::of($job->id, ...$this->books())?->toJson(), true);
        $this->assertSame($shown, base64_decode($package['pictures'][$photo->content_hash]));
        $this->artisan('ledger:verify')->assertSuccessful();

        $name = PhotoStore::name($photo->content_hash);
        $backups = new BackupFolder("{$this->folder}/backups");
        $this->artisan('backup:make', ['folder' => $backups->path])->assertSuccessful();
        $kept = Manifest::in($backups->backups()[0])->files;
        $this->assertSame($photo->content_hash, $kept["app/{$name}"]);
        $this->assertFileEquals($backups->stored($photo->content_hash), $this->file($shown));
        $this->assertArrayHasKey('app/'.PhotoStore::name($photo->content_hash, isSmall: true), $kept);
    }

    public function test_a_store_that_does_not_answer_is_said_and_what_is_keyed_is_kept(): void
    {
        $this->app->instance(HouseFiles::class, $this->files('s3'));
        $job = $this->photographed();
        $photo = Photo::query()->sole();
        touch("{$this->folder}/store/away");
        $show = "/jobs/{$job->tag()}/photos/{$photo->ulid}.jpg";
        $this->getJson($show)->assertStatus(503)->assertJsonFragment(['message' => __('input.files_away')]);
        $this->upload($job, 80)->assertStatus(503)->assertJsonFragment(['message' => __('input.files_away')]);
        $this->assertSame(1, Photo::query()->count());
        $this->stateSetup($job)->assertOk();
        $this->key($job, 'bore.1.top.thrust', '6.0')->assertOk();
        $this->assertThrows(fn () => $this->app->make(HouseFiles::class)->names(), FilesUnreachable::class);
        $this->get('/health')->assertStatus(503)->assertJson(['database' => 'ok', 'files' => 'away']);

        unlink("{$this->folder}/store/away");
        $this->get('/health')->assertJson(['files' => 'ok']);
        $this->get($show)->assertOk();
        $this->upload($job, 80)->assertOk();
        $this->assertSame(2, Photo::query()->count());
    }

    private function photographed(): Job
    {
        $inspector = $this->person(Role::Inspector);
        $this->actingAs($inspector);
        $job = $this->job($inspector);
        $this->upload($job, 60)->assertOk();

        return $job;
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function upload(Job $job, int $width): \Illuminate\Testing\TestResponse
    {
        $photo = UploadedFile::fake()->image('engine.jpg', $width, 40);

        return $this->post(
            "/jobs/{$job->tag()}/photos",
            ['ulid' => $this->ulid(), 'subject' => 'engine', 'stage' => 'receive', 'photo' => $photo],
            ['Accept' => 'application/json'],
        );
    }

    private function files(string $disk): HouseFiles
    {
        config(['filesystems.disks.local.root' => "{$this->folder}/house"]);
        if ($disk === 's3') {
            $store = ['endpoint' => $this->startStore(), 'bucket' => 'shop', 'key' => 'k', 'secret' => 's'];
            config(['filesystems.disks.s3' => $store + config('filesystems.disks.s3')]);
        }
        Storage::forgetDisk($disk);

        return HouseFiles::onDisk($disk);
    }

    /** @return string Where it answers */
    private function startStore(): string
    {
        File::makeDirectory("{$this->folder}/store/shop", recursive: true);
        $free = stream_socket_server('tcp://127.0.0.1:0');
        $this->assertNotFalse($free);
        $port = substr((string) strrchr((string) stream_socket_get_name($free, false), ':'), 1);
        fclose($free);
        $this->store = new Process([PHP_BINARY, base_path('bin/files-sim'), '--port', $port, "{$this->folder}/store"]);
        $this->store->start();
        $this->store->waitUntil(static fn (string $kind, string $said): bool => str_contains($said, 'Files lie at'));

        return "http://127.0.0.1:{$port}";
    }

    private function file(string $bytes): string
    {
        $path = "{$this->folder}/".bin2hex(random_bytes(4));
        file_put_contents($path, $bytes);

        return $path;
    }
}
