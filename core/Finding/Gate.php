<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Gauging\Conformity;
use NorthLedger\Core\Gauging\Decision;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Gauging\LimitKind;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Record\Reading;

/** Holds what was read of one subject against its limits, under the shop's decision rule (GAUGE-6, GAUGE-8). */
final readonly class Gate
{
    public function __construct(
        private EnginePart $part,
        private DecisionRule $rule,
        private Measurements $measurements,
        private string $id,
        private Subject $subject,
    ) {
    }

    /** A gate for the same subject under another rule. */
    public function under(string $id): self
    {
        return new self($this->part, $this->rule, $this->measurements, $id, $this->subject);
    }

    /**
     * The worst of some sizes against a range: the one that is least inside it decides.
     *
     * @param  list<Place>  $places
     */
    public function sizes(Criterion $criterion, array $places, ?LengthRange $range, Remedy $remedy): Finding
    {
        $missing = $this->measurements->missing($places);
        $limits = Limits::range($range);
        $worst = null;
        foreach ($this->measurements->readings($places) as $reading) {
            $margin = $limits->margin(Amount::size($reading->corrected))->value ?? 0;
            $worst = $worst === null || $margin < $worst[1] ? [$reading, $margin] : $worst;
        }
        if ($worst === null) {
            return $this->unread($criterion, $missing);
        }

        return $this->judged(
            $criterion,
            Amount::size($worst[0]->corrected),
            $limits,
            $worst[0]->sizeUncertainty(),
            $remedy,
            [$worst[0]->place],
            $missing,
        );
    }

    /**
     * Largest less smallest of some readings against a limit.
     *
     * @param  list<Place>  $places
     * @param  int  $least  Fewer readings than so many have no spread
     */
    public function spread(Criterion $criterion, array $places, ?Length $limit, Remedy $remedy, int $least = 2): Finding
    {
        $missing = $this->measurements->missing($places);
        $readings = $this->measurements->readings($places);
        if (count($readings) < $least || $readings === []) {
            return $this->unread($criterion, $missing);
        }
        $spread = Spread::of($readings);

        return $this->judged(
            $criterion,
            Amount::distance($spread->value()),
            Limits::atMostLength($limit),
            $spread->uncertainty(),
            $remedy,
            [$spread->largest->place, $spread->smallest->place],
            $missing,
        );
    }

    /**
     * The widest of several spreads against a limit: out-of-round over stations, taper over axes.
     *
     * @param  list<list<Place>>  $groups
     */
    public function widest(Criterion $criterion, array $groups, ?Length $limit, Remedy $remedy): Finding
    {
        $missing = $this->measurements->missing(array_merge([], ...$groups));
        $spreads = array_map(
            fn (array $places): ?Spread => count($readings = $this->measurements->readings($places)) < 2 ? null : Spread::of($readings),
            $groups,
        );
        $spread = Spread::widest($spreads);
        if ($spread === null) {
            return $this->unread($criterion, $missing);
        }

        return $this->judged(
            $criterion,
            Amount::distance($spread->value()),
            Limits::atMostLength($limit),
            $spread->uncertainty(),
            $remedy,
            [$spread->largest->place, $spread->smallest->place],
            $missing,
        );
    }

    /** One reading against limits. */
    public function reading(Criterion $criterion, Place $place, Limits $limits, Remedy $remedy, string|Message $said = ''): Finding
    {
        $reading = $this->measurements->reading($place);
        if ($reading === null) {
            return $this->unread($criterion, [$place]);
        }

        return $this->judged(
            $criterion,
            Amount::of($place->feature->measurand(), $reading->corrected->nanometres),
            $limits,
            $reading->sizeUncertainty(),
            $remedy,
            [$place],
            [],
            $said,
        );
    }

    /** The difference of two readings of different gauges: a clearance, a play. */
    public function difference(Criterion $criterion, Place $outer, Place $inner, ?LengthRange $range, Remedy $remedy): Finding
    {
        $missing = $this->measurements->missing([$outer, $inner]);
        $readings = $this->measurements->readings([$outer, $inner]);
        if (count($readings) < 2) {
            return $this->unread($criterion, $missing);
        }

        return $this->judged(
            $criterion,
            Amount::distance($readings[0]->corrected->minus($readings[1]->corrected)),
            Limits::range($range, Measurand::Distance),
            $readings[0]->differenceUncertainty($readings[1]),
            $remedy,
            [$outer, $inner],
            [],
        );
    }

    /** @param  array<string, Remedy>  $bad  What a look that fails asks for, by its words */
    public function look(Criterion $criterion, Place $place, array $bad): Finding
    {
        $look = $this->measurements->look($place);

        return match (true) {
            $look === null => $this->unread($criterion, [$place]),
            isset($bad[$look]) => Finding::failed($this->part, $this->id, $this->subject, $criterion, $look, $bad[$look], [$place], $look),
            default => Finding::passed($this->part, $this->id, $this->subject, $criterion, $look, [$place]),
        };
    }

    /** A mass, a roughness or a volume against its limits; nothing where it was not read and nothing needs it. */
    public function value(Criterion $criterion, Place $place, Limits $limits, Remedy $remedy, string|Message $said = ''): ?Finding
    {
        $value = $this->measurements->value($place);

        return $value === null
            ? null
            : Finding::held(
                $this->part,
                $this->id,
                $this->subject,
                $criterion,
                Amount::of($place->feature->measurand(), $value),
                $limits,
                $remedy,
                [$place],
                $said,
            );
    }

    /** @param  list<Place>  $missing */
    public function unread(Criterion $criterion, array $missing, string|Message $said = ''): Finding
    {
        return Finding::unread($this->part, $this->id, $this->subject, $criterion, $missing, $said);
    }

    /**
     * A computed length against limits.
     *
     * @param  list<Place>  $places
     * @param  list<Place>  $missing
     */
    public function judged(
        Criterion $criterion,
        Amount $value,
        Limits $limits,
        Uncertainty $uncertainty,
        Remedy $remedy,
        array $places,
        array $missing = [],
        string|Message $said = '',
    ): Finding {
        return Finding::measured(
            $this->part,
            $this->id,
            $this->subject,
            $criterion,
            $value,
            $limits,
            $this->decide($value, $limits, $uncertainty),
            $uncertainty,
            $remedy,
            $places,
            $missing,
            $said,
        );
    }

    /** @param  list<Place>  $places */
    public function passed(Criterion $criterion, string|Message $said, array $places): Finding
    {
        return Finding::passed($this->part, $this->id, $this->subject, $criterion, $said, $places);
    }

    /** @param  list<Place>  $places */
    public function failed(Criterion $criterion, string|Message $said, Remedy $remedy, array $places, string $state = ''): Finding
    {
        return Finding::failed($this->part, $this->id, $this->subject, $criterion, $said, $remedy, $places, $state);
    }

    /** The nearer limit decides; undecided at one of them is undecided. Null where no limit is known. */
    private function decide(Amount $value, Limits $limits, Uncertainty $uncertainty): ?Decision
    {
        $decisions = array_filter([
            $limits->least === null ? null : $this->rule->decide($value->length(), $limits->least->length(), LimitKind::Min, $uncertainty),
            $limits->most === null ? null : $this->rule->decide($value->length(), $limits->most->length(), LimitKind::Max, $uncertainty),
        ]);
        $order = [Conformity::Fails, Conformity::Undecided, Conformity::Conforms];
        usort(
            $decisions,
            static fn (Decision $a, Decision $b): int => [array_search($a->conformity, $order, true), $a->margin->nanometres] <=> [
                array_search($b->conformity, $order, true),
                $b->margin->nanometres,
            ],
        );

        return $decisions[0] ?? null;
    }
}
