<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Logs;

use NorthLedger\Core\Features\Bores\Crosshatch;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Honing\Stint;

/** A stint at one bore, as it was logged (HONE-3). */
final readonly class LoggedStint
{
    /**
     * @param  string  $operation  Key of its operation
     * @param  string  $set  Which set of abrasives
     * @param  ?float  $rpm  Null with cycles or stroke: no angle is known
     * @param  ?Length  $stones  How long they are; null where nobody said
     * @param  ?Length  $room  Below the bore, to whatever stands there; null where nobody measured it
     * @param  bool  $isFinished  The finish was reached
     * @param  bool  $isWarm  It was read warm from the hone: the sizes are too large
     */
    public function __construct(
        public string $operation,
        public string $set,
        public HoneTool $tool,
        public float $seconds,
        public ?SixSizes $before,
        public ?SixSizes $after,
        public ?float $rpm,
        public ?float $cycles,
        public ?Length $stroke,
        public BoreLook $look,
        public bool $isFinished,
        public bool $isWarm,
        public ?Length $stones = null,
        public ?Length $room = null,
    ) {
    }

    /** Warm sizes say nothing of what came off. */
    public function stint(): Stint
    {
        return $this->isWarm ? new Stint($this->seconds) : new Stint($this->seconds, $this->before?->smallest(), $this->after?->smallest());
    }

    public function crosshatch(Length $bore): ?Crosshatch
    {
        return $this->rpm === null || $this->cycles === null || $this->stroke === null
            ? null
            : Crosshatch::ofSpeeds($bore, $this->stroke, $this->rpm, $this->cycles);
    }
}
