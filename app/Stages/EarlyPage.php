<?php

declare(strict_types=1);

namespace App\Stages;

use App\Record\JobFile;
use App\Storage\Stage;
use Illuminate\Http\Request;

/** The page of an early stage: its page model, and the parts of it that are rendered anew after a write. */
interface EarlyPage
{
    public function stage(): Stage;

    /** @return list<string> The fragments: a view of that name in the stage's folder, and a place of that name on its page */
    public function parts(): array;

    public function view(Request $request, JobFile $file): object;
}
