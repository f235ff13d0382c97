<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\Engine\Policy\CrackCheckNeed;
use NorthLedger\Core\Engine\Policy\CrackCheckNeeds;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\CustomerAnswer;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Message;

/** What the crack check found of every part, and what it was never asked (CRACK-3, CRACK-5, CRACK-5a). */
final class CrackDefects
{
    /** @return list<PartDefect> One for every indication that is a crack, or may still be one */
    public static function of(CrackReport $report): array
    {
        return [...array_map(self::ofCrack(...), $report->cracks()), ...array_map(self::ofSuspect(...), $report->suspects())];
    }

    /**
     * Parts that nobody has checked for cracks: no part is called good unchecked (CRACK-5a).
     *
     * @param  list<EnginePart>  $here  Parts that are there
     * @return list<PartDefect>
     */
    public static function unchecked(CrackReport $report, CrackCheckNeeds $needs, array $here, SpecificationSheet $sheet): array
    {
        $unchecked = array_filter(
            $here,
            static fn (EnginePart $part): bool => in_array(
                $report->part($part)->state,
                [CrackState::NotChecked, CrackState::Running],
                true,
            ),
        );

        return array_values(
            array_map(
                static fn (EnginePart $part): PartDefect => PartDefect::unchecked(
                    $part,
                    $needs->of($part) === CrackCheckNeed::Needed,
                    'CRACK-5a',
                    new Message('cracks.defect.not_checked', ['part' => $sheet->nameOf($part)]),
                ),
                $unchecked,
            ),
        );
    }

    private static function ofSuspect(Indication $suspect): PartDefect
    {
        $isPatch = $suspect->readings[count($suspect->readings) - 1]->look === Look::PatchThatStays;

        return PartDefect::found(
            $suspect->location->part(),
            Remedy::Decide,
            'CRACK-3',
            new Message($isPatch ? 'cracks.defect.patch' : 'cracks.defect.suspect', ['where' => $suspect->location->message()]),
            $suspect->location->cylinder,
        );
    }

    private static function ofCrack(Indication $crack): PartDefect
    {
        $disposition = $crack->disposition();
        $remedy = match (true) {
            $crack->answer === CustomerAnswer::Declined => Remedy::Scrap,
            $disposition === Disposition::Scrap => Remedy::Scrap,
            $disposition === Disposition::Sleeve => Remedy::Sleeve,
            $disposition === null, $disposition === Disposition::Specialist, ! $disposition->isDecision() => Remedy::Decide,
            default => Remedy::Repair,
        };
        $done = match (true) {
            $crack->answer === CustomerAnswer::Declined => new Message('cracks.defect.declined'),
            $disposition === null => new Message('cracks.defect.no_rule'),
            default => $disposition->message(),
        };

        return PartDefect::found(
            $crack->location->part(),
            $remedy,
            'CRACK-5',
            new Message('cracks.defect.crack', ['where' => $crack->location->message(), 'done' => $done]),
            $crack->location->cylinder,
        );
    }
}
