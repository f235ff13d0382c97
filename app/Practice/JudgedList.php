<?php

declare(strict_types=1);

namespace App\Practice;

use App\Storage\PracticeBlock;
use App\Storage\PracticeEngine;
use App\Storage\SpecBook;
use App\Storage\User;
use App\Words\Line;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Simulation\SimulatedBlock;

/** The blocks and engines that somebody has judged, or is at; and how everybody did. */
final readonly class JudgedList
{
    private const SHOWN = 12;

    public function __construct(private SpecBook $specs)
    {
    }

    /** @return array<string, string> Names by family: those that ship, since what is learned is not one engine */
    public function families(): array
    {
        $families = [];
        foreach ($this->specs->shippedFamilies() as $family) {
            $sheet = $this->specs->sheet($family);
            if (SimulatedBlock::isPossible($sheet)) {
                $families[$family] = $sheet->name;
            }
        }

        return $families;
    }

    /** @return list<array{address: string, name: string, difficulty: string, at: string, points: string}> Newest first */
    public function blocks(User $person): array
    {
        $rows = PracticeBlock::query()->where('user_id', $person->id)->latest('id')->limit(self::SHOWN)->get();

        return array_values($rows->map(fn (PracticeBlock $row): array => $this->line($row, '/practice/blocks'))->all());
    }

    /** @return list<array{address: string, name: string, difficulty: string, at: string, points: string}> Newest first */
    public function engines(User $person): array
    {
        $rows = PracticeEngine::query()->where('user_id', $person->id)->latest('id')->limit(self::SHOWN)->get();

        return array_values($rows->map(fn (PracticeEngine $row): array => $this->line($row, '/practice/engines'))->all());
    }

    /**
     * @param  'practice_blocks'|'practice_engines'  $table
     * @return list<\stdClass> Name, how many were judged, how many points on average
     */
    public static function ofEverybody(string $table): array
    {
        return array_values(
            DB::select(
                "SELECT users.name, COUNT(*) AS judged, ROUND(AVG(points)) AS points FROM {$table} ".
                    'JOIN users ON users.id = user_id WHERE points IS NOT NULL GROUP BY users.id, users.name ORDER BY users.name LIMIT 200',
            ),
        );
    }

    /** @return array{address: string, name: string, difficulty: string, at: string, points: string} */
    private function line(PracticeBlock|PracticeEngine $row, string $address): array
    {
        return [
            'address' => "{$address}/{$row->ulid}",
            'name' => $this->specs->has($row->family) ? $this->specs->name($row->family, $row->family_revision) : $row->family,
            'difficulty' => Line::ofCode('practice.difficulty', $row->difficulty),
            'at' => $row->created_at->format('j M G:i'),
            'points' =>
                $row->points === null
                    ? Line::of('practice.block.unfinished')
                    : Line::of('practice.block.points', ['points' => $row->points]),
        ];
    }
}
