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

    public function explanation(): string
    {
        return match ($this) {
            self::Complete => 'with everything that is bolted on',
            self::LongBlock => 'block, crank, pistons and head, nothing bolted on',
            self::ShortBlock => 'block, crank and pistons, no head',
            self::BareBlock => 'the block with its caps, or the case halves and cylinders',
            self::HeadOnly => 'the head with its valves',
            self::CrankshaftOnly => 'the bare crankshaft',
            self::RodsOnly => 'a set of connecting rods',
        };
    }

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
