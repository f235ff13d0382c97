<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Document\Fault;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\GasketKind;
use NorthLedger\Core\Engine\Specification\Hardening;
use NorthLedger\Core\Engine\Specification\LayoutKind;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\RingFace;
use NorthLedger\Core\Engine\Specification\TorquePlate;
use NorthLedger\Core\Engine\Specification\ValveKind;
use NorthLedger\Core\Engine\Specification\ValveTrain;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\LengthUnit;

/** The values of a sheet's document as fields: written in shop notation, read back to the same document text for text. */
final readonly class SheetFields
{
    /** The words that may stand at a place, by its path or by what it is called everywhere. */
    private const WORDS = [
        '/unit' => LengthUnit::class,
        '/layout/kind' => LayoutKind::class,
        '/valve_train' => ValveTrain::class,
        '/block/cylinders' => CylinderKind::class,
        '/volumes/gasket/kind' => GasketKind::class,
        '/crack_prone/*/face' => Face::class,
        '/crack_prone/*/zone' => CrackZone::class,
        '/stamped/*/face' => Face::class,
        '/seats/*/face' => Face::class,
        '/seats/*/valve' => ValveKind::class,
        '/pressure_tests/*/part' => EnginePart::class,
        'material' => Material::class,
        'torque_plate' => TorquePlate::class,
        'ring_face' => RingFace::class,
        'hardening' => Hardening::class,
    ];

    private LengthUnit $unit;

    /** @var array<string, mixed> By path */
    private array $leaves;

    /** @param  array<mixed>  $document */
    public function __construct(private array $document)
    {
        $this->unit = LengthUnit::tryFrom(is_string($document['unit'] ?? null) ? $document['unit'] : '') ?? LengthUnit::Inch;
        $this->leaves = SheetLeaves::of(SheetBlank::fill($document));
    }

    /** @return list<SheetField> In the order of the document */
    public function all(): array
    {
        $fields = [];
        foreach ($this->leaves as $path => $value) {
            $ends = $this->rangeEnds($path);
            if ($value === [] && SheetBlank::isOfRows($path)) {
                continue;
            }
            if ($ends === null) {
                $kind = ValueKind::of(basename($path));
                $fields[] = $this->field($path, $kind, $kind->shown($value, $this->unit), false);
            } elseif ($path === $ends[0]) {
                $kind = ValueKind::of(basename(dirname($path)));
                [$least, $most] = [$kind->shown($this->leaves[$ends[0]], $this->unit), $kind->shown($this->leaves[$ends[1]], $this->unit)];
                $text = $least === '' && $most === '' ? '' : RangeText::of($least, $most);
                $fields[] = $this->field(dirname($path), $kind, $text, true);
            }
        }

        return $fields;
    }

    /**
     * The document with what was typed.
     *
     * @param  array<mixed>  $typed  By path; what is not there stays
     * @return array{array<mixed>, list<Fault>} With what could not be read left as it was typed, and named
     */
    public function written(array $typed): array
    {
        $document = $this->document;
        $faults = [];
        foreach ($this->all() as $field) {
            $text = $typed[$field->path] ?? null;
            if (! is_string($text) || trim($text) === $field->text) {
                continue;
            }
            try {
                foreach ($this->values($field, trim($text)) as $path => $value) {
                    self::put($document, array_slice(explode('/', $path), 1), $value);
                }
            } catch (NotThisKind $exception) {
                $expected = $field->isRange ? 'range' : $exception->kind->value;
                $faults[] = new Fault($field->path, "“{$text}”", new Message("spec.expected.{$expected}"));
            }
        }

        return [$document, $faults];
    }

    /** A fault in the words of the form. */
    public function sentence(Fault $fault): string
    {
        return Line::of('spec.fault', [
            'section' => SheetLeaves::section($fault->path),
            'label' => $this->label($fault->path),
            'found' => Messages::said($fault->value),
            'expected' => Messages::text($fault->expected),
        ]);
    }

    /** “service, taper” for `/bore/service/taper`; a row of a list by what it is called. */
    public function label(string $path): string
    {
        $parts = explode('/', ltrim($path, '/'));
        $here = $this->document[$parts[0]] ?? null;
        if (count($parts) === 1) {
            return self::word($parts[0]);
        }
        $words = [];
        foreach (array_slice($parts, 1) as $part) {
            $here = is_array($here) ? $here[$part] ?? null : null;
            if (! in_array($part, ['least', 'most'], true) || $words === []) {
                $words[] = is_numeric($part) ? self::rowName($here, (int) $part) : self::word($part);
            }
        }

        return implode(', ', $words);
    }

    /** @return array<string, mixed> By path */
    private function values(SheetField $field, string $text): array
    {
        if (! $field->isRange) {
            return [$field->path => $field->kind->read($text, $this->before($field->path), $this->unit)];
        }
        if ($text === '') {
            return ["{$field->path}/least" => null, "{$field->path}/most" => null];
        }
        [$least, $most] = RangeText::ends($text, $this->unit) ?? throw new NotThisKind($field->kind);

        return [
            "{$field->path}/least" => $field->kind->read($least, $this->before("{$field->path}/least"), $this->unit),
            "{$field->path}/most" => $field->kind->read($most, $this->before("{$field->path}/most"), $this->unit),
        ];
    }

    /** What stands at a place, or something of its kind where nothing does. */
    private function before(string $path): mixed
    {
        $stands = $this->leaves[$path] ?? null;

        return $stands === null || $stands === [] ? SheetBlank::example($path) : $stands;
    }

    private function field(string $path, ValueKind $kind, string $text, bool $isRange): SheetField
    {
        $choices = match (true) {
            $isRange => [],
            is_bool($this->before($path)) => ['yes', 'no'],
            default => self::choices($path),
        };
        if ($choices !== [] && $text === '') {
            array_unshift($choices, '');
        }

        return new SheetField($path, SheetLeaves::section($path), $this->label($path), $text, $kind, $isRange, $choices);
    }

    /** @return list<string> */
    private static function choices(string $path): array
    {
        $enum = self::WORDS[(string) preg_replace('/\d+/', '*', $path)] ?? (self::WORDS[basename($path)] ?? null);

        return $enum === null ? [] : array_map(strval(...), array_column($enum::cases(), 'value'));
    }

    /** @return ?array{string, string} The paths of both ends where this is one of them, and both are there */
    private function rangeEnds(string $path): ?array
    {
        $ends = [dirname($path).'/least', dirname($path).'/most'];

        return in_array($path, $ends, true) && array_key_exists($ends[0], $this->leaves) && array_key_exists($ends[1], $this->leaves)
            ? $ends
            : null;
    }

    /**
     * Sets a value, or takes it away, and with the last the part it stood in.
     *
     * @param  array<mixed>  $document
     * @param  list<string>  $keys
     */
    private static function put(array &$document, array $keys, mixed $value): void
    {
        $key = array_shift($keys);
        if ($keys !== []) {
            $part = is_array($document[$key] ?? null) ? $document[$key] : [];
            self::put($part, $keys, $value);
            $value = $part === [] ? null : $part;
        }
        if ($value === null) {
            unset($document[$key]);
        } else {
            $document[$key] = $value;
        }
    }

    private static function word(string $key): string
    {
        return Line::ifThereIs("spec.words.{$key}") ?? str_replace('_', ' ', $key);
    }

    private static function rowName(mixed $row, int $index): string
    {
        return RowName::of($row) ?: (string) ($index + 1);
    }
}
