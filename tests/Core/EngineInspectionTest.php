<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Assessment\EngineVerdict;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Message;
use PHPUnit\Framework\TestCase;

/** A whole engine judged from its facts, with nothing of the application near it. */
final class EngineInspectionTest extends TestCase
{
    private SpecificationSheet $sheet;

    protected function setUp(): void
    {
        $this->sheet = Bench::sheet('tarn-4-198');
    }

    public function test_a_sound_engine_is_rebuildable_as_it_is_once_somebody_looked_for_cracks(): void
    {
        $inspection = $this->inspect(new KnownEngine($this->sheet));
        $this->assertSame([EngineVerdict::AsIs, PartVerdict::Serviceable], [$inspection->engine()->verdict, $inspection->bores()->verdict]);

        $unchecked = $this->inspect(new KnownEngine($this->sheet), ['crack_check' => ['block' => 'needed'] + $this->needs()]);
        $this->assertSame(EngineVerdict::NotYetKnown, $unchecked->engine()->verdict, 'no part is called good unchecked');
        $this->assertSame(
            ['CRACK-5a'],
            array_values(array_unique(array_map(static fn (PartDefect $defect): string => $defect->rule, $unchecked->defects()))),
        );
    }

    public function test_each_section_is_judged_when_it_is_asked_for_and_once(): void
    {
        $facts = new KnownEngine($this->sheet);
        $inspection = $this->inspect($facts);
        $inspection->bores();
        $this->assertSame([], $facts->asked, 'the bores need no other sheet');
        $this->assertSame($inspection->judged(Section::Rods), $inspection->judged(Section::Rods));
        $this->assertSame(['rods'], array_values(array_unique($facts->asked)));
        $inspection->judged(Section::Crankshaft);
        $this->assertSame(
            ['rods', 'crankshaft', 'housings'],
            array_values(array_unique($facts->asked)),
            'its oil clearances rest on housings and rods',
        );
    }

    public function test_what_the_customer_lives_with_no_longer_fails(): void
    {
        $bent = ['bend.3' => 200_000];
        $failing = $this->inspect(new KnownEngine($this->sheet, ['rods' => $bent]));
        $this->assertSame(PartVerdict::Recondition, $failing->judged(Section::Rods)->verdict());
        $this->assertSame(EngineVerdict::WithMachining, $failing->engine()->verdict);

        $conceded = $this->inspect(
            new KnownEngine(
                $this->sheet,
                ['rods' => $bent],
                concedes: static fn (Finding $finding): bool => $finding->key() === 'ROD-4/rod.3/bend',
            ),
        );
        $outcomes = array_map(static fn (Finding $finding): Outcome => $finding->outcome, $conceded->judged(Section::Rods)->findings);
        $this->assertContains(Outcome::Concession, $outcomes);
        $this->assertNotContains(Outcome::Fail, $outcomes);
    }

    public function test_a_part_that_did_not_come_is_not_judged_and_a_defect_of_one_that_did_is(): void
    {
        $absent = $this->inspect(new KnownEngine($this->sheet, ['rods' => ['bend.3' => 200_000]], absent: [EnginePart::Rods]));
        $this->assertNotContains(EnginePart::Rods, $absent->here());
        $this->assertSame(EngineVerdict::AsIs, $absent->engine()->verdict);

        $cracked = $this->inspect(
            new KnownEngine($this->sheet, defects: [PartDefect::found(EnginePart::Head, Remedy::Scrap, 'CRACK-5', new Message('a.crack'))]),
        );
        $this->assertSame(
            [EngineVerdict::WithRepairs, PartVerdict::Scrap],
            [$cracked->engine()->verdict, $cracked->engine()->parts[EnginePart::Head->value]->verdict],
        );
    }

    public function test_what_would_change_it_is_tried_one_after_the_other(): void
    {
        $inspection = $this->inspect(new KnownEngine($this->sheet, ['heads' => ['drop.1.in' => 'tight']]));
        $changes = iterator_to_array($inspection->changes(), false);
        $this->assertNotSame([], $changes);
        $this->assertSame('valve.1.in', $changes[0]->finding->about->code);
    }

    /** @param  array<string, mixed>  $policy */
    private function inspect(KnownEngine $facts, array $policy = []): EngineInspection
    {
        return new EngineInspection($this->sheet, Bench::policy($policy + ['crack_check' => $this->needs()]), $facts);
    }

    /** @return array<string, mixed> Nobody needs a check, so that what is tested stands alone */
    private function needs(): array
    {
        /** @var array<string, mixed> $needs */
        $needs = Bench::policyDocument()['crack_check'];

        return array_map(static fn (mixed $need): mixed => $need === 'needed' ? 'advised' : $need, $needs);
    }
}
