<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\FamilyIndex;
use App\Storage\SpecBook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthLedger\Core\Document\InvalidDocument;

/** The spec book: families, their sheets by revision, what changed between two, and sheets in and out as JSON. */
final readonly class SpecBookController
{
    private const ROWS = 40;

    public function __construct(private SpecBook $specs, private FamilyIndex $families)
    {
    }

    public function index(Request $request): View
    {
        return $this->listed(mb_substr(trim((string) $request->query('q', '')), 0, 60));
    }

    public function show(Request $request, string $family): View
    {
        $revision = $this->revision($request->query('revision'), $family);

        return view('specs.show', [
            'page' => SheetPage::of($this->specs->sheet($family, $revision), $this->document($family, $revision)),
            'revisions' => $this->specs->revisions($family),
        ]);
    }

    public function compare(Request $request, string $family): View
    {
        $revisions = $this->specs->revisions($family);
        $from = $this->revision($request->query('from', (string) $revisions[max(0, count($revisions) - 2)]), $family);
        $to = $this->revision($request->query('to'), $family);

        return view('specs.compare', [
            'sheet' => $this->specs->sheet($family, $to),
            'from' => $from,
            'to' => $to,
            'revisions' => $revisions,
            'differences' => SheetDifference::between($this->document($family, $from), $this->document($family, $to)),
        ]);
    }

    public function edit(Request $request, string $family): View
    {
        $this->revision(null, $family);
        $sheet = $this->specs->sheet($family);

        return view('specs.edit', ['page' => SheetPage::of($sheet, $this->document($family, $sheet->revision)), 'faults' => []]);
    }

    public function update(EditSheetRequest $request, string $family): View|RedirectResponse
    {
        $revision = $this->revision(null, $family);
        $edited = SheetPage::edited($this->document($family, $revision), $request->input('value'));
        try {
            $sheet = $this->specs->add($edited, (string) $request->input('reason'), $request->user());
        } catch (InvalidDocument $exception) {
            return view('specs.edit', [
                'page' => SheetPage::ofDocument($this->specs->sheet($family), $edited),
                'faults' => $exception->faults,
            ]);
        }

        return redirect()
            ->route('specs.show', $sheet->family)
            ->with(
                'note',
                "Revision {$sheet->revision} stands from now on. Jobs received before stay on the revision they were received under.",
            );
    }

    public function import(ImportSheetRequest $request): View|RedirectResponse
    {
        try {
            $data = json_decode((string) $request->file('sheet')?->getContent(), true, 32, JSON_THROW_ON_ERROR);
            $sheet = $this->specs->add(
                is_array($data) ? $data : throw InvalidDocument::notJson('The file', 'not an object'),
                (string) $request->input('reason'),
                $request->user(),
            );
        } catch (\JsonException $exception) {
            return $this->listed('', InvalidDocument::notJson('The file', $exception->getMessage()));
        } catch (InvalidDocument $exception) {
            return $this->listed('', $exception);
        }

        return redirect()
            ->route('specs.show', $sheet->family)
            ->with('note', "Read in as revision {$sheet->revision} of {$sheet->name}.");
    }

    public function export(Request $request, string $family): JsonResponse
    {
        $revision = $this->revision($request->query('revision'), $family);

        return new JsonResponse(
            $this->document($family, $revision),
            headers: ['Content-Disposition' => "attachment; filename=\"{$family}-revision-{$revision}.json\""],
            options: JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    public function schema(): Response
    {
        return new Response((string) file_get_contents(resource_path('specs/sheet.schema.json')), 200, [
            'Content-Type' => 'application/schema+json',
            'Content-Disposition' => 'attachment; filename="sheet.schema.json"',
        ]);
    }

    private function listed(string $search, ?InvalidDocument $refused = null): View
    {
        return view('specs.index', [
            'page' => $this->families->matching($search)->simplePaginate(self::ROWS)->withQueryString(),
            'search' => $search,
            'refused' => $refused,
        ]);
    }

    /** @return array<mixed> */
    private function document(string $family, int $revision): array
    {
        return json_decode($this->specs->document($family, $revision), true, 32, JSON_THROW_ON_ERROR);
    }

    private function revision(mixed $wanted, string $family): int
    {
        abort_unless($this->specs->has($family), 404);
        $revision = is_numeric($wanted) ? (int) $wanted : $this->specs->newestRevision($family);
        abort_unless(in_array($revision, $this->specs->revisions($family), true), 404);

        return $revision;
    }
}
