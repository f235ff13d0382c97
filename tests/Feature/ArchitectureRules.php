<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The application's rooms and their one direction; run by the static analysis. */
final class ArchitectureRules
{
    /** Each uses only those before it. */
    private const ORDER = [
        'People',
        'Storage',
        'Security',
        'Words',
        'Record',
        'Pages',
        'Drawings',
        'Ledger',
        'Http',
        'Gauges',
        'Feed',
        'Sheet',
    ];

    /** Rooms of their own beside each other: nobody but the house's front door knows them. */
    private const ROOMS = [
        'Bench',
        'Journal',
        'Package',
        'Photos',
        'Shop',
        'SpecBook',
        'Documents',
        'Stages',
        'Backup',
        'Door',
        'Console',
        'Providers',
    ];

    private const STAGES = ['Receive', 'Clean', 'Cracks', 'Judge', 'Plan', 'Work', 'Verify', 'Release'];

    /** @return iterable<Rule> */
    public function test_nothing_depends_on_what_comes_after_it(): iterable
    {
        foreach (self::ORDER as $index => $room) {
            $later = [...array_slice(self::ORDER, $index + 1), ...self::ROOMS];
            yield PHPat::rule()
                ->classes(Selector::inNamespace("App\\{$room}"))
                ->shouldNotDependOn()
                ->classes(...array_map(static fn (string $one) => Selector::inNamespace("App\\{$one}"), $later))
                ->because('what was said and read comes first, then what is made of it, then the pages that show it');
        }
    }

    /** @return iterable<Rule> */
    public function test_a_stage_knows_no_other_stage(): iterable
    {
        foreach (self::STAGES as $stage) {
            yield PHPat::rule()
                ->classes(Selector::inNamespace("App\\Stages\\{$stage}"))
                ->shouldNotDependOn()
                ->classes(
                    ...array_map(
                        static fn (string $one) => Selector::inNamespace("App\\Stages\\{$one}"),
                        array_values(array_diff(self::STAGES, [$stage])),
                    ),
                )
                ->because('a stage is extended by its own folder; what two need is below both');
        }
    }

    public function test_only_storage_defines_tables(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::AllOf(Selector::inNamespace('App'), Selector::Not(Selector::inNamespace('App\Storage'))))
            ->shouldNotExtend()
            ->classes(Selector::classname('Illuminate\Database\Eloquent\Model'))
            ->because('rows and their columns are known in one place');
    }
}
