<?php

declare(strict_types=1);

namespace App\Shop;

use App\Words\Line;
use BackedEnum;
use NorthLedger\Core\Engine\Policy\DwellSchool;
use NorthLedger\Core\Engine\Policy\GrindAim;
use NorthLedger\Core\Engine\Policy\MirrorFinish;
use NorthLedger\Core\Engine\Policy\MixedShells;
use NorthLedger\Core\Engine\Policy\OrderOfParts;
use NorthLedger\Core\Engine\Policy\OrderOfWork;
use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Policy\ReadingsPerBore;
use NorthLedger\Core\Engine\Policy\SecondMethod;
use NorthLedger\Core\Engine\Policy\SleeveForWear;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Quantity\TemperatureUnit;

/** Everything that a shop chooses beside its prices, in groups, each with what it changes. */
final class PolicyForm
{
    /** By key in the document, the rule that it belongs to. */
    private const OF_BORES = [
        'allowed_shift' => 'BORE-8',
        'clean_up_stock' => 'BORE-7',
        'hone_stock' => 'BORE-12',
        'least_hone_stock' => 'BORE-12',
        'most_hone_stock' => 'BORE-12',
        'finished_tolerance' => 'BORE-12',
        'most_hone' => 'BORE-6a',
        'sleeve_step' => 'SLV-2',
        'sleeve_finish_stock' => 'SLV-2',
        'step_tolerance' => 'BORE-4',
        'screening_allowance' => 'BORE-5',
        'plausible_deviation' => 'QTY-4',
        'plausible_out_of_round' => 'QTY-4',
        'plausible_among_others' => 'QTY-4',
    ];

    private const OF_PARTS = [
        'grind_stock' => 'JRNL-3',
        'line_stock' => 'LINE-2a',
        'light_cut' => 'DECK-3',
        'shim_step' => 'DECK-2',
        'most_shim' => 'DECK-2',
        'corner_spread' => 'DECK-6',
        'guide_evenness' => 'VALVE-1',
        'plausible_distance' => 'QTY-4',
    ];

    private const HOUSE_CLASSES = ['small_bores', 'bores', 'large_bores', 'journals', 'big_ends'];

    /** @return array<string, list<PolicySetting>> By the code of the group */
    public static function groups(): array
    {
        return [
            'size' => [
                PolicySetting::choice('preference', 'BORE-11', Preference::cases()),
                PolicySetting::choice('sleeve_for_wear', 'BORE-11b', SleeveForWear::cases()),
                PolicySetting::choice('readings_per_bore', 'BORE-6', ReadingsPerBore::cases()),
                PolicySetting::choice('allowed_pitting_class', 'BORE-6', [0, 1, 2]),
            ],
            'cracks' => [
                PolicySetting::choice('crack_dwell', 'CRACK-2', DwellSchool::cases()),
                ...self::ofParts('crack_check', 'CRACK-5a', 'crack_check', ['needed', 'advised']),
                ...self::ofParts('crack_check.confirm', 'CRACK-5b', 'crack_check_confirm', SecondMethod::cases()),
            ],
            'measuring' => [
                PolicySetting::choice('decision_rule.incoming', 'GAUGE-6', DecisionRule::cases()),
                PolicySetting::choice('decision_rule.final', 'GAUGE-6', DecisionRule::cases()),
                PolicySetting::choice('temperature_unit', 'GAUGE-4', TemperatureUnit::cases()),
                PolicySetting::whole('check_back.readings', 'GAUGE-3', 1, 10_000),
                PolicySetting::whole('check_back.minutes', 'GAUGE-3', 1, 10_000),
                ...array_map(
                    static fn (string $metal): PolicySetting => PolicySetting::decimal(
                        "expansion.{$metal}",
                        'GAUGE-4',
                        new SettingWords('expansion', ['metal' => $metal]),
                    ),
                    ['grey iron', 'steel', 'aluminium', 'magnesium'],
                ),
            ],
            'working' => [
                PolicySetting::choice('order_of_work', 'WORK-1', OrderOfWork::cases()),
                PolicySetting::choice('order_of_parts', 'WORK-1a', OrderOfParts::cases()),
                PolicySetting::choice('own_work', 'WORK-4', ['warned', 'forbidden']),
                PolicySetting::choice('grind_aim', 'JRNL-4', GrindAim::cases()),
                PolicySetting::choice('mirror_finish', 'JRNL-7', MirrorFinish::cases()),
                PolicySetting::choice('mixed_shells', 'JRNL-9', MixedShells::cases()),
                PolicySetting::whole('most_off_a_rod', 'ROD-3', 1, 500),
            ],
            'house_limits' => self::houseLimits(),
            'bore_in' => self::lengths('bore_in', self::OF_BORES, PolicySetting::inches(...)),
            'bore_mm' => self::lengths('bore_mm', self::OF_BORES, PolicySetting::millimetres(...)),
            'parts_in' => self::lengths('parts_in', self::OF_PARTS, PolicySetting::inches(...)),
            'parts_mm' => self::lengths('parts_mm', self::OF_PARTS, PolicySetting::millimetres(...)),
        ];
    }

    /**
     * The same choice for each part of an engine.
     *
     * @param  non-empty-list<BackedEnum|string>  $values
     * @return list<PolicySetting>
     */
    private static function ofParts(string $group, string $rule, string $code, array $values): array
    {
        return array_map(
            static fn (EnginePart $part): PolicySetting => PolicySetting::choice(
                "{$group}.{$part->value}",
                $rule,
                $values,
                new SettingWords($code, ['part' => $part->value]),
            ),
            EnginePart::cases(),
        );
    }

    /** @return list<PolicySetting> */
    private static function houseLimits(): array
    {
        $settings = [];
        foreach (self::HOUSE_CLASSES as $class) {
            foreach (['out_of_round', 'taper'] as $limit) {
                $settings[] = PolicySetting::optionalLength(
                    "house_limits.{$class}.{$limit}",
                    'BORE-6',
                    new SettingWords('house_limit', [
                        'bores' => Line::of("policy.house_classes.{$class}"),
                        'limit' => Line::of("policy.house_limits.{$limit}"),
                    ]),
                );
            }
        }

        return $settings;
    }

    /** @return list<PolicySetting> */
    public static function all(): array
    {
        return array_merge(...array_values(self::groups()));
    }

    /** @return array<string, list<string>> By key */
    public static function rules(): array
    {
        $rules = [];
        foreach (self::all() as $setting) {
            $rules[$setting->key] = $setting->rules;
        }

        return $rules;
    }

    /**
     * @param  array<string, string>  $settings  The rule of each, by its key
     * @param  callable(string, string, SettingWords): PolicySetting  $make
     * @return list<PolicySetting>
     */
    private static function lengths(string $group, array $settings, callable $make): array
    {
        return array_values(
            array_map(
                static fn (string $key, string $rule): PolicySetting => $make("{$group}.{$key}", $rule, new SettingWords($key)),
                array_keys($settings),
                $settings,
            ),
        );
    }
}
