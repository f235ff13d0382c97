<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Record\JobFile;
use App\Storage\SheetName;
use App\Words\Line;
use App\Words\SectionName;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;

/** The sheets of the measuring stage, or of the verifying one, one after the other. */
final readonly class SheetTabs
{
    private function __construct(public string $title, public string $short, public string $address, public bool $isCurrent)
    {
    }

    /** @return list<self> */
    public static function all(JobFile $file, ?SheetName $current): array
    {
        return array_map(
            static fn (SheetName $sheet): self => new self(
                SectionName::of($sheet->section),
                self::short($sheet),
                "/jobs/{$file->job->tag()}/{$sheet->path()}",
                $sheet === $current,
            ),
            self::sheets($file, $current),
        );
    }

    /** Where the sheets of the measuring stage begin: of a crankshaft alone not with the bores. */
    public static function first(JobFile $file): SheetName
    {
        return self::ofWhatCame($file)[0] ?? SheetName::bores();
    }

    /** @return array{previous: string, next: string} Addresses of the sheets before and after one */
    public static function beside(JobFile $file, SheetName $sheet): array
    {
        $sheets = self::sheets($file, $sheet);
        $index = (int) array_search($sheet, $sheets, true);
        $address = static fn (int $at): string => isset($sheets[$at]) ? "/jobs/{$file->job->tag()}/{$sheets[$at]->path()}" : '';

        return ['previous' => $address($index - 1), 'next' => $address($index + 1)];
    }

    /** For a thumb index that is as narrow as a thumb. */
    private static function short(SheetName $sheet): string
    {
        return Line::ofCode('places.section_in_short', $sheet->section);
    }

    /** @return list<SheetName> */
    private static function ofWhatCame(JobFile $file): array
    {
        return array_values(
            array_filter(SheetName::incoming(), static fn (SheetName $sheet): bool => $file->inspection()->has($sheet->section)),
        );
    }

    /** @return list<SheetName> Of finished work, those that something is verified on */
    private static function sheets(JobFile $file, ?SheetName $current): array
    {
        return $current?->occasion === Occasion::Final
            ? array_map(
                static fn (Section $section): SheetName => SheetName::of($section, Occasion::Final),
                $file->work()->verification()->sections(),
            )
            : self::ofWhatCame($file);
    }
}
