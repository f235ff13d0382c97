<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Document\Fault;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\LayoutKind;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Message;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SpecificationSheetTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../resources/specs/';

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (glob(self::FOLDER.'*.json') ?: [] as $path) {
            $family = basename($path, '.json');
            if ($family !== 'sheet.schema') {
                yield $family => [$family];
            }
        }
    }

    #[DataProvider('families')]
    public function test_the_sheet_is_whole_and_as_its_schema_says(string $family): void
    {
        $sheet = Bench::sheet($family);
        $this->assertSame($family, $sheet->family);
        $this->assertSame($sheet->layout->cylinders(), range(1, count($sheet->layout->cylinders())));
        $this->assertSame($sheet->cylinders !== CylinderKind::Separate, $sheet->bore->largestStep->isPositive());

        $schema = (string) file_get_contents(self::FOLDER.'sheet.schema.json');
        $result = (new Validator())->validate(
            json_decode((string) file_get_contents(self::FOLDER.$family.'.json'), false, 32, JSON_THROW_ON_ERROR),
            $schema,
        );
        $this->assertTrue($result->isValid(), (string) $result->error());
    }

    public function test_the_vee_has_two_banks(): void
    {
        $layout = Bench::sheet('brae-v8-311')->layout;
        $this->assertSame([LayoutKind::Vee, [[1, 3, 5, 7], [2, 4, 6, 8]]], [$layout->kind, $layout->banks]);
    }

    public function test_names_every_fault_at_once_with_its_path_value_and_what_is_expected(): void
    {
        $data = $this->document();
        $data['unit'] = 'furlong';
        $data['bore']['nominal'] = 3.8125;
        $data['bore']['service']['taper'] = '-.005';
        $data['bore']['oversizes'] = ['.030', '.020'];
        $data['layout']['banks'] = [[1, 2, 2, 4]];
        $data['piston']['mass_ug'] = 0;

        try {
            SpecificationSheet::fromArray($data);
            $this->fail('It was read.');
        } catch (InvalidDocument $exception) {
            $paths = array_map(static fn (Fault $fault): string => $fault->path, $exception->faults);
            foreach (['/unit', '/bore/nominal', '/bore/service/taper', '/bore/oversizes', '/layout/banks', '/piston/mass_ug'] as $path) {
                $this->assertContains($path, $paths);
            }
            $faults = array_column($exception->faults, null, 'path');
            $this->assertSame('"furlong"', $faults['/unit']->value);
            $this->assertEquals(new Message('refusal.expected.one_of', ['words' => '“in”, “mm”']), $faults['/unit']->expected);
            $this->assertEquals(new Message('refusal.expected.whole_number_or_more', ['least' => 1]), $faults['/piston/mass_ug']->expected);
        }
    }

    /** @return iterable<string, array{list<string|int>, mixed, string}> */
    public static function contradictions(): iterable
    {
        yield 'a piston that does not fit its bore' => [['piston', 'standard'], '3.8125', '/piston/standard'];
        yield 'clearances the wrong way round' => [['piston', 'clearance', 'least'], '.0050', '/piston/clearance'];
        yield 'a wall below its minimum' => [['bore', 'wall', 'standard'], '.120', '/bore/wall'];
        yield 'a service clearance tighter than new' => [['bore', 'service', 'clearance'], '.0020', '/bore/service/clearance'];
        yield 'more mains than housings' => [['crankshaft', 'mains', 'count'], 4, '/crankshaft/mains/count'];
        yield 'shells that leave no oil' => [['crankshaft', 'mains', 'shell_wall', 'most'], '.2500', '/crankshaft/mains/oil_clearance'];
        yield 'a rod journal too few' => [['crankshaft', 'rods', 'count'], 3, '/crankshaft/rods/count'];
        yield 'three intake valves for four cylinders' => [['valves', 'intake', 'count'], 3, '/valves/intake/count'];
        yield 'stems thicker than their guides' => [['valves', 'exhaust', 'stem', 'most'], '.4000', '/valves/exhaust/stem_clearance'];
        yield 'lifters that do not fit' => [['lifters', 'body', 'most'], '1.0000', '/lifters/play'];
        yield 'a stack higher than the deck' => [['piston', 'compression_height'], '2.9000', '/deck/height/standard'];
        yield 'a ratio its volumes do not give' => [['volumes', 'ratio'], 9.9, '/volumes/ratio'];
        yield 'a parting gap in a block that is not split' => [['housings', 'parting_gap'], '.0015', '/housings/parting_gap'];
        yield 'separate cylinders with oversizes' => [['block', 'cylinders'], 'separate', '/bore/oversizes'];
        yield 'a case depth without hardening' => [['crankshaft', 'case_depth'], '.0200', '/crankshaft/case_depth'];
        yield 'a minimum above the standard height' => [['deck', 'height', 'minimum'], '99', '/deck/height'];
        yield 'a crack-prone place on a face it has not' => [['crack_prone', 0, 'face'], 'left case half', '/crack_prone/0/face'];
        yield 'a zone its face has not' => [['crack_prone', 0, 'zone'], 'rod', '/crack_prone/0/zone'];
        yield 'numbers that skip' => [['crack_prone', 0, 'number'], 9, '/crack_prone'];
        yield 'a cylinder it has not' => [['crack_prone', 0, 'cylinder'], 9, '/crack_prone/0/cylinder'];
        yield 'one thread twice' => [['threads', 1, 'key'], 'head', '/threads'];
        yield 'more inserts than holes' => [['threads', 0, 'inserts_expected'], 99, '/threads/0/inserts_expected'];
        $seat = ['face' => 'deck', 'cylinder' => 1, 'valve' => 'exhaust', 'x' => 1, 'y' => 1];
        yield 'a seat in the deck of an engine whose valves hang in its head' => [['seats'], [$seat], '/seats/0/face'];
        yield 'a seat at a cylinder it has not' => [['seats'], [['face' => 'head face', 'cylinder' => 9] + $seat], '/seats/0/cylinder'];
        $rail = ['key' => 'rail', 'words' => 'pan rail'];
        yield 'one datum face twice' => [['datum_faces'], [$rail, $rail], '/datum_faces'];
        yield 'crosshatch upside down' => [['bore', 'crosshatch_included_deg', 'least'], 70, '/bore/crosshatch_included_deg'];
    }

    /** @param  list<string|int>  $keys */
    #[DataProvider('contradictions')]
    public function test_refuses_a_sheet_at_odds_with_itself(array $keys, mixed $value, string $path): void
    {
        $data = $this->document();
        $place = &$data;
        foreach ($keys as $key) {
            $place = &$place[$key];
        }
        $place = $value;

        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage($path);
        SpecificationSheet::fromArray($data);
    }

    public function test_refuses_what_is_no_json(): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage('refusal.document.no_json (complaint: Syntax error)');
        SpecificationSheet::fromJson('{"family":', 'a file');
    }

    public function test_a_policy_with_a_stock_outside_its_own_range_is_refused(): void
    {
        $document = Bench::policyDocument();
        $document['bore_in']['hone_stock'] = '.009';
        $document['preference'] = 'whatever';

        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessageMatches('#path: /preference, found: "whatever".*path: /bore_in/hone_stock#');
        ShopPolicy::fromArray($document);
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        /** @var array<string, mixed> $document */
        $document = json_decode((string) file_get_contents(self::FOLDER.'tarn-4-198.json'), true, 32, JSON_THROW_ON_ERROR);

        return $document;
    }
}
