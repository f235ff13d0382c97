<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Finding\Subject;

/**
 * What is done about finished work that is out: rework, or a concession (VER-5, WORK-4).
 *
 * @property string $ulid
 * @property int $plan_choice_id
 * @property ?int $cylinder
 * @property ?string $subject
 * @property DispositionKind $kind
 * @property string $reason
 * @property int $last_reading_id
 */
final class Disposition extends Entry
{
    protected $table = 'dispositions';

    /** The code of what was decided about: “main.3”. */
    public function about(): string
    {
        return $this->subject ?? Subject::bore((int) $this->cylinder)->code;
    }

    /** The cylinder where it is about a bore; null elsewhere. */
    public function bore(): ?int
    {
        return $this->cylinder;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => DispositionKind::class, 'created_at' => 'datetime'];
    }
}
