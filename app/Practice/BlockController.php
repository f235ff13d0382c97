<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\RequestId;
use App\Ledger\Refused;
use App\Storage\BlockEvent;
use App\Storage\PolicyBook;
use App\Storage\PracticeBlock;
use App\Storage\SpecBook;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Practice\BlockAnswer;
use NorthLedger\Core\Simulation\SimulatedBlock;
use NorthLedger\Core\Simulation\SimulationException;

/** Simulated blocks that are read with a simulated gauge and judged (PRAC-2); nothing of it touches a job (PRAC-3). */
final readonly class BlockController
{
    public function __construct(private Answers $answers, private SpecBook $specs, private PolicyBook $policies)
    {
    }

    /** Another block. The same seed is the same block for whoever is given it. */
    public function start(StartBlockRequest $request): RedirectResponse
    {
        $family = $request->family();
        [$policy, $difficulty, $seed] = [$this->policies->newestNumber(), $request->difficulty(), $request->seed()];
        try {
            $block = SimulatedBlock::of($this->specs->sheet($family), $this->policies->revision($policy), $difficulty, $seed);
        } catch (SimulationException $exception) {
            throw Refused::because('family', Messages::refusal($exception));
        }
        $row = PracticeBlock::query()->firstOrCreate(
            ['ulid' => RequestId::of($request)],
            [
                'user_id' => $this->answers->person()->id,
                'family' => $family,
                'family_revision' => $this->specs->newestRevision($family),
                'policy_revision' => $policy,
                'difficulty' => $difficulty,
                'seed' => $seed,
                'attempt' => $block->attempt,
                'created_at' => now(),
            ],
        );

        return redirect()->to("/practice/blocks/{$row->ulid}");
    }

    public function show(Request $request, string $ulid): View
    {
        return view('practice.blocks.show', ['view' => BlockPage::of($this->bench($ulid), $request->string('at')->toString())]);
    }

    /** What the gauge shows, or what is seen and felt, as it was keyed. */
    public function read(ReadBlockRequest $request, string $ulid): RedirectResponse
    {
        $bench = $this->bench($ulid);
        $place = $request->place($bench->block->sheet->layout->cylinders());
        $this->write(
            $bench,
            $request,
            ['place' => $place->key, 'typed' => $request->typed()] + $request->said($place, $bench->block->sheet),
        );
        $page = BlockPage::of($this->bench($ulid), $place->key);

        return redirect()->to("/practice/blocks/{$ulid}?at={$page->next()}");
    }

    /** The gauge goes back on its master. */
    public function check(Request $request, string $ulid): RedirectResponse
    {
        $bench = $this->bench($ulid);
        $this->write($bench, $request, ['kind' => BlockEvent::Check, 'value_nm' => $bench->showsOnMaster()->nanometres]);

        return $this->back($request, $ulid);
    }

    /** Its zero is set again: what was read since it last held is read again. */
    public function zero(Request $request, string $ulid): RedirectResponse
    {
        $this->write($this->bench($ulid), $request, ['kind' => BlockEvent::Zero]);

        return $this->back($request, $ulid);
    }

    public function judge(JudgeBlockRequest $request, string $ulid): RedirectResponse
    {
        $bench = $this->bench($ulid);
        if (! $bench->row->isAnswered()) {
            $answer = new BlockAnswer($request->canStay(), $request->way());
            $bench->row
                ->forceFill([
                    'can_stay' => $answer->canStay,
                    'way' => $answer->way,
                    'points' => $bench->score($answer)->points(),
                    'answered_at' => now(),
                ])
                ->save();
        }

        return redirect()->to("/practice/blocks/{$ulid}");
    }

    /** One’s own; somebody else’s is nobody’s business. */
    private function bench(string $ulid): BlockBench
    {
        $row = PracticeBlock::query()
            ->where('ulid', strtoupper($ulid))
            ->where('user_id', $this->answers->person()->id)
            ->firstOrFail();

        return BlockBench::of($row, $this->specs, $this->policies);
    }

    /**
     * Sent twice, it is done once; what was judged is read no more.
     *
     * @param  array<string, mixed>  $event
     */
    private function write(BlockBench $bench, Request $request, array $event): void
    {
        if ($bench->row->isAnswered()) {
            throw Refused::because('text', Line::of('practice.block.is_judged'));
        }
        $bench->row->events()->firstOrCreate(['ulid' => RequestId::of($request)], $event + ['created_at' => now()]);
    }

    private function back(Request $request, string $ulid): RedirectResponse
    {
        return redirect()->to("/practice/blocks/{$ulid}?at=".urlencode(mb_substr($request->string('place')->toString(), 0, 60)));
    }
}
