<?php

declare(strict_types=1);

namespace App\Stages;

use App\Ledger\Written;
use App\Storage\EntryKind;
use Illuminate\Http\Request;

/** What a stage's page shows already, as it says with an entry: an answer brings only what it does not. */
final class ShownPage
{
    /** The number of the last entry that all of the page's fragments know. */
    private const HEAD = 'X-Shown-Head';

    /** The operation at which the page's entry line stands. */
    private const OPERATION = 'X-Shown-Operation';

    /** What was written, where the page had shown everything before it; else null. */
    public static function since(Request $request, Written $written): ?EntryKind
    {
        $number = $written->entry->number;
        $hasSeenAllBefore = $request->headers->get(self::HEAD) === (string) ($number - 1);

        return $hasSeenAllBefore && $number === $written->file->job->entries ? EntryKind::from($written->entry->kind) : null;
    }

    /** Null where the page has no entry line, or does not say where it stands. */
    public static function operation(Request $request): ?string
    {
        return $request->headers->get(self::OPERATION);
    }
}
