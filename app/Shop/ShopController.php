<?php

declare(strict_types=1);

namespace App\Shop;

use App\Security\SecurityEvent;
use App\Security\SecurityLog;
use App\Storage\PolicyBook;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use NorthLedger\Core\Document\InvalidDocument;

/** The shop's choices between the schools, and its allowances; every change is a new revision. */
final class ShopController
{
    /** What is wrong with what was typed, by the rule it breaks. */
    private const WRONG = [
        'bore_in.*.regex' => 'bore_in',
        'parts_in.*.regex' => 'parts_in',
        'bore_mm.*.regex' => 'bore_mm',
        'parts_mm.*.regex' => 'parts_mm',
        'house_limits.*.*.regex' => 'house_limit',
        'integer' => 'whole',
        'between' => 'between',
        'required' => 'required',
        'in' => 'one_of',
        'numeric' => 'number',
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
        $request->validate(
            PolicyForm::rules(),
            array_map(static fn (string $code): string => Line::of("policy.wrong.{$code}"), self::WRONG),
        );
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
            throw ValidationException::withMessages(['policy' => Messages::refusal($invalid)]);
        }
        $log->write(SecurityEvent::PolicyChanged, null, ['revision' => $policies->newestNumber()]);

        return redirect()
            ->route('shop')
            ->with('note', Line::of('policy.saved'));
    }
}
