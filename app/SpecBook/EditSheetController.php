<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\SpecBook;
use App\Storage\SpecificationDraft;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Document\Fault;
use NorthLedger\Core\Document\InvalidDocument;

/** The form of a family's sheet: typed, pasted, kept as a draft or as the next revision. */
final readonly class EditSheetController
{
    public function __construct(private SpecBook $specs)
    {
    }

    public function edit(Request $request, string $family): View
    {
        $revision = AskedRevision::of($this->specs, $family);
        $document = $this->specs->decoded($family, $revision);
        $draft = $request->has('draft') ? SpecificationDraft::ofPerson($family, $request->integer('draft')) : null;
        if ($draft !== null) {
            $begunWith = $this->specs->decoded($family, $draft->revision);
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
        $newest = AskedRevision::of($this->specs, $family);
        $begunWith = AskedRevision::of($this->specs, $family, $request->input('revision'));
        $edited = EditedSheet::of(
            $this->specs->decoded($family, $begunWith),
            $this->specs->decoded($family, $newest),
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
                SheetDifference::between($this->specs->decoded($family, $begunWith), $this->specs->decoded($family, $newest)),
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
        SpecificationDraft::ofPerson($family, $request->user()?->id)?->delete();

        return redirect()
            ->route('specs.show', $sheet->family)
            ->with(
                'note',
                Line::of('spec.done.revision', ['revision' => $sheet->revision]),
            );
    }

    /** What follows from the values that stand in the form, before anything is kept. */
    public function follows(EditSheetRequest $request, string $family): View
    {
        $document = $this->specs->decoded($family, AskedRevision::of($this->specs, $family, $request->input('revision')));
        $edited = EditedSheet::of($document, $document, (array) $request->input('value'), $request->changes());

        return view('specs.follows', ['follows' => FollowingLine::all($edited->document)]);
    }

    /** Throws one's own draft away; those of others stay. */
    public function discard(Request $request, string $family): RedirectResponse
    {
        SpecificationDraft::ofPerson($family, $request->user()?->id)?->delete();

        return redirect()->route('specs.show', $family);
    }

    /** What was typed so far, whether or not it fits: nobody is judged by it, and nobody else's draft is lost by it. */
    private function keepDraft(EditSheetRequest $request, string $family, EditedSheet $edited, int $begunWith): RedirectResponse
    {
        SpecificationDraft::query()->updateOrCreate(
            ['family' => $family, 'user_id' => $request->user()?->id],
            [
                'revision' => $begunWith,
                'typed' => $edited->typed,
                'changes' => $edited->changes,
                'reason' => $request->string('reason')->toString(),
                'created_at' => now(),
            ],
        );

        return redirect()
            ->route('specs.show', $family)
            ->with('note', Line::of('spec.told.kept_draft_no_engine'));
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
}
