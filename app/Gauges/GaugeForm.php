<?php

declare(strict_types=1);

namespace App\Gauges;

use App\Ledger\Refused;
use App\Storage\Gauge;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Gauging\CheckBack;
use NorthLedger\Core\Gauging\GaugeRange;
use NorthLedger\Core\Gauging\GaugingException;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Scale;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\QuantityException;
use NorthLedger\Core\Quantity\ReadingUnit;
use NorthLedger\Core\Quantity\ShopNotation;

/** What the register's forms say, as columns; where a length is left empty the kind's default stands. */
final class GaugeForm
{
    private const DATE = ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'];

    /** @return array<string, mixed> */
    public static function gauge(Request $request): array
    {
        /** @var array<string, ?string> $data */
        $data = $request->validate(
            [
                'tag' => self::tag('gauges'),
                'name' => ['required', 'string', 'max:80'],
                'kind' => ['required', Rule::enum(InstrumentKind::class)],
                'unit' => ['required', Rule::enum(LengthUnit::class)],
                'reading_unit' => ['nullable', Rule::enum(ReadingUnit::class)],
                'due_on' => self::DATE,
            ] + self::lengths('resolution', 'calibration', 'repeatability', 'least', 'most'),
            self::complaints(),
        );
        $kind = InstrumentKind::from((string) $data['kind']);
        if ($kind->weighs()) {
            return self::scale($kind, $data);
        }
        $unit = LengthUnit::from((string) $data['unit']);
        $default = Instrument::ofKind($kind);
        $range = $kind->range();
        try {
            $instrument = Instrument::of(
                self::length($data, 'resolution', $unit) ?? $default->resolution,
                self::length($data, 'calibration', $unit) ?? $default->calibration,
                self::length($data, 'repeatability', $unit) ?? $default->repeatability,
            );
            $range = GaugeRange::of(
                self::length($data, 'least', $unit) ?? $range->least,
                self::length($data, 'most', $unit) ?? $range->most,
            );
        } catch (GaugingException $exception) {
            throw Refused::because('most', Messages::refusal($exception));
        }
        $instrument->resolution->isPositive() ||
            throw Refused::because('resolution', Line::of('gauges.told.resolution_smallest_step_shows'));

        return [
            'tag' => mb_strtoupper((string) $data['tag']),
            'name' => $data['name'],
            'kind' => $kind,
            'unit' => $unit,
            'reading_unit' => $kind->showsSizes() ? null : ReadingUnit::tryFrom($data['reading_unit'] ?? '') ?? $unit->readingUnit(),
            'resolution_nm' => $instrument->resolution->nanometres,
            'calibration_nm' => $instrument->calibration->nanometres,
            'repeatability_nm' => $instrument->repeatability->nanometres,
            'range_least_nm' => $range->least->nanometres,
            'range_most_nm' => $range->most->nanometres,
            'calibration_due' => $data['due_on'] ?? null,
        ];
    }

    /**
     * A scale says in grams what it is worth.
     *
     * @param  array<string, ?string>  $data
     * @return array<string, mixed>
     */
    private static function scale(InstrumentKind $kind, array $data): array
    {
        $book = Scale::ofKind($kind) ?? throw Refused::because('kind', Line::of('gauges.told.choose_scale'));

        return [
            'tag' => mb_strtoupper((string) $data['tag']),
            'name' => $data['name'],
            'kind' => $kind,
            'unit' => LengthUnit::from((string) $data['unit']),
            'reading_unit' => null,
            'resolution_nm' => 0,
            'calibration_nm' => 0,
            'repeatability_nm' => 0,
            'range_least_nm' => 0,
            'range_most_nm' => 0,
            'calibration_due' => $data['due_on'] ?? null,
            'scale_resolution_ug' => (self::mass($data, 'resolution') ?? $book->resolution)->micrograms,
            'scale_calibration_ug' => (self::mass($data, 'calibration') ?? $book->calibration)->micrograms,
            'scale_repeatability_ug' => (self::mass($data, 'repeatability') ?? $book->repeatability)->micrograms,
            'scale_most_ug' => (self::mass($data, 'most') ?? $book->most)->micrograms,
        ];
    }

    /** @param  array<string, ?string>  $data */
    private static function mass(array $data, string $field): ?Mass
    {
        $text = trim($data[$field] ?? '');
        try {
            return $text === '' ? null : MassNotation::read($text);
        } catch (QuantityException $exception) {
            throw Refused::because($field, Messages::refusal($exception));
        }
    }

    /** @return array<string, mixed> */
    public static function master(Request $request): array
    {
        /** @var array<string, ?string> $data */
        $data = $request->validate(
            [
                'tag' => self::tag('masters'),
                'name' => ['required', 'string', 'max:80'],
                'unit' => ['required', Rule::enum(LengthUnit::class)],
                'due_on' => self::DATE,
            ] + self::lengths('size'),
            self::complaints(),
        );
        $unit = LengthUnit::from((string) $data['unit']);
        $size = self::length($data, 'size', $unit);
        $size === null ||
            $size->isPositive() ||
            throw Refused::because('size', Line::of('gauges.told.master_size_above_nothing'));

        return [
            'tag' => mb_strtoupper((string) $data['tag']),
            'name' => $data['name'],
            'unit' => $unit,
            'size_nm' => $size?->nanometres,
            'calibration_due' => $data['due_on'] ?? null,
        ];
    }

