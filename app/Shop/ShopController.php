<?php

declare(strict_types=1);

namespace App\Shop;

use App\Http\Amount;
use App\Storage\PolicyBook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use NorthLedger\Core\Document\InvalidDocument;

/** The shop's choices between the schools, its allowances and its price list; every change is a new revision. */
final class ShopController
{
    private const PRICES = ['setup', 'bore', 'hone', 'sleeve', 'rings', 'piston', 'block', 'cylinder'];

    private const MINUTES = ['setup', 'bore', 'hone', 'sleeve'];

    private const WORDS = [
        'price.*.regex' => 'Write an amount like 45 or 45.50.',
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
        $amounts = [];
        foreach (self::PRICES as $name) {
            $amounts[$name] = sprintf('%.2f', $document['prices']["{$name}_minor"] / 100);
        }

        return view('shop', [
            'policy' => $policies->revision($number),
            'document' => $document,
            'groups' => PolicyForm::groups(),
            'amounts' => $amounts,
            'prices' => self::PRICES,
            'minutes' => self::MINUTES,
            'history' => PolicyHistory::of($policies),
        ]);
    }

    public function update(Request $request, PolicyBook $policies): RedirectResponse
    {
        $request->validate(PolicyForm::rules() + $this->priceRules(), self::WORDS);
        $document = $policies->document($policies->newestNumber());
        unset($document['revision']);
        foreach (PolicyForm::all() as $setting) {
            $typed = $request->input($setting->key) ?? ($setting->isOptional() ? '' : null);
            if (is_string($typed) || is_int($typed)) {
                Arr::set($document, $setting->key, $setting->stored((string) $typed));
            }
        }
        foreach (self::PRICES as $name) {
            $document['prices']["{$name}_minor"] = Amount::minor($request->string("price.{$name}")->toString());
        }
        foreach (self::MINUTES as $name) {
            $document['prices']["{$name}_minutes"] = $request->integer("minutes.{$name}");
        }
        try {
            $policies->add($document, (int) $request->user()?->id);
        } catch (InvalidDocument $invalid) {
            throw ValidationException::withMessages(['policy' => $invalid->getMessage()]);
        }

        return redirect()
            ->route('shop')
            ->with(
                'note',
                'Saved as a new revision. Open jobs are judged by it from now on; their orders stay as they were made, and signed '.
                    'jobs stay on theirs.',
            );
    }

    /** @return array<string, list<string>> */
    private function priceRules(): array
    {
        $rules = [];
        foreach (self::PRICES as $name) {
            $rules["price.{$name}"] = ['required', 'regex:/^\d{1,7}(\.\d{2})?$/'];
        }
        foreach (self::MINUTES as $name) {
            $rules["minutes.{$name}"] = ['required', 'integer', 'between:0,10000'];
        }

        return $rules;
    }
}
