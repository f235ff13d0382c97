<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Document\Fault;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Spec\LayoutKind;
use NorthLedger\Core\Spec\SpecificationSheet;
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
        $this->assertTrue($sheet->bore->sizeAt($sheet->bore->largestStep)->isLargerThan($sheet->bore->nominal));

        $schema = (string) file_get_contents(self::FOLDER.'sheet.schema.json');
        $result = (new Validator)->validate(json_decode((string) file_get_contents(self::FOLDER.$family.'.json'), false, 32, JSON_THROW_ON_ERROR), $schema);
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
        unset($data['piston']['mass_ug']);

        try {
            SpecificationSheet::fromArray($data);
            $this->fail('It was read.');
        } catch (InvalidDocument $exception) {
            $paths = array_map(static fn (Fault $fault): string => $fault->path, $exception->faults);
            foreach (['/unit', '/bore/nominal', '/bore/service/taper', '/bore/oversizes', '/layout/banks', '/piston/mass_ug'] as $path) {
                $this->assertContains($path, $paths);
            }
            $this->assertStringContainsString('/unit: found "furlong", expected one of “in”, “mm”.', $exception->getMessage());
            $this->assertStringContainsString('/piston/mass_ug: found nothing, expected a whole number, 1 or more.', $exception->getMessage());
        }
    }

    /** @return iterable<string, array{list<string>, mixed, string}> */
    public static function contradictions(): iterable
    {
        yield 'a piston that does not fit its bore' => [['piston', 'standard'], '3.8125', '/piston/standard'];
        yield 'clearances the wrong way round' => [['piston', 'clearance', 'least'], '.0050', '/piston/clearance'];
        yield 'a wall below its minimum' => [['bore', 'wall', 'standard'], '.120', '/bore/wall'];
        yield 'a service clearance tighter than new' => [['bore', 'service', 'clearance'], '.0020', '/bore/service/clearance'];
        yield 'crosshatch upside down' => [['bore', 'crosshatch_included_deg', 'least'], 70, '/bore/crosshatch_included_deg'];
    }

    /** @param  list<string>  $keys */
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
        $this->expectExceptionMessage('text that is not JSON');
        SpecificationSheet::fromJson('{"family":', 'a file');
    }

    public function test_a_policy_with_a_stock_outside_its_own_range_is_refused(): void
    {
        $document = Bench::policyDocument();
        $document['bore_in']['hone_stock'] = '.009';
        $document['preference'] = 'whatever';

        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessageMatches('#/preference: found "whatever".*/bore_in/hone_stock#');
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
