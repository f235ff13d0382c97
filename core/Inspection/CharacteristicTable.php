<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Message;

/** One table of a sheet. */
final readonly class CharacteristicTable
{
    /**
     * @param  list<string|Message>  $columns  Numbers and grid points as they stand, or what is read there
     * @param  list<CharacteristicRow>  $rows
     * @param  list<string>  $order  Place keys as they are walked; column by column where none are given
     * @param  list<string>  $subjects  Codes of what the findings of each column are about: `main.3`
     * @param  list<Criterion>  $derived  Criteria of those findings that stand below the readings
     */
    public function __construct(
        public Message $title,
        public array $columns,
        public array $rows,
        private array $order = [],
        public array $subjects = [],
        public array $derived = [],
    ) {
    }

    /**
     * The same with some places and no others.
     *
     * @param  array<string, bool>  $keys  Of the places: whether it is needed
     * @return ?self Null where none of them stands in it
     */
    public function narrowedTo(array $keys): ?self
    {
        $isKept = static fn (?Characteristic $one): bool => $one !== null && isset($keys[$one->place->key]);
        $columns = array_filter(
            array_keys($this->columns),
            fn (int $column): bool => array_filter(
                $this->rows,
                static fn (CharacteristicRow $row): bool => $isKept($row->cells[$column] ?? null),
            ) !== [],
        );
        $kept = array_flip($columns);
        $rows = [];
        $group = '';
        foreach ($this->rows as $row) {
            $group = $row->group === '' ? $group : $row->group;
            $cells = array_map(
                static fn (?Characteristic $one): ?Characteristic => $one !== null && $isKept($one)
                    ? $one->asNeeded($keys[$one->place->key])
                    : null,
                $row->cells,
            );
            if (array_filter($cells) !== []) {
                $rows[] = new CharacteristicRow($group, $row->label, array_values(array_intersect_key($cells, $kept)));
                $group = '';
            }
        }

        return $rows === []
            ? null
            : new self(
                $this->title,
                array_values(array_intersect_key($this->columns, $kept)),
                $rows,
                $this->order,
                array_values(array_intersect_key($this->subjects, $kept)),
                $this->derived,
            );
    }

    /** @return list<Characteristic> As the hand goes */
    public function walk(): array
    {
        $walk = [];
        foreach (array_keys($this->columns) as $column) {
            foreach ($this->rows as $row) {
                $cell = $row->cells[$column] ?? null;
                if ($cell !== null && ! $row->isExtra) {
                    $walk[$cell->place->key] = $cell;
                }
            }
        }

        return $this->order === []
            ? array_values($walk)
            : array_values(array_filter(array_map(static fn (string $key): ?Characteristic => $walk[$key] ?? null, $this->order)));
    }
}
