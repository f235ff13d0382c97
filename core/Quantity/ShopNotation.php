<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;

/**
 * Reads lengths as they are written in a shop (QTY-1, QTY-2, QTY-3), exactly: no float on the way.
 *
 * The context decides what a bare number is: where the gauge shows sizes it is in the job's unit;
 * where it shows deviations from its zero it is in the gauge's reading unit, unless it is written with
 * three or more decimals and a whole part that is empty or a single zero.
 */
final readonly class ShopNotation
{
    private const LONGEST_TEXT = 40;

    private const NUMBER = '(?<number>\d+(?:[.,]\d+)?|[.,]\d+)';

    private const DECIMAL_PATTERN = '/^(?<sign>[+-]?)\s*'.self::NUMBER.'\s*(?<unit>in|"|mm|um|thou|tenths?)?$/D';

    private const FRACTION_PATTERN =
        '/^(?<sign>[+-]?)\s*(?:(?<whole>\d+)(?:\s*-\s*|\s+))?(?<over>\d+)\s*\/\s*(?<under>2|4|8|16|32|64)\s*(?<mark>in|")?$/D';

    private const STEP_PATTERN = '/^(?<count>\d+)\s*(?<side>over|under)$/D';

    /** Short enough that its digits times the nanometres of an inch stay a whole number of the machine. */
    private const PLAIN_SIZE = '/^(\d{0,4})\.(\d{1,6})$/D';

    private const FINE_BARE_NUMBER = '/^0?[.,]\d{3,}$/D';

    private function __construct(private LengthUnit $unit, private ?ReadingUnit $readingUnit)
    {
    }

    /** The gauge shows sizes: a bare number is in the job's unit. */
    public static function forSizes(LengthUnit $unit): self
    {
        return new self($unit, null);
    }

    /** The gauge shows deviations from its zero: a bare number is in its reading unit. */
    public static function forDeviations(LengthUnit $unit, ReadingUnit $readingUnit): self
    {
        return new self($unit, $readingUnit);
    }

    /**
     * @throws NotationException If the text is empty, does not read as a length, is finer than a
     *                           nanometre, or is a fraction that needs its inch mark here
     */
    public function read(string $text): NotedLength
    {
        $quick = $this->plainSize($text);
        if ($quick !== null) {
            return $quick;
        }
        $plain = $this->normalised($text);

        return $this->step($plain, $text) ??
            ($this->fraction($plain, $text) ?? ($this->decimal($plain, $text) ?? throw $this->unreadable($plain, $text)));
    }

    /** The form of nearly every size, like “3.8125”, in whole numbers alone; null where the text has any other form. */
    private function plainSize(string $text): ?NotedLength
    {
        if ($this->readingUnit !== null || preg_match(self::PLAIN_SIZE, $text, $match) !== 1) {
            return null;
        }
        $scaled = (int) ($match[1].$match[2]) * $this->unit->nanometres();
        $divisor = 10 ** strlen($match[2]);

        return $scaled % $divisor === 0 ? NotedLength::length(Length::ofNanometres(intdiv($scaled, $divisor))) : null;
    }

    private function normalised(string $text): string
    {
        if (! mb_check_encoding($text, 'UTF-8') || mb_strlen($text) > self::LONGEST_TEXT) {
            throw NotationException::unreadable($text);
        }
        $lower = mb_strtolower($text);
        $plain = trim((string) preg_replace('/\s+/u', ' ', strtr($lower, ["\u{2212}" => '-', "\u{00B5}m" => 'um', "\u{03BC}m" => 'um'])));

        return $plain === '' ? throw NotationException::empty() : $plain;
    }

    private function step(string $plain, string $typed): ?NotedLength
    {
        if (preg_match(self::STEP_PATTERN, $plain, $match) !== 1) {
            return null;
        }
        $count = $this->exact(BigDecimal::of($match['count'])->multipliedBy($this->unit->sizeStep()->nanometres), $typed);

        return NotedLength::step($match['side'] === 'over' ? $count : $count->negated());
    }

    private function fraction(string $plain, string $typed): ?NotedLength
    {
        if (
            preg_match(self::FRACTION_PATTERN, $plain, $match, PREG_UNMATCHED_AS_NULL) !== 1 ||
            BigDecimal::of($match['over'])->isZero() ||
            BigDecimal::of($match['over'])->isGreaterThanOrEqualTo($match['under'])
        ) {
            return null;
        }
        if ($match['mark'] === null && ($this->unit !== LengthUnit::Inch || $this->readingUnit !== null)) {
            throw NotationException::fractionNeedsInch(trim($typed));
        }
        $sixtyFourths = BigDecimal::of($match['whole'] ?? '0')
            ->multipliedBy(64)
            ->plus((int) $match['over'] * intdiv(64, (int) $match['under']));

        return NotedLength::length(
            $this->signed($this->exact($sixtyFourths->multipliedBy(intdiv(Length::NANOMETRES_PER_INCH, 64)), $typed), $match['sign']),
        );
    }

    private function decimal(string $plain, string $typed): ?NotedLength
    {
        if (preg_match(self::DECIMAL_PATTERN, $plain, $match, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }
        $number = (string) $match['number'];
        if (str_contains($number, ',')) {
            if ($this->unit === LengthUnit::Inch) {
                throw NotationException::commaInInchJob(trim($typed));
            }
            $number = str_replace(',', '.', $number);
        }
        $value = BigDecimal::of($number)->multipliedBy($this->nanometresPer($match['unit'], $number));

        return NotedLength::length($this->signed($this->exact($value, $typed), $match['sign']));
    }

    private function nanometresPer(?string $unit, string $number): int
    {
        return match ($unit) {
            'in', '"' => LengthUnit::Inch->nanometres(),
            'mm' => LengthUnit::Millimetre->nanometres(),
            'um' => ReadingUnit::Micrometre->nanometres(),
            'thou' => ReadingUnit::Thou->nanometres(),
            'tenth', 'tenths' => ReadingUnit::Tenths->nanometres(),
            default => $this->readingUnit === null || preg_match(self::FINE_BARE_NUMBER, $number) === 1
                ? $this->unit->nanometres()
                : $this->readingUnit->nanometres(),
        };
    }

    private function exact(BigDecimal $nanometres, string $typed): Length
    {
        try {
            $whole = $nanometres->toScale(0, RoundingMode::UNNECESSARY);
        } catch (MathException) {
            throw NotationException::tooFine(trim($typed));
        }
        try {
            return Length::ofNanometres($whole->toInt());
        } catch (MathException) {
            throw NotationException::unreadable(trim($typed));
        }
    }

    private function signed(Length $length, string $sign): Length
    {
        return $sign === '-' ? $length->negated() : $length;
    }

    private function unreadable(string $plain, string $typed): NotationException
    {
        return str_contains($plain, ',') && $this->unit === LengthUnit::Inch
            ? NotationException::commaInInchJob(trim($typed))
            : NotationException::unreadable(trim($typed));
    }
}
