<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\FamilyIndex;
use App\Storage\PolicyBook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Which engine is it? Asked by address alone, so that an answer can be kept, sent and asked again. */
final readonly class LookupController
{
    public function __construct(private FamilyIndex $families, private PolicyBook $policies)
    {
    }

    public function show(Request $request): View
    {
        $typed = LookupForm::of($request->query());

        return view('specs.lookup', ['form' => $typed, 'found' => LookupPage::of($typed, $this->families, $this->policies->current())]);
    }
}
