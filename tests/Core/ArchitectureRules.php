<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The core's one direction; run by the static analysis. */
final class ArchitectureRules
{
    private const ORDER = ['Quantity', 'Document', 'Geometry', 'Gauging', 'Spec', 'Cracks', 'Policy', 'Receiving', 'Judgement', 'Precheck', 'Planning', 'Inspection', 'Work', 'Simulation'];

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
}
