<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\SpecBook;
use App\Storage\SpecificationDraft;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The spec book: families, their sheets by revision, and what changed between two. */
final readonly class SpecBookController
{
    public function __construct(private SpecBook $specs, private FamilyList $families)
    {
    }

    public function index(Request $request): View
    {
        return $this->families->view(mb_substr(trim((string) $request->query('q', '')), 0, 60));
    }

    public function show(Request $request, string $family): View
    {
        $revision = AskedRevision::of($this->specs, $family, $request->query('revision'));

        return view('specs.show', [
            'page' => SheetPage::of($this->specs->sheet($family, $revision), $this->specs->decoded($family, $revision)),
            'follows' => FollowingLine::all($this->specs->decoded($family, $revision)),
            'revisions' => $this->specs->revisions($family),
            'drafts' => SpecificationDraft::ofFamily($family),
            'variant' => Variant::of($this->specs->decoded($family, $revision), $this->specs),
        ]);
    }

    public function compare(Request $request, string $family): View
    {
        $to = AskedRevision::of($this->specs, $family, $request->query('to'));
        $revisions = $this->specs->revisions($family);
        $from = AskedRevision::of($this->specs, $family, $request->query('from', (string) $revisions[max(0, count($revisions) - 2)]));

        return view('specs.compare', [
            'sheet' => $this->specs->sheet($family, $to),
            'from' => $from,
            'to' => $to,
            'revisions' => $revisions,
            'differences' => SheetDifference::between($this->specs->decoded($family, $from), $this->specs->decoded($family, $to)),
        ]);
    }
}
