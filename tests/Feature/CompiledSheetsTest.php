<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Storage\CompiledSheets;
use Illuminate\Support\Facades\File;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use Tests\TestCase;

/** A sheet that is kept is the sheet that its document says. */
final class CompiledSheetsTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/sheets-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_what_is_kept_is_what_is_read(): void
    {
        $sheets = new CompiledSheets($this->folder);
        foreach (glob(resource_path('specs/*-*.json')) ?: [] as $path) {
            $document = (string) file_get_contents($path);
            $read = SpecificationSheet::fromJson($document, basename($path));
            $this->assertEquals($read, $sheets->of($document, 'a family'), 'made and kept');
            $this->assertEquals($read, $sheets->of($document, 'a family'), 'as it was kept');
        }
        $this->assertCount(6, File::files($this->folder));
        $changed = str_replace(
            '"name": "Tarn',
            '"name": "Another Tarn',
            (string) file_get_contents(resource_path('specs/tarn-4-198.json')),
        );
        $this->assertStringStartsWith('Another Tarn', $sheets->of($changed, 'a family')->name);
    }

    public function test_what_is_no_sheet_is_refused_every_time_and_never_kept(): void
    {
        $sheets = new CompiledSheets($this->folder);
        foreach ([1, 2] as $time) {
            try {
                $sheets->of('{"name": "half a sheet"}', 'a family');
                $this->fail("It was taken, time {$time}.");
            } catch (InvalidDocument $exception) {
                $this->assertStringContainsString('half a sheet', $exception->getMessage());
            }
        }
        $this->assertDirectoryDoesNotExist($this->folder);
        touch($this->folder);
        $document = (string) file_get_contents(resource_path('specs/tarn-4-198.json'));
        $this->assertSame('tarn-4-198', $sheets->of($document, 'a family')->family, 'nowhere to keep it costs only time');
        unlink($this->folder);
    }
}
