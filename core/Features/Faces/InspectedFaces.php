<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\InspectedFeatures;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;

/** The faces of block and heads (DECK). */
final class InspectedFaces implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): Section
    {
        return Section::Deck;
    }

    public function rank(): int
    {
        return 0;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return FacePlaces::tables($sheet);
    }

    public function limits(): array
    {
        return [
            'deck/flatness' => '/deck/flatness',
            'deck/local_flatness' => '/deck/local_flatness',
            'deck/finish' => '/deck/finish_ra_nm',
            'deck/height' => '/deck/height/minimum',
            'head/flatness' => '/head/flatness',
            'head/local_flatness' => '/head/local_flatness',
            'head/finish' => '/head/finish_ra_nm',
            'head/height' => '/head/height/minimum',
        ];
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): FaceJudge
    {
        return new FaceJudge($sheet, $policy);
    }
}
