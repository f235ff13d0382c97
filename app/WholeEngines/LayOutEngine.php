<?php

declare(strict_types=1);

namespace App\WholeEngines;

use App\Stages\Receive\ReceiveJob;
use App\Storage\Job;
use App\Storage\PolicyBook;
use App\Storage\PracticeEngine;
use App\Storage\SpecBook;
use App\Storage\User;
use App\Words\Line;
use NorthLedger\Core\Simulation\BlockDifficulty;
use NorthLedger\Core\Simulation\EngineMaker;
use NorthLedger\Core\Simulation\SimulatedParts;
use NorthLedger\Core\Simulation\SimulationException;

/** Makes a simulated engine for somebody, and receives it in the practice house as any engine is received. */
final readonly class LayOutEngine
{
    public function __construct(private SpecBook $specs, private PolicyBook $policies)
    {
    }

    /**
     * Sent twice, it is made once.
     *
     * @throws SimulationException If the family leaves nothing that could be judged
     */
    public function handle(User $person, string $ulid, string $family, BlockDifficulty $difficulty, int $seed): PracticeEngine
    {
        $made = PracticeEngine::query()->firstWhere('ulid', $ulid);
        if ($made !== null) {
            return $made;
        }
        $policy = $this->policies->newestNumber();
        $sheet = $this->specs->sheet($family);
        $engine = (new EngineMaker($sheet, $this->policies->revision($policy)))->make($difficulty, $seed);
        $job = $this->received($person, $ulid, $family, $sheet->revision);

        return PracticeEngine::query()->create([
            'ulid' => $ulid,
            'user_id' => $person->id,
            'family' => $family,
            'family_revision' => $sheet->revision,
            'policy_revision' => $policy,
            'difficulty' => $difficulty,
            'seed' => $seed,
            'attempt' => $engine->block->attempt,
            'worn' => $engine->parts->worn,
            'generation' => SimulatedParts::GENERATION,
            'sight' => $engine->sight?->place,
            'is_crack' => $engine->sight->isCrack ?? false,
            'job_id' => $job->id,
            'created_at' => now(),
        ]);
    }

    private function received(User $person, string $ulid, string $family, int $revision): Job
    {
        PracticeHouse::bringAlong();

        return PracticeHouse::inside(static fn (): Job => app(ReceiveJob::class)->handle($person, $ulid, [
            'family' => $family,
            'family_revision' => $revision,
            'serial' => $ulid,
            'customer' => Line::of('practice.engine.customer'),
            'description' => Line::of('practice.engine.description'),
            'wishes' => null,
            'due_on' => today()->addWeek()->format('Y-m-d'),
            'declared_step_nm' => 0,
            'declared_evidence' => Line::of('practice.engine.evidence'),
        ]));
    }
}
