<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Amount;
use App\Shop\PolicyBook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Cracks\DwellSchool;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Policy\OrderOfWork;
use NorthLedger\Core\Policy\Preference;

/** The shop's choices between the schools, and its price list; every change is a new revision. */
final class ShopController
{
    private const PRICES = ['setup', 'bore', 'hone', 'sleeve', 'rings', 'piston', 'block', 'cylinder'];

    private const MINUTES = ['setup', 'bore', 'hone', 'sleeve'];

    public function edit(PolicyBook $policies): View
    {
        $number = $policies->newestNumber();
        $document = $policies->document($number);
        $amounts = [];
        foreach (self::PRICES as $name) {
            $amounts[$name] = sprintf('%.2f', $document['prices']["{$name}_minor"] / 100);
        }

        return view('shop', ['policy' => $policies->revision($number), 'document' => $document, 'amounts' => $amounts, 'prices' => self::PRICES, 'minutes' => self::MINUTES]);
    }

    public function update(Request $request, PolicyBook $policies): RedirectResponse
    {
        $rules = ['preference' => ['required', Rule::enum(Preference::class)], 'order_of_work' => ['required', Rule::enum(OrderOfWork::class)], 'own_work' => ['required', Rule::in(['warned', 'forbidden'])], 'crack_dwell' => ['required', Rule::enum(DwellSchool::class)],
            'decision_rule.incoming' => ['required', Rule::enum(DecisionRule::class)], 'decision_rule.final' => ['required', Rule::enum(DecisionRule::class)],
            'check_back.readings' => ['required', 'integer', 'between:1,10000'], 'check_back.minutes' => ['required', 'integer', 'between:1,10000']];
        foreach (self::PRICES as $name) {
            $rules["price.{$name}"] = ['required', 'regex:/^\d{1,7}(\.\d{2})?$/'];
        }
        foreach (self::MINUTES as $name) {
            $rules["minutes.{$name}"] = ['required', 'integer', 'between:0,10000'];
        }
        /** @var array{preference: string, order_of_work: string, own_work: string, crack_dwell: string, decision_rule: array{incoming: string, final: string}, check_back: array{readings: string, minutes: string}, price: array<string, string>, minutes: array<string, string>} $data */
        $data = $request->validate($rules, ['regex' => 'Write an amount like 45 or 45.50.', 'integer' => 'Write whole minutes.', 'between' => 'Write a whole number from :min to :max.', 'required' => 'This cannot be empty.']);
        $document = $policies->document($policies->newestNumber());
        unset($document['revision']);
        $prices = [];
        foreach ($data['price'] as $name => $amount) {
            $prices["{$name}_minor"] = Amount::minor($amount);
        }
        foreach ($data['minutes'] as $name => $minutes) {
            $prices["{$name}_minutes"] = (int) $minutes;
        }
        $policies->add(['preference' => $data['preference'], 'order_of_work' => $data['order_of_work'], 'own_work' => $data['own_work'], 'crack_dwell' => $data['crack_dwell'], 'decision_rule' => $data['decision_rule'], 'check_back' => array_map(intval(...), $data['check_back']), 'prices' => $prices] + $document, (int) $request->user()?->id);

        return redirect()->route('shop')->with('note', 'Saved as a new revision. Open jobs are judged by it from now on; signed ones stay on theirs.');
    }
}
