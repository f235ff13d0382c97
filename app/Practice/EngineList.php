<?php

declare(strict_types=1);

namespace App\Practice;

use App\Storage\PracticeEngine;
use App\Storage\SpecBook;
use App\Storage\User;
use App\Words\Line;
use Illuminate\Support\Facades\DB;

/** The whole engines that somebody has judged, or is at; and how everybody did. */
final readonly class EngineList
{
    private const SHOWN = 12;

    public function __construct(private SpecBook $specs)
    {
    }

    /** @return list<array{address: string, name: string, difficulty: string, at: string, points: string}> Newest first */
    public function of(User $person): array
    {
        $rows = PracticeEngine::query()->where('user_id', $person->id)->latest('id')->limit(self::SHOWN)->get();

        return array_values(
            $rows
                ->map(
                    fn (PracticeEngine $row): array => [
                        'address' => "/practice/engines/{$row->ulid}",
                        'name' => $this->specs->has($row->family) ? $this->specs->name($row->family, $row->family_revision) : $row->family,
                        'difficulty' => Line::ofCode('practice.difficulty', $row->difficulty),
                        'at' => $row->created_at->format('j M G:i'),
                        'points' =>
                            $row->points === null
                                ? Line::of('practice.block.unfinished')
                                : Line::of('practice.block.points', ['points' => $row->points]),
                    ],
                )
                ->all(),
        );
    }

    /** @return list<\stdClass> Name, how many engines were judged, how many points on average */
    public static function ofEverybody(): array
    {
        return array_values(
            DB::select(
                'SELECT users.name, COUNT(*) AS engines, ROUND(AVG(points)) AS points FROM practice_engines '.
                    'JOIN users ON users.id = user_id WHERE points IS NOT NULL GROUP BY users.id, users.name ORDER BY users.name LIMIT 200',
            ),
        );
    }
}
