<?php

declare(strict_types=1);

namespace App\Stages\Clean;

use App\Pages\SheetCell;
use App\Pages\SheetCells;
use App\Pages\SheetRow;
use App\Pages\Stamp;
use App\Record\JobFile;
use App\Sheet\BoreSheetView;
use App\Storage\SheetName;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Precheck\AnswerKind;
use NorthLedger\Core\Features\Precheck\CheckItem;
use NorthLedger\Core\Features\Precheck\ItemState;
use NorthLedger\Core\Features\Precheck\WashMethod;

/** The pre-check as finished strings: its lines with the reason beside each, and the strip of bores. */
final readonly class CleanView
{
    /**
     * @param  array<string, list<CleanLine>>  $groups  By title
     * @param  list<int>  $cylinders
     * @param  list<SheetRow>  $strip
     * @param  list<string>  $defects
     * @param  list<string>  $findings
     */
    private function __construct(
        public Stamp $stamp,
        public array $groups,
        public array $cylinders,
        public array $strip,
        public array $defects,
        public array $findings,
        public string $open,
    ) {
    }

    public static function of(JobFile $file): self
    {
        $report = $file->record->precheck();
        $groups = [];
        foreach ($report->checklist->items as $item) {
            $groups[$item->group][] = self::line($file, $item);
        }
        $open = count($report->open());
        $defects = $report->defects();
        $findings = $report->findings();

        return new self(
            match (true) {
                array_filter($defects, static fn ($defect): bool => $defect->isScrap()) !== [] => new Stamp(
                    'The case is scrap',
                    'by what the pre-check found',
                    'scrap',
                ),
                $open > 0 => new Stamp(
                    $open === count($report->checklist->items) ? 'Not checked' : 'Not all checked',
                    $open === 1 ? 'one line is open' : "{$open} lines are open",
                    'missing',
                ),
                $findings !== [] => new Stamp('Checked', count($findings) === 1 ? 'one finding' : count($findings).' findings', 'close'),
                default => new Stamp('Clean and checked', 'nothing found', 'good'),
            },
            $groups,
            $file->sheet->layout->cylinders(),
            self::strip($file),
            array_column($defects, 'sentence'),
            array_map(
                static fn (CheckItem $item): string => $item->title.
                    (self::said($file, $item) === '' ? '' : ': '.self::said($file, $item)),
                $findings,
            ),
            $open === 0 ? '' : $report->open()[0]->title,
        );
    }

    private static function line(JobFile $file, CheckItem $item): CleanLine
    {
        $answer = $file->record->precheck()->answers[$item->key] ?? null;
        $state = $answer->state ?? ItemState::NotChecked;

        return new CleanLine(
            $item->key,
            str_replace('.', '-', $item->key),
            $item->title,
            $item->reason,
            $item->kind,
            $state,
            match ($state) {
                ItemState::Fine => '✓',
                ItemState::Finding => '▲',
                ItemState::NotChecked => '○',
            },
            self::said($file, $item),
            $answer->place ?? '',
            $answer->remark ?? '',
            $item->kind !== AnswerKind::Wash
                ? []
                : array_map(
                    static fn (WashMethod $wash): array => [
                        'word' => $wash->value,
                        'short' => $wash->shortName(),
                        'refusal' => $wash->refusalFor($file->sheet->materialOf($item->part)) ?? '',
                        'isChosen' => $answer?->wash === $wash,
                    ],
                    WashMethod::cases(),
                ),
            $answer?->wash?->caution() ?? '',
            (string) ($answer->stripped ?? ''),
            (string) ($answer->inserts ?? ''),
        );
    }

    /** What was answered, in words. */
    private static function said(JobFile $file, CheckItem $item): string
    {
        $answer = $file->record->precheck()->answers[$item->key] ?? null;
        if ($answer === null) {
            return '';
        }
        $size =
            $answer->measured === null
                ? ''
                : ($answer->measured->isZero()
                    ? ($item->kind === AnswerKind::Gap
                        ? 'no feeler enters'
                        : 'standard')
                    : $file->display->sizeWithUnit($answer->measured));

        return implode(
            '; ',
            array_filter(
                [
                    $answer->wash?->value,
                    $answer->stripped === null ? '' : ($answer->stripped === 0 ? 'none stripped' : "{$answer->stripped} stripped: insert"),
                    $answer->inserts === null || $answer->inserts === 0 ? '' : "{$answer->inserts} with an insert",
                    $size,
                    $answer->place,
                    $answer->remark,
                ],
                static fn (?string $part): bool => $part !== null && $part !== '',
            ),
        );
    }

    /** @return list<SheetRow> */
    private static function strip(JobFile $file): array
    {
        $entries = $file->record->entries(SheetName::bores());
        $cells = new SheetCells($file, $entries, $file->sheet->bore->nominal, BoreSheetView::incomingMarks($file->assessment()->bores));
        $row = static fn (string $label, callable $place): SheetRow => new SheetRow(
            'look',
            '',
            $label,
            array_map(static fn (int $cylinder): SheetCell => $cells->look($place($cylinder)), $file->sheet->layout->cylinders()),
        );

        return [
            $row('ridge, top', static fn (int $cylinder): Place => BorePlace::ridge($cylinder, Station::Top)),
            $row('ridge, bottom', static fn (int $cylinder): Place => BorePlace::ridge($cylinder, Station::Bottom)),
            $row('scoring', static fn (int $cylinder): Place => BorePlace::look(BoreFeature::Scoring, $cylinder)),
            $row('pitting', static fn (int $cylinder): Place => BorePlace::look(BoreFeature::Pitting, $cylinder)),
        ];
    }
}
