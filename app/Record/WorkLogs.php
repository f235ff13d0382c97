<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\JobObservations;
use App\Storage\Said;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Planning\SleeveFit;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Logs\BoreLook;
use NorthLedger\Core\Work\Logs\ClockState;
use NorthLedger\Core\Work\Logs\HoneLog;
use NorthLedger\Core\Work\Logs\HoneTool;
use NorthLedger\Core\Work\Logs\LoggedStint;
use NorthLedger\Core\Work\Logs\LogKind;
use NorthLedger\Core\Work\Logs\SixSizes;
use NorthLedger\Core\Work\Logs\SleeveCard;
use NorthLedger\Core\Work\Logs\StrokeGap;
use NorthLedger\Core\Work\Logs\WorkClock;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\WorkField;

/** Folds what was logged at the machines into the core's logs (WORK-2). */
final class WorkLogs
{
    /** @var ?array<string, WorkClock> */
    private ?array $clocks = null;

    /** @param  ?self  $before  Of the same job before the newest was said of it; null where nobody asked then */
    public function __construct(private readonly JobObservations $observations, private readonly ?self $before = null)
    {
    }

    public function honing(): HoneLog
    {
        $stints = [];
        foreach ($this->observations->all(EntryKind::WorkLog) as $row) {
            if ($row->text('log') === LogKind::Stint->value) {
                $stints[] = self::stint($row);
            }
        }

        return new HoneLog($stints);
    }

    /** @return list<Said> Of one operation and kind, oldest first */
    public function rows(string $operation, LogKind ...$kinds): array
    {
        $codes = array_column($kinds, 'value');

        return array_values(
            array_filter(
                $this->observations->about(EntryKind::WorkLog, $operation),
                static fn (Said $row): bool => in_array($row->text('log'), $codes, true),
            ),
        );
    }

    /** @return list<WorkField> Of which the newest that was logged of an operation is not as it has to be */
    public function outside(Operation $operation, SpecificationSheet $sheet): array
    {
        $rows = $this->rows($operation->key(), LogKind::Values);
        $values = $rows === [] ? [] : $rows[count($rows) - 1]->map('values');

        return array_values(
            array_filter(WorkField::of($operation->kind), static function (WorkField $field) use ($values, $operation, $sheet): bool {
                $value = $values[$field->value] ?? null;

                return is_int($value) && $field->isOut($value, $operation, $sheet);
            }),
        );
    }

    /** @return array<string, WorkClock> By kind of operation */
    public function clocks(): array
    {
        return $this->clocks ??= $this->folded();
    }

    /** @return array<string, WorkClock> What was folded before is folded on: rows are only ever added */
    private function folded(): array
    {
        $clocks = $this->before->clocks ?? [];
        $known = isset($this->before->clocks) ? count($this->before->observations->all(EntryKind::WorkTime)) : 0;
        $events = [];
        foreach (array_slice($this->observations->all(EntryKind::WorkTime), $known) as $row) {
            $events[$row->subject][] = [ClockState::from($row->text('state')), $row->at()];
        }
        foreach ($events as $kind => $said) {
            $clocks[$kind] = WorkClock::of($said, $clocks[$kind] ?? null);
        }

        return $clocks;
    }

    /** @return list<Length> */
    public function passes(string $operation): array
    {
        return array_map(
            static fn (Said $row): Length => Length::ofNanometres($row->whole('depth_nm') ?? 0),
            $this->rows($operation, LogKind::Pass),
        );
    }

    /** @return list<StrokeGap> The newest at each place */
    public function strokeGaps(string $operation): array
    {
        $gaps = [];
        foreach ($this->rows($operation, LogKind::StrokeGap) as $row) {
            $wall = $row->whole('wall_nm');
            $gaps[mb_strtolower($row->text('place'))] = StrokeGap::of(
                $row->text('place'),
                Length::ofNanometres($row->whole('gap_nm') ?? 0),
                Length::ofNanometres($row->whole('wanted_nm') ?? 0),
                $wall === null ? null : Length::ofNanometres($wall),
            );
        }

        return array_values($gaps);
    }

    /** Null while the sleeve was not measured; what came before the newest sleeve was of another one. */
    public function sleeve(string $operation, SpecificationSheet $sheet, ShopPolicy $policy): ?SleeveCard
    {
        $measured = $this->newest($operation, LogKind::SleeveMeasured, 0);
        if ($measured === null) {
            return null;
        }
        $parent = $this->newest($operation, LogKind::ParentRead, $measured->id);
        $fitted = $this->newest($operation, LogKind::SleeveFitted, $measured->id);
        $length = $measured->whole('length_nm');
        [$least, $most] = [$measured->whole('least_nm'), $measured->whole('most_nm')];

        return new SleeveCard(
            SleeveFit::of(
                self::lengths($measured, 'outside_nm'),
                $least === null ? null : Length::ofNanometres($least),
                $most === null ? null : Length::ofNanometres($most),
                null,
                $sheet->bore->nominal,
            ),
            $policy->boreAllowances($sheet->unit)->sleeveFinishStock,
            SleeveBook::depthOfCut($sheet, $policy),
            $length === null ? null : Length::ofNanometres($length),
            $measured->whole('pieces') ?? 1,
            $parent === null ? [] : self::lengths($parent, 'sizes_nm'),
            $fitted?->at(),
        );
    }

    private function newest(string $operation, LogKind $kind, int $after): ?Said
    {
        $rows = array_filter($this->rows($operation, $kind), static fn (Said $row): bool => $row->id > $after);

        return $rows === [] ? null : $rows[array_key_last($rows)];
    }

    private static function stint(Said $row): LoggedStint
    {
        $length = static function (string $key) use ($row): ?Length {
            $nanometres = $row->whole($key);

            return $nanometres === null ? null : Length::ofNanometres($nanometres);
        };

        return new LoggedStint(
            $row->subject,
            $row->text('set'),
            HoneTool::from($row->text('tool')),
            $row->number('seconds') ?? 0.0,
            self::sizes($row, 'before_nm'),
            self::sizes($row, 'after_nm'),
            $row->number('rpm'),
            $row->number('cycles'),
            $length('stroke_nm'),
            BoreLook::from($row->text('look')),
            $row->flag('finished'),
            $row->flag('warm'),
            $length('stones_nm'),
            $length('room_nm'),
        );
    }

    private static function sizes(Said $row, string $key): ?SixSizes
    {
        $sizes = self::lengths($row, $key);

        return $sizes === [] ? null : SixSizes::of($sizes);
    }

    /** @return list<Length> */
    private static function lengths(Said $row, string $key): array
    {
        return array_map(static fn (mixed $size): Length => Length::ofNanometres(is_int($size) ? $size : 0), $row->list($key));
    }
}
