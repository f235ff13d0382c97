<?php

declare(strict_types=1);

namespace App\Stages;

use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Stage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Answers of the early stages' pages: the page itself, and after a write its fragments. */
final readonly class StagePage
{
    /** @var array<string, EarlyPage> By stage */
    private array $pages;

    /** @param  iterable<EarlyPage>  $pages */
    public function __construct(iterable $pages)
    {
        $byStage = [];
        foreach ($pages as $page) {
            $byStage[$page->stage()->value] = $page;
        }
        $this->pages = $byStage;
    }

    public function has(Stage $stage): bool
    {
        return isset($this->pages[$stage->value]);
    }

    /** @return array<string, mixed> What the page and every fragment of it are given */
    public function data(Request $request, JobFile $file, Stage $stage): array
    {
        return [
            'file' => $file,
            'mayWrite' => ! $file->job->is_closed && ($request->user()?->can(self::right($stage)) ?? false),
            'view' => $this->pages[$stage->value]->view($request, $file),
        ];
    }

    private static function right(Stage $stage): string
    {
        return match ($stage) {
            Stage::Receive => 'receive',
            Stage::Work => 'work',
            default => 'measure',
        };
    }

    /** @param  ?EntryKind  $since  What alone was written since the page that asks was last shown; null where more was, or nobody knows */
    public function answer(Request $request, JobFile $file, Stage $stage, ?EntryKind $since = null): JsonResponse
    {
        $data = $this->data($request, $file, $stage);
        $fragments = [];
        foreach ($this->pages[$stage->value]->parts($request, $since) as $name) {
            $fragments[$name] = view("{$stage->value}.{$name}", $data)->render();
        }

        return new JsonResponse([
            'head' => $file->job->entries,
            'now' => self::now(),
            'fragments' => $fragments,
            // What is not among the fragments is as the page shows it already.
            'rest_is_shown' => $since !== null,
        ]);
    }

    /** After a write: the fragments where a script asked, else the page again. */
    public function after(Request $request, Written $written, Stage $stage): JsonResponse|RedirectResponse
    {
        return $request->expectsJson()
            ? $this->answer($request, $written->file, $stage, ShownPage::since($request, $written))
            : redirect()->route("stage.{$stage->value}", array_filter(['job' => $written->file->job, 'face' => $request->input('face')]));
    }

    /** The server's clock in milliseconds, against which the page counts its timers. */
    public static function now(): int
    {
        return (int) now()->format('Uv');
    }
}
