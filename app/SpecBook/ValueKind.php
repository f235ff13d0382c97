<?php

declare(strict_types=1);

namespace App\SpecBook;

use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Quantity\QuantityException;
use NorthLedger\Core\Quantity\RoughnessNotation;
use NorthLedger\Core\Quantity\VolumeNotation;

/** What kind of value stands at a place of a sheet's document, and how it is written in a shop: never in micrograms or nanometres. */
enum ValueKind: string
{
    case Plain = 'plain';
    case Mass = 'mass';
    case Finish = 'finish';
    case Volume = 'volume';
    case Pressure = 'pressure';
    case Steps = 'steps';

    /** That there are no steps is something else than that nobody knows which. */
    private const NONE = 'none';

    private const STEP_KEYS = ['oversizes', 'undersizes', 'line_bore_steps'];

    /** @param  string  $key  Of the document, like “mass_ug” */
    public static function of(string $key): self
    {
        return match (true) {
            str_ends_with($key, '_ug') => self::Mass,
            str_ends_with($key, '_nm') => self::Finish,
            str_ends_with($key, '_mm3') => self::Volume,
            $key === 'kilopascals' => self::Pressure,
            in_array($key, self::STEP_KEYS, true) => self::Steps,
            default => self::Plain,
        };
    }

    /** Exactly what stands there. */
    public function shown(mixed $value, LengthUnit $unit): string
    {
        return match (true) {
            $this === self::Steps && $value === [] => self::NONE,
            $this === self::Steps && is_array($value) => implode(
                ' ',
                array_map(static fn (mixed $one): string => self::step($one, $unit), $value),
            ),
            is_array($value) => implode(' ', array_map(fn (mixed $one): string => $this->shown($one, $unit), $value)),
            is_bool($value) => $value ? 'yes' : 'no',
            ! is_int($value) && ! is_float($value) => is_string($value) ? $value : '',
            $this === self::Mass => self::decimal($value, 1_000_000).' g',
            $this === self::Volume => self::decimal($value, 1_000).' cc',
            $this === self::Pressure => self::decimal($value, 1).' kPa',
            $this === self::Finish && $unit === LengthUnit::Inch && is_int($value) && ($value * 10) % 254 === 0 => intdiv(
                $value * 10,
                254,
            ).' µin',
            $this === self::Finish => self::decimal($value, 1_000).' µm',
            default => (string) $value,
        };
    }

    /**
     * What was typed, as it stands in a document; null where nothing was.
     *
     * @param  mixed  $before  What stood there: a number stays one, a list stays one
     *
     * @throws NotThisKind If it reads as nothing of this kind
     */
    public function read(string $text, mixed $before, LengthUnit $unit): mixed
    {
        $text = trim($text);
        if ($text === '') {
            return null;
        }
        if ($this === self::Steps && mb_strtolower($text) === self::NONE) {
            return [];
        }
        if ($this === self::Steps || is_array($before)) {
            return $this->list($text, is_array($before) ? $before[0] ?? '' : '', $unit);
        }
        try {
            return match ($this) {
                self::Mass => self::micrograms($text),
                self::Finish => RoughnessNotation::read($text, $unit)->nanometres,
                self::Volume => (int) round(VolumeNotation::read($text)->cubicMillimetres),
                self::Pressure => self::kilopascals($text),
                default => self::plain($text, $before),
            };
        } catch (QuantityException) {
            throw new NotThisKind($this);
        }
    }

    /** @return list<mixed> */
    private function list(string $text, mixed $before, LengthUnit $unit): array
    {
        $items = preg_split('/[\s,;]+/', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_map(
            fn (string $item): mixed => $this === self::Steps ? self::stepOf($item, $unit) : self::plain($item, $before),
            $items,
        );
    }

    /** “20” for “.020” of an inch, “25” for “0.250” mm: as steps are said. */
    private static function step(mixed $step, LengthUnit $unit): string
    {
        $text = is_string($step) ? $step : '';
        $said = (string) (int) round((float) $text * ($unit === LengthUnit::Inch ? 1_000 : 100));

        return self::stepOf($said, $unit) === $text ? $said : $text;
    }

    private static function stepOf(string $said, LengthUnit $unit): string
    {
        return match (true) {
            preg_match('/^\d{1,3}$/D', $said) !== 1 => $said,
            $unit === LengthUnit::Inch => '.'.str_pad($said, 3, '0', STR_PAD_LEFT),
            default => number_format((int) $said / 100, 3, '.', ''),
        };
    }

    private static function plain(string $text, mixed $before): mixed
    {
        return match (true) {
            is_bool($before) => match (mb_strtolower($text)) {
                'yes', 'true' => true,
                'no', 'false' => false,
                default => $text,
            },
            (is_int($before) || is_float($before)) && preg_match('/^-?\d{1,15}$/D', $text) === 1 => (int) $text,
            (is_int($before) || is_float($before)) && is_numeric($text) => (float) $text,
            default => $text,
        };
    }

    private static function micrograms(string $text): int
    {
        if (preg_match('/^(\d{1,3})(?:[.,](\d{1,5}))?\s*kg$/iD', $text, $match) === 1) {
            return (int) $match[1] * 1_000_000_000 + (int) str_pad($match[2] ?? '', 5, '0') * 10_000;
        }

        return MassNotation::read($text)->micrograms;
    }

    /** @throws NotThisKind If it is no pressure */
    private static function kilopascals(string $text): int
    {
        if (preg_match('/^(\d{1,5}(?:[.,]\d{1,2})?)\s*(kpa|bar|psi)?$/iD', $text, $match) !== 1) {
            throw new NotThisKind(self::Pressure);
        }
        $amount = (float) str_replace(',', '.', $match[1]);

        return (int) round(
            match (mb_strtolower($match[2] ?? '')) {
                'bar' => $amount * 100,
                'psi' => $amount * 6.894757,
                default => $amount,
            },
        );
    }

    /** Without empty decimals. */
    private static function decimal(int|float $value, int $divisor): string
    {
        $text = number_format($value / $divisor, 6, '.', '');

        return rtrim(rtrim($text, '0'), '.');
    }
}
