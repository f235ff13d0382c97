<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Record\JobFile;
use App\Storage\Said;
use App\Storage\User;
use App\Words\Line;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\RoughnessNotation;
use NorthLedger\Core\Work\Logs\LogKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\WorkField;

/** What is written down at a grinder, a polisher, a seat machine, a surfacer, and whether it is as it has to be. */
final readonly class ValuesCard extends Card
{
    /**
     * @param  list<array{code: string, label: string, wanted: string}>  $fields
     * @param  list<array{at: string, who: string, values: array<string, array{text: string, isHeld: bool, isOut: bool}>}>  $lines  Newest
     *     first
     * @param  string  $says  What the newest comes to
     */
    private function __construct(public array $fields, public array $lines, public string $says, public bool $isOut)
    {
    }

    public function view(): string
    {
        return 'work.cards.values';
    }

    public static function made(JobFile $file, Operation $operation): self
    {
        $fields = WorkField::of($operation->kind);
        $rows = $file->record->workLogs()->rows($operation->key(), LogKind::Values);
        $names = User::query()->whereIn('id', array_map(static fn (Said $row): int => $row->userId, $rows))->pluck('name', 'id');
        $lines = array_map(
            static fn (Said $row): array => [
                'at' => $row->at()->format('j M H:i'),
                'who' => (string) ($names[$row->userId] ?? ''),
                'values' => self::values($file, $operation, $row),
            ],
            array_reverse($rows),
        );
        $isHeld = in_array(true, array_column($lines[0]['values'] ?? [], 'isHeld'), true);
        $out = array_keys(array_filter($lines[0]['values'] ?? [], static fn (array $value): bool => $value['isOut']));

        return new self(
            array_map(
                static fn (WorkField $field): array => [
                    'code' => $field->value,
                    'label' => self::label($file, $field, $operation),
                    'wanted' => self::wanted($file, $field, $operation),
                ],
                $fields,
            ),
            $lines,
            match (true) {
                $lines === [] => Line::of('work.values.none'),
                $out !== [] => Line::of('work.values.out', [
                    'fields' => implode(
                        ', ',
                        array_map(static fn (string $code): string => self::label($file, WorkField::from($code), $operation), $out),
                    ),
                ]),
                default => Line::of($isHeld ? 'work.values.kept' : 'work.values.logged'),
            },
            $out !== [],
        );
    }

    /** @return array<string, array{text: string, isHeld: bool, isOut: bool}> By field */
    private static function values(JobFile $file, Operation $operation, Said $row): array
    {
        $values = [];
        foreach (WorkField::of($operation->kind) as $field) {
            $value = $row->map('values')[$field->value] ?? null;
            if (is_int($value)) {
                $values[$field->value] = [
                    'text' => self::text($file, $field, $value),
                    'isHeld' => $field->wanted($operation, $file->sheet) !== null,
                    'isOut' => $field->isOut($value, $operation, $file->sheet),
                ];
            }
        }

        return $values;
    }

    /** “radius of the wheel”, “size at 90°” */
    public static function label(JobFile $file, WorkField $field, Operation $operation): string
    {
        $spot = $field->spot($operation, $file->sheet);
        [$at, $edge] = [...array_reverse(explode('.', $spot)), ''];

        return match (true) {
            $spot === '' => Line::ofCode('work.field', $field),
            $edge === '' => Line::of('work.field_at.place', ['degrees' => $at]),
            default => Line::of("work.field_at.{$edge}", ['degrees' => $at]),
        };
    }

    private static function wanted(JobFile $file, WorkField $field, Operation $operation): string
    {
        $wanted = $field->wanted($operation, $file->sheet);

        return $wanted === null
            ? ''
            : Line::of('work.range', ['least' => self::text($file, $field, $wanted[0]), 'most' => self::text($file, $field, $wanted[1])]);
    }

    private static function text(JobFile $file, WorkField $field, int $nanometres): string
    {
        $unit = $file->display->unit();

        return $field->measurand() === Measurand::Roughness
            ? RoughnessNotation::text($nanometres, $unit).' '.RoughnessNotation::unit($unit)
            : $file->display->size(Length::ofNanometres($nanometres));
    }
}
