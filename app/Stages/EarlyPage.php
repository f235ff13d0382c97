<?php

declare(strict_types=1);

namespace App\Stages;

use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Stage;
use Illuminate\Http\Request;

/** The page of an early stage: its page model, and the parts of it that are rendered anew after a write. */
interface EarlyPage
{
    public function stage(): Stage;

    /**
     * @param  ?EntryKind  $since  What alone was written since the page that asks was last shown; null where more was, or nobody knows
     * @return list<string> The fragments that can have changed: a view of that name in the stage's folder, and a place of that name on
     *     the page
     */
    public function parts(Request $request, ?EntryKind $since = null): array;

    public function view(Request $request, JobFile $file): object;
}
