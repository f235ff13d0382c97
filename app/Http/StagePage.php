<?php

declare(strict_types=1);

namespace App\Http;

use App\Ledger\Written;
use App\Sheets\CleanView;
use App\Sheets\CracksView;
use App\Sheets\JobFile;
use App\Sheets\JobFiles;
use App\Sheets\ReceiveView;
use App\Sheets\Stage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Engine\Specification\Face;

/** The page of one of the early stages: its view model, and the parts of it that are rendered anew after a write. */
final readonly class StagePage
{
    /** The fragments of each page: a view of that name in the stage's folder, and a place of that name on its page. */
    private const PARTS = [
        'receive' => ['parts', 'claims', 'sleeves', 'photos', 'margin'],
        'clean' => ['items', 'strip', 'margin'],
        'cracks' => ['faces', 'map', 'list', 'checks', 'margin'],
    ];

    public function __construct(private JobFiles $files)
    {
    }

    /** @return array<string, mixed> What the page and every fragment of it are given */
    public function data(Request $request, JobFile $file, Stage $stage): array
    {
        return [
            'file' => $file,
            'mayWrite' => ! $file->job->is_closed && ($request->user()?->can($stage === Stage::Receive ? 'receive' : 'measure') ?? false),
            'view' => match ($stage) {
                Stage::Receive => ReceiveView::of($file, $this->files),
                Stage::Clean => CleanView::of($file),
                default => CracksView::of($file, Face::tryFrom((string) $request->input('face', $request->query('face', '')))),
            },
        ];
    }

    public function answer(Request $request, JobFile $file, Stage $stage): JsonResponse
    {
        $data = $this->data($request, $file, $stage);
        $fragments = [];
        foreach (self::PARTS[$stage->value] as $name) {
            $fragments[$name] = view("{$stage->value}.{$name}", $data)->render();
        }

        return new JsonResponse(['head' => $file->job->entries, 'now' => self::now(), 'fragments' => $fragments]);
    }

    /** After a write: the fragments where a script asked, else the page again. */
    public function after(Request $request, Written $written, Stage $stage): JsonResponse|RedirectResponse
    {
        return $request->expectsJson()
            ? $this->answer($request, $written->file, $stage)
            : redirect()->route("stage.{$stage->value}", array_filter(['job' => $written->file->job, 'face' => $request->input('face')]));
    }

    /** The server's clock in milliseconds, against which the page counts its timers. */
    public static function now(): int
    {
        return (int) now()->format('Uv');
    }
}
