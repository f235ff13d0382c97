<?php

declare(strict_types=1);

namespace App\WholeEngines;

use App\Http\RequestId;
use App\Ledger\Refused;
use App\Practice\Answers;
use App\Practice\StartBlockRequest;
use App\Storage\PolicyBook;
use App\Storage\PracticeEngine;
use App\Storage\SpecBook;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Practice\EngineAnswer;
use NorthLedger\Core\Simulation\SimulationException;

/** Whole engines that are read on the real sheets and judged (PRAC-2); their sheets lie in the practice house (PRAC-3). */
final readonly class EngineController
{
    public function __construct(private Answers $answers, private SpecBook $specs, private PolicyBook $policies)
    {
    }

    /** Another engine. The same seed is the same engine for whoever is given it. */
    public function start(StartBlockRequest $request, LayOutEngine $layOut): RedirectResponse
    {
        PracticeHouse::url($request, '/') !== '' || throw Refused::because('family', Line::of('practice.engine.no_house'));
        try {
            $row = $layOut->handle(
                $this->answers->person(),
                RequestId::of($request),
                $request->family(),
                $request->difficulty(),
                $request->seed(),
            );
        } catch (SimulationException $exception) {
            throw Refused::because('family', Messages::refusal($exception));
        }

        return redirect()->to("/practice/engines/{$row->ulid}");
    }

    public function show(Request $request, string $ulid): View
    {
        $bench = $this->bench($ulid);

        return view('practice.engines.show', ['view' => EnginePage::of($bench, $request)]);
    }

    public function judge(JudgeEngineRequest $request, StateVerdict $state, string $ulid): RedirectResponse
    {
        $bench = $this->bench($ulid);
        $state->handle($bench, new EngineAnswer($request->verdicts($bench->engine->verdicts()), $request->way()));

        return redirect()->to("/practice/engines/{$ulid}");
    }

    /** One’s own; somebody else’s is nobody’s business. */
    private function bench(string $ulid): EngineBench
    {
        $row = PracticeEngine::query()
            ->where('ulid', strtoupper($ulid))
            ->where('user_id', $this->answers->person()->id)
            ->firstOrFail();

        return EngineBench::of($row, $this->specs, $this->policies);
    }
}
