<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\RequestId;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Practice\Rocking;
use NorthLedger\Core\Practice\Spot;

/** A bore gauge that is rocked to its turning point. */
final readonly class RockingController
{
    public const TOPIC = 'rocking';

    public function show(Answers $answers): View
    {
        $answered = $answers->asked(self::TOPIC);

        return view('practice.rock', ['view' => RockView::of(Rocking::of($answered->seed ?? $answers->seed()), $answered)]);
    }

    public function answer(AnswerRequest $request, Answers $answers): RedirectResponse
    {
        $rocking = Rocking::of($request->integer('seed'));
        $verdict = $rocking->verdictOn($request->answer(ReadInstrument::DialBoreGauge));
        $side = $rocking->reading->isNegative() ? Spot::Smaller : Spot::Larger;
        $answers->keep(self::TOPIC, $side->value, $rocking->seed, $request->typed(), $verdict, $request->milliseconds());

        return redirect()->to('/practice/rocking?answered='.RequestId::of($request));
    }
}
