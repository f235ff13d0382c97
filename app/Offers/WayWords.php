<?php

declare(strict_types=1);

namespace App\Offers;

use App\Record\JobFile;
use App\Words\EnginePartName;
use App\Words\Line;
use App\Words\PlanWords;
use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\EngineVerdict;
use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\Choices\BalanceChoices;
use NorthLedger\Core\Planning\Choices\BoreChoices;
use NorthLedger\Core\Planning\CustomerWay;
use NorthLedger\Core\Planning\EnginePlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\WayKind;
use NorthLedger\Core\Quantity\Money;

/** Says a customer's way in words that need no gauge to understand (PLAN-4). */
final readonly class WayWords
{
    private PlanWords $words;

    public function __construct(private JobFile $file)
    {
        $this->words = new PlanWords($file->display, $file->sheet);
    }

    public static function verdict(JobFile $file): string
    {
        return match ($file->engine()->verdict) {
            EngineVerdict::No => Line::of('offer.verdict.no', ['part' => EnginePartName::of($file->sheet, EnginePart::Block)]),
            EngineVerdict::NotYetKnown => Line::of('offer.verdict.not_yet_known'),
            default => Line::of('offer.verdict.yes'),
        };
    }

    /** @return list<string> What is done, part by part */
    public function what(EnginePlan $plan): array
    {
        $said = [];
        foreach ($this->file->plan()->choices()->parts as $code => $part) {
            $choice = $part->choice($plan->choices[$code]->code ?? '');
            if ($choice !== null && self::isSaid($part, $choice)) {
                $said[] = $this->choice($part, $choice);
            }
        }
        $sleeved = $this->file->assessment()->way($plan->choices[BoreChoices::CODE]->code ?? '')->sleeved ?? [];

        return [
            ...$sleeved === [] ? [] : [Line::counted('offer.what.sleeves', count($sleeved), ['list' => VerdictWords::list($sleeved)])],
            ...array_values(array_unique($said)),
        ];
    }

    /** What comes by itself, or is in every engine, is not told; that a crankshaft is balanced is. */
    private static function isSaid(OfferedPart $part, OfferedChoice $choice): bool
    {
        return $part->code === BalanceChoices::CODE
            ? $choice->kind === ChoiceKind::Fit
            : ! in_array($choice->kind, [ChoiceKind::WithItsHost, ChoiceKind::Fit, ChoiceKind::Leave], true);
    }

    /**
     * @param  list<CustomerWay>  $ways  All that there are to choose among, the recommended first
     * @return list<string>
     */
    public function gained(CustomerWay $way, array $ways, ReadyDays $ready): array
    {
        $days = $ready->after($ways[0], $way);
        $gained = [
            ...$way->more->minor < 0 ? [Line::of('offer.gained.money', ['amount' => self::amount($way->more)])] : [],
            ...$days < 0 ? [Line::counted('offer.gained.days', -$days)] : [],
            ...$this->lives($way, 'gained', static fn (int $more): bool => $more > 0),
        ];
        if (in_array(WayKind::Recommended, $way->kinds, true)) {
            $sizes = $way->plan->choices[BoreChoices::CODE]->life ?? null;
            $gained = [
                ...$sizes === null || $sizes === 0 ? [] : [Line::counted('offer.gained.sizes', $sizes)],
                ...count($ways) > 1 && in_array(WayKind::Cheapest, $way->kinds, true) ? [Line::of('offer.gained.cheapest')] : [],
                ...count($ways) > 1 && in_array(WayKind::LongestLived, $way->kinds, true) ? [Line::of('offer.gained.longest_lived')] : [],
            ];
        }

        return $gained;
    }

    /**
     * @param  list<CustomerWay>  $ways  All that there are to choose among, the recommended first
     * @return list<string>
     */
    public function givenUp(CustomerWay $way, array $ways, ReadyDays $ready): array
    {
        $days = $ready->after($ways[0], $way);
        $bores = $way->plan->choices[BoreChoices::CODE] ?? null;
        $losesTheBlock =
            $bores !== null && $bores->code === ChoiceKind::Replace->value && $this->file->sheet->cylinders !== CylinderKind::Separate;
        $cheapest = Money::ofMinor(min(array_map(static fn (CustomerWay $one): int => $one->plan->cost->minor, $ways)));
        $dearer = $way->plan->cost->minus($cheapest);
        $isRecommended = in_array(WayKind::Recommended, $way->kinds, true);

        return [
            ...$isRecommended && $dearer->minor > 0 ? [Line::of('offer.given_up.dearer', ['amount' => PlanWords::money($dearer)])] : [],
            ...$way->more->minor > 0 ? [Line::of('offer.given_up.money', ['amount' => self::amount($way->more)])] : [],
            ...$days > 0 ? [Line::counted('offer.given_up.days', $days)] : [],
            ...$this->lives($way, 'given_up', static fn (int $more): bool => $more < 0),
            ...$bores?->life === 0 ? [Line::of('offer.given_up.last_size')] : [],
            ...$bores?->code === ChoiceKind::StayWithPits->value ? [Line::of('offer.given_up.pits')] : [],
            ...$losesTheBlock ? [Line::of('offer.given_up.block')] : [],
        ];
    }

    private function choice(OfferedPart $part, OfferedChoice $choice): string
    {
        $kind = explode('.', $part->code)[0];
        $isCylinders = $choice->kind === ChoiceKind::Replace && $this->file->sheet->cylinders === CylinderKind::Separate;
        $key = "{$kind}_{$choice->kind->value}".($kind === BoreChoices::CODE && $isCylinders ? '_cylinders' : '');

        return Line::of("offer.what.{$key}", [
            'step' =>
                $choice->step === null
                    ? ''
                    : (in_array($choice->kind, [ChoiceKind::Grind, ChoiceKind::GrindOffset], true)
                        ? ltrim($this->file->display->step($choice->step), '+')
                        : $this->file->display->step($choice->step)),
            'about' => $part->about,
        ]);
    }

    /**
     * @param  'gained'|'given_up'  $side
     * @param  callable(int): bool  $isMeant
     * @return list<string>
     */
    private function lives(CustomerWay $way, string $side, callable $isMeant): array
    {
        $parts = $this->file->plan()->choices()->parts;
        $lives = array_filter($way->moreLife, $isMeant);

        return array_values(
            array_map(
                fn (string $part, int $more): string => Line::counted("offer.{$side}.life", abs($more), [
                    'part' => lcfirst($this->words->part($parts[$part])),
                ]),
                array_keys($lives),
                $lives,
            ),
        );
    }

    private static function amount(Money $money): string
    {
        return VerdictWords::money(abs($money->minor));
    }
}