    /** @return array{done_on: string, due_on: string, calibration_nm?: int, scale_calibration_ug?: int, by_whom: string} */
    public static function calibration(Request $request, Gauge $gauge): array
    {
        /** @var array{done_on: string, due_on: string, by_whom: string, calibration?: ?string} $data */
        $data = $request->validate(
            [
                'done_on' => ['required', 'date_format:Y-m-d', 'before_or_equal:today'],
                'due_on' => ['required', 'date_format:Y-m-d', 'after:done_on', 'before:2100-01-01'],
                'by_whom' => ['required', 'string', 'max:120'],
                'certificate' => ['nullable', 'file', 'max:8192'],
            ] + self::lengths('calibration'),
            [
                'done_on.*' => Line::of('gauges.told.day_calibrated_not_future'),
                'due_on.*' => Line::of('gauges.told.day_due_again_after'),
                'by_whom.*' => Line::of('gauges.told.say_who_calibrated_what'),
                'certificate.*' => Line::of('gauges.told.file_did_not_arrive'),
            ],
        );
        $said = ['done_on' => $data['done_on'], 'due_on' => $data['due_on'], 'by_whom' => $data['by_whom']];
        if ($gauge->kind->weighs()) {
            return $said + ['scale_calibration_ug' => self::mass($data, 'calibration')->micrograms ?? (int) $gauge->scale_calibration_ug];
        }
        $uncertainty = self::length($data, 'calibration', $gauge->unit) ?? Length::ofNanometres($gauge->calibration_nm);
        $uncertainty->isNegative() && throw Refused::because('calibration', Line::of('gauges.told.uncertainty_calibration_cannot_below'));

        return $said + ['calibration_nm' => $uncertainty->nanometres];
    }

    /** What it shows on a master: a size against the master's, or a deviation from its zero. */
    public static function check(Request $request, Gauge $gauge): CheckBack
    {
        $resolution = Length::ofNanometres($gauge->resolution_nm);
        try {
            $shows = ($gauge->reading_unit === null
                ? ShopNotation::forSizes($gauge->unit)
                : ShopNotation::forDeviations($gauge->unit, $gauge->reading_unit)
            )->read((string) $request->input('shows'))->value;
        } catch (NotationException $exception) {
            throw Refused::because('shows', Messages::refusal($exception));
        }
        $master =
            $gauge->reading_unit === null
                ? self::length(['master' => $request->input('master')], 'master', $gauge->unit) ??
                    throw Refused::because('master', Line::of('gauges.told.key_size_master'))
                : Length::zero();

        return CheckBack::of($master, $shows, $resolution);
    }

    /** @return array{weight: Mass, shows: Mass} A check weight, and what the scale shows under it */
    public static function weighing(Request $request): array
    {
        $data = ['master' => $request->input('master'), 'shows' => $request->input('shows')];

        return [
            'weight' => self::mass($data, 'master') ?? throw Refused::because('master', Line::of('gauges.told.key_weight_check_weight')),
            'shows' => self::mass($data, 'shows') ?? throw Refused::because('shows', Line::of('gauges.told.key_what_scale_shows')),
        ];
    }

    /** @return array{list<string>, list<Length>} As typed, and read */
    public static function repeats(Request $request, Gauge $gauge): array
    {
        $request->validate(
            ['repeats' => ['required', 'string', 'max:600']],
            ['repeats.*' => Line::of('gauges.told.key_at_least_ten')],
        );
        $typed = preg_split('/[\r\n;]+/', trim((string) $request->input('repeats'))) ?: [];
        $notation =
            $gauge->reading_unit === null
                ? ShopNotation::forSizes($gauge->unit)
                : ShopNotation::forDeviations($gauge->unit, $gauge->reading_unit);
        $lengths = [];
        foreach ($typed as $index => $text) {
            try {
                $lengths[] = $notation->read($text)->value;
            } catch (NotationException $exception) {
                throw Refused::because('repeats', 'Reading '.($index + 1).': '.Messages::refusal($exception));
            }
        }

        return [$typed, $lengths];
    }

    /** @param  array<string, ?string>  $data */
    private static function length(array $data, string $field, LengthUnit $unit): ?Length
    {
        $text = trim($data[$field] ?? '');
        try {
            return $text === '' ? null : ShopNotation::forSizes($unit)->read($text)->value;
        } catch (NotationException $exception) {
            throw Refused::because($field, Messages::refusal($exception));
        }
    }

    /** @return list<mixed> */
    private static function tag(string $table): array
    {
        return ['required', 'string', 'max:12', 'regex:/^[A-Za-z0-9][A-Za-z0-9-]*$/D', Rule::unique($table, 'tag')];
    }

    /** @return array<string, list<string>> */
    private static function lengths(string ...$fields): array
    {
        return array_fill_keys($fields, ['nullable', 'string', 'max:60']);
    }

    /** @return array<string, string> */
    private static function complaints(): array
    {
        return [
            'tag.required' => Line::of('gauges.told.give_tag_engraved_written'),
            'tag.regex' => Line::of('gauges.told.tag_letters_digits_hyphens'),
            'tag.unique' => Line::of('gauges.told.tag_stands_register_already'),
            'name.required' => Line::of('gauges.told.say_which_one_like'),
            'due_on.*' => Line::of('gauges.told.write_day_yearmonthday'),
        ];
    }
}
