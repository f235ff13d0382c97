<?php

declare(strict_types=1);

namespace Tests\Core;

use Closure;
use NorthLedger\Core\Assessment\Facts;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;

/** The facts of an engine that is sound but for what a test says. */
final class KnownEngine implements Facts
{
    private const SOUND = [1.2, 0.7, 0.8, 0.5, 0.4, 0.3];

    /** @var list<string> Sections in the order in which they were asked for */
    public array $asked = [];

    private readonly MeasuredEngine $engine;

    /**
     * @param  array<string, array<string, int|float|string|null>>  $changes  By section and place
     * @param  list<PartDefect>  $defects
     * @param  list<EnginePart>  $absent
     * @param  ?Closure(Finding): bool  $concedes
     * @param  array<int, list<float|int>>  $bores  Thou over the nominal at the six places, by cylinder, where a test says
     * @param  list<Indication>  $indications
     * @param  float  $pistonUnder  Thou below the nominal; as it stands they are too large for their bores, and new ones go in
     */
    public function __construct(
        private readonly SpecificationSheet $sheet,
        private readonly array $changes = [],
        private readonly array $defects = [],
        private readonly array $absent = [],
        private readonly ?Closure $concedes = null,
        private readonly array $bores = [],
        private readonly array $indications = [],
        private readonly float $pistonUnder = 1.1,
    ) {
        $this->engine = new MeasuredEngine($sheet);
    }

    public function measurements(Section $section): Measurements
    {
        $this->asked[] = $section->value;

        return $this->engine->measurements($section, $this->changes[$section->value] ?? []);
    }

    public function bores(): array
    {
        return array_map(
            fn (int $cylinder): BoreInspection => Bench::bore(
                $this->sheet,
                $cylinder,
                $this->bores[$cylinder] ?? self::SOUND,
                $this->pistonUnder,
            ),
            $this->sheet->layout->cylinders(),
        );
    }

    public function declaredStep(): Length
    {
        return Length::zero();
    }

    public function cracks(): CrackReport
    {
        return new CrackReport($this->sheet, $this->indications, [], [], []);
    }

    public function defects(): array
    {
        return $this->defects;
    }

    public function absent(): array
    {
        return $this->absent;
    }

    public function concedes(Finding $finding): bool
    {
        return $this->concedes !== null && ($this->concedes)($finding);
    }
}
