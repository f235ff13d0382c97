<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** What an instrument shows, and what an answer to it is worth (PRAC-1). */
final readonly class ShownReading
{
    private function __construct(private ReadInstrument $instrument, private Length $shown, private ?Length $revolution)
    {
    }

    /**
     * @param  Length  $shown  From zero on a dial, with its sign; a size or a depth elsewhere
     * @param  ?Length  $revolution  Of the hand of a dial; needed there alone
     *
     * @throws PlanningException If a size is below zero, or the revolution of a dial is missing or not above zero
     */
    public static function on(ReadInstrument $instrument, Length $shown, ?Length $revolution = null): self
    {
        if (! $instrument->hasDial()) {
            return $shown->isNegative()
                ? throw PlanningException::impossible('shown_size', $shown->nanometres)
                : new self($instrument, $shown, null);
        }

        return match (true) {
            $revolution === null => throw PlanningException::missing('revolution_of_the_dial'),
            ! $revolution->isPositive() => throw PlanningException::impossible('revolution_of_the_dial', $revolution->nanometres),
            default => new self($instrument, $shown, $revolution),
        };
    }

    /** The first that holds, in the order of the verdicts. */
    public function verdictOn(Length $answer): ReadingVerdict
    {
        $off = abs($answer->nanometres - $this->shown->nanometres);
        $line = $this->instrument->barrelLine()?->nanometres;

        return match (true) {
            $off === 0 => ReadingVerdict::Right,
            $off === $line => ReadingVerdict::OneBarrelLine,
            $answer->nanometres === $this->withoutVernier() => ReadingVerdict::VernierNotRead,
            $this->instrument->hasDial() && $answer->nanometres === -$this->shown->nanometres => ReadingVerdict::Sign,
            $answer->nanometres === $this->readBackwards() => ReadingVerdict::ReadBackwards,
            $off === $this->revolution?->nanometres => ReadingVerdict::OneRevolution,
            default => ReadingVerdict::Wrong,
        };
    }

    private function withoutVernier(): ?int
    {
        $division = $this->instrument->thimbleDivision()?->nanometres;

        return $division === null ? null : $this->shown->nanometres - ($this->shown->nanometres % $division);
    }

    /** The rest within one turn of the thimble taken from its other end. */
    private function readBackwards(): ?int
    {
        $line = $this->instrument->barrelLine()?->nanometres;
        if ($line === null || ! $this->instrument->readsCoveredLines()) {
            return null;
        }
        $rest = $this->shown->nanometres % $line;

        return $this->shown->nanometres - $rest + ($line - $rest);
    }
}
