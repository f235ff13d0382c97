<?php

declare(strict_types=1);

namespace App\Shop;

use App\Security\SecurityEvent;
use App\Security\SecurityLog;
use App\Storage\PolicyBook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use NorthLedger\Core\Document\InvalidDocument;

/** The shop's choices between the schools, and its allowances; every change is a new revision. */
final class ShopController
{
    private const WORDS = [
        'bore_in.*.regex' => 'Write inches like .0040.',
        'parts_in.*.regex' => 'Write inches like .0020.',
        'bore_mm.*.regex' => 'Write millimetres like 0.10.',
        'parts_mm.*.regex' => 'Write millimetres like 0.05.',
        'house_limits.*.*.regex' => 'Write inches like .0050, or 0.13 mm; leave it empty for none.',
        'integer' => 'Write a whole number.',
        'between' => 'Write a number from :min to :max.',
        'required' => 'This cannot be empty.',
        'in' => 'Choose one of these.',
        'numeric' => 'Write a number like 11.0.',
    ];

    public function edit(PolicyBook $policies): View
    {
        $number = $policies->newestNumber();
        $document = $policies->document($number);

        return view('shop.rules', [
            'policy' => $policies->revision($number),
            'document' => $document,
            'groups' => PolicyForm::groups(),
            'history' => PolicyHistory::of($policies),
        ]);
    }

    public function update(Request $request, PolicyBook $policies, SecurityLog $log): RedirectResponse
    {
        $request->validate(PolicyForm::rules(), self::WORDS);
        $document = $policies->document($policies->newestNumber());
        unset($document['revision']);
        foreach (PolicyForm::all() as $setting) {
            $typed = $request->input($setting->key) ?? ($setting->isOptional() ? '' : null);
            if (is_string($typed) || is_int($typed)) {
                Arr::set($document, $setting->key, $setting->stored((string) $typed));
            }
        }
        try {
            $policies->add($document, (int) $request->user()?->id);
        } catch (InvalidDocument $invalid) {
            throw ValidationException::withMessages(['policy' => $invalid->getMessage()]);
        }
        $log->write(SecurityEvent::PolicyChanged, null, ['revision' => $policies->newestNumber()]);

        return redirect()
            ->route('shop')
            ->with(
                'note',
                'Saved as a new revision. Open jobs are judged by it from now on; their orders stay as they were made, and signed '.
                    'jobs stay on theirs.',
            );
    }
}
