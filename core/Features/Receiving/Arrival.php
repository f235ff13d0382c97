<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

use NorthLedger\Core\Engine\Specification\EnginePart;

/** How an engine comes in. */
enum Arrival: string
{
    case Complete = 'complete';
    case LongBlock = 'long block';
    case ShortBlock = 'short block';
    case BareBlock = 'bare block';
    case HeadOnly = 'head only';
    case CrankshaftOnly = 'crankshaft only';
    case RodsOnly = 'rods only';

    /** True where the part comes with an engine that comes in so. */
    public function brings(EnginePart $part): bool
    {
        if ($this === self::RodsOnly) {
            return $part === EnginePart::Rods;
        }
        $groups = match ($part) {
            EnginePart::Block, EnginePart::Cylinders => [PartGroup::Block],
            EnginePart::Head => [PartGroup::Head],
            EnginePart::Crankshaft => [PartGroup::Crankshaft, PartGroup::RunningGear],
            EnginePart::Rods => [PartGroup::RunningGear],
        };

        return array_filter($groups, fn (PartGroup $group): bool => in_array($group, $this->groups(), true)) !== [];
    }

    /** @return list<PartGroup> What should come with it */
    public function groups(): array
    {
        return match ($this) {
            self::Complete => PartGroup::cases(),
            self::LongBlock => [PartGroup::Block, PartGroup::RunningGear, PartGroup::Head],
            self::ShortBlock => [PartGroup::Block, PartGroup::RunningGear],
            self::BareBlock => [PartGroup::Block],
            self::HeadOnly => [PartGroup::Head],
            self::CrankshaftOnly => [PartGroup::Crankshaft],
            self::RodsOnly => [],
        };
    }
}
