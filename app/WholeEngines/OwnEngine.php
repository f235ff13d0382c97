<?php

declare(strict_types=1);

namespace App\WholeEngines;

use App\Ledger\Refused;
use App\Storage\PracticeEngine;
use App\Storage\User;
use App\Words\Line;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\Response;

/**
 * What somebody may open in the practice house: the sheets of an engine of his own, and nothing of it that would say what it comes to
 * before he has; once he has, nothing is keyed any more.
 */
final class OwnEngine
{
    /** Below a job, by the beginning of what follows its tag. */
    private const SHEETS = '#^(live|receive|photos|clean|cracks|measure|bores|sheets|crankshafts|weights|practice)(/|$)#';

    /** What says what it comes to: the page, and nothing below it. */
    private const VERDICT = 'judge';

    public function handle(Request $request, Closure $next): Response
    {
        if (! PracticeHouse::isHere()) {
            return $next($request);
        }
        $row = $this->engine($request);
        if ($row === null) {
            return redirect()->away(PracticeHouse::shopUrl('/practice'));
        }
        if ($row->isAnswered() && ! $request->isMethodSafe()) {
            throw Refused::because('text', Line::of('practice.engine.is_judged'));
        }
        /** @var User $person */
        $person = $request->user();
        $person->practise();
        Carbon::setTestNow(Carbon::now()->addSeconds($row->clock_ahead));
        $request->attributes->set(PracticeEngine::class, $row);

        return $next($request);
    }

    private function engine(Request $request): ?PracticeEngine
    {
        if (preg_match('#^jobs/NL-(\d{1,9})/(.+)$#D', $request->path(), $asked) !== 1) {
            return null;
        }
        /** @var User $person */
        $person = $request->user();
        $row = PracticeEngine::query()->where('job_id', (int) $asked[1])->where('user_id', $person->id)->first();
        $isOpen = preg_match(self::SHEETS, $asked[2]) === 1 || ($asked[2] === self::VERDICT && $row?->isAnswered() === true);

        return $isOpen ? $row : null;
    }
}
