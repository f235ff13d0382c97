<?php

declare(strict_types=1);

namespace App\Parts;

use App\Record\JobFile;
use App\Record\MissingPart;
use App\Storage\EntryKind;
use App\Storage\ShelfBook;
use NorthLedger\Core\Planning\Choices\PartsToOrder;
use NorthLedger\Core\Planning\EnginePlan;
use NorthLedger\Core\Planning\PartToOrder;

/** The parts that a job's plan needs: of the agreed one, else of the recommended. */
final readonly class PartList
{
    /** @param  list<PartLine>  $lines */
    private function __construct(public array $lines, public bool $isAgreed)
    {
    }

    public static function of(JobFile $file): self
    {
        $said = $file->record->observations()->newest(EntryKind::PartOrder);

        return new self(
            [
                ...array_map(
                    static fn (PartToOrder $part): PartLine => PartLine::of($file, $part, $said[$part->key()] ?? null),
                    self::needed($file, self::plan($file)),
                ),
                ...array_map(
                    static fn (MissingPart $part): PartLine => PartLine::missing($part, $said[$part->key()] ?? null),
                    MissingPart::all($file),
                ),
            ],
            $file->work()->choice() !== null,
        );
    }

    /** @return list<PartToOrder> */
    public static function needed(JobFile $file, ?EnginePlan $plan): array
    {
        return $plan === null
            ? []
            : PartsToOrder::of($file->plan()->choices(), $plan, $file->policy->prices, $file->sheet->family, ShelfBook::of($file->job));
    }

    public static function plan(JobFile $file): ?EnginePlan
    {
        $choice = $file->work()->choice();

        return $choice === null
            ? $file->plan()->recommended()
            : $file->plan()->with(['bores' => $choice->option_key] + ($choice->parts ?? []));
    }

    public function line(string $key): ?PartLine
    {
        foreach ($this->lines as $line) {
            if ($line->key === $key) {
                return $line;
            }
        }

        return null;
    }

    /** @return list<list<string|int>> The head first */
    public function rows(string $tag): array
    {
        return [
            ['job', 'part', 'size', 'count', 'each', 'state', 'supplier'],
            ...array_map(
                static fn (PartLine $line): array => [
                    $tag,
                    $line->name,
                    $line->size,
                    $line->count,
                    $line->each,
                    $line->state->value,
                    $line->supplier,
                ],
                $this->lines,
            ),
        ];
    }
}
