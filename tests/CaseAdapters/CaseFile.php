<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

/** One worked case: what is given, what is expected, and how near a number has to come. */
final readonly class CaseFile
{
    /**
     * @param  list<mixed>  $expectations  One of them must hold
     * @param  array<string, int|float>  $tolerance
     */
    private function __construct(
        public string $path,
        public string $area,
        public string $title,
        public Given $given,
        private array $expectations,
        private array $tolerance,
    ) {
    }

    public static function read(string $path): self
    {
        /**
         * @var array{area: string, title: string, given: array<mixed>, expect?: mixed, expect_any?: list<mixed>, tolerance?: array<string,
         *     int|float>} $data
         */
        $data = json_decode((string) file_get_contents($path), true, 64, JSON_THROW_ON_ERROR);

        return new self(
            $path,
            $data['area'],
            $data['title'],
            new Given($data['given']),
            $data['expect_any'] ?? [$data['expect'] ?? null],
            $data['tolerance'] ?? [],
        );
    }

    /**
     * One that stands in no file.
     *
     * @param  array<mixed>  $given
     * @param  array<string, mixed>  $expect
     * @param  array<string, int|float>  $tolerance
     */
    public static function made(string $area, array $given, array $expect, array $tolerance): self
    {
        return new self('', $area, '', new Given($given), [$expect], $tolerance);
    }

    /**
     * @param  array<string, mixed>  $answer
     * @return list<string> What differs from the nearest expectation; empty where the case holds
     */
    public function differences(array $answer): array
    {
        $nearest = null;
        foreach ($this->expectations as $expectation) {
            $differences = $this->compare($expectation, $answer, '', 0);
            $nearest = $nearest === null || count($differences) < count($nearest) ? $differences : $nearest;
        }

        return $nearest ?? ['The case expects nothing.'];
    }

    /** @return list<string> */
    private function compare(mixed $expected, mixed $actual, string $path, int|float $tolerance): array
    {
        if (is_array($expected)) {
            return $this->compareArrays($expected, $actual, $path, $tolerance);
        }
        $isNumber = (is_int($expected) || is_float($expected)) && (is_int($actual) || is_float($actual));
        $agrees = $isNumber ? abs($expected - $actual) <= $tolerance : $expected === $actual;

        return $agrees ? [] : ["{$path}: expected ".json_encode($expected).', got '.json_encode($actual)];
    }

    /**
     * @param  array<mixed>  $expected
     * @return list<string>
     */
    private function compareArrays(array $expected, mixed $actual, string $path, int|float $tolerance): array
    {
        if (! is_array($actual) || (array_is_list($expected) && count($expected) !== count($actual))) {
            return ["{$path}: expected ".json_encode($expected).', got '.json_encode($actual)];
        }
        $differences = [];
        foreach ($expected as $key => $value) {
            $within = $this->tolerance[$key] ?? $tolerance;
            $differences = [
                ...$differences,
                ...array_key_exists($key, $actual)
                    ? $this->compare($value, $actual[$key], "{$path}/{$key}", $within)
                    : ["{$path}/{$key}: not in the answer"],
            ];
        }

        return $differences;
    }
}
