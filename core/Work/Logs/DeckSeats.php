<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Logs;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Engine\Specification\ValveKind;

/** The valve seats that stand in a deck, and what its passes did to each: one that was cut is lower and is cut anew (DECK-4). */
final readonly class DeckSeats
{
    /** @param  array<string, SeatTouch>  $touched  By seat: “exhaust.3” */
    private function __construct(public array $touched)
    {
    }

    /**
     * @param  int  $bank  From 1 on
     * @param  list<array<string, SeatTouch>>  $passes  What each pass touched, by seat; what it does not say it left alone
     */
    public static function of(SpecificationSheet $sheet, int $bank, array $passes): self
    {
        $touched = [];
        foreach ($sheet->layout->banks[$bank - 1] ?? [] as $cylinder) {
            foreach (ValveKind::cases() as $valve) {
                if ($sheet->valveTrain->isInTheBlock($valve)) {
                    $touched["{$valve->value}.{$cylinder}"] = SeatTouch::Untouched;
                }
            }
        }
        foreach ($passes as $pass) {
            foreach (array_intersect_key($pass, $touched) as $seat => $touch) {
                $touched[$seat] = $touched[$seat]->orWorse($touch);
            }
        }

        return new self($touched);
    }

    /** @return list<string> Seats that are so now */
    public function that(SeatTouch $touch): array
    {
        return array_keys(array_filter($this->touched, static fn (SeatTouch $one): bool => $one === $touch));
    }
}
