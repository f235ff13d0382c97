<?php

declare(strict_types=1);

namespace NorthLedger\Core\Receiving;

/** How an engine comes in. */
enum Arrival: string
{
    case Complete = 'complete';
    case LongBlock = 'long block';
    case ShortBlock = 'short block';
    case BareBlock = 'bare block';
    case HeadOnly = 'head only';
    case CrankshaftOnly = 'crankshaft only';

    public function explanation(): string
    {
        return match ($this) {
            self::Complete => 'with everything that is bolted on',
            self::LongBlock => 'block, crank, pistons and head, nothing bolted on',
            self::ShortBlock => 'block, crank and pistons, no head',
            self::BareBlock => 'the block with its caps, or the case halves and cylinders',
            self::HeadOnly => 'the head with its valves',
            self::CrankshaftOnly => 'the bare crankshaft',
        };
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
        };
    }
}
