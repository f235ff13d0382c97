<?php

declare(strict_types=1);

namespace App\Documents;

use App\Record\JobFile;
use App\Sheet\AcceptedPartView;

/** What an inspection report says of parts that came to be checked only (WORK-5, WORK-6). */
final class CheckedParts
{
    /** @return list<array{part: string, answer: string, out: list<string>, open: list<string>}> */
    public static function of(JobFile $file): array
    {
        return array_values(
            array_map(
                static fn (AcceptedPartView $part): array => [
                    'part' => $part->name,
                    'answer' => $part->answer,
                    'out' => array_map(
                        static fn (array $line): string => ($line['who'] === '' ? '' : "{$line['who']}: ").$line['sentence'],
                        $part->out,
                    ),
                    'open' => $part->open,
                ],
                AcceptedPartView::all($file),
            ),
        );
    }
}
