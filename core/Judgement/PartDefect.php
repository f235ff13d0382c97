<?php

declare(strict_types=1);

namespace NorthLedger\Core\Judgement;

use NorthLedger\Core\Cracks\CrackReport;
use NorthLedger\Core\Cracks\CustomerAnswer;
use NorthLedger\Core\Cracks\Disposition;
use NorthLedger\Core\Cracks\Indication;
use NorthLedger\Core\Receiving\SleeveSurvey;
use NorthLedger\Core\Spec\EnginePart;

/** Something found in a part beside its sizes: a crack, a gap at the parting face, a case that was blasted. */
final readonly class PartDefect
{
    private function __construct(
        public EnginePart $part,
        public Consequence $consequence,
        public ?int $cylinder,
        public string $rule,
        public string $sentence,
    ) {
    }

    /** @param  non-empty-string  $rule */
    public static function found(EnginePart $part, Consequence $consequence, string $rule, string $sentence): self
    {
        return new self($part, $consequence, null, $rule, $sentence);
    }

    /** @return list<self> One for every indication that is a crack (CRACK-5) */
    public static function ofCracks(CrackReport $report): array
    {
        return array_map(self::ofCrack(...), $report->cracks());
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

    public function isScrap(): bool
    {
        return $this->consequence === Consequence::Scrap;
    }

    private static function ofCrack(Indication $crack): self
    {
        $disposition = $crack->disposition();
        $consequence = match (true) {
            $crack->answer === CustomerAnswer::Declined => Consequence::Scrap,
            $disposition === Disposition::Scrap => Consequence::Scrap,
            $disposition === Disposition::Sleeve => Consequence::Sleeve,
            $disposition === null, $disposition === Disposition::Specialist => Consequence::Open,
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
