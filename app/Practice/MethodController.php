<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\RequestId;
use App\Storage\PolicyBook;
use App\Storage\SpecBook;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Practice\MethodQuestion;
use NorthLedger\Core\Practice\QuestionKind;
use NorthLedger\Core\Practice\ReadingVerdict;

/** Short cases of method, whose answer the rules work out at that moment. */
final readonly class MethodController
{
    private const MOST_SEED = 2_000_000_000;

    public function __construct(private PolicyBook $policies, private SpecBook $specs, private JudgedList $judged)
    {
    }

    public function show(Answers $answers, string $kind): View
    {
        $kind = self::kind($kind);
        $answered = $answers->asked(self::topic($kind));

        $seed = $answered->seed ?? $answers->seed();

        return view('practice.question', [
            'view' => QuestionView::of($this->question($kind, $seed), $answered, $this->sheet($seed)->unit),
        ]);
    }

    public function choose(Request $request, Answers $answers, string $kind): RedirectResponse
    {
        $kind = self::kind($kind);
        $messages = ['choice' => Line::of('practice.no_choice')];
        /** @var array{seed: int|string} $said */
        $said = $request->validate(
            ['seed' => ['required', 'integer', 'between:0,'.self::MOST_SEED], 'choice' => ['required', 'string']],
            $messages,
        );
        $question = $this->question($kind, (int) $said['seed']);
        $request->validate(['choice' => [Rule::in($question->choices)]], $messages);
        $choice = $request->string('choice')->toString();
        $verdict = $choice === $question->right ? ReadingVerdict::Right : ReadingVerdict::Wrong;
        $answers->keep(self::topic($kind), $question->right, $question->seed, $choice, $verdict);

        return redirect()->to(self::address($kind).'?answered='.RequestId::of($request));
    }

    public static function topic(QuestionKind $kind): string
    {
        return "method {$kind->value}";
    }

    public static function address(QuestionKind $kind): string
    {
        return '/practice/method/'.str_replace(' ', '-', $kind->value);
    }

    private static function kind(string $slug): QuestionKind
    {
        return QuestionKind::tryFrom(str_replace('-', ' ', $slug)) ?? abort(404);
    }

    private function question(QuestionKind $kind, int $seed): MethodQuestion
    {
        return MethodQuestion::of($kind, $seed, $this->policies->current(), $this->sheet($seed));
    }

    /** Of the engine that a case is of, another one for every seed. */
    private function sheet(int $seed): SpecificationSheet
    {
        $families = array_keys($this->judged->families());

        return $this->specs->sheet($families[$seed % count($families)]);
    }
}
