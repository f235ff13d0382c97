<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Record\JobFile;
use App\Stages\EarlyPage;
use App\Storage\EntryKind;
use App\Storage\Stage;
use Illuminate\Http\Request;
use NorthLedger\Core\Engine\Specification\Face;

final readonly class CracksPage implements EarlyPage
{
    public function stage(): Stage
    {
        return Stage::Cracks;
    }

    public function parts(Request $request, ?EntryKind $since = null): array
    {
        return ['faces', 'map', 'list', 'checks', 'margin'];
    }

    public function view(Request $request, JobFile $file): CracksView
    {
        return CracksView::of($file, Face::tryFrom((string) $request->input('face', $request->query('face', ''))));
    }
}
