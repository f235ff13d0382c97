<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Amount;
use App\Shop\PolicyBook;
use App\Shop\PolicyHistory;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Cracks\DwellSchool;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Policy\GrindAim;
use NorthLedger\Core\Policy\MirrorFinish;
use NorthLedger\Core\Policy\OrderOfWork;
use NorthLedger\Core\Policy\Preference;

/** The shop's choices between the schools, and its price list; every change is a new revision. */
final class ShopController
{
    private const PRICES = ['setup', 'bore', 'hone', 'sleeve', 'rings', 'piston', 'block', 'cylinder'];

    private const MINUTES = ['setup', 'bore', 'hone', 'sleeve'];

    private const PARTS = [
        'grind_stock' => 'taken off a journal until it is clean', 'light_cut' => 'one light pass over a face', 'shim_step' => 'shims go by',
        'corner_spread' => 'pistons at the corners, apart at most', 'guide_evenness' => 'guides of one kind, apart at most', 'plausible_distance' => 'small lengths beyond it are asked back',
    ];

    public function edit(PolicyBook $policies): View
    {
        $number = $policies->newestNumber();
        $document = $policies->document($number);
        $amounts = [];
        foreach (self::PRICES as $name) {
            $amounts[$name] = sprintf('%.2f', $document['prices']["{$name}_minor"] / 100);
        }

        return view('shop', ['policy' => $policies->revision($number), 'document' => $document, 'amounts' => $amounts, 'prices' => self::PRICES, 'minutes' => self::MINUTES, 'parts' => self::PARTS, 'history' => PolicyHistory::of($policies)]);
    }

    public function update(Request $request, PolicyBook $policies): RedirectResponse
    {
        $rules = ['preference' => ['required', Rule::enum(Preference::class)], 'order_of_work' => ['required', Rule::enum(OrderOfWork::class)], 'own_work' => ['required', Rule::in(['warned', 'forbidden'])], 'crack_dwell' => ['required', Rule::enum(DwellSchool::class)],
            'decision_rule.incoming' => ['required', Rule::enum(DecisionRule::class)], 'decision_rule.final' => ['required', Rule::enum(DecisionRule::class)],
            'check_back.readings' => ['required', 'integer', 'between:1,10000'], 'check_back.minutes' => ['required', 'integer', 'between:1,10000']];
        $rules += ['grind_aim' => [Rule::enum(GrindAim::class)], 'mirror_finish' => [Rule::enum(MirrorFinish::class)], 'allowed_pitting_class' => ['integer', 'between:0,4'], 'parts_in' => ['array'], 'parts_mm' => ['array'], 'parts_in.*' => ['regex:/^\d{0,2}\.\d{1,4}$/'], 'parts_mm.*' => ['regex:/^\d{1,3}(\.\d{1,3})?$/']];
        foreach (self::PRICES as $name) {
            $rules["price.{$name}"] = ['required', 'regex:/^\d{1,7}(\.\d{2})?$/'];
        }
        foreach (self::MINUTES as $name) {
            $rules["minutes.{$name}"] = ['required', 'integer', 'between:0,10000'];
        }
        /** @var array{preference: string, order_of_work: string, own_work: string, crack_dwell: string, decision_rule: array{incoming: string, final: string}, check_back: array{readings: string, minutes: string}, price: array<string, string>, minutes: array<string, string>, grind_aim?: string, mirror_finish?: string, allowed_pitting_class?: string, parts_in?: array<string, string>, parts_mm?: array<string, string>} $data */
        $data = $request->validate($rules, ['regex' => 'Write an amount like 45 or 45.50.', 'parts_in.*.regex' => 'Write inches like .0020.', 'parts_mm.*.regex' => 'Write millimetres like 0.05.', 'integer' => 'Write whole minutes.', 'between' => 'Write a whole number from :min to :max.', 'required' => 'This cannot be empty.']);
        $document = $policies->document($policies->newestNumber());
        unset($document['revision']);
        $prices = [];
        foreach ($data['price'] as $name => $amount) {
            $prices["{$name}_minor"] = Amount::minor($amount);
        }
        foreach ($data['minutes'] as $name => $minutes) {
            $prices["{$name}_minutes"] = (int) $minutes;
        }
        foreach (['grind_aim', 'mirror_finish'] as $school) {
            $document[$school] = $data[$school] ?? $document[$school];
        }
        $document['allowed_pitting_class'] = (int) ($data['allowed_pitting_class'] ?? $document['allowed_pitting_class']);
        foreach (['parts_in', 'parts_mm'] as $unit) {
            $document[$unit] = array_intersect_key($data[$unit] ?? [], self::PARTS) + $document[$unit];
        }
        $policies->add(['preference' => $data['preference'], 'order_of_work' => $data['order_of_work'], 'own_work' => $data['own_work'], 'crack_dwell' => $data['crack_dwell'], 'decision_rule' => $data['decision_rule'], 'check_back' => array_map(intval(...), $data['check_back']), 'prices' => $prices] + $document, (int) $request->user()?->id);

        return redirect()->route('shop')->with('note', 'Saved as a new revision. Open jobs are judged by it from now on; signed ones stay on theirs.');
    }
}
