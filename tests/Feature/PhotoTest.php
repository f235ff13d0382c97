<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Photos\PhotoStore;
use App\Storage\Job;
use App\Storage\Photo;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class PhotoTest extends TestCase
{
    private Job $job;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = storage_path('app/photos-test-'.bin2hex(random_bytes(4)));
        $this->filesIn($this->folder);
        $inspector = $this->person(Role::Inspector);
        $this->job = $this->job($inspector);
        $this->actingAs($inspector);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_a_phone_picture_is_turned_upright_made_smaller_and_loses_where_it_was_taken(): void
    {
        $this->upload($this->file($this->jpegWithExif(2_400, 1_200, orientation: 6), 'from-the-phone.jpg'))->assertOk();

        $photo = Photo::query()->sole();
        $this->assertSame([800, 1_600], [$photo->width, $photo->height]);
        $kept = (string) $this->app->make(PhotoStore::class)->bytes($photo->content_hash);
        $this->assertSame($photo->content_hash, hash('sha256', $kept));
        $this->assertStringNotContainsString('Exif', $kept);
        $this->assertStringNotContainsString('GPS-MARK', $kept);
        $picture = imagecreatefromstring($kept);
        $this->assertNotFalse($picture);
        $this->assertGreaterThan(200, imagecolorat($picture, 790, 10) >> 16, 'the corner that was top left is top right now');

        $this->get("/jobs/{$this->job->tag()}/photos/{$photo->ulid}.jpg")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg');
        $this->get("/jobs/{$this->job->tag()}/photos/{$photo->ulid}.jpg?size=small")->assertOk();
        $this->get("/jobs/{$this->job->tag()}/receive")->assertSee($photo->ulid);
    }

    public function test_the_same_upload_twice_is_one_photo(): void
    {
        $bytes = $this->jpeg(60, 40);
        $ulid = $this->ulid();
        $this->upload($this->file($bytes, 'a.jpg'), ['ulid' => $ulid])->assertOk();
        $this->upload($this->file($bytes, 'a.jpg'), ['ulid' => $ulid])->assertOk();
        $this->assertSame(1, Photo::query()->count());
    }

    public function test_a_script_named_jpg_is_no_picture(): void
    {
        $this->upload($this->file('<?php echo "here"; ?>', 'portrait.jpg'))
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['photo' => 'no picture that can be read here']);
        $this->upload($this->file('GIF89a'.str_repeat("\0", 60).'<script>', 'portrait.gif'))->assertUnprocessable();
        $this->assertSame(0, Photo::query()->count());
        $this->assertSame([], File::allFiles($this->folder));
    }

    public function test_what_hides_behind_a_pictures_end_is_not_kept(): void
    {
        $this->upload($this->file($this->jpeg(60, 40).'<?php echo "here"; ?>', 'two-in-one.jpg'))->assertOk();
        $kept = (string) $this->app->make(PhotoStore::class)->bytes(Photo::query()->sole()->content_hash);
        $this->assertStringNotContainsString('<?php', $kept);
    }

    public function test_a_picture_of_sixty_megapixels_is_refused_before_it_is_unpacked(): void
    {
        $before = memory_get_peak_usage();
        $this->upload($this->file($this->hugePng(10_000, 6_000), 'small-file.png'))
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['photo' => '60 megapixels']);
        $this->assertLessThan($before + 60_000_000, memory_get_peak_usage(), 'it was not unpacked');
    }

    public function test_a_picture_that_is_cut_off_is_asked_for_again(): void
    {
        $whole = $this->jpeg(800, 600);
        $this->upload($this->file(substr($whole, 0, intdiv(strlen($whole), 2)), 'half.jpg'))
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['photo' => 'cut off in the middle']);
    }

    public function test_a_picture_that_is_made_to_keep_the_house_busy_is_refused_in_time(): void
    {
        $drafts = glob($this->drafts());
        $scan = "\xFF\xDA\x00\x08\x01\x01\x00\x00\x3F\x00\x00";
        $jpeg = $this->jpeg(400, 300);
        $start = (int) strpos($jpeg, "\xFF\xDA");
        $many = substr($jpeg, 0, $start).str_repeat($scan, 3_000).substr($jpeg, $start);
        $this->upload($this->file($many, 'scans.jpg'))->assertJsonValidationErrors(['photo' => 'takes too long to open']);
        $this->app->instance(PhotoStore::class, new PhotoStore($this->filesIn($this->folder), 0.001));
        $this->upload($this->file($jpeg, 'slow.jpg'))->assertJsonValidationErrors(['photo' => 'takes too long to open']);
        $this->assertSame(0, Photo::query()->count());
        $this->assertSame([], File::allFiles($this->folder));
        $this->assertSame($drafts, glob($this->drafts()), 'nothing is left behind');
    }

    public function test_more_than_fifteen_megabytes_are_refused(): void
    {
        $this->upload(UploadedFile::fake()->create('huge.jpg', 15 * 1024 + 1, 'image/jpeg'))
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['photo' => 'larger than 15 MB']);
    }

    public function test_a_photo_is_seen_only_with_its_own_job_and_only_after_a_log_in(): void
    {
        $this->upload($this->file($this->jpeg(60, 40), 'a.jpg'))->assertOk();
        $photo = Photo::query()->sole();
        $other = $this->job($this->person(Role::Owner));
        $this->get("/jobs/{$other->tag()}/photos/{$photo->ulid}.jpg")->assertNotFound();
        $this->post('/logout');
        $this->get("/jobs/{$this->job->tag()}/photos/{$photo->ulid}.jpg")->assertRedirect('/login');
    }

    public function test_a_photo_is_of_something_that_can_be(): void
    {
        $this->upload($this->file($this->jpeg(60, 40), 'a.jpg'), ['subject' => '../../somewhere'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('subject');
    }

    /** @param  array<string, mixed>  $changes */
    private function upload(UploadedFile $file, array $changes = []): TestResponse
    {
        return $this->post(
            "/jobs/{$this->job->tag()}/photos",
            $changes + ['ulid' => $this->ulid(), 'photo' => $file, 'subject' => 'engine', 'stage' => 'receive'],
            ['Accept' => 'application/json'],
        );
    }

    private function file(string $bytes, string $name): UploadedFile
    {
        return UploadedFile::fake()->createWithContent($name, $bytes);
    }

    /** White in its top left corner, grey elsewhere. */
    private function jpeg(int $width, int $height): string
    {
        $picture = imagecreatetruecolor($width, $height);
        imagefill($picture, 0, 0, (int) imagecolorallocate($picture, 90, 90, 90));
        imagefilledrectangle($picture, 0, 0, intdiv($width, 8), intdiv($height, 8), (int) imagecolorallocate($picture, 255, 255, 255));
        ob_start();
        imagejpeg($picture);

        return (string) ob_get_clean();
    }

    private function jpegWithExif(int $width, int $height, int $orientation): string
    {
        $tiff =
            "MM\0*\0\0\0\x08".
            "\0\x01".
            "\x01\x12\0\x03\0\0\0\x01".
            pack('n', $orientation).
            "\0\0".
            "\0\0\0\0".
            'GPS-MARK 54.46 -3.02';
        $segment = "Exif\0\0".$tiff;

        return "\xFF\xD8\xFF\xE1".pack('n', strlen($segment) + 2).$segment.substr($this->jpeg($width, $height), 2);
    }

    /** A few kilobytes that say they are that large. */
    private function hugePng(int $width, int $height): string
    {
        $chunk = static fn (string $kind, string $data): string => pack('N', strlen($data)).
            $kind.
            $data.
            pack('N', crc32($kind.$data));

        return "\x89PNG\r\n\x1a\n".
            $chunk('IHDR', pack('NN', $width, $height)."\x08\x00\0\0\0").
            $chunk('IDAT', (string) gzcompress(str_repeat("\0", 1_000))).
            $chunk('IEND', '');
    }

    /** Where pictures lie while they are looked at. */
    private function drafts(): string
    {
        return sys_get_temp_dir().'/photo??????';
    }
}
