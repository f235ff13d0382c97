<?php

declare(strict_types=1);

namespace App\Http;

use App\Words\Line;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Quantity\PressureUnit;
use NorthLedger\Core\Quantity\TemperatureUnit;

/** Temperatures and pressures in the unit of the form that they were keyed in, which the form says itself: it may be sent days later. */
final readonly class Keyed
{
    private TemperatureUnit $temperature;

    private PressureUnit $pressure;

    private function __construct(private Request $request)
    {
        $this->temperature = TemperatureUnit::tryFrom($request->string('temperature_unit')->toString()) ?? TemperatureUnit::Celsius;
        $this->pressure = PressureUnit::tryFrom($request->string('pressure_unit')->toString()) ?? PressureUnit::Bar;
    }

    public static function in(Request $request): self
    {
        return new self($request);
    }

    /** @return array<string, list<mixed>> */
    public function temperatureRules(string ...$fields): array
    {
        $within = sprintf('between:%s,%s', $this->temperature->fromCelsius(-30), $this->temperature->fromCelsius(80));

        return ['temperature_unit' => ['nullable', Rule::enum(TemperatureUnit::class)]] +
            array_fill_keys($fields, ['nullable', 'numeric', $within]);
    }

    /** @return array<string, list<mixed>> */
    public function pressureRules(string ...$fields): array
    {
        $within = sprintf('between:%s,%s', $this->pressure->fromKilopascals(-1_000), $this->pressure->fromKilopascals(10_000));

        return ['pressure_unit' => ['nullable', Rule::enum(PressureUnit::class)]] +
            array_fill_keys($fields, ['nullable', 'numeric', $within]);
    }

    public function temperatureWords(): string
    {
        return Line::of('input.temperature', [
            'unit' => $this->temperature->label(),
            'like' => (string) $this->temperature->fromCelsius(18),
        ]);
    }

    public function pressureWords(): string
    {
        return Line::of('input.pressure', [
            'unit' => $this->pressure->value,
            'like' => (string) $this->pressure->fromKilopascals(140),
        ]);
    }

    public function celsius(string $field): ?float
    {
        return $this->request->filled($field) ? $this->temperature->toCelsius($this->request->float($field)) : null;
    }

    public function kilopascals(string $field): ?float
    {
        return $this->request->filled($field) ? $this->pressure->toKilopascals($this->request->float($field)) : null;
    }
}
