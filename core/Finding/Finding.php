<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Gauging\Conformity;
use NorthLedger\Core\Gauging\Decision;
use NorthLedger\Core\Gauging\Fitness;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Message;
use NorthLedger\Core\Record\Reading;

/** One judged criterion: rule, subject, what it rests on, limits, margin, doubt, what is missing, and what it asks for (VER-3). */
final readonly class Finding
{
    /**
     * @param  ?Remedy  $remedy  Null where it holds, or only says something
     * @param  list<Place>  $places  What it rests on
     * @param  list<Place>  $missing
     * @param  string|Message  $said  What is not in the numbers: a look, by its code; or a reason, what is done
     * @param  string  $state  What was looked at or felt, as it is stored; a concession is to that state
     * @param  ?Amount  $margin  Inside the nearer limit; below zero outside
     * @param  list<Reading>  $readings  That can be read again, or with another gauge, to settle it
     * @param  bool  $needsSize  True where readings count from a zero whose size is not known (GAUGE-2)
     */
    private function __construct(
        public EnginePart $part,
        public string $rule,
        public Subject $about,
        public Criterion $criterion,
        public Outcome $outcome,
        public ?Remedy $remedy,
        public array $places = [],
        public array $missing = [],
        public string|Message $said = '',
        public ?Amount $value = null,
        public ?Limits $limits = null,
        public ?Amount $margin = null,
        public ?Uncertainty $uncertainty = null,
        public bool $isCloseCall = false,
        public string $state = '',
        public array $readings = [],
        public bool $needsSize = false,
    ) {
    }

    /**
     * @param  list<Place>  $places
     * @param  ?Decision  $decision  Null where no limit is known
     * @param  list<Place>  $missing  Until they are read it can fail, and not hold
     * @param  list<Reading>  $readings
     */
    public static function measured(
        EnginePart $part,
        string $rule,
        Subject $subject,
        Criterion $criterion,
        Amount $value,
        Limits $limits,
        ?Decision $decision,
        Uncertainty $uncertainty,
        Remedy $remedy,
        array $places,
        array $missing = [],
        string|Message $said = '',
        array $readings = [],
        bool $needsSize = false,
    ): self {
        $outcome = match (true) {
            $decision?->conformity === Conformity::Fails => Outcome::Fail,
            $missing !== [] || $needsSize => Outcome::Missing,
            $decision === null => Outcome::NoLimit,
            $decision->conformity === Conformity::Undecided => Outcome::Undecided,
            default => Outcome::Pass,
        };

        return new self(
            $part,
            $rule,
            $subject,
            $criterion,
            $outcome,
            $outcome === Outcome::Fail ? $remedy : null,
            $places,
            $missing,
            $said,
            $value,
            $limits,
            $decision === null ? null : Amount::of($value->measurand, $decision->margin->nanometres),
            $uncertainty,
            $decision->isCloseCall ?? false,
            readings: $readings,
            needsSize: $needsSize,
        );
    }

    /**
     * A value without a gauge's doubt: a mass, a roughness, a volume.
     *
     * @param  list<Place>  $places
     */
    public static function held(
        EnginePart $part,
        string $rule,
        Subject $subject,
        Criterion $criterion,
        Amount $value,
        Limits $limits,
        Remedy $remedy,
        array $places,
        string|Message $said = '',
    ): self {
        $margin = $limits->margin($value);
        $outcome = match ($margin?->isNegative()) {
            null => Outcome::NoLimit,
            true => Outcome::Fail,
            false => Outcome::Pass,
        };

        return new self(
            $part,
            $rule,
            $subject,
            $criterion,
            $outcome,
            $outcome === Outcome::Fail ? $remedy : null,
            $places,
            [],
            $said,
            $value,
            $limits,
            $margin,
        );
    }

    /** @param  list<Place>  $places */
    public static function passed(
        EnginePart $part,
        string $rule,
        Subject $subject,
        Criterion $criterion,
        string|Message $said,
        array $places,
    ): self {
        return new self($part, $rule, $subject, $criterion, Outcome::Pass, null, $places, [], $said);
    }

    /** @param  list<Place>  $places */
    public static function failed(
        EnginePart $part,
        string $rule,
        Subject $subject,
        Criterion $criterion,
        string|Message $said,
        Remedy $remedy,
        array $places,
        string $state = '',
    ): self {
        return new self($part, $rule, $subject, $criterion, Outcome::Fail, $remedy, $places, [], $said, state: $state);
    }

    /** What nobody can judge, since the specification does not say what it would be judged by. */
    public static function limitless(EnginePart $part, string $rule, Subject $subject, Criterion $criterion, string|Message $said): self
    {
        return new self($part, $rule, $subject, $criterion, Outcome::NoLimit, null, said: $said);
    }

    /** @param  list<Place>  $missing */
    public static function unread(
        EnginePart $part,
        string $rule,
        Subject $subject,
        Criterion $criterion,
        array $missing,
        string|Message $said = '',
        ?Limits $limits = null,
        bool $needsSize = false,
    ): self {
        return new self(
            $part,
            $rule,
            $subject,
            $criterion,
            Outcome::Missing,
            null,
            [],
            $missing,
            $said,
            limits: $limits,
            needsSize: $needsSize,
        );
    }

    /**
     * Something seen or felt.
     *
     * @param  list<Place>  $places  Where one looks
     */
    public static function look(
        EnginePart $part,
        string $rule,
        Subject $subject,
        Criterion $criterion,
        Outcome $outcome,
        string|Message $said,
        string $state,
        Remedy $remedy,
        array $places,
    ): self {
        $isMissing = $outcome === Outcome::Missing;

        return new self(
            $part,
            $rule,
            $subject,
            $criterion,
            $outcome,
            $outcome === Outcome::Fail ? $remedy : null,
            $isMissing ? [] : $places,
            $isMissing ? $places : [],
            $said,
            state: $state,
        );
    }

    /** The same finding where a customer lives with it, signed (VER-5). */
    public function conceded(): self
    {
        return new self(
            $this->part,
            $this->rule,
            $this->about,
            $this->criterion,
            Outcome::Concession,
            null,
            $this->places,
            [],
            $this->said,
            $this->value,
            $this->limits,
            $this->margin,
            $this->uncertainty,
            $this->isCloseCall,
            $this->state,
            $this->readings,
            $this->needsSize,
        );
    }

    public function restsOn(Feature $feature): bool
    {
        return array_filter($this->places, static fn (Place $place): bool => $place->feature === $feature) !== [];
    }

    /** True where the gauge could not tell, whatever it read: its doubt is more than half the tolerance (GAUGE-9). */
    public function isBeyondItsGauge(): bool
    {
        $tolerance = $this->limits?->tolerance();

        return $this->uncertainty !== null && $tolerance !== null && Fitness::of($this->uncertainty, $tolerance) === Fitness::Unfit;
    }

    /** True where something was read of it, and nobody knows how much of that is allowed; whatever else is still to be read. */
    public function lacksLimit(): bool
    {
        return $this->outcome === Outcome::NoLimit || ($this->value !== null && $this->limits?->areKnown() === false);
    }

    /** How far past its limit, as a share of the tolerance; a look that fails is past any. */
    public function overshoot(): float
    {
        $tolerance = $this->limits?->tolerance();

        return $this->margin === null || $tolerance?->isPositive() !== true ? INF : -$this->margin->value / $tolerance->nanometres;
    }

    /** What tells it from every other finding of the engine; made of codes, so that a word may change and what was signed holds. */
    public function key(): string
    {
        return "{$this->rule}/{$this->about->code}/{$this->criterion->value}";
    }
}
