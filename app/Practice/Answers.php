<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\RequestId;
use App\Storage\PracticeAnswer;
use App\Storage\User;
use Illuminate\Http\Request;
use NorthLedger\Core\Practice\ReadingVerdict;

/** What is answered at the practice bench, kept once, and shown to whom it belongs (PRAC-3). */
final readonly class Answers
{
    private const LONGEST_SPOT = 20;

    public function __construct(private Request $request)
    {
    }

    /** Sent twice, it is counted once. */
    public function keep(string $topic, string $spot, int $seed, string $typed, ReadingVerdict $verdict, ?int $milliseconds = null): void
    {
        PracticeAnswer::query()->firstOrCreate(
            ['ulid' => RequestId::of($this->request)],
            [
                'user_id' => $this->person()->id,
                'topic' => $topic,
                'spot' => mb_substr($spot, 0, self::LONGEST_SPOT),
                'seed' => $seed,
                'typed' => $typed,
                'verdict' => $verdict->value,
                'milliseconds' => $milliseconds,
                'created_at' => now(),
            ],
        );
    }

    /** The answer that an address asks for, where it is one’s own; null: a new exercise. */
    public function asked(string $topic): ?PracticeAnswer
    {
        return PracticeAnswer::query()
            ->where('ulid', strtoupper(mb_substr($this->request->string('answered')->toString(), 0, 26)))
            ->where('user_id', $this->person()->id)
            ->where('topic', $topic)
            ->first();
    }

    /** The same again where something was typed that could not be read; a seed in the address is shown to everybody alike. */
    public function seed(): int
    {
        $asked = $this->request->old('seed', $this->request->string('seed')->toString());

        return is_string($asked) && preg_match('/^\d{1,9}$/', $asked) === 1 ? (int) $asked : random_int(0, 999_999_999);
    }

    public function person(): User
    {
        /** @var User $person */
        $person = $this->request->user();

        return $person;
    }
}
