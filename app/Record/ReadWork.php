<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\Said;
use NorthLedger\Core\Features\Receiving\ClaimKind;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;

/** What was read of an engine, as far as the claims of its paperwork ask for it (WORK-5). */
final class ReadWork
{
    /**
     * @param  array<string, Said>  $claims
     * @return array<string, list<Finding>> Of the sheets that are begun, by section
     */
    public static function findings(JobFile $file, array $claims): array
    {
        $findings = [];
        foreach (self::sections($claims) as $section) {
            if (! $file->inspection()->measurements($section)->isEmpty()) {
                $findings[$section->value] = $file->inspection()->judged($section)->findings;
            }
        }

        return $findings;
    }

    /**
     * @param  array<string, Said>  $claims
     * @return array<string, list<Length>> What journals and housings stand at, by the kind of claim that it answers
     */
    public static function steps(JobFile $file, array $claims): array
    {
        $inspection = $file->inspection();

        return in_array(Section::Crankshaft, self::sections($claims), true)
            ? [
                ClaimKind::CrankshaftGround->value => $inspection
                    ->crankshaftJudge()
                    ->journals->undersizes($inspection->measurements(Section::Crankshaft)),
            ]
            : [];
    }

    /**
     * @param  array<string, Said>  $claims
     * @return list<Section>
     */
    private static function sections(array $claims): array
    {
        $sections = [];
        foreach ($claims as $row) {
            $section = $row->flag('withdrawn') ? null : ClaimKind::from($row->text('kind'))->section();
            if ($section !== null) {
                $sections[$section->value] = $section;
            }
        }

        return array_values($sections);
    }
}
