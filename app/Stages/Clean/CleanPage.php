<?php

declare(strict_types=1);

namespace App\Stages\Clean;

use App\Record\JobFile;
use App\Stages\EarlyPage;
use App\Storage\EntryKind;
use App\Storage\Stage;
use Illuminate\Http\Request;

final readonly class CleanPage implements EarlyPage
{
    public function stage(): Stage
    {
        return Stage::Clean;
    }

    public function parts(Request $request, ?EntryKind $since = null): array
    {
        return ['items', 'strip', 'margin'];
    }

    public function view(Request $request, JobFile $file): CleanView
    {
        return CleanView::of($file);
    }
}
