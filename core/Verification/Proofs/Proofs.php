<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Installed;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\WorkOrder;

/** Everything that proves the work of one order beside the bores, thing by thing (WORK-4). */
final readonly class Proofs
{
    /**
     * @param  list<Proving>  $provings
     * @param  array<string, Proof>  $bySubject  By the code of what is proved
     */
    private function __construct(
        private WorkOrder $order,
        private SpecificationSheet $sheet,
        private array $provings,
        public array $bySubject,
    ) {
    }

    public static function of(WorkOrder $order, SpecificationSheet $sheet): self
    {
        $provings = self::all();
        $bySubject = [];
        foreach ($provings as $proving) {
            foreach ($proving->proofs($order, $sheet) as $proof) {
                $code = $proof->subject->code;
                $bySubject[$code] = isset($bySubject[$code]) ? $bySubject[$code]->plus($proof) : $proof;
            }
        }

        return new self($order, $sheet, $provings, $bySubject);
    }

    /** @return list<Proving> Found by their names, so that one can be added without being listed: `Proved….php` */
    private static function all(): array
    {
        /** @var list<Proving> $all A function of the code that is installed, and of nothing else */
        static $all = [];
        foreach ($all === [] ? Installed::classes('Verification/Proofs/Proved*.php', Proving::class) : [] as $class) {
            $all[] = new $class();
        }

        return $all;
    }

    /** @return list<Proof> */
    public function on(Section $section): array
    {
        return array_values(array_filter($this->bySubject, static fn (Proof $proof): bool => $proof->section === $section));
    }

    /** @return list<Section> That have anything to prove, in the order of the work */
    public function sections(): array
    {
        return array_values(array_filter(Section::beside(), fn (Section $section): bool => $this->on($section) !== []));
    }

    /** The sheet of a section with what is read of finished work only. */
    public function plan(Section $section): InspectionPlan
    {
        $tables = array_map(
            fn (JudgingFinished $one): array => $one->tables($this->order, $this->sheet),
            $this->judging($section),
        );

        return InspectionPlan::of($section, $this->sheet)->with(array_merge([], ...$tables));
    }

    /** @return list<Finding> That only finished work has, of what is proved on the sheet of a section */
    public function findings(Section $section, ShopPolicy $policy, WorkedEngine $engine): array
    {
        return array_merge(
            [],
            ...array_map(
                fn (JudgingFinished $one): array => $one->findings($this->order, $this->sheet, $policy, $engine),
                $this->judging($section),
            ),
        );
    }

    /**
     * @return list<string> Keys of the operations after which a place is another one than before: all that are done to one thing; of a
     *     set, those that are done to all of it or at the place
     */
    public function operationsAt(Place $place): array
    {
        $operations = [];
        foreach ($this->bySubject as $proof) {
            if ($proof->reads($place)) {
                $operations = [
                    ...$operations,
                    ...array_filter(
                        array_keys($proof->operations),
                        static fn (string $key): bool => $proof->subject->number() > 0 || self::isAt($key, $place),
                    ),
                ];
            }
        }

        return array_values(array_unique($operations));
    }

    private static function isAt(string $operation, Place $place): bool
    {
        $at = OperationKey::parse($operation)->place;

        return $at === '' || $at === (string) $place->number || $at === "{$place->number}.{$place->spot}";
    }

    /** @return list<JudgingFinished> */
    private function judging(Section $section): array
    {
        $judging = array_filter($this->provings, static fn (Proving $one): bool => $one instanceof JudgingFinished);

        return array_values(array_filter($judging, static fn (JudgingFinished $one): bool => $one->section() === $section));
    }
}
