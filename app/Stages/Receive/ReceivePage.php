<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Record\JobFile;
use App\Record\JobFiles;
use App\Stages\EarlyPage;
use App\Storage\EntryKind;
use App\Storage\Stage;
use Illuminate\Http\Request;

final readonly class ReceivePage implements EarlyPage
{
    public function __construct(private JobFiles $files)
    {
    }

    public function stage(): Stage
    {
        return Stage::Receive;
    }

    public function parts(Request $request, ?EntryKind $since = null): array
    {
        return ['parts', 'claims', 'sleeves', 'photos', 'margin'];
    }

    public function view(Request $request, JobFile $file): ReceiveView
    {
        return ReceiveView::of($file, $this->files);
    }
}
