<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Record\JobFile;
use App\Storage\Said;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Logs\LogKind;
use NorthLedger\Core\Work\Operation;

/** The boring log of one bore: each cut with the size that it left (WORK-2). */
final readonly class BoreCard extends Card
{
    /**
     * @param  string  $goal  What the cutter is set to last; empty where that is not known yet
     * @param  list<array{number: int, size: string, remark: string}>  $cuts
     * @param  string  $left  To the goal, on diameter, from the last cut
     */
    private function __construct(public string $goal, public array $cuts, public string $left)
    {
    }

    public function view(): string
    {
        return 'work.cards.bore';
    }

    public static function made(JobFile $file, Operation $operation): self
    {
        $rows = $file->record->workLogs()->rows($operation->key(), LogKind::Cut);
        $last = $rows === [] ? null : $rows[count($rows) - 1]->whole('size_nm');
        $aim = $operation->target?->aim;

        return new self(
            $aim === null ? '' : $file->display->sizeWithUnit($aim),
            array_map(
                static fn (Said $row, int $index): array => [
                    'number' => $index + 1,
                    'size' => $file->display->size(Length::ofNanometres($row->whole('size_nm') ?? 0)),
                    'remark' => $row->text('remark'),
                ],
                $rows,
                array_keys($rows),
            ),
            $aim === null || $last === null ? '' : $file->display->deviation($aim->minus(Length::ofNanometres($last))),
        );
    }
}
