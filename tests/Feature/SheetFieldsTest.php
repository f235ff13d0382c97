<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\SpecBook\DimensionDrawing;
use App\SpecBook\EditedSheet;
use App\SpecBook\RangeText;
use App\SpecBook\SheetCsv;
use App\SpecBook\SheetField;
use App\SpecBook\SheetFields;
use App\SpecBook\SheetPage;
use App\SpecBook\ValueKind;
use NorthLedger\Core\Document\Fault;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Quantity\LengthUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Bench;
use Tests\TestCase;

/** A sheet written in shop notation, and read back text for text. */
final class SheetFieldsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'sorrel-f4', 'cairn-l4-144', 'quern-3-16'] as $family) {
            yield $family => [$family];
        }
    }

    #[DataProvider('families')]
    public function test_every_value_reads_back_as_it_stood(string $family): void
    {
        $document = $this->document($family);
        foreach ((new SheetFields($document))->all() as $field) {
            if ($field->text === '') {
                continue;
            }
            $typed = $field->isRange ? str_replace('-', ' to ', $field->text) : $field->text;
            $cleared = $this->without($document, $field);
            [$written, $faults] = (new SheetFields($cleared))->written([$field->path => $typed]);
            $this->assertSame([], $faults, "{$field->path}: {$typed}");
            $this->assertEquals($document, $written, "{$field->path}: {$typed}");
            $this->assertDoesNotMatchRegularExpression('/_|µg|nm\b|mm³/', $field->label, $field->path);
        }
    }

    /** @return iterable<string, array{string, string, mixed}> A place, what is typed there, what stands there then */
    public static function notations(): iterable
    {
        yield 'a range' => ['/crankshaft/mains/diameter', '2.6240-2.6250', ['least' => '2.6240', 'most' => '2.6250']];
        yield 'a range in words' => ['/crankshaft/mains/diameter', '2.6240 to 2.6255', ['least' => '2.6240', 'most' => '2.6255']];
        yield 'around' => ['/crankshaft/mains/diameter', '2.6245 ±.0005', ['least' => '2.6240', 'most' => '2.6250']];
        yield 'around, typed plainly' => ['/crankshaft/mains/diameter', '2 5/8 +/- .0005', ['least' => '2.6245', 'most' => '2.6255']];
        yield 'around, small' => ['/crankshaft/end_play', '.006 ± .002', ['least' => '.0040', 'most' => '.0080']];
        yield 'a range of angles' => ['/bore/crosshatch_included_deg', '40-60', ['least' => 40, 'most' => 60]];
        yield 'a finish in microinches' => ['/crankshaft/finish_ra_nm', '4 µin-10 µin', ['least' => 102, 'most' => 254]];
        yield 'steps as they are said' => ['/bore/oversizes', '10 20 30 60', ['.010', '.020', '.030', '.060']];
        yield 'steps in full' => ['/bore/oversizes', '.010, .0155', ['.010', '.0155']];
        yield 'no steps' => ['/bore/oversizes', 'none', []];
        yield 'grams' => ['/piston/mass_ug', '612.5 g', 612_500_000];
        yield 'kilograms' => ['/piston/mass_ug', '0.612 kg', 612_000_000];
        yield 'a volume' => ['/volumes/chamber_mm3', '54.3', 54_300];
        yield 'a dish' => ['/volumes/crown_mm3', '-2.5 cc', -2_500];
        yield 'bar' => ['/pressure_tests/0/kilopascals', '2 bar', 200];
        yield 'psi' => ['/pressure_tests/0/kilopascals', '30 psi', 207];
        yield 'yes' => ['/housings/galleries_openable', 'no', false];
        yield 'castings' => ['/castings', '198-1 198-2', ['198-1', '198-2']];
        yield 'a fraction' => ['/bore/nominal', '3 13/16', '3 13/16'];
    }

    #[DataProvider('notations')]
    public function test_shop_notation_is_read(string $path, string $typed, mixed $stands): void
    {
        [$document, $faults] = (new SheetFields($this->document('tarn-4-198')))->written([$path => $typed]);
        $this->assertSame([], $faults);
        $value = array_reduce(array_slice(explode('/', $path), 1), static fn (mixed $here, string $key): mixed => $here[$key], $document);
        $this->assertSame($stands, $value);
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        yield 'half a range' => ['/crankshaft/mains/diameter', '2.6240'];
        yield 'a word for a weight' => ['/piston/mass_ug', 'heavy'];
        yield 'no weight' => ['/piston/mass_ug', '0 g'];
        yield 'a finish of inches' => ['/deck/finish_ra_nm', '3 in'];
        yield 'a pressure of feet' => ['/pressure_tests/0/kilopascals', '20 ft'];
        yield 'around nothing' => ['/crankshaft/mains/diameter', '± .0005'];
    }

    #[DataProvider('nonsense')]
    public function test_what_does_not_read_is_named_in_the_words_of_the_form_and_changes_nothing(string $path, string $typed): void
    {
        $fields = new SheetFields($this->document('tarn-4-198'));
        [$document, $faults] = $fields->written([$path => $typed]);
        $this->assertSame($this->document('tarn-4-198'), $document);
        $this->assertSame([$path], array_map(static fn (Fault $fault): string => $fault->path, $faults));
        $this->assertStringNotContainsString('_', $fields->sentence($faults[0]));
        $this->assertStringContainsString($typed, $fields->sentence($faults[0]));
    }

    public function test_a_range_upside_down_is_a_fault_of_the_sheet(): void
    {
        [$document] = (new SheetFields($this->document('tarn-4-198')))->written(['/crankshaft/mains/diameter' => '2.6250-2.6240']);
        $this->expectExceptionMessage('/crankshaft/mains/diameter');
        SpecificationSheet::fromArray($document);
    }

    public function test_what_a_sheet_need_not_have_can_be_given_and_taken_back(): void
    {
        $document = $this->document('cairn-l4-144');
        unset($document['block']['bore_spacing'], $document['castings']);
        $fields = new SheetFields($document);
        $this->assertContains('/block/bore_spacing', array_column($fields->all(), 'path'));
        [$given] = $fields->written(['/block/bore_spacing' => '3.9', '/castings' => 'A-1']);
        $this->assertSame(['3.9', ['A-1']], [$given['block']['bore_spacing'], $given['castings']]);
        [$taken] = (new SheetFields($given))->written(['/block/bore_spacing' => ' ']);
        $this->assertSame($document['block'], $taken['block']);
    }

    public function test_rows_come_and_go_in_their_order(): void
    {
        $document = $this->document('tarn-4-198');
        $more = SheetPage::withRows($document, 'add threads');
        $last = count($document['threads']);
        $this->assertSame($document['threads'][$last - 1]['words'], $more['threads'][$last]['words']);
        $this->assertNotSame($document['threads'][$last - 1]['key'], $more['threads'][$last]['key']);
        $this->assertSame($document, SheetPage::withRows($more, "drop threads {$last}"));
        $places = array_column(SheetPage::withRows($document, 'add crack_prone')['crack_prone'], 'number');
        $this->assertSame($places, array_values(array_unique($places)));
        $this->assertInstanceOf(SpecificationSheet::class, SpecificationSheet::fromArray($more));
        foreach (['drop bore 0', 'add nothing', 'drop threads 99', 'x', ''] as $nonsense) {
            $this->assertSame($document, SheetPage::withRows($document, $nonsense));
        }
        $none = ['rings' => []] + $document;
        $first = SheetPage::withRows($none, 'add rings')['rings'];
        $places = ['name', 'width', 'gap', 'side_clearance', 'gap_by_use'];
        $this->assertSame([$places], array_map(array_keys(...), $first), 'a first row has empty places');
        $this->assertSame([], SheetPage::withRows(['rings' => $first] + $document, 'drop rings 0')['rings']);
        $this->assertCount(
            count($document['housings']['no_go']) + 1,
            SheetPage::withRows($document, 'add housings/no_go')['housings']['no_go'],
        );
    }

    public function test_every_dimension_that_is_drawn_is_a_value_of_the_sheet_and_stands_inside_its_drawing(): void
    {
        $drawn = json_decode((string) file_get_contents(resource_path('drawings/sheet.json')), true, 16, JSON_THROW_ON_ERROR);
        $bySection = [];
        foreach ((new SheetFields($this->document('brae-v8-311')))->all() as $field) {
            $bySection[explode('/', $field->path)[1]][] = $field;
        }
        foreach ($drawn as $part => $one) {
            $drawings = DimensionDrawing::of($part, $bySection[$part]);
            $dims = array_merge(...array_column(isset($one['dims']) ? [$one] : array_values($one), 'dims'));
            $lines = array_merge(...array_column($drawings, 'lines'));
            $optional = array_filter($dims, static fn (array $dim): bool => $dim['of'] === '/housings/parting_gap');
            $this->assertSame(array_column($dims, 'of'), array_column($lines, 'path'), $part);
            foreach ($drawings as $drawing) {
                foreach ($drawing->lines as $line) {
                    $this->assertTrue($line->text !== '' || $optional !== [], $line->path);
                    foreach ([$line->from[1], $line->to[1], $line->at[1]] as $y) {
                        $this->assertGreaterThanOrEqual(0, $y, $line->path);
                        $this->assertLessThanOrEqual($drawing->height, $y, $line->path);
                    }
                }
            }
        }
        $this->assertSame([], DimensionDrawing::of('layout', $bySection['layout']), 'a layout has no dimensions');
    }

    #[DataProvider('families')]
    public function test_a_sheet_comes_back_from_a_spreadsheet_as_it_went(string $family): void
    {
        $document = $this->document($family);
        unset($document['$schema'], $document['revision']);
        $csv = SheetCsv::of($document);
        $this->assertEquals(['family' => $family] + $document, SheetCsv::document($csv));
        $this->assertEquals(Bench::sheet($family), SpecificationSheet::fromArray(['revision' => 1] + SheetCsv::document($csv)));
        $semicolons = implode(
            "\r\n",
            array_map(
                static fn (string $line): string => implode(
                    ';',
                    array_map(
                        static fn (?string $one): string => '"'.str_replace('"', '""', (string) $one).'"',
                        str_getcsv($line, ',', '"', ''),
                    ),
                ),
                explode("\r\n", rtrim($csv)),
            ),
        );
        $this->assertEquals(
            SheetCsv::document($csv),
            SheetCsv::document("\u{FEFF}{$semicolons}"),
            'as a spreadsheet of another country keeps it',
        );
    }

    public function test_every_fault_of_a_table_is_named_at_once(): void
    {
        $csv = implode("\n", [
            'part,value,is,place',
            'Bore,nominal,wide,/bore/wall/minimum',
            'Piston,weight,heavy,/piston/mass_ug',
            'Rings,gap,wide,/rings/0/gap',
            'x,y,z,/no/such',
        ]);
        try {
            SheetCsv::document($csv);
            $this->fail('It was read.');
        } catch (InvalidDocument $exception) {
            $this->assertSame(['/no/such', '/piston/mass_ug', '/rings/0/gap'], array_column($exception->faults, 'path'));
        }
        $this->expectException(InvalidDocument::class);
        SheetCsv::document("what,then\n1,2\n");
    }

    public function test_where_two_have_edited_each_keeps_what_they_typed(): void
    {
        $base = $this->document('tarn-4-198');
        $newest = $base;
        $newest['bore']['service']['taper'] = '.0040';
        $newest['stroke'] = '4.3380';
        $edited = EditedSheet::of($base, $newest, ['/bore/service/taper' => '.0050', '/stroke' => '4.3390', '/piston/mass_ug' => 'x'], []);
        $this->assertSame(['.0040', '4.3390'], [$edited->document['bore']['service']['taper'], $edited->document['stroke']]);
        $this->assertSame(['/piston/mass_ug'], array_map(static fn (Fault $fault): string => $fault->path, $edited->faults));
        $this->assertSame('x', $edited->typed['/piston/mass_ug']);
    }

    public function test_a_range_is_none_without_two_ends(): void
    {
        $this->assertNull(RangeText::ends('', LengthUnit::Inch));
        $this->assertNull(RangeText::ends('1-2-3', LengthUnit::Inch));
        $this->assertSame(['0.020', '0.050'], RangeText::ends('0.020 – 0.050', LengthUnit::Millimetre));
        $this->assertSame(['0.025', '0.035'], RangeText::ends('0.03 ± 0.005', LengthUnit::Millimetre));
    }

    public function test_a_value_shows_its_unit(): void
    {
        $shown = static fn (ValueKind $kind, mixed $value): string => $kind->shown($value, LengthUnit::Inch);
        $this->assertSame(
            ['612.5 g', '10 µin', '0.1 µm', '54.3 cc', '200 kPa', '10 20', '.0155', 'yes', ''],
            [
                $shown(ValueKind::Mass, 612_500_000),
                $shown(ValueKind::Finish, 254),
                $shown(ValueKind::Finish, 100),
                $shown(ValueKind::Volume, 54_300),
                $shown(ValueKind::Pressure, 200),
                $shown(ValueKind::Steps, ['.010', '.020']),
                $shown(ValueKind::Steps, ['.0155']),
                $shown(ValueKind::Plain, true),
                $shown(ValueKind::Plain, null),
            ],
        );
    }

    /** @return array<mixed> */
    private function document(string $family): array
    {
        return json_decode((string) file_get_contents(resource_path("specs/{$family}.json")), true, 32, JSON_THROW_ON_ERROR);
    }

    /**
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    private function without(array $document, SheetField $field): array
    {
        foreach ($field->isRange ? ["{$field->path}/least", "{$field->path}/most"] : [$field->path] as $path) {
            $place = &$document;
            foreach (array_slice(explode('/', $path), 1) as $key) {
                $place = &$place[$key];
            }
            $place = match (true) {
                is_array($place) => $place === [] ? [] : [$place[0]],
                is_bool($place) => ! $place,
                is_int($place), is_float($place) => 7,
                default => $place === null ? null : '?',
            };
            unset($place);
        }

        return $document;
    }
}
