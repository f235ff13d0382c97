<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\Closure;
use App\Words\Line;
use DateTimeImmutable;
use DateTimeInterface;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Scheduling\Units;
use NorthLedger\Core\Work\LeftWork;
use NorthLedger\Core\Work\Machine;
use NorthLedger\Core\Work\OperationKind;

/** Says what stands on the load: work, machines, days and times. */
final class LoadWords
{
    private const MINUTES_A_DAY = 1440;

    /** “bore 1 to 8”, “sleeve 2, 5”, “guides, 12 places” */
    public static function work(OperationKind $kind, ?LeftWork $left): string
    {
        $name = Line::ofCode('load.short', $kind);
        $places = array_values(array_filter($left->places ?? [], static fn (string $place): bool => $place !== ''));

        return match (true) {
            $places === [] => $name,
            array_filter($places, is_numeric(...)) !== $places => "{$name}, ".Line::of('load.count', ['count' => count($places)]),
            default => "{$name} ".self::numbers(array_map(intval(...), $places)),
        };
    }

    /** “boring mill”, “bench 2” */
    public static function unit(string $unit): string
    {
        $machine = Line::ofCode('work.machine', Machine::from(Units::machineOf($unit)));
        $number = substr($unit, strlen(Units::machineOf($unit)) + 1);

        return $number === '' ? $machine : Line::of('load.unit', ['machine' => $machine, 'number' => $number]);
    }

    /** “the boring mill”, “bench 2” */
    public static function theUnit(string $unit): string
    {
        return Units::machineOf($unit) === $unit ? Line::of('load.the', ['machine' => self::unit($unit)]) : self::unit($unit);
    }

    /** “The shop”, “Surfacer”, the name of a person */
    public static function whose(Closure $closure): string
    {
        return match (true) {
            $closure->machine !== null => ucfirst(self::unit($closure->machine)),
            $closure->person !== null => $closure->person->name,
            default => Line::of('load.shop'),
        };
    }

    public static function part(?PriceItem $part): string
    {
        return $part === null ? Line::of('load.answer') : Line::ofCode('load.part', $part);
    }

    /** “Thu 3 Dec” */
    public static function day(DateTimeInterface $at): string
    {
        return $at->format('D j M');
    }

    /** “Thu 3 Dec 11:20” */
    public static function at(DateTimeInterface $at): string
    {
        return $at->format('D j M G:i');
    }

    /** “Thu 3 Dec 8:00–11:20”, “Thu 3 Dec 16:00 – Fri 4 Dec 9:00” */
    public static function span(DateTimeInterface $from, DateTimeInterface $to): string
    {
        return $from->format('Y-m-d') === $to->format('Y-m-d')
            ? self::at($from).'–'.$to->format('G:i')
            : self::at($from).' – '.self::at($to);
    }

    /** “2 days 3 h”, “45 min” */
    public static function minutes(int $minutes): string
    {
        [$days, $hours] = [intdiv($minutes, self::MINUTES_A_DAY), intdiv($minutes % self::MINUTES_A_DAY, 60)];

        return match (true) {
            $days > 0 => $days.($days === 1 ? ' day' : ' days').($hours > 0 ? " {$hours} h" : ''),
            $hours > 0 => "{$hours} h".($minutes % 60 > 0 ? ' '.$minutes % 60 .' min' : ''),
            default => "{$minutes} min",
        };
    }

    /** “115 mm”; empty where every size goes */
    public static function reach(?int $nanometres): string
    {
        return $nanometres === null ? '' : rtrim(rtrim(number_format($nanometres / 1_000_000, 3, '.', ''), '0'), '.').' mm';
    }

    /** “6 h” of work, to the half hour; “20 min” below one */
    public static function hours(int $minutes): string
    {
        return $minutes < 60 ? "{$minutes} min" : rtrim(rtrim(number_format(round($minutes / 30) / 2, 1), '0'), '.').' h';
    }

    /** As many whole words as there is room for; nothing where not even the first fits. */
    public static function fitted(string $text, int $letters): string
    {
        $fits = '';
        foreach (explode(' ', $text) as $word) {
            $longer = trim("{$fits} {$word}");
            if (mb_strlen($longer) > $letters) {
                return $fits === '' ? '' : "{$fits} …";
            }
            $fits = $longer;
        }

        return $fits;
    }

    /** The day on which something is over that ends at midnight is the one before. */
    public static function until(DateTimeImmutable $end): string
    {
        return $end->format('G:i') === '0:00' ? self::day($end->modify('-1 minute')) : self::at($end);
    }

    /** @param  non-empty-list<int>  $numbers */
    private static function numbers(array $numbers): string
    {
        sort($numbers);
        [$first, $last] = [$numbers[0], $numbers[count($numbers) - 1]];

        return count($numbers) > 2 && $last - $first === count($numbers) - 1
            ? Line::of('load.places', ['first' => $first, 'last' => $last])
            : implode(', ', $numbers);
    }
}
