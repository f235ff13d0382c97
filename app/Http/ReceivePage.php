<?php

declare(strict_types=1);

namespace App\Http;

use App\Sheets\JobFile;
use App\Sheets\JobFiles;
use App\Sheets\ReceiveView;
use App\Sheets\Stage;
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

    public function parts(): array
    {
        return ['parts', 'claims', 'sleeves', 'photos', 'margin'];
    }

    public function view(Request $request, JobFile $file): ReceiveView
    {
        return ReceiveView::of($file, $this->files);
    }
}
