<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\CellState;
use App\Record\JobFile;
use App\Record\SheetEntries;
use App\Storage\EntryKind;
use App\Storage\SheetName;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Quantity\Length;

/**
 * What each cylinder's column of the bore sheet, as it came, is made of, in a few letters: a page that shows a column under the same
 * letters shows it as it is. Rows of a sheet are only ever added, so the newest of a cylinder says what was read of it.
 */
final readonly class BoreColumns
{
    private function __construct(private JobFile $file, private SheetName $sheet, private SheetEntries $entries)
    {
    }

    /**
     * @param  Length  $base  What deviations are shown against
     * @param  array<string, CellState>  $marks  By place key
     * @param  array{bool, string}  $rows  Whether they say what was found, and which rows there are: that follows from every cylinder
     * @return array<int, string> By cylinder
     */
    public static function of(JobFile $file, SheetName $sheet, Length $base, array $marks, array $rows): array
    {
        return (new self($file, $sheet, $file->record->entries($sheet)))->marks($base, $marks, $rows);
    }

    /**
     * @param  array<string, CellState>  $marks
     * @param  array{bool, string}  $rows
     * @return array<int, string>
     */
    private function marks(Length $base, array $marks, array $rows): array
    {
        $shared = [$this->shared(), $base->nanometres, $rows];
        $newest = $this->newestRows();
        $marked = self::byCylinder(array_map(static fn (CellState $state): string => $state->value, $marks));
        $suspected = self::byCylinder(array_fill_keys(array_column($this->entries->suspects(), 'place'), true));
        $columns = [];
        foreach ($this->file->assessment()->bores as $bore) {
            $cylinder = $bore->cylinder();
            $column = [$newest[$cylinder] ?? 0, $marked[$cylinder] ?? [], $suspected[$cylinder] ?? [], self::found($bore)];
            $columns[$cylinder] = hash('xxh64', json_encode([$shared, $column], JSON_THROW_ON_ERROR));
        }

        return $columns;
    }

    /** @return list<mixed> What every column rests on */
    private function shared(): array
    {
        $limits = $this->file->sheet->bore->service;

        return [
            config('app.build'),
            $this->sheet->value,
            $this->file->policy->revision,
            $this->file->job->family_revision,
            array_column($this->file->record->observations()->all(EntryKind::OwnValues), 'id'),
            $this->file->display->unit()->value,
            $this->entries->gauges->newest(),
            $limits->outOfRound?->nanometres,
            $limits->taper?->nanometres,
        ];
    }

    /** @return list<mixed> What was found of a bore, as far as its cells say it */
    private static function found(JudgedBore $bore): array
    {
        $said = static fn (Finding $finding): string => $finding->outcome->value.
            ($finding->isCloseCall ? '~' : '').
            ($finding->limits?->areKnown() === false ? '?' : '');

        return [$bore->clearance?->nanometres, array_map($said, $bore->findings)];
    }

    /** @return array<int, int> By cylinder: the newest row about it, what was taken back as well */
    private function newestRows(): array
    {
        $newest = [];
        foreach (array_column($this->entries->rows, 'id', 'place') as $place => $id) {
            $cylinder = self::cylinder($place);
            $newest[$cylinder] = $id > ($newest[$cylinder] ?? 0) ? $id : $newest[$cylinder];
        }

        return $newest;
    }

    /**
     * @template T
     *
     * @param  array<string, T>  $values  By place key
     * @return array<int, array<string, T>>
     */
    private static function byCylinder(array $values): array
    {
        $split = [];
        foreach ($values as $key => $value) {
            $split[self::cylinder($key)][$key] = $value;
        }

        return $split;
    }

    private static function cylinder(string $placeKey): int
    {
        return (int) explode('.', $placeKey, 3)[1];
    }
}
