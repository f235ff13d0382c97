<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\FamilyIndex;
use App\Storage\SpecBook;
use App\Storage\SpecificationDraft;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthLedger\Core\Document\Fault;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Engine\Specification\SourceKind;

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
            'follows' => FollowingLine::all($this->document($family, $revision)),
            'revisions' => $this->specs->revisions($family),
            'draft' => SpecificationDraft::ofFamily($family),
            'variant' => Variant::of($this->document($family, $revision), $this->specs),
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
        $revision = $this->revision(null, $family);
        $document = $this->document($family, $revision);
        $draft = $request->has('draft') ? SpecificationDraft::ofFamily($family) : null;
        if ($draft !== null) {
            $begunWith = $this->document($family, $draft->revision);
            $request->merge(['reason' => $draft->reason]);

            return $this->form(
                $family,
                EditedSheet::of($begunWith, $document, $draft->typed, $draft->changes),
                [],
                SheetDifference::between($begunWith, $document),
            );
        }

        $typed = EditedSheet::of(
            $document,
            $document,
            (array) old('value', []),
            array_values(array_filter((array) old('changes', []), is_string(...))),
        );

        return $this->form($family, $typed, []);
    }

    public function update(EditSheetRequest $request, string $family): View|RedirectResponse
    {
        $newest = $this->revision(null, $family);
        $begunWith = $this->revision($request->input('revision'), $family);
        $edited = EditedSheet::of(
            $this->document($family, $begunWith),
            $this->document($family, $newest),
            (array) $request->input('value'),
            $request->changes(),
        );
        if ($request->string('rows')->toString() === 'draft') {
            return $this->keepDraft($request, $family, $edited, $begunWith);
        }
        if ($begunWith !== $newest) {
            return $this->form(
                $family,
                $edited,
                [],
                SheetDifference::between($this->document($family, $begunWith), $this->document($family, $newest)),
            );
        }
        if ($request->string('rows')->toString() === 'paste') {
            $pasted = PastedValues::of($request->string('paste')->toString(), new SheetFields($edited->document));

            return $this->form($family, $edited->pasted($pasted->values), [], pasted: $pasted);
        }
        if ($request->filled('rows')) {
            return $this->form($family, $edited->changed($request->string('rows')->toString()), []);
        }
        try {
            $edited->faults === [] || throw InvalidDocument::withFaults($family, $edited->faults);
            $reason = $request->string('reason')->toString();
            $sheet = $this->specs->add(
                Sources::put(SheetBlank::known($edited->document), array_keys($edited->typed), $request->source(), $reason),
                $reason,
                $request->user(),
            );
        } catch (InvalidDocument $exception) {
            return $this->form($family, $edited, $exception->faults);
        }
        SpecificationDraft::query()->where('family', $family)->delete();

        return redirect()
            ->route('specs.show', $sheet->family)
            ->with(
                'note',
                "Revision {$sheet->revision} stands from now on. Jobs received before stay on the revision they were received under.",
            );
    }

    /** What was typed so far, whether or not it fits: nobody is judged by it. */
    private function keepDraft(EditSheetRequest $request, string $family, EditedSheet $edited, int $begunWith): RedirectResponse
    {
        SpecificationDraft::query()->updateOrCreate(
            ['family' => $family],
            [
                'revision' => $begunWith,
                'typed' => $edited->typed,
                'changes' => $edited->changes,
                'reason' => $request->string('reason')->toString(),
                'user_id' => $request->user()?->id,
                'created_at' => now(),
            ],
        );

        return redirect()
            ->route('specs.show', $family)
            ->with('note', 'Kept as a draft. No engine is judged by it; go on with it from here.');
    }

    /** What follows from the values that stand in the form, before anything is kept. */
    public function follows(EditSheetRequest $request, string $family): View
    {
        $document = $this->document($family, $this->revision($request->input('revision'), $family));
        $edited = EditedSheet::of($document, $document, (array) $request->input('value'), $request->changes());

        return view('specs.follows', ['follows' => FollowingLine::all($edited->document)]);
    }

    /** Another family that begins as this one is. */
    public function copy(CopyFamilyRequest $request, string $family): RedirectResponse
    {
        $revision = $this->revision(null, $family);
        $name = trim($request->string('name')->toString());
        $from = "{$this->specs->sheet($family)->name}, revision {$revision}";
        $document =
            ['family' => CopyFamilyRequest::familyOf($name), 'name' => $name, 'sources' => []] + $this->document($family, $revision);
        unset($document['variant_of']);
        $copy = $this->specs->add(
            Sources::put($document, Sources::parts($document), SourceKind::Family, $from),
            "copied from {$from}",
            $request->user(),
        );

        return redirect()->route('specs.edit', $copy->family);
    }

    /** A family that takes from this one everything in which it does not differ. */
    public function variant(CopyFamilyRequest $request, string $family): RedirectResponse
    {
        $revision = $this->revision(null, $family);
        $name = trim($request->string('name')->toString());
        $own = [
            'family' => CopyFamilyRequest::familyOf($name),
            'name' => $name,
            'variant_of' => ['family' => $family, 'revision' => $revision],
        ];
        $variant = $this->specs->add(
            $own + $this->document($family, $revision),
            "variant of {$this->specs->sheet($family)->name}, revision {$revision}",
            $request->user(),
        );

        return redirect()->route('specs.edit', $variant->family);
    }

    /** Rests on the newest revision of its base from now on, with the same differences. */
    public function follow(Request $request, string $family): RedirectResponse
    {
        $document = $this->document($family, $this->revision(null, $family));
        $variant = Variant::of($document, $this->specs);
        abort_if($variant === null, 404);
        try {
            $sheet = $this->specs->follow($family, $variant->newest, $request->user());
        } catch (InvalidDocument $exception) {
            return redirect()
                ->route('specs.show', $family)
                ->withErrors(['follow' => "It does not fit any more: {$exception->getMessage()} Edit the variant first."]);
        }

        return redirect()
            ->route('specs.show', $family)
            ->with('note', "Revision {$sheet->revision} rests on revision {$variant->newest} of {$variant->name}.");
    }

    public function import(ImportSheetRequest $request): View|RedirectResponse
    {
        try {
            $sheet = $this->specs->add(
                self::read((string) $request->file('sheet')?->getContent()),
                (string) $request->input('reason'),
                $request->user(),
            );
        } catch (InvalidDocument $exception) {
            return $this->listed('', $exception);
        }

        return redirect()
            ->route('specs.show', $sheet->family)
            ->with('note', "Read in as revision {$sheet->revision} of {$sheet->name}.");
    }

    /**
     * @return array<mixed>
     *
     * @throws InvalidDocument If it is neither the JSON of a sheet nor its table
     */
    private static function read(string $file): array
    {
        if (! str_starts_with(ltrim($file), '{') && ! str_starts_with(ltrim($file), '[') && str_contains($file, 'place')) {
            return SheetCsv::document($file);
        }
        try {
            $data = json_decode($file, true, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $exception) {
            throw InvalidDocument::notJson('The file', $exception->getMessage());
        }

        return is_array($data) ? $data : throw InvalidDocument::notJson('The file', 'not an object');
    }

    public function export(Request $request, string $family): JsonResponse|Response
    {
        $revision = $this->revision($request->query('revision'), $family);
        if ($request->query('as') === 'csv') {
            return new Response(SheetCsv::of($this->document($family, $revision)), 200, [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => "attachment; filename=\"{$family}-revision-{$revision}.csv\"",
            ]);
        }

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

    /**
     * @param  list<Fault>  $faults
     * @param  list<SheetDifference>  $meanwhile  What somebody else has changed since the form was opened
     */
    private function form(string $family, EditedSheet $edited, array $faults, array $meanwhile = [], ?PastedValues $pasted = null): View
    {
        $fields = new SheetFields($edited->document);

        return view('specs.edit', [
            'page' => SheetPage::ofDocument($this->specs->sheet($family), $edited->document),
            'follows' => FollowingLine::all($edited->document),
            'typed' => $edited->typed,
            'changes' => $edited->changes,
            'wrong' => array_column($faults, 'path'),
            'faults' => array_map($fields->sentence(...), $faults),
            'meanwhile' => $meanwhile,
            'pasted' => $pasted,
        ]);
    }

    private function listed(string $search, ?InvalidDocument $refused = null): View
    {
        $page = $this->families->matching($search)->simplePaginate(self::ROWS)->withQueryString();

        return view('specs.index', [
            'page' => $page,
            'lines' => array_map(FamilyLine::of(...), $page->items()),
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
