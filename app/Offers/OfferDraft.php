<?php

declare(strict_types=1);

namespace App\Offers;

use App\Record\JobFile;
use App\Record\MissingPart;
use App\Words\EnginePartName;
use App\Words\Line;
use App\Words\Messages;
use App\Words\PlanWords;
use App\Words\VerdictWords;
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
    private function __construct(public array $ways, public array $unsure, public array $accepts, private string $mark)
    {
    }

    public static function of(JobFile $file): self
    {
        $plan = $file->plan();
        $recommended = $plan->recommended();

        return new self(
            $recommended === null ? [] : CustomerWay::all($recommended, $plan->choices()->cheapest(), $plan->choices()->longestLived()),
            self::unsure($file),
            self::accepts($file),
            self::markOf($file),
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
            'mark' => $this->mark(),
        ];
    }

    /** What the offer rests on, in short: another one where other things can be done, or are not sure. Prices that were sent hold. */
    public function mark(): string
    {
        return $this->mark;
    }

    private static function markOf(JobFile $file): string
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
        $restsOn = [$parts, $ways, self::doubts($file), self::accepts($file), ...$pits === [] ? [] : [$pits]];

        return hash('xxh128', json_encode($restsOn, JSON_THROW_ON_ERROR));
    }

    /** @return list<string> What is not sure, and where nothing that makes the engine good is within the budget */
    private static function unsure(JobFile $file): array
    {
        $budget = $file->plan()->budget();
        $over = $file->plan()->recommended()?->over($budget);

        return [
            ...$over === null || $budget === null
                ? []
                : [Line::of('offer.unsure.over_budget', ['budget' => PlanWords::money($budget), 'over' => PlanWords::money($over)])],
            ...self::doubts($file),
        ];
    }

    /** @return list<string> What has to be found before any day can be promised */
    private static function toBeFound(JobFile $file): array
    {
        $open = array_filter(
            MissingPart::all($file),
            static fn (MissingPart $part): bool => ! $part->isHere() && $part->promisedFor() === null,
        );

        return $open === [] ? [] : [Line::of('offer.unsure.missing', ['parts' => implode(', ', array_column($open, 'words'))])];
    }

    /** @return list<string> */
    private static function doubts(JobFile $file): array
    {
        $unread = [];
        foreach ($file->engine()->parts as $part) {
            if ($part->isHere && $part->verdict === PartVerdict::NotYetKnown) {
                $unread[] = EnginePartName::of($file->sheet, $part->part);
            }
        }
        $traces = $file->assessment()->recommendation->stake->cylinders ?? [];

        return [
            ...self::toBeFound($file),
            ...$unread === [] ? [] : [Line::of('offer.unsure.unread', ['parts' => implode(', ', $unread)])],
            ...$traces === [] ? [] : [Line::of('offer.unsure.trace', ['cylinders' => ucfirst(VerdictWords::cylinders($traces))])],
            ...array_values(
                array_map(
                    Messages::defect(...),
                    array_filter(
                        $file->inspection()->defects(),
                        static fn (PartDefect $defect): bool => $defect->isUnchecked || $defect->remedy === Remedy::Decide,
                    ),
                ),
            ),
        ];
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
            array_filter($file->record->sleeves(), static fn (SleeveSurvey $survey): bool => $survey->waitsForCustomer()),
        );

        return [...$cracks, ...array_values($sleeves)];
    }
}
