<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The core's one direction; run by the static analysis. */
final class ArchitectureRules
{
    private const ORDER = [
        'Quantity',
        'Document',
        'Geometry',
        'Gauging',
        'Engine\\Specification',
        'Engine\\Identification',
        'Engine\\Places',
        'Engine\\Policy',
        'Record',
        'Finding',
        'Inspection',
        'Features',
        'Assessment',
        'Planning',
        'Work',
        'Verification',
        'Simulation',
        'Scheduling',
        'Loading',
        'Practice',
    ];

    public function test_core_knows_no_framework_and_no_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('NorthLedger\Core'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Illuminate'), Selector::inNamespace('App'), Selector::inNamespace('Symfony'))
            ->because('all computation can be tested, and used, without the application');
    }

    /** @return iterable<Rule> */
    public function test_nothing_depends_on_what_comes_after_it(): iterable
    {
        foreach (self::ORDER as $index => $layer) {
            $later = array_slice(self::ORDER, $index + 1);
            if ($later !== []) {
                yield PHPat::rule()
                    ->classes(Selector::inNamespace("NorthLedger\\Core\\{$layer}"))
                    ->shouldNotDependOn()
                    ->classes(...array_map(static fn (string $one) => Selector::inNamespace("NorthLedger\\Core\\{$one}"), $later))
                    ->because('a reader follows the core from quantities to work, and never back');
            }
        }
    }

    /** @return iterable<Rule> */
    public function test_features_know_each_other_only_through_what_was_read(): iterable
    {
        $folders = array_map(basename(...), glob(dirname(__DIR__, 2).'/core/Features/*', GLOB_ONLYDIR) ?: []);
        foreach ($folders as $folder) {
            yield PHPat::rule()
                ->classes(Selector::inNamespace("NorthLedger\\Core\\Features\\{$folder}"))
                ->shouldNotDependOn()
                ->classes(
                    ...array_map(
                        static fn (string $one) => Selector::inNamespace("NorthLedger\\Core\\Features\\{$one}"),
                        array_values(array_diff($folders, [$folder])),
                    ),
                )
                ->because('a feature can be added, changed or taken away by its own folder');
        }
    }
}
