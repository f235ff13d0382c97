<?php

declare(strict_types=1);

namespace App\Shop;

use NorthLedger\Core\Engine\Policy\DwellSchool;
use NorthLedger\Core\Engine\Policy\GrindAim;
use NorthLedger\Core\Engine\Policy\MirrorFinish;
use NorthLedger\Core\Engine\Policy\MixedShells;
use NorthLedger\Core\Engine\Policy\OrderOfParts;
use NorthLedger\Core\Engine\Policy\OrderOfWork;
use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Policy\ReadingsPerBore;
use NorthLedger\Core\Engine\Policy\SleeveForWear;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Quantity\TemperatureUnit;

/** Everything that a shop chooses beside its prices, in groups, each with what it changes. */
final class PolicyForm
{
    /** By key in the document: what it is called, what it changes, the rule that it belongs to. */
    private const OF_BORES = [
        'allowed_shift' => ['Shift of a centre', 'at most, where a family says nothing of its own', 'BORE-8'],
        'clean_up_stock' => ['Clean-up stock', 'added on diameter to the worn size before a bore is said to clean up', 'BORE-7'],
        'hone_stock' => ['Hone stock', 'left by the boring bar for the hone', 'BORE-12'],
        'least_hone_stock' => ['Hone stock, least', 'a bored size that leaves less is out', 'BORE-12'],
        'most_hone_stock' => ['Hone stock, most', 'a bored size that leaves more is out', 'BORE-12'],
        'finished_tolerance' => ['Finished tolerance', 'above the finished size, nothing below it', 'BORE-12'],
        'most_hone' => [
            'Most that a hone takes out',
            'so that a bore stays with its old piston; and how far a deglazed bore may grow',
            'BORE-6a',
        ],
        'sleeve_step' => ['Step for a sleeve', 'left at the bottom; a sleeve shorter than bore less step is not full depth', 'SLV-2'],
        'sleeve_finish_stock' => ['Finish cut for a sleeve', 'left by the rough cut of the parent bore, on diameter', 'SLV-2'],
        'step_tolerance' => ['Step tolerance', 'how near the least worn place has to be to an offered size to show it', 'BORE-4'],
        'screening_allowance' => [
            'Screening allowance',
            'how much larger an unread place may be, before more readings are asked for',
            'BORE-5',
        ],
        'plausible_deviation' => ['Asked back: from the nominal', 'a size further off is asked back', 'QTY-4'],
        'plausible_out_of_round' => ['Asked back: out-of-round', 'a reading that alone makes more is asked back', 'QTY-4'],
        'plausible_among_others' => [
            'Asked back: from the others',
            'further from what the same place reads elsewhere: 48 for 4.8',
            'QTY-4',
        ],
    ];

    private const HOUSE_CLASSES = [
        'small_bores' => 'Bores under 3 in (76.2 mm)',
        'bores' => 'Bores of 3 to 4.5 in (76.2 to 114.3 mm)',
        'large_bores' => 'Bores above 4.5 in (114.3 mm)',
        'journals' => 'Crankshaft journals',
        'big_ends' => 'Big ends of rods',
    ];

    private const OF_PARTS = [
        'grind_stock' => ['Grind stock', 'taken off a journal until it is clean', 'JRNL-3'],
        'line_stock' => ['Line stock', 'taken off the housings all round, on diameter', 'LINE-2a'],
        'light_cut' => ['Light cut', 'one light pass over a face', 'DECK-3'],
        'shim_step' => ['Shims go by', 'the steps of the shims the shop has', 'DECK-2'],
        'most_shim' => ['Most shims', 'stacked at one support', 'DECK-2'],
        'corner_spread' => ['Corner spread', 'pistons below the deck, apart at most', 'DECK-6'],
        'guide_evenness' => ['Guide evenness', 'guides of one kind, apart at most', 'VALVE-1'],
        'plausible_distance' => ['Asked back: small lengths', 'run-out, bend, gaps beyond it are asked back', 'QTY-4'],
    ];

