<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Gauging\Decision;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/** Findings of one bore (BORE-6). */
final readonly class BoreFindings
{
    private const RULE = 'BORE-6';

    private Subject $subject;

    /** @param  EnginePart  $part  The block, or the cylinders where they are pieces of their own */
    public function __construct(private EnginePart $part, int $cylinder)
    {
        $this->subject = Subject::bore($cylinder);
    }

    /**
     * A limit fails as soon as one value is past it, and holds only when nothing is missing.
     *
     * @param  ?Decision  $decision  Null where no limit is known
     * @param  list<Reading>  $readings
     * @param  list<Place>  $missing
     */
    public function measured(
        Criterion $criterion,
        Length $value,
        Limits $limits,
        ?Decision $decision,
        Uncertainty $uncertainty,
        array $readings,
        array $missing,
        bool $needsSize = false,
    ): Finding {
        return Finding::measured(
            $this->part,
            self::RULE,
            $this->subject,
            $criterion,
            Amount::distance($value),
            $limits,
            $decision,
            $uncertainty,
            Remedy::Machine,
            array_column($readings, 'place'),
            $missing,
            readings: $readings,
            needsSize: $needsSize,
        );
    }

    /** @param  list<Place>  $missing */
    public function unread(Criterion $criterion, Limits $limits, array $missing, bool $needsSize = false): Finding
    {
        return Finding::unread($this->part, self::RULE, $this->subject, $criterion, $missing, limits: $limits, needsSize: $needsSize);
    }

    /**
     * @param  string|Message  $said  What was seen
     * @param  string  $state  The same as a code
     * @param  list<Place>  $places
     */
    public function look(Criterion $criterion, Outcome $outcome, string|Message $said, string $state, array $places): Finding
    {
        return Finding::look($this->part, self::RULE, $this->subject, $criterion, $outcome, $said, $state, Remedy::Machine, $places);
    }
}
