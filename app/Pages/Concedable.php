<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\FindingKey;
use App\Record\JobFile;
use App\Words\FindingWords;
use App\Words\Line;
use App\Words\LookWord;
use App\Words\SubjectName;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Remedy;

/** What of an engine a customer may accept as it is (VER-5). */
final class Concedable
{
    /** @return array<string, string> What a customer may accept, in a sentence each, by finding */
    public static function all(JobFile $file): array
    {
        $words = new FindingWords($file->display, [], $file->sheet);
        $open = [];
        foreach ($file->engine()->parts as $part) {
            foreach ($part->findings as $finding) {
                if (self::allows($finding)) {
                    $open[$finding->key()] = SubjectName::of($finding->about).': '.$words->sentence($finding);
                }
            }
        }
        foreach ($file->assessment()->failures() as $finding) {
            if (self::isPitting($finding)) {
                $open[self::pittingKey($finding)] = Line::of('findings.conceded_pitting', [
                    'subject' => SubjectName::of($finding->about),
                    'said' => LookWord::beside($finding->said),
                ]);
            }
        }

        return $open;
    }

    /** The finding of a part by its key; null where it is one of the bores', or stands no more. */
    public static function finding(JobFile $file, string $key): ?Finding
    {
        foreach ($file->engine()->parts as $part) {
            foreach ($part->findings as $finding) {
                if ($finding->key() === $key) {
                    return $finding;
                }
            }
        }

        return null;
    }

    /** A pit that is felt and does not catch a nail: a person can live with it, signed (BORE-6). */
    public static function isPitting(Finding $finding): bool
    {
        return $finding->criterion === Criterion::Pitting &&
            $finding->outcome === Outcome::Fail &&
            $finding->state === (string) PittingClass::Felt->value;
    }

    public static function pittingKey(Finding $finding): string
    {
        return FindingKey::ofPitting($finding->about->number());
    }

    public static function allows(Finding $finding): bool
    {
        return $finding->outcome === Outcome::Fail && in_array($finding->remedy, [Remedy::Machine, Remedy::Repair, Remedy::Decide], true);
    }
}
