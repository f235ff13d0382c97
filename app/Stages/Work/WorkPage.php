<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Record\JobFile;
use App\Stages\EarlyPage;
use App\Stages\Work\Logs\Card;
use App\Storage\SheetName;
use App\Storage\Stage;
use Illuminate\Http\Request;
use NorthLedger\Core\Inspection\Occasion;

final readonly class WorkPage implements EarlyPage
{
    public function __construct(private OrderToday $today)
    {
    }

    public function stage(): Stage
    {
        return Stage::Work;
    }

    public function parts(): array
    {
        return ['head', 'order', 'entry', 'margin', 'bench'];
    }

    public function view(Request $request, JobFile $file): WorkView
    {
        // Both are asked for: in one question.
        $file->record->openSheets([SheetName::bores(), SheetName::bores(Occasion::Final)]);
        $at = $request->input('at');
        $after = $request->input('operation');

        $view = WorkView::of($file, is_string($at) ? $at : null, is_string($after) ? $after : null, $this->today->differences($file));
        $key = is_string($at) ? $at : $after;

        return $request->boolean('card') && is_string($key) ? $view->with(Card::of($file, $key)) : $view;
    }
}
