<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\RequestId;
use App\People\Ability;
use App\Storage\PolicyBook;
use App\Storage\PracticeAnswer;
use App\Storage\User;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Practice\MethodQuestion;
use NorthLedger\Core\Practice\QuestionKind;
use NorthLedger\Core\Practice\ReadingVerdict;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Practice\Rocking;
use NorthLedger\Core\Practice\Spot;

/** The practice bench: instruments that are drawn and read, and short cases of method. Nothing of it touches a job (PRAC-3). */
final readonly class PracticeController
{
    public const ROCKING = 'rocking';

    private const MOST_SEED = 2_000_000_000;

    public function __construct(private PolicyBook $policies)
    {
    }

    public function index(Request $request): View
    {
        $person = self::person($request);

        return view('practice.index', [
            'topics' => Progress::of($person),
            'people' => $person->may(Ability::RunShop) ? Progress::ofEverybody() : [],
            'mistakes' => $person->may(Ability::RunShop) ? Progress::mistakes() : [],
        ]);
    }

    public function show(Request $request, string $slug): View
    {
        $instrument = self::instrument($slug);
        $repetition = PracticeAnswer::repetition(self::person($request), $instrument->value);
        $answered = $this->answered($request, $instrument->value);
        $spots = $instrument->spots();
        $exercise = Exercise::of(
            $instrument,
            $answered === null
                ? self::spotOf($request, $instrument) ?? $repetition->next($spots)
                : self::spot($instrument, $answered->spot),
            $answered->seed ?? self::seed($request),
        );

        return view('practice.read', ['view' => ReadView::of($exercise, $repetition, $answered)]);
    }

    public function answer(AnswerRequest $request, string $slug): RedirectResponse
    {
        $instrument = self::instrument($slug);
        $exercise = $request->exercise($instrument);
        $this->keep(
            $request,
            $instrument->value,
            $exercise->spot->value,
            $exercise->seed,
            $request->typed(),
            $exercise->verdictOn($request->answer($instrument)),
            $request->milliseconds(),
        );

        return redirect()->to("/practice/read/{$slug}?answered=".RequestId::of($request));
    }

    public function rocking(Request $request): View
    {
        $answered = $this->answered($request, self::ROCKING);

        return view('practice.rock', ['view' => RockView::of(Rocking::of($answered->seed ?? self::seed($request)), $answered)]);
    }

    public function rocked(AnswerRequest $request): RedirectResponse
    {
        $rocking = Rocking::of($request->integer('seed'));
        $answer = $request->answer(ReadInstrument::DialBoreGauge);
        $side = $rocking->reading->isNegative() ? Spot::Smaller : Spot::Larger;
        $this->keep(
            $request,
            self::ROCKING,
            $side->value,
            $rocking->seed,
            $request->typed(),
            $rocking->verdictOn($answer),
            $request->milliseconds(),
        );

        return redirect()->to('/practice/rocking?answered='.RequestId::of($request));
    }

    public function question(Request $request, string $kind): View
    {
        $kind = QuestionKind::tryFrom(str_replace('-', ' ', $kind)) ?? abort(404);
        $answered = $this->answered($request, "method {$kind->value}");
        $question = MethodQuestion::of($kind, $answered->seed ?? self::seed($request), $this->policies->current());

        return view('practice.question', ['question' => $question, 'answered' => $answered]);
    }

    public function choose(Request $request, string $kind): RedirectResponse
    {
        $kind = QuestionKind::tryFrom(str_replace('-', ' ', $kind)) ?? abort(404);
        /** @var array{seed: int|string, choice: string} $said */
        $said = $request->validate(
            ['seed' => ['required', 'integer', 'between:0,'.self::MOST_SEED], 'choice' => ['required', 'string', 'max:60']],
            ['choice' => Line::of('practice.no_choice')],
        );
        $question = MethodQuestion::of($kind, (int) $said['seed'], $this->policies->current());
        $request->validate(['choice' => [Rule::in($question->choices)]], ['choice' => Line::of('practice.no_choice')]);
        $verdict = $said['choice'] === $question->right ? ReadingVerdict::Right : ReadingVerdict::Wrong;
        $this->keep($request, "method {$kind->value}", self::code($question->right), $question->seed, $said['choice'], $verdict, null);

        return redirect()->to('/practice/method/'.str_replace(' ', '-', $kind->value).'?answered='.RequestId::of($request));
    }

    /** Sent twice, it is counted once. */
    private function keep(
        Request $request,
        string $topic,
        string $spot,
        int $seed,
        string $typed,
        ReadingVerdict $verdict,
        ?int $milliseconds,
    ): void {
        PracticeAnswer::query()->firstOrCreate(
            ['ulid' => RequestId::of($request)],
            [
                'user_id' => self::person($request)->id,
                'topic' => $topic,
                'spot' => $spot,
                'seed' => $seed,
                'typed' => $typed,
                'verdict' => $verdict->value,
                'milliseconds' => $milliseconds,
                'created_at' => now(),
            ],
        );
    }

    /** The answer that an address asks for, where it is one’s own; null: a new exercise. */
    private function answered(Request $request, string $topic): ?PracticeAnswer
    {
        return PracticeAnswer::query()
            ->where('ulid', strtoupper(mb_substr($request->string('answered')->toString(), 0, 26)))
            ->where('user_id', self::person($request)->id)
            ->where('topic', $topic)
            ->first();
    }

    private static function instrument(string $slug): ReadInstrument
    {
        return ReadInstrument::tryFrom(str_replace('-', ' ', $slug)) ?? abort(404);
    }

    private static function spotOf(Request $request, ReadInstrument $instrument): ?Spot
    {
        $name = $request->old('spot', $request->string('spot')->toString());

        return self::found($instrument, is_string($name) ? $name : '');
    }

    private static function spot(ReadInstrument $instrument, string $name): Spot
    {
        return self::found($instrument, $name) ?? $instrument->spots()[0];
    }

    private static function found(ReadInstrument $instrument, string $name): ?Spot
    {
        foreach ($instrument->spots() as $spot) {
            if ($spot->value === $name) {
                return $spot;
            }
        }

        return null;
    }

    /** The same again where something was typed that could not be read; a seed in the address is shown to everybody alike. */
    private static function seed(Request $request): int
    {
        $asked = $request->old('seed', $request->string('seed')->toString());

        return is_string($asked) && preg_match('/^\d{1,9}$/', $asked) === 1 ? (int) $asked : random_int(0, 999_999_999);
    }

    private static function person(Request $request): User
    {
        /** @var User $person */
        $person = $request->user();

        return $person;
    }

    /** As long as its column. */
    private static function code(string $choice): string
    {
        return mb_substr($choice, 0, 20);
    }
}
