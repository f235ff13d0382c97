<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Gauging\Conformity;
use NorthLedger\Core\Gauging\Decision;
use NorthLedger\Core\Gauging\Fitness;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/** One judged criterion of one bore: rule, readings it rests on, limit, margin, doubt, and what is missing (VER-3). */
final readonly class Finding
{
    /**
     * @param  list<Reading>  $readings
     * @param  list<Place>  $missing
     * @param  string  $look  What was seen, where the criterion is a look
     * @param  bool  $needsSize  True where readings count from a zero whose size is not known (GAUGE-2)
     */
    private function __construct(
        public Criterion $criterion,
        public string $rule,
        public int $cylinder,
        public Outcome $outcome,
        public array $missing,
        public array $readings = [],
        public ?Length $value = null,
        public ?Length $limit = null,
        public ?Length $margin = null,
        public ?Uncertainty $uncertainty = null,
        public bool $isCloseCall = false,
        public string $look = '',
        public bool $needsSize = false,
    ) {
    }

    /**
     * A limit fails as soon as one value is past it, and holds only when nothing is missing.
     *
     * @param  list<Reading>  $readings
     * @param  list<Place>  $missing
     */
    public static function measured(Criterion $criterion, int $cylinder, Length $value, Length $limit, Decision $decision, Uncertainty $uncertainty, array $readings, array $missing, bool $needsSize = false): self
    {
        $outcome = match (true) {
            $decision->conformity === Conformity::Fails => Outcome::Fail,
            $missing !== [] || $needsSize => Outcome::Missing,
            $decision->conformity === Conformity::Undecided => Outcome::Undecided,
            default => Outcome::Pass,
        };

        return new self($criterion, 'BORE-6', $cylinder, $outcome, $missing, $readings, $value, $limit, $decision->margin, $uncertainty, $decision->isCloseCall, needsSize: $needsSize);
    }

    /** @param  list<Place>  $missing */
    public static function unread(Criterion $criterion, int $cylinder, Length $limit, array $missing, bool $needsSize = false): self
    {
        return new self($criterion, 'BORE-6', $cylinder, Outcome::Missing, $missing, limit: $limit, needsSize: $needsSize);
    }

    /** @param  list<Place>  $missing */
    public static function look(Criterion $criterion, int $cylinder, Outcome $outcome, string $look, array $missing): self
    {
        return new self($criterion, 'BORE-6', $cylinder, $outcome, $outcome === Outcome::Missing ? $missing : [], look: $look);
    }

    /** True where the gauge could not tell, whatever it read: its doubt is more than half the limit (GAUGE-9). */
    public function isBeyondItsGauge(): bool
    {
        return $this->uncertainty !== null && $this->limit !== null && Fitness::of($this->uncertainty, $this->limit) === Fitness::Unfit;
    }

    /** How far past its limit, as a share of the limit; a look that fails is past any. */
    public function overshoot(): float
    {
        return $this->margin === null || $this->limit?->isPositive() !== true ? INF : -$this->margin->nanometres / $this->limit->nanometres;
    }
}
