<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** QTY-1 to QTY-3: what is typed, in every unit and setup, with spaces where they may stand. */
final class NotationOracle implements Oracle
{
    /** Nanometres of the units that can be written, and of those that a gauge reads in. */
    private const UNITS = [
        'in' => 25_400_000, '"' => 25_400_000, 'mm' => 1_000_000, 'um' => 1_000, 'µm' => 1_000, 'μm' => 1_000, 'thou' => 25_400,
        'tenth' => 2_540, 'tenths' => 2_540, '0.01mm' => 10_000,
    ];

    public function case(Chance $chance): array
    {
        $given = [
            'text' => $chance->of([self::fraction(...), self::step(...), self::number(...), self::number(...)])($chance),
            'unit' => $chance->of(['in', 'mm']),
            'setup' => $chance->of(['absolute', 'comparative']),
            'reading_unit' => $chance->of(['thou', 'tenths', '0.01mm', 'um']),
        ];
        $read = self::read(strtr(mb_strtolower(trim($given['text'])), ['−' => '-']), $given);

        return ['given' => $given, 'expect' => is_string($read) ? ['error' => $read] : $read];
    }

    private static function space(Chance $chance): string
    {
        return $chance->of(['', '', '', ' ', '  ']);
    }

    private static function fraction(Chance $chance): string
    {
        $space = static fn (): string => self::space($chance);

        return $chance->of(['', '', '+', '-', '−']).$space().$chance->of(['', $chance->int(0, 5).$chance->of([' ', '-', '  ', ' - ', ''])]).
            $chance->int(0, 9).$space().'/'.$space().$chance->of([2, 4, 8, 16, 32, 64, 3, 128]).$space().
            $chance->of(['', '"', 'in', 'IN', 'mm']);
    }

    private static function step(Chance $chance): string
    {
        return $chance->of(['', '', '+', '-']).$chance->of(['30', '10', '0', '020', '1.5']).self::space($chance).
            $chance->of(['over', 'under', 'OVER', 'overs']);
    }

    private static function number(Chance $chance): string
    {
        $decimals = (string) $chance->int(0, 99_999);

        return $chance->of(['', '', '+', '-', '−']).self::space($chance).
            $chance->of([
                (string) $chance->int(0, 120), $chance->int(0, 4).".{$decimals}", ".{$decimals}", "0.{$decimals}", "0,{$decimals}",
                $chance->int(0, 120).",{$decimals}", '00.015', '1e3', '1,000.5', '1 000', '--2', '.', '',
            ]).
            self::space($chance).$chance->of(['', '', '', 'in', '"', 'mm', 'um', 'µm', 'μm', 'thou', 'tenths', 'TENTH', 'cm']);
    }

    /**
     * @param  array<string, string>  $given
     * @return string|array{value_nm: int, means: string}
     */
    private static function read(string $text, array $given): string|array
    {
        ['unit' => $unit, 'setup' => $setup] = $given;
        $isInch = $unit === 'in';
        if ($text === '') {
            return 'empty';
        }
        if (preg_match('/^(\d+)\s*(over|under)$/D', $text, $found) === 1) {
            $value = (int) $found[1] * ($isInch ? 25_400 : 10_000);

            return ['value_nm' => $found[2] === 'over' ? $value : -$value, 'means' => 'step'];
        }
        if (preg_match('/^([+-]?)\s*(?:(\d+)(?:\s*-\s*|\s+))?(\d+)\s*\/\s*(\d+)\s*("|in)?$/D', $text, $found) === 1) {
            [$over, $under] = [(int) $found[3], (int) $found[4]];

            return match (true) {
                ! in_array($under, [2, 4, 8, 16, 32, 64], true) || $over < 1 || $over >= $under => 'unreadable',
                ! isset($found[5]) && ! ($isInch && $setup === 'absolute') => 'fraction_needs_inch',
                default => self::length($found[1], ((int) $found[2] * 64 + $over * intdiv(64, $under)) * intdiv(25_400_000, 64), 1),
            };
        }
        if (preg_match('/^([+-]?)\s*(?=[\d.,])(\d*)(?:([.,])(\d+))?\s*(in|"|mm|um|µm|μm|thou|tenths?)?$/Du', $text, $found) !== 1) {
            return 'unreadable';
        }
        [, $sign, $whole, $mark, $decimals] = $found + ['', '', '', '', ''];
        if (($mark === ',' && $isInch) || $whole.$decimals === '') {
            return 'unreadable';
        }
        $isFine = strlen($decimals) >= 3 && in_array($whole, ['', '0'], true);
        $in = $found[5] ?? ($setup === 'absolute' || $isFine ? $unit : $given['reading_unit']);

        return self::length($sign, (int) ($whole.$decimals) * self::UNITS[$in], 10 ** strlen($decimals));
    }

    /** @return string|array{value_nm: int, means: string} */
    private static function length(string $sign, int $nanometres, int $parts): string|array
    {
        return $nanometres % $parts !== 0
            ? 'too_fine'
            : ['value_nm' => intdiv($sign === '-' ? -$nanometres : $nanometres, $parts), 'means' => 'length'];
    }
}
