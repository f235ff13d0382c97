<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning\Choices;

use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\Exclusion;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\PlannedPart;

/** Parts that come new with another one: housings with another block, rod journals with another crankshaft. */
final class HostedParts
{
    /**
     * Each with one choice more where its host may be replaced: that it comes with it.
     *
     * @param  list<OfferedPart>  $parts
     * @return array<string, OfferedPart> By code
     */
    public static function of(array $parts, EngineToPlan $engine): array
    {
        $byCode = array_column($parts, null, 'code');
        foreach ($byCode as $code => $part) {
            $replaced = self::replaced($part, $byCode);
            if ($replaced !== null && ! $replaced->isForbidden()) {
                $byCode[$code] = $part->with(OfferedChoice::of($engine, ChoiceKind::WithItsHost, []));
            }
        }

        return $byCode;
    }

    /**
     * A part comes with its host where that is replaced, and only there.
     *
     * @param  array<string, OfferedPart>  $parts
     * @param  list<PlannedPart>  $planned  With the choices that are open
     * @return list<Exclusion>
     */
    public static function exclusions(array $parts, array $planned): array
    {
        $open = array_column($planned, 'choices', 'code');
        $exclusions = [];
        foreach ($planned as $part) {
            $host = (string) $parts[$part->code]->host;
            foreach (array_keys($open[$host] ?? []) as $ofHost) {
                foreach (array_keys($part->choices) as $choice) {
                    if (($ofHost === ChoiceKind::Replace->value) !== ($choice === ChoiceKind::WithItsHost->value)) {
                        $exclusions[] = new Exclusion($host, (string) $ofHost, $part->code, (string) $choice);
                    }
                }
            }
        }

        return $exclusions;
    }

    /**
     * What was picked, with the parts that follow from it: what comes with a host that is replaced is not picked by itself.
     *
     * @param  array<string, OfferedPart>  $parts
     * @param  array<string, string>  $picked  By part
     * @return array<string, string>
     */
    public static function followed(array $parts, array $picked): array
    {
        foreach ($parts as $code => $part) {
            $ofHost = $picked[(string) $part->host] ?? null;
            if ($ofHost === ChoiceKind::Replace->value) {
                $picked[$code] = ChoiceKind::WithItsHost->value;
            } elseif ($ofHost !== null && ($picked[$code] ?? null) === ChoiceKind::WithItsHost->value) {
                unset($picked[$code]);
            }
        }

        return $picked;
    }

    /** @param  array<string, OfferedPart>  $parts */
    private static function replaced(OfferedPart $part, array $parts): ?OfferedChoice
    {
        return $part->host === null ? null : ($parts[$part->host] ?? null)?->choice(ChoiceKind::Replace->value);
    }
}
