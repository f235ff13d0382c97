<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** What a folder of features says of itself: where it stands in an inspection, what there is to read, and who judges it. */
interface InspectedFeatures
{
    /** The sheet that it stands on; null where an engine has nothing of it. */
    public function section(SpecificationSheet $sheet): ?Section;

    /** Where it stands among those of one sheet: the sheet's own features first, 0. */
    public function rank(): int;

    /** @return list<CharacteristicTable> What there is to read, drawn up from the specification */
    public function tables(SpecificationSheet $sheet): array;

    /**
     * @return array<string, string> Where the specification sheet says how far a finding may go: “main/size” → “/crankshaft/mains/diameter”
     */
    public function limits(): array;

    /** Null where nothing is judged: what is only matched, or computed with. */
    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): ?Judge;
}
