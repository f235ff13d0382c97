<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Gauging\Axis;
use NorthLedger\Core\Gauging\Conditions;
use NorthLedger\Core\Gauging\Conformity;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Gauging\LimitKind;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Gauging\Reading;
use NorthLedger\Core\Gauging\Station;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Judgement\BoreInspection;
use NorthLedger\Core\Judgement\BoreMeasures;
use NorthLedger\Core\Judgement\Spread;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Spec\BoreLimits;

/** Verifies finished bores by fresh readings, against the ordered size and the finished limits (WORK-4). */
final readonly class BoreVerification
{
    public function __construct(
        private BoreLimits $service,
        private BoreLimits $finished,
        private RequiredConditions $required,
        private DecisionRule $rule,
    ) {
    }

    /**
     * @param  ?Target  $size  The ordered size; null where the bore was only deglazed and service limits hold
     * @param  array<string, Conditions>  $conditions  By place key, of the readings in the inspection
     */
    public function verify(BoreInspection $bore, ?Target $size, array $conditions, bool $isConceded): VerifiedBore
    {
        $measures = BoreMeasures::of($bore);
        $characteristics = $this->characteristics($bore, $measures, $size);
        $missing = $this->missing($bore);
        $lacking = [];
        foreach ($conditions as $stated) {
            $lacking = [...$lacking, ...$this->required->lacking($stated)];
        }
        $lacking = array_values(array_unique($lacking));
        $conformities = array_map(static fn (VerifiedCharacteristic $one): Conformity => $one->decision->conformity, $characteristics);
        $state = match (true) {
            $isConceded => VerificationState::Conceded,
            in_array(Conformity::Fails, $conformities, true) => VerificationState::Out,
            $missing !== [] => VerificationState::Missing,
            $lacking !== [] => VerificationState::ConditionsLacking,
            in_array(Conformity::Undecided, $conformities, true) => VerificationState::Undecided,
            default => VerificationState::Conforms,
        };

        return new VerifiedBore($bore->cylinder, $state, $size, $measures, $characteristics, $missing, $lacking);
    }

    /** @return list<VerifiedCharacteristic> */
    private function characteristics(BoreInspection $bore, BoreMeasures $measures, ?Target $size): array
    {
        $limits = $size === null ? $this->service : $this->finished;
        $found = [];
        $judged = array_merge([], ...array_map(static fn (Station $station): array => array_values($bore->atStation($station)), Station::JUDGED));
        if ($size !== null && $judged !== []) {
            $ends = Spread::of($judged);
            $found[] = $this->size('largest size', $ends->largest, $size->most, LimitKind::Max);
            $found[] = $this->size('smallest size', $ends->smallest, $size->least, LimitKind::Min);
        }
        foreach ([['out-of-round', Spread::widest($measures->outOfRound), $limits->outOfRound], ['taper', Spread::widest($measures->taper), $limits->taper]] as [$name, $spread, $limit]) {
            if ($spread !== null) {
                $found[] = $this->characteristic($name, $spread->value(), $limit, LimitKind::Max, $spread->uncertainty());
            }
        }

        return $found;
    }

    private function size(string $name, Reading $reading, Length $limit, LimitKind $kind): VerifiedCharacteristic
    {
        return $this->characteristic($name, $reading->corrected, $limit, $kind, $reading->sizeUncertainty());
    }

    private function characteristic(string $name, Length $value, Length $limit, LimitKind $kind, Uncertainty $uncertainty): VerifiedCharacteristic
    {
        return new VerifiedCharacteristic($name, $value, $limit, $this->rule->decide($value, $limit, $kind, $uncertainty));
    }

    /** @return list<Place> */
    private function missing(BoreInspection $bore): array
    {
        $missing = [];
        foreach (Station::JUDGED as $station) {
            foreach (Axis::NEEDED as $axis) {
                if ($bore->reading($station, $axis) === null) {
                    $missing[] = Place::bore($bore->cylinder, $station, $axis);
                }
            }
        }

        return $missing;
    }
}
