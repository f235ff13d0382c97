<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Record\JobFile;
use App\Stages\EarlyPage;
use App\Stages\ShownPage;
use App\Storage\EntryKind;
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

    public function parts(Request $request, ?EntryKind $since = null): array
    {
        return match (true) {
            $request->boolean('card') => ['bench', 'margin'],
            // What a clock says stands in the margin alone; an entry line that stands at another operation has to follow it.
            $since === EntryKind::WorkTime => self::standsAtIt($request) ? ['margin'] : ['entry', 'margin'],
            $since !== null && in_array($since, EntryKind::ofWork(), true) => ['order', 'entry', 'margin'],
            default => ['head', 'order', 'entry', 'margin'],
        };
    }

    public function view(Request $request, JobFile $file): WorkView
    {
        // Both are asked for: in one question.
        $file->record->openSheets([SheetName::bores(), SheetName::bores(Occasion::Final)]);
        [$at, $after] = [self::operation($request, 'at'), self::operation($request, 'operation')];
        // A card stays at its own operation, whichever comes next: what is keyed into it goes there.
        $card = $request->boolean('card') ? $at ?? $after : null;

        return WorkView::of($file, $card ?? $at, $after, $card, fn (): array => $this->today->differences($file));
    }

    /** True where the page says that its entry line stands at the operation whose clock was told, and goes nowhere else. */
    private static function standsAtIt(Request $request): bool
    {
        $operation = self::operation($request, 'operation');

        return $operation !== null &&
            $operation === self::operation($request, 'at') &&
            $operation === ShownPage::operation($request);
    }

    private static function operation(Request $request, string $name): ?string
    {
        $operation = $request->input($name);

        return is_string($operation) ? $operation : null;
    }
}
