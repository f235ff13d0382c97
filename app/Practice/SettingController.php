<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\RequestId;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Practice\GaugeSetting;
use NorthLedger\Core\Quantity\LengthUnit;

/** A bore gauge that is made ready: its extension and washer chosen, its zero set in a micrometer. */
final readonly class SettingController
{
    public const TOPIC = 'setting';

    public function show(Request $request, Answers $answers): View
    {
        $answered = $answers->asked(self::TOPIC);
        $unit = LengthUnit::tryFrom($answered->spot ?? $request->old('unit', $request->string('unit')->toString())) ?? LengthUnit::Inch;

        return view('practice.setting', [
            'view' => SettingView::of(GaugeSetting::of($unit, $answered->seed ?? $answers->seed()), $answered),
        ]);
    }

    public function answer(SettingRequest $request, Answers $answers): RedirectResponse
    {
        $setting = $request->setting();
        [$extension, $washer, $stands] = [$request->extension(), $request->washer(), $request->standsAt($setting)];
        $answers->keep(
            self::TOPIC,
            $setting->unit->value,
            $setting->seed,
            $request->typed(),
            $setting->verdictOn($stands, $extension, $washer),
            $request->filled('milliseconds') ? $request->integer('milliseconds') : null,
        );

        return redirect()->to('/practice/setting?answered='.RequestId::of($request));
    }
}
