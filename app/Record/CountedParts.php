<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\JobObservations;
use App\Storage\Said;
use App\Words\PartName;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Receiving\Arrival;
use NorthLedger\Core\Features\Receiving\CountedState;
use NorthLedger\Core\Features\Receiving\PartGroup;
use NorthLedger\Core\Features\Receiving\PartLine;
use NorthLedger\Core\Features\Receiving\PartsList;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Message;

/** The parts of an engine that are expected as it came, and what was counted in of them; folded from a job's observations. */
final readonly class CountedParts
{
    /**
     * @param  array<string, PartLine>  $expected  By key
     * @param  array<string, Said>  $counts  What was counted, by key
     */
    private function __construct(public array $expected, public array $counts)
    {
    }

    public static function of(SpecificationSheet $sheet, Arrival $arrival, JobObservations $observations): self
    {
        $counts = $observations->newest(EntryKind::PartCount);
        $others = [];
        foreach ($counts as $key => $count) {
            $line = PartLine::other($count->text('words'), $count->whole('of') ?? 1);
            if ($line !== null) {
                $others[$key] = $line;
            }
        }

        return new self([...PartsList::expected($sheet, $arrival), ...$others], $counts);
    }

    /** @return array<string, int> How many of what did not come, or are of another engine, by key; what is not counted in is not missing */
    public function missing(): array
    {
        $missing = [];
        foreach (array_intersect_key($this->counts, $this->expected) as $key => $count) {
            $isOfAnother = CountedState::tryFrom($count->text('state')) === CountedState::NotOurs;
            $lacking = $this->expected[$key]->count - ($isOfAnother ? 0 : $count->whole('count') ?? $this->expected[$key]->count);
            if ($lacking > 0) {
                $missing[$key] = $lacking;
            }
        }

        return $missing;
    }

    /** True where a part was counted in as missing: nothing is asked of it (VER-2). */
    public function isMissing(EnginePart $part): bool
    {
        $key = match ($part) {
            EnginePart::Block => isset($this->expected['case-halves']) ? 'case-halves' : 'block',
            EnginePart::Cylinders => 'cylinders',
            EnginePart::Head => 'heads',
            EnginePart::Crankshaft => 'crankshaft',
            EnginePart::Rods => 'rods',
        };
        $count = $this->counts[$key] ?? null;

        return $count !== null &&
            CountedState::tryFrom($count->text('state')) === CountedState::Missing &&
            ($count->whole('count') ?? 0) === 0;
    }

    /** @return list<PartDefect> What came damaged, or is of another engine, each with its remark */
    public function defects(): array
    {
        $defects = [];
        foreach ($this->counts as $key => $count) {
            $state = CountedState::tryFrom($count->text('state'));
            $line = $this->expected[$key] ?? null;
            if ($line !== null && ($state === CountedState::Damaged || $state === CountedState::NotOurs)) {
                $defects[] = PartDefect::found(
                    self::partOf($line->group),
                    Remedy::Nothing,
                    'VER-1',
                    new Message('receive.part.came', [
                        'part' => PartName::of($line),
                        'state' => $state,
                        'remark' => $count->text('remark') === '' ? '' : ", {$count->text('remark')}",
                    ]),
                );
            }
        }

        return $defects;
    }

    private static function partOf(PartGroup $group): EnginePart
    {
        return match ($group) {
            PartGroup::Head => EnginePart::Head,
            PartGroup::Crankshaft => EnginePart::Crankshaft,
            PartGroup::RunningGear => EnginePart::Rods,
            PartGroup::Block, PartGroup::BoltedOn, PartGroup::Other => EnginePart::Block,
        };
    }

    /** @return list<PartLine> Expected and not counted in yet */
    public function uncounted(): array
    {
        return array_values(array_diff_key($this->expected, $this->counts));
    }
}
