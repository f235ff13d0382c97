<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\SpecBook;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Engine\Specification\SourceKind;

/** Families that begin as another: a copy goes its own way, a variant keeps only what is different. */
final readonly class DerivedFamilyController
{
    public function __construct(private SpecBook $specs)
    {
    }

    /** Another family that begins as this one is. */
    public function copy(CopyFamilyRequest $request, string $family): RedirectResponse
    {
        $revision = AskedRevision::of($this->specs, $family);
        $name = trim($request->string('name')->toString());
        $from = Line::of('spec.derived.revision_of', ['name' => $this->specs->sheet($family)->name, 'revision' => $revision]);
        $document =
            ['family' => CopyFamilyRequest::familyOf($name), 'name' => $name, 'sources' => []] + $this->specs->decoded($family, $revision);
        unset($document['variant_of']);
        $copy = $this->specs->add(
            Sources::put($document, Sources::parts($document), SourceKind::Family, $from),
            Line::of('spec.derived.copied', ['from' => $from]),
            $request->user(),
        );

        return redirect()->route('specs.edit', $copy->family);
    }

    /** A family that takes from this one everything in which it does not differ. */
    public function variant(CopyFamilyRequest $request, string $family): RedirectResponse
    {
        $revision = AskedRevision::of($this->specs, $family);
        $name = trim($request->string('name')->toString());
        $own = [
            'family' => CopyFamilyRequest::familyOf($name),
            'name' => $name,
            'variant_of' => ['family' => $family, 'revision' => $revision],
        ];
        $variant = $this->specs->add(
            $own + $this->specs->decoded($family, $revision),
            Line::of('spec.derived.variant', ['name' => $this->specs->sheet($family)->name, 'revision' => $revision]),
            $request->user(),
        );

        return redirect()->route('specs.edit', $variant->family);
    }

    /** Out of the book, where nothing rests on it. */
    public function remove(string $family): RedirectResponse
    {
        abort_unless($this->specs->has($family), 404);
        $name = $this->specs->name($family, $this->specs->newestRevision($family));
        $hold = $this->specs->remove($family);
        if ($hold !== null) {
            throw ValidationException::withMessages(['remove' => __("spec.held_by.{$hold->value}")]);
        }

        return redirect()
            ->route('specs')
            ->with('note', Line::of('spec.derived.removed', ['name' => $name]));
    }

    /** Rests on the newest revision of its base from now on, with the same differences. */
    public function follow(Request $request, string $family): RedirectResponse
    {
        $document = $this->specs->decoded($family, AskedRevision::of($this->specs, $family));
        $variant = Variant::of($document, $this->specs);
        abort_if($variant === null, 404);
        try {
            $sheet = $this->specs->follow($family, $variant->newest, $request->user());
        } catch (InvalidDocument $exception) {
            return redirect()
                ->route('specs.show', $family)
                ->withErrors(['follow' => Line::of('spec.derived.misfit', ['why' => Messages::refusal($exception)])]);
        }

        return redirect()
            ->route('specs.show', $family)
            ->with('note', Line::of('spec.derived.follows', [
                'revision' => $sheet->revision,
                'newest' => $variant->newest,
                'name' => $variant->name,
            ]));
    }
}
