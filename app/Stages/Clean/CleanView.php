<?php

declare(strict_types=1);

namespace App\Stages\Clean;

use App\Pages\Marks;
use App\Pages\SheetCell;
use App\Pages\SheetCells;
use App\Pages\SheetRow;
use App\Pages\Stamp;
use App\Record\JobFile;
use App\Sheet\BoreMarks;
use App\Storage\SheetName;
use App\Words\Line;
use App\Words\Messages;
use App\Words\WashWords;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Precheck\AnswerKind;
use NorthLedger\Core\Features\Precheck\CheckItem;
use NorthLedger\Core\Features\Precheck\ItemState;
use NorthLedger\Core\Features\Precheck\WashMethod;
use NorthLedger\Core\Finding\PartDefect;

/** The pre-check as finished strings: its lines with the reason beside each, and the strip of bores. */
final readonly class CleanView
{
    /**
     * @param  array<string, list<CleanLine>>  $groups  By title
     * @param  list<int>  $cylinders
     * @param  list<SheetRow>  $strip
     * @param  list<array{sentence: string, rule: string, look: string}>  $defects
     * @param  list<string>  $findings  That are no defect by themselves
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
            $groups[Line::ofCode('precheck.group', $item->group)][] = self::line($file, $item);
        }
        $open = count($report->open());
        $defects = $report->defects();
        $findings = $report->findings();

        return new self(
            match (true) {
                array_filter($defects, static fn (PartDefect $defect): bool => $defect->isScrap()) !== [] => new Stamp(
                    Line::of('precheck.stamp.scrap'),
                    Line::of('precheck.stamp.scrap_by'),
                    'scrap',
                ),
                $open > 0 => new Stamp(
                    Line::of($open === count($report->checklist->items) ? 'precheck.stamp.not_checked' : 'precheck.stamp.some_checked'),
                    Line::counted('precheck.stamp.open', $open),
                    'missing',
                ),
                $findings !== [] => new Stamp(
                    Line::of('precheck.stamp.checked'),
                    Line::counted('precheck.stamp.findings', count($findings)),
                    'close',
                ),
                default => new Stamp(Line::of('precheck.stamp.clean'), Line::of('precheck.stamp.nothing_found'), 'good'),
            },
            $groups,
            $file->sheet->layout->cylinders(),
            self::strip($file),
            array_map(
                static fn (PartDefect $defect): array => [
                    'sentence' => Messages::defect($defect),
                    'rule' => $defect->rule,
                    'look' => $defect->isScrap() ? 'out' : 'close',
                ],
                $defects,
            ),
            array_map(
                static fn (CheckItem $item): string => Messages::text($item->title).
                    (self::said($file, $item) === '' ? '' : ': '.self::said($file, $item)),
                $report->toldApart(),
            ),
            $open === 0 ? '' : Messages::text($report->open()[0]->title),
        );
    }

    private static function line(JobFile $file, CheckItem $item): CleanLine
    {
        $answer = $file->record->precheck()->answers[$item->key] ?? null;
        $state = $answer->state ?? ItemState::NotChecked;
        $metal = $file->sheet->materialOf($item->part);

        return new CleanLine(
            $item->key,
            str_replace('.', '-', $item->key),
            Messages::text($item->title),
            Messages::text($item->reason),
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
                        'short' => WashWords::short($wash),
                        'refusal' => WashWords::refusal($wash->refusalFor($metal), $metal),
                        'isChosen' => $answer?->wash === $wash,
                    ],
                    WashMethod::cases(),
                ),
            WashWords::caution($answer?->wash),
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
                        ? Line::of('precheck.said.no_feeler')
                        : Line::of('precheck.said.standard'))
                    : $file->display->sizeWithUnit($answer->measured));

        return implode(
            '; ',
            array_filter(
                [
                    WashWords::name($answer->wash),
                    match ($answer->stripped) {
                        null => '',
                        0 => Line::of('precheck.said.none_stripped'),
                        default => Line::of('precheck.said.stripped', ['count' => $answer->stripped]),
                    },
                    $answer->inserts === null || $answer->inserts === 0
                        ? ''
                        : Line::of('precheck.said.inserts', ['count' => $answer->inserts]),
                    $size,
                    $answer->place,
                    $answer->remark,
                ],
                static fn (string $part): bool => $part !== '',
            ),
        );
    }

    /** @return list<SheetRow> */
    private static function strip(JobFile $file): array
    {
        $entries = $file->record->entries(SheetName::bores());
        $marks = BoreMarks::incoming($file->assessment()->bores);
        $cells = new SheetCells($file, $entries, $file->sheet->bore->nominal, $marks, app(Marks::class)->areShown);
        $row = static fn (string $row, callable $place): SheetRow => new SheetRow(
            'look',
            '',
            Line::of("precheck.strip.{$row}"),
            array_map(static fn (int $cylinder): SheetCell => $cells->look($place($cylinder)), $file->sheet->layout->cylinders()),
        );

        return [
            $row('ridge_top', static fn (int $cylinder): Place => BorePlace::ridge($cylinder, Station::Top)),
            $row('ridge_bottom', static fn (int $cylinder): Place => BorePlace::ridge($cylinder, Station::Bottom)),
            $row('scoring', static fn (int $cylinder): Place => BorePlace::look(BoreFeature::Scoring, $cylinder)),
            $row('pitting', static fn (int $cylinder): Place => BorePlace::look(BoreFeature::Pitting, $cylinder)),
        ];
    }
}
