<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\PlanChoice;
use App\Words\PlanWords;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\Choices\BalanceChoices;
use NorthLedger\Core\Planning\Choices\BoreChoices;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Work\Stop;
use NorthLedger\Core\Work\StopReason;

/** Where the plan that was agreed does not hold for a part beside the bores: it came since, or its way is gone (PLAN-5). */
final class PartStops
{
    /** Ways whose measure follows the readings; another depth of the same cut is the same way. */
    private const BY_KIND = [ChoiceKind::Face, ChoiceKind::ToTarget, ChoiceKind::Weld];

    /** The bores have stops of their own; balancing follows from what else is done. */
    private const FOLLOW = [BoreChoices::CODE, BalanceChoices::CODE];

    /** @return list<Stop> None of a choice from before there was a plan of the whole engine */
    public static function of(JobFile $file): array
    {
        $choice = $file->work()->choice();
        $agreed = $choice?->parts;
        if ($choice === null || $agreed === null) {
            return [];
        }
        $words = new PlanWords($file->display, $file->sheet);
        $stops = self::ofAnotherCrankshaft($file, $choice);
        foreach ($file->plan()->choices()->parts as $code => $part) {
            $reason = in_array($code, self::FOLLOW, true) ? null : self::reason($part, $agreed[$code] ?? null);
            if ($reason !== null) {
                $stops[] = new Stop($reason, null, $words->part($part), $part->part);
            }
        }

        return $stops;
    }

    /** @return list<Stop> Until a plan is chosen for the one that is used now */
    private static function ofAnotherCrankshaft(JobFile $file, PlanChoice $choice): array
    {
        $crankshafts = $file->record->observations()->crankshafts;
        $chosenFor = $crankshafts->whenChosen($choice->ulid);

        return $chosenFor === $crankshafts->inUse()
            ? []
            : [new Stop(StopReason::OtherCrankshaft, null, $chosenFor, EnginePart::Crankshaft)];
    }

    /** @return list<Stop> */
    public static function stored(?string $json): array
    {
        /** @var list<array{reason: string, said: string, part?: ?string}> $stored */
        $stored = json_decode($json ?? '[]', true, 4, JSON_THROW_ON_ERROR);

        return array_map(
            static fn (array $one): Stop => new Stop(
                StopReason::from($one['reason']),
                null,
                $one['said'],
                EnginePart::tryFrom($one['part'] ?? ''),
            ),
            $stored,
        );
    }

    /** @param  list<Stop>  $stops */
    public static function toStore(array $stops): ?string
    {
        return $stops === []
            ? null
            : json_encode(
                array_map(
                    static fn (Stop $stop): array => [
                        'reason' => $stop->reason->value,
                        'said' => $stop->said,
                        'part' => $stop->part?->value,
                    ],
                    $stops,
                ),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            );
    }

    /** What was agreed for a part, as it is today; another depth of the same cut is the same way. */
    public static function today(OfferedPart $part, string $agreed): ?OfferedChoice
    {
        $same = $part->choice($agreed);
        foreach ($same === null ? $part->choices : [] as $one) {
            if (in_array($one->kind, self::BY_KIND, true) && str_starts_with($agreed, "{$one->kind->value} ")) {
                return $one;
            }
        }

        return $same;
    }

    private static function reason(OfferedPart $part, ?string $agreed): ?StopReason
    {
        if ($agreed === null) {
            return StopReason::PartIsNew;
        }
        $choice = self::today($part, $agreed);

        return $choice === null || $choice->isForbidden() ? StopReason::PartWayIsGone : null;
    }
}
