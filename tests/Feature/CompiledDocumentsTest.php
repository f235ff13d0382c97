<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Storage\CompiledDocuments;
use App\Storage\PolicyBook;
use App\Storage\ShippedSheets;
use App\Storage\SpecBook;
use Illuminate\Support\Facades\File;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use Tests\TestCase;

/** What is kept is what its document says. */
final class CompiledDocumentsTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/compiled-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_what_is_kept_is_what_is_read(): void
    {
        $compiled = new CompiledDocuments($this->folder, null);
        foreach (glob(resource_path('specs/*-*.json')) ?: [] as $path) {
            $read = SpecificationSheet::fromJson((string) file_get_contents($path), basename($path));
            foreach (['made and kept', 'as it was kept'] as $time) {
                $book = new SpecBook(new ShippedSheets(resource_path('specs')), $compiled);
                $this->assertEquals($read, $book->sheet(basename($path, '.json')), $time);
            }
        }
        $this->assertCount(6, File::files($this->folder));
        $policies = new PolicyBook(resource_path('policy/defaults.json'), $compiled);
        $again = new PolicyBook(resource_path('policy/defaults.json'), $compiled);
        $this->assertEquals(ShopPolicy::fromArray($policies->document(0)), $policies->revision(0), 'made and kept');
        $this->assertEquals($policies->revision(0), $again->revision(0), 'as it was kept');
        $this->assertCount(7, File::files($this->folder));
    }

    public function test_another_document_or_other_code_is_made_anew(): void
    {
        $one = new CompiledDocuments($this->folder, 'one build');
        $other = new CompiledDocuments($this->folder, 'another build');
        $make = static fn (string $said): \Closure => static fn (): \ArrayObject => new \ArrayObject([$said]);
        $said = static fn (CompiledDocuments $of, string $document, string $say): array =>
            $of->of(\ArrayObject::class, $document, $make($say))->getArrayCopy();
        $this->assertSame(['first'], $said($one, 'a document', 'first'));
        $this->assertSame(['first'], $said($one, 'a document', 'second'));
        $this->assertSame(['third'], $said($one, 'another document', 'third'));
        $this->assertSame(['fourth'], $said($other, 'a document', 'fourth'));
    }

    public function test_what_is_no_sheet_is_refused_every_time_and_never_kept(): void
    {
        $book = new SpecBook(new ShippedSheets(resource_path('specs')), new CompiledDocuments($this->folder, null));
        foreach ([1, 2] as $time) {
            try {
                $book->sheetOf(['name' => 'half a sheet']);
                $this->fail("It was taken, time {$time}.");
            } catch (InvalidDocument $exception) {
                $this->assertStringContainsString('half a sheet', $exception->getMessage());
            }
        }
        $this->assertDirectoryDoesNotExist($this->folder);
        touch($this->folder);
        $this->assertSame('tarn-4-198', $book->sheet('tarn-4-198')->family, 'nowhere to keep it costs only time');
        unlink($this->folder);
    }
}
