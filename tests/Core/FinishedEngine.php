<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Record\Conditions;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Record\Reading;
use NorthLedger\Core\Verification\Proofs\Proofs;
use NorthLedger\Core\Verification\WorkVerification;
use NorthLedger\Core\Work\WorkOrder;

/** Everything that an order asks for, read afresh as it was ordered, but for what a test says. */
final class FinishedEngine implements MeasuredSections
{
    public readonly Proofs $proofs;

    /**
     * @param  array<string, array<string, int|float|string|null>>  $incoming  What it came with, by section and place
     * @param  array<string, int|float|string|null>  $changes  What is read otherwise, by place key; null for not read
     */
    public function __construct(
        private readonly SpecificationSheet $sheet,
        WorkOrder $order,
        private readonly array $incoming,
        private readonly array $changes = [],
        private readonly Conditions $conditions = new Conditions(capsTorqued: true, torquePlate: true, cooled: true, clean: true),
    ) {
        $this->proofs = Proofs::of($order, $sheet);
    }

    /** @param  list<string>  $conceded  Codes of subjects */
    public function verification(array $conceded = []): WorkVerification
    {
        return new WorkVerification(
            $this->sheet,
            Bench::policy(),
            $this->proofs,
            new KnownEngine($this->sheet, $this->incoming),
            $this,
            $conceded,
        );
    }

    public function measurements(Section $section): Measurements
    {
        $sound = (new MeasuredEngine($this->sheet))->measurements($section);
        $readings = $conditions = $values = $looks = [];
        foreach ($this->proofs->on($section) as $proof) {
            $wanted = array_filter($proof->optional, fn (Place $place): bool => isset($this->changes[$place->key]));
            foreach ([...$proof->places, ...$wanted] as $place) {
                $key = $place->key;
                $value = array_key_exists($key, $this->changes) ? $this->changes[$key] : $this->asOrdered($place, $sound);
                if ($value === null) {
                    continue;
                }
                if ($place->feature->measurand()->isLength()) {
                    $readings[$key] = $this->reading($place, (int) $value);
                    $conditions[$key] = $this->conditions;
                } elseif ($place->feature->measurand() === Measurand::Look) {
                    $looks[$key] = (string) $value;
                } else {
                    $values[$key] = is_string($value) ? 0 : $value;
                }
            }
        }

        return new Measurements($readings, $conditions, $values, $looks);
    }

    private function asOrdered(Place $place, Measurements $sound): int|float|string
    {
        foreach ($this->proofs->bySubject as $proof) {
            if (
                $proof->size !== null &&
                in_array($place->key, array_map(static fn (Place $one): string => $one->key, $proof->size->places), true)
            ) {
                return $proof->size->target->aim->nanometres;
            }
        }

        return $sound->length($place)->nanometres ?? ($sound->value($place) ?? ($sound->look($place) ?? 0));
    }

    private function reading(Place $place, int $nanometres): Reading
    {
        return MeasuredEngine::reading($place, $nanometres, InstrumentKind::OutsideMicrometer);
    }
}
