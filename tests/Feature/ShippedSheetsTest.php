<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Storage\ShippedSheets;
use Illuminate\Support\Facades\File;
use Tests\TestCase;

/** What comes with the program, and nothing that only looks like it. */
final class ShippedSheetsTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/shipped-'.bin2hex(random_bytes(6));
        File::makeDirectory($this->folder);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_every_family_that_ships_has_its_document_and_its_revision(): void
    {
        $shipped = new ShippedSheets(resource_path('specs'));
        $this->assertContains('tarn-4-198', $shipped->families());
        $this->assertNotContains('sheet.schema', $shipped->families(), 'the schema is no family');
        foreach ($shipped->families() as $family) {
            $document = json_decode((string) $shipped->document($family), true, 32, JSON_THROW_ON_ERROR);
            $this->assertSame($family, $document['family']);
            $this->assertSame($document['revision'] ?? 1, $shipped->revision($family));
        }
    }

    public function test_a_family_of_the_shop_and_a_name_that_is_none_have_nothing(): void
    {
        $shipped = new ShippedSheets(resource_path('specs'));
        foreach (['our-own-4', '../policy/defaults', '', 'sheet.schema', 'Tarn-4-198'] as $name) {
            $this->assertNull($shipped->document($name), $name);
            $this->assertNull($shipped->revision($name), $name);
        }
    }

    public function test_a_file_that_is_written_anew_is_told_from_the_one_before(): void
    {
        File::put("{$this->folder}/one-4.json", '{"family":"one-4","revision":2}');
        $shipped = new ShippedSheets($this->folder);
        $before = $shipped->marks();
        $this->assertSame(2, $shipped->revision('one-4'));
        File::put("{$this->folder}/one-4.json", '{"family":"one-4","revision":30}');
        clearstatcache();
        $this->assertNotSame($before, $shipped->marks());
        $this->assertSame(30, $shipped->revision('one-4'));
        File::put("{$this->folder}/two-6.json", '{"family":"two-6"}');
        $this->assertSame(['one-4', 'two-6'], $shipped->families());
        $this->assertSame(1, $shipped->revision('two-6'), 'a sheet that says none is the first');
    }
}