    /** @return array<string, list<PolicySetting>> By the title of the group */
    public static function groups(): array
    {
        return [
            'Choosing a size' => [
                PolicySetting::choice('preference', 'What the shop looks at first', 'BORE-11', Preference::cases()),
                PolicySetting::choice('sleeve_for_wear', 'A sleeve for wear alone', 'BORE-11b', SleeveForWear::cases()),
                PolicySetting::choice('readings_per_bore', 'Readings for each bore', 'BORE-6', ReadingsPerBore::cases()),
                PolicySetting::among(
                    'allowed_pitting_class',
                    'Pitting that a bore may keep unsigned',
                    'BORE-6',
                    [0 => 'none', 1 => 'up to stains', 2 => 'up to visible, not felt; felt pits need the customer’s signed concession'],
                    isWhole: true,
                ),
            ],
            'Looking for cracks' => [
                PolicySetting::choice('crack_dwell', 'How long dye penetrant stays on', 'CRACK-2', DwellSchool::cases()),
                ...array_map(
                    static fn (EnginePart $part): PolicySetting => PolicySetting::among(
                        "crack_check.{$part->value}",
                        ucfirst($part->value).': crack check',
                        'CRACK-5a',
                        ['needed' => 'unchecked, it is not yet known', 'advised' => 'unchecked, it says so on every page'],
                    ),
                    EnginePart::cases(),
                ),
                ...array_map(
                    static fn (EnginePart $part): PolicySetting => PolicySetting::among(
                        "crack_check.confirm.{$part->value}",
                        ucfirst($part->value).': a second method before it is scrap',
                        'CRACK-5b',
                        [
                            'asked for' => 'a crack is confirmed by another method, or by a specialist',
                            'not asked for' => 'one method is enough',
                        ],
                    ),
                    EnginePart::cases(),
                ),
            ],
            'Measuring' => [
                PolicySetting::choice('decision_rule.incoming', 'Judging under doubt, incoming', 'GAUGE-6', DecisionRule::cases()),
                PolicySetting::choice('decision_rule.final', 'Judging under doubt, finished', 'GAUGE-6', DecisionRule::cases()),
                PolicySetting::choice('temperature_unit', 'Temperatures', 'GAUGE-4', TemperatureUnit::cases()),
                PolicySetting::whole(
                    'check_back.readings',
                    'The gauge goes back on its master after',
                    'so many readings',
                    'GAUGE-3',
                    1,
                    10_000,
                ),
                PolicySetting::whole('check_back.minutes', 'or after', 'so many minutes', 'GAUGE-3', 1, 10_000),
                ...array_map(
                    static fn (string $metal): PolicySetting => PolicySetting::decimal(
                        "expansion.{$metal}",
                        'Expansion, '.$metal,
                        'millionths for each °C',
                        'GAUGE-4',
                    ),
                    ['grey iron', 'steel', 'aluminium', 'magnesium'],
                ),
            ],
            'Working' => [
                PolicySetting::choice('order_of_work', 'Order of work', 'WORK-1', OrderOfWork::cases()),
                PolicySetting::choice('order_of_parts', 'Pistons and sleeves are ordered', 'WORK-1a', OrderOfParts::cases()),
                PolicySetting::among('own_work', 'Verifying one’s own work', 'WORK-4', [
                    'warned' => 'It is allowed, and the signer is told.',
                    'forbidden' => 'A second person must verify before anything is signed.',
                ]),
                PolicySetting::choice('grind_aim', 'Where in its range a journal is ground to', 'JRNL-4', GrindAim::cases()),
                PolicySetting::choice('mirror_finish', 'A journal polished like a mirror', 'JRNL-7', MirrorFinish::cases()),
                PolicySetting::choice('mixed_shells', 'The two half shells of a journal', 'JRNL-9', MixedShells::cases()),
                PolicySetting::whole('most_off_a_rod', 'Most weight off a rod', 'in grams, to match its set', 'ROD-3', 1, 500),
            ],
            'House limits, where a sheet has none' => self::houseLimits(),
            'Bores, in inches' => self::lengths('bore_in', self::OF_BORES, PolicySetting::inches(...)),
            'Bores, in millimetres' => self::lengths('bore_mm', self::OF_BORES, PolicySetting::millimetres(...)),
            'Other allowances, in inches' => self::lengths('parts_in', self::OF_PARTS, PolicySetting::inches(...)),
            'Other allowances, in millimetres' => self::lengths('parts_mm', self::OF_PARTS, PolicySetting::millimetres(...)),
        ];
    }

    /** @return list<PolicySetting> */
    private static function houseLimits(): array
    {
        $settings = [];
        foreach (self::HOUSE_CLASSES as $class => $name) {
            foreach (['out_of_round' => 'out-of-round', 'taper' => 'taper'] as $limit => $word) {
                $settings[] = PolicySetting::optionalLength(
                    "house_limits.{$class}.{$limit}",
                    "{$name}, {$word}",
                    'at most in service; always called the shop’s own',
                    'BORE-6',
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
     * @param  array<string, array{string, string, string}>  $settings
     * @param  callable(string, string, string, string): PolicySetting  $make
     * @return list<PolicySetting>
     */
    private static function lengths(string $group, array $settings, callable $make): array
    {
        return array_values(
            array_map(
                static fn (string $key, array $said): PolicySetting => $make("{$group}.{$key}", ...$said),
                array_keys($settings),
                $settings,
            ),
        );
    }
}
