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
        [$at, $after] = [self::operation($request, 'at'), self::operation($request, 'operation')];
        // A card stays at its own operation, whichever comes next: what is keyed into it goes there.
        $card = $request->boolean('card') ? $at ?? $after : null;
        $view = WorkView::of($file, $card ?? $at, $after, $this->today->differences($file));

        return $card === null ? $view : $view->with(Card::of($file, $card));
    }

    private static function operation(Request $request, string $name): ?string
    {
        $operation = $request->input($name);

        return is_string($operation) ? $operation : null;
    }
}
