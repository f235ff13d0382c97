<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\RequestId;
use App\People\Ability;
use App\Storage\PracticeAnswer;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Practice\Spot;

/** The practice bench, and its instruments that are drawn and read. Nothing of it touches a job (PRAC-3). */
final readonly class PracticeController
{
    public function index(Answers $answers, JudgedList $judged): View
    {
        $person = $answers->person();
        $seesAll = $person->may(Ability::RunShop);
        $everybody = static fn (string $table): array => $seesAll ? JudgedList::ofEverybody($table) : [];

        return view('practice.index', [
            'topics' => Progress::of($person),
            'families' => $judged->families(),
            'judging' => [
                'block' => ['address' => '/practice/blocks', 'done' => $judged->blocks($person), 'all' => $everybody('practice_blocks')],
                'engine' => [
                    'address' => '/practice/engines',
                    'done' => $judged->engines($person),
                    'all' => $everybody('practice_engines'),
                ],
            ],
            'people' => $seesAll ? Progress::ofEverybody() : [],
            'mistakes' => $seesAll ? Progress::mistakes() : [],
        ]);
    }

    public function show(Request $request, Answers $answers, string $slug): View
    {
        $instrument = self::instrument($slug);
        $repetition = PracticeAnswer::repetition($answers->person(), $instrument->value);
        $answered = $answers->asked($instrument->value);
        $spot = self::spot($instrument, $answered === null ? $request->old('spot', $request->string('spot')->toString()) : $answered->spot);
        $exercise = Exercise::of($instrument, $spot ?? $repetition->next($instrument->spots()), $answered->seed ?? $answers->seed());

        return view('practice.read', ['view' => ReadView::of($exercise, $repetition, $answered)]);
    }

    public function answer(AnswerRequest $request, Answers $answers, string $slug): RedirectResponse
    {
        $instrument = self::instrument($slug);
        $exercise = $request->exercise($instrument);
        $verdict = $exercise->verdictOn($request->answer($instrument));
        $answers->keep($instrument->value, $exercise->spot->value, $exercise->seed, $request->typed(), $verdict, $request->milliseconds());

        return redirect()->to("/practice/read/{$slug}?answered=".RequestId::of($request));
    }

    private static function instrument(string $slug): ReadInstrument
    {
        return ReadInstrument::tryFrom(str_replace('-', ' ', $slug)) ?? abort(404);
    }

    /** Null where the instrument has no such spot. */
    private static function spot(ReadInstrument $instrument, mixed $name): ?Spot
    {
        foreach ($instrument->spots() as $spot) {
            if ($spot->value === $name) {
                return $spot;
            }
        }

        return null;
    }
}
