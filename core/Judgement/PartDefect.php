<?php

declare(strict_types=1);

namespace NorthLedger\Core\Judgement;

use NorthLedger\Core\Cracks\CrackReport;
use NorthLedger\Core\Cracks\CrackState;
use NorthLedger\Core\Cracks\CustomerAnswer;
use NorthLedger\Core\Cracks\Disposition;
use NorthLedger\Core\Cracks\Indication;
use NorthLedger\Core\Cracks\Look;
use NorthLedger\Core\Policy\CrackCheckNeed;
use NorthLedger\Core\Policy\CrackCheckNeeds;
use NorthLedger\Core\Receiving\SleeveSurvey;
use NorthLedger\Core\Spec\EnginePart;
use NorthLedger\Core\Spec\SpecificationSheet;

/** Something found in a part beside its sizes: a crack, a gap at the parting face, a case that was blasted. */
final readonly class PartDefect
{
    private function __construct(
        public EnginePart $part,
        public Consequence $consequence,
        public ?int $cylinder,
        public string $rule,
        public string $sentence,
        public bool $isUnchecked = false,
    ) {
    }

    /** @param  non-empty-string  $rule */
    public static function found(EnginePart $part, Consequence $consequence, string $rule, string $sentence): self
    {
        return new self($part, $consequence, null, $rule, $sentence);
    }

    /** @return list<self> One for every indication that is a crack, or may still be one (CRACK-3, CRACK-5) */
    public static function ofCracks(CrackReport $report): array
    {
        return [...array_map(self::ofCrack(...), $report->cracks()), ...array_map(self::ofSuspect(...), $report->suspects())];
    }

    /**
     * Parts that nobody has checked for cracks: no part is called good unchecked (CRACK-5a).
     *
     * @param  list<EnginePart>  $here  Parts that are there
     * @return list<self>
     */
    public static function ofUnchecked(CrackReport $report, CrackCheckNeeds $needs, array $here, SpecificationSheet $sheet): array
    {
        $defects = [];
        foreach ($here as $part) {
            if (in_array($report->part($part)->state, [CrackState::NotChecked, CrackState::Running], true)) {
                $isNeeded = $needs->of($part) === CrackCheckNeed::Needed;
                $defects[] = new self($part, $isNeeded ? Consequence::Open : Consequence::Noted, null, 'CRACK-5a', ucfirst($sheet->nameOf($part)).': not checked for cracks.', isUnchecked: true);
            }
        }

        return $defects;
    }

    /**
     * @param  list<SleeveSurvey>  $surveys
     * @return list<self> One for every old sleeve that comes out (SLV-3)
     */
    public static function ofSleeves(array $surveys): array
    {
        return array_values(array_map(
            static fn (SleeveSurvey $survey): self => new self(EnginePart::Block, Consequence::Sleeve, $survey->cylinder, 'SLV-3', "Cylinder {$survey->cylinder}: the old sleeve comes out and a new one goes in."),
            array_filter($surveys, static fn (SleeveSurvey $survey): bool => $survey->comesOut()),
        ));
    }

    /** Something of the part is sleeved, welded or stitched: the customer decides. */
    public function isRepaired(): bool
    {
        return $this->consequence === Consequence::Sleeve || $this->consequence === Consequence::Repair;
    }

    public function isScrap(): bool
    {
        return $this->consequence === Consequence::Scrap;
    }

    private static function ofSuspect(Indication $suspect): self
    {
        $what = $suspect->readings[count($suspect->readings) - 1]->look === Look::PatchThatStays ? 'a patch will not clean up. Check it for a crack.' : 'suspect. Clean it, develop it and read it again.';

        return new self($suspect->location->part(), Consequence::Open, $suspect->location->cylinder, 'CRACK-3', ucfirst($suspect->location->words()).": {$what}");
    }

    private static function ofCrack(Indication $crack): self
    {
        $disposition = $crack->disposition();
        $consequence = match (true) {
            $crack->answer === CustomerAnswer::Declined => Consequence::Scrap,
            $disposition === Disposition::Scrap => Consequence::Scrap,
            $disposition === Disposition::Sleeve => Consequence::Sleeve,
            $disposition === null, $disposition === Disposition::Specialist, ! $disposition->isDecision() => Consequence::Open,
            default => Consequence::Repair,
        };
        $done = match (true) {
            $crack->answer === CustomerAnswer::Declined => 'The customer declined the repair.',
            $disposition === null => 'No rule says what is done; decide it with a specialist.',
            default => $disposition->words(),
        };

        return new self($crack->location->part(), $consequence, $crack->location->cylinder, 'CRACK-5', ucfirst($crack->location->words()).": crack. {$done}");
    }
}
