<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Record\JobFile;
use App\Words\Line;
use NorthLedger\Core\Work\Logs\StrokeGap;
use NorthLedger\Core\Work\Operation;

/** The gaps of a longer stroke: where to grind, how much, and what wall is left. */
final readonly class StrokeCard extends Card
{
    /**
     * @param  string  $left  How many places are still to be ground
     * @param  list<array{place: string, gap: string, wanted: string, grind: string, wall: string, isOut: bool}>  $gaps
     * @param  string  $wanted  Taken over into the next entry
     */
    private function __construct(public string $left, public array $gaps, public string $wanted)
    {
    }

    public function view(): string
    {
        return 'work.cards.stroke';
    }

    public static function made(JobFile $file, Operation $operation): self
    {
        $gaps = $file->record->workLogs()->strokeGaps($operation->key());
        $open = count(array_filter($gaps, static fn (StrokeGap $gap): bool => $gap->grind()->isPositive()));
        $size = $file->display->size(...);

        return new self(
            $gaps === [] ? Line::of('work.stroke.none') : Line::counted('work.stroke.open', $open),
            array_map(
                static fn (StrokeGap $gap): array => [
                    'place' => $gap->place,
                    'gap' => $size($gap->gap),
                    'wanted' => $size($gap->wanted),
                    'grind' => $gap->grind()->isPositive() ? $size($gap->grind()) : Line::of('work.stroke.enough'),
                    'wall' => $gap->wallLeft() === null ? Line::of('work.stroke.wall_unread') : $size($gap->wallLeft()),
                    'isOut' => $gap->goesThrough(),
                ],
                $gaps,
            ),
            $gaps === [] ? '' : $size($gaps[count($gaps) - 1]->wanted),
        );
    }
}
