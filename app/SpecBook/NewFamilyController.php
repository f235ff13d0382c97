<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\SpecBook;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use NorthLedger\Core\Document\InvalidDocument;

/** A new family from seven answers: enough to receive, draw and measure an engine of it. */
final readonly class NewFamilyController
{
    private const USUAL = ['kind' => 'in-line', 'banks' => [[1, 2, 3, 4]]];

    public function __construct(private SpecBook $specs)
    {
    }

    public function create(): View
    {
        return $this->form([], LayoutDrawing::of(self::USUAL, null));
    }

    public function store(NewFamilyRequest $request): View|RedirectResponse
    {
        try {
            $document = $request->document();
            $sheet = $this->specs->add($document, $request->string('words')->toString(), $request->user());
        } catch (InvalidDocument $exception) {
            $request->flash();

            return $this->form(
                array_map((new SheetFields($document))->sentence(...), $exception->faults),
                LayoutDrawing::of($document['layout'], $document['housings']['count'] ?? null),
            );
        }

        return redirect()
            ->route('specs.show', $sheet->family)
            ->with(
                'note',
                Line::of('spec.done.new_family', ['name' => $sheet->name]),
            );
    }

    /** How the engine stands, as far as it is answered. */
    public function drawn(NewFamilyRequest $request): View
    {
        $document = $request->document();

        return view('specs.drawn', [
            'drawing' => LayoutDrawing::of($document['layout'], $document['housings']['count'] ?? null),
            'follows' => FollowingLine::all($document),
        ]);
    }

    /** @param  list<string>  $faults */
    private function form(array $faults, ?LayoutDrawing $drawing): View
    {
        return view('specs.new', ['faults' => $faults, 'drawing' => $drawing, 'follows' => []]);
    }
}
