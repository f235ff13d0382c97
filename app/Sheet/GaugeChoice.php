<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Words\Labels;
use App\Words\Line;
use NorthLedger\Core\Gauging\InstrumentKind;

/** One gauge in a list to choose from. */
final readonly class GaugeChoice
{
    /** @param  string  $value  Its tag, or the kind */
    private function __construct(public string $value, public string $words, public InstrumentKind $kind)
    {
    }

    public static function of(string $tag, string $name, InstrumentKind $kind, bool $isPastDue): self
    {
        return new self($tag, "{$tag} {$name}".($isPastDue ? Line::of('gauges.choice.past_due') : ''), $kind);
    }

    public function isOfTheRegister(): bool
    {
        return $this->value !== $this->kind->value;
    }

    public static function ofKind(InstrumentKind $kind): self
    {
        return new self($kind->value, Line::of('gauges.choice.any', ['kind' => Labels::code($kind)]), $kind);
    }
}
