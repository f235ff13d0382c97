<?php

declare(strict_types=1);

namespace App\SpecBook;

use NorthLedger\Core\Engine\Identification\KnownSize;
use NorthLedger\Core\Engine\Identification\MeasuredSize;
use NorthLedger\Core\Quantity\LengthUnit;

/** What was typed into the lookup. */
final readonly class LookupForm
{
    private const LONGEST = 40;

    /** @param  list<LookupField>  $fields */
    private function __construct(public LengthUnit $unit, public array $fields, public string $casting)
    {
    }

    /** @param  array<mixed>  $query  Of the address: anything may stand there */
    public static function of(array $query): self
    {
        $text = static fn (mixed $value): string => is_string($value) ? mb_substr(trim($value), 0, self::LONGEST) : '';
        $unit = LengthUnit::tryFrom($text($query['unit'] ?? null)) ?? LengthUnit::Inch;
        [$sizes, $gauges] = [(array) ($query['size'] ?? []), (array) ($query['gauge'] ?? [])];

        return new self(
            $unit,
            array_map(
                static fn (KnownSize $of): LookupField => LookupField::of(
                    $of,
                    $text($sizes[$of->value] ?? null),
                    $text($gauges[$of->value] ?? null),
                    $unit,
                ),
                KnownSize::cases(),
            ),
            $text($query['casting'] ?? null),
        );
    }

    /** @return list<MeasuredSize> */
    public function measured(): array
    {
        return array_values(array_filter(array_map(static fn (LookupField $field): ?MeasuredSize => $field->measured, $this->fields)));
    }

    public function isEmpty(): bool
    {
        return $this->casting === '' && array_filter($this->fields, static fn (LookupField $field): bool => $field->text !== '') === [];
    }
}
