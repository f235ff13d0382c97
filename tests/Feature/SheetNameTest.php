<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Storage\SheetName;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use Tests\TestCase;
use ValueError;

/** A sheet is a section on an occasion; its code is stored and stands in addresses. */
final class SheetNameTest extends TestCase
{
    use StatedJob;

    public function test_every_sheet_reads_back_from_its_code_as_itself(): void
    {
        $codes = array_map(static fn (SheetName $sheet): string => $sheet->value, SheetName::all());
        $this->assertSame(array_unique($codes), $codes);
        foreach (SheetName::all() as $sheet) {
            $this->assertSame($sheet, SheetName::from($sheet->value));
            $this->assertSame($sheet, SheetName::of($sheet->section, $sheet->occasion));
            foreach ($sheet->restsOn() as $other) {
                $this->assertNotSame($sheet, $other);
                $this->assertContains($other, SheetName::all());
            }
        }
    }

    public function test_what_the_bores_were_called_before_is_still_understood(): void
    {
        $this->assertSame(SheetName::bores(), SheetName::from('incoming'));
        $this->assertSame(SheetName::of(Section::Bores, Occasion::Final), SheetName::from('finished'));
        $this->stateJob();
        $this->key($this->job, 'bore.1.top.thrust', '4.1', 'incoming')->assertOk();
        $this->assertDatabaseHas('readings', ['job_id' => $this->job->id, 'place' => 'bore.1.top.thrust', 'sheet' => 'bores']);
    }

    public function test_a_sheet_that_no_job_has_is_none(): void
    {
        $this->assertNull(SheetName::tryFrom('crankshaft.in-process'));
        $this->stateJob();
        $this->key($this->job, 'bore.1.top.thrust', '4.1', 'sump')->assertNotFound();
        $this->expectException(ValueError::class);
        SheetName::from('sump');
    }
}
