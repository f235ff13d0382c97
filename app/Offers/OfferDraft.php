<?php

declare(strict_types=1);

namespace App\Offers;

use App\Record\JobFile;
use App\Record\MissingPart;
use App\Record\OfferMark;
use App\Words\EnginePartName;
use App\Words\Line;
use App\Words\Messages;
use App\Words\PlanWords;
use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\AssessedPart;
use NorthLedger\Core\Assessment\PittedBore;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Receiving\SleeveSurvey;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Planning\CustomerWay;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;

/** The offer that a job's engine gets as it is read now: its ways, what is not sure, and what the customer would live with (PLAN-4). */
final readonly class OfferDraft
{
    /**
     * @param  list<CustomerWay>  $ways  None where no plan is allowed yet
     * @param  list<string>  $unsure
     * @param  list<array{kind: string, part: string, subject: string, words: string}>  $accepts  Defects that stay or are repaired, signed
     *     by the answer
     */
    private function __construct(public array $ways, public array $unsure, public array $accepts, public OfferMark $mark)
    {
    }

    public static function of(JobFile $file): self
    {
        $plan = $file->plan();
        $recommended = $plan->recommended();
        [$doubts, $accepts] = [self::doubts($file), self::accepts($file)];

        return new self(
            $recommended === null ? [] : CustomerWay::all($recommended, $plan->choices()->cheapest(), $plan->choices()->longestLived()),
            [...self::overBudget($file), ...$doubts],
            $accepts,
            self::markOf($file, $doubts, $accepts),
        );
    }

    /**
     * As it is kept and shown, whatever is read later.
     *
     * @return array<string, mixed>
     */
    public function document(JobFile $file, ReadyDays $ready): array
    {
        $words = new WayWords($file);

        return [
            'verdict' => WayWords::verdict($file),
            'ways' => array_map(
                fn (CustomerWay $way): array => [
                    'code' => $way->code(),
                    'parts' => $way->plan->codes(),
                    'cost_minor' => $way->plan->cost->minor,
                    'ready_on' => $ready->of($way),
                    'is_day_open' => self::toBeFound($file) !== [],
                    'what' => $words->what($way->plan),
                    'gained' => $words->gained($way, $this->ways, $ready),
                    'given_up' => $words->givenUp($way, $this->ways, $ready),
                    'accepts' => AcceptedPits::of($file, $way->plan),
                ],
                $this->ways,
            ),
            'unsure' => $this->unsure,
            'accepts' => $this->accepts,
            'mark' => $this->mark->text(),
        ];
    }

    /**
     * @param  list<string>  $doubts
     * @param  list<array{kind: string, part: string, subject: string, words: string}>  $accepts
     */
    private static function markOf(JobFile $file, array $doubts, array $accepts): OfferMark
    {
        $parts = array_map(
            static fn (OfferedPart $part): array => array_map(static fn (OfferedChoice $choice): string => $choice->code(), $part->open()),
            $file->plan()->choices()->parts,
        );
        $ways = array_map(
            static fn (ReboreOption $option): array => [$option->key(), $option->sleeved, $option->newPistons],
            $file->assessment()->plan?->feasible() ?? [],
        );
        $pits = array_map(
            static fn (PittedBore $bore): array => [$bore->cylinder, $bore->depth?->nanometres],
            $file->assessment()->knownPits->bores ?? [],
        );
        $pits = $pits === [] ? [] : [$pits];

        return new OfferMark(
            [$parts, $ways, self::codesOfDoubts($file), self::codesOfAccepted($file), ...$pits],
            [$parts, $ways, $doubts, $accepts, ...$pits],
        );
    }

    /** @return list<string> Where nothing that puts the engine right is within the budget */
    private static function overBudget(JobFile $file): array
    {
        $budget = $file->plan()->budget();
        $over = $file->plan()->recommended()?->over($budget);

        return $over === null || $budget === null
            ? []
            : [Line::of('offer.unsure.over_budget', ['budget' => PlanWords::money($budget), 'over' => PlanWords::money($over)])];
    }

    /** @return list<MissingPart> What has to be found before any day can be promised */
    private static function toBeFound(JobFile $file): array
    {
        return array_values(
            array_filter(
                MissingPart::all($file),
                static fn (MissingPart $part): bool => ! $part->isHere() && $part->promisedFor() === null,
            ),
        );
    }

    /** @return list<EnginePart> */
    private static function unread(JobFile $file): array
    {
        $unread = array_filter(
            $file->engine()->parts,
            static fn (AssessedPart $part): bool => $part->isHere && $part->verdict === PartVerdict::NotYetKnown,
        );

        return array_column($unread, 'part');
    }

    /** @return list<PartDefect> That nobody has looked for yet, or has decided about */
    private static function openDefects(JobFile $file): array
    {
        return array_values(
            array_filter(
                $file->inspection()->defects(),
                static fn (PartDefect $defect): bool => $defect->isUnchecked || $defect->remedy === Remedy::Decide,
            ),
        );
    }

    /** @return list<string> */
    private static function doubts(JobFile $file): array
    {
        $missing = array_column(self::toBeFound($file), 'words');
        $unread = array_map(static fn (EnginePart $part): string => EnginePartName::of($file->sheet, $part), self::unread($file));
        $traces = $file->assessment()->recommendation->stake->cylinders ?? [];

        return [
            ...$missing === [] ? [] : [Line::of('offer.unsure.missing', ['parts' => implode(', ', $missing)])],
            ...$unread === [] ? [] : [Line::of('offer.unsure.unread', ['parts' => implode(', ', $unread)])],
            ...$traces === [] ? [] : [Line::of('offer.unsure.trace', ['cylinders' => ucfirst(VerdictWords::cylinders($traces))])],
            ...array_map(Messages::defect(...), self::openDefects($file)),
        ];
    }

    /** @return array<string, mixed> What `doubts` says */
    private static function codesOfDoubts(JobFile $file): array
    {
        return [
            'missing' => array_map(static fn (MissingPart $part): array => [$part->key(), $part->count], self::toBeFound($file)),
            'unread' => self::unread($file),
            'traces' => $file->assessment()->recommendation->stake->cylinders ?? [],
            'open' => array_map(
                static fn (PartDefect $defect): array => [$defect->part, $defect->rule, (string) $defect->said],
                self::openDefects($file),
            ),
        ];
    }

    /** @return array<string, mixed> What `accepts` says */
    private static function codesOfAccepted(JobFile $file): array
    {
        return [
            'cracks' => array_map(
                static fn (Indication $one): array => [$one->id, $one->disposition(), $one->location->key()],
                $file->record->cracks()->customerHolds(),
            ),
            'sleeves' => array_map(static fn (SleeveSurvey $survey): int => $survey->cylinder, self::oldSleeves($file)),
        ];
    }

    /** @return list<SleeveSurvey> About which the customer has to say something */
    private static function oldSleeves(JobFile $file): array
    {
        return array_values(
            array_filter($file->record->sleeves(), static fn (SleeveSurvey $survey): bool => $survey->waitsForCustomer()),
        );
    }

    /** @return list<array{kind: string, part: string, subject: string, words: string}> */
    private static function accepts(JobFile $file): array
    {
        $cracks = array_map(
            static fn (Indication $one): array => [
                'kind' => 'crack',
                'part' => $one->location->part()->value,
                'subject' => $one->id,
                'words' => Line::of('offer.accept.crack', [
                    'what' => ucfirst((string) $one->disposition()?->value),
                    'where' => Messages::text($one->location->message()),
                ]),
            ],
            $file->record->cracks()->customerHolds(),
        );
        $sleeves = array_map(
            static fn (SleeveSurvey $survey): array => [
                'kind' => 'sleeve',
                'part' => EnginePart::Block->value,
                'subject' => "bore.{$survey->cylinder}",
                'words' => Line::of('offer.accept.sleeve', ['cylinder' => $survey->cylinder]),
            ],
            self::oldSleeves($file),
        );

        return [...$cracks, ...$sleeves];
    }
}
