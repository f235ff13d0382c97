<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Spec\SpecificationSheet;

/** The faces of block and heads (DECK). */
final class InspectedFaces implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): Section
    {
        return Section::Deck;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return FacesPlan::tables($sheet);
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): FaceJudge
    {
        return new FaceJudge($sheet, $policy);
    }
}
