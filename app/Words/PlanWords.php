<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Planning\Bar;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\EnginePlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\PlanObstacle;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\Money;

/** Says the plan of an engine: its parts, what can be done about each, and why not. */
final readonly class PlanWords
{
    public function __construct(private LengthDisplay $display, private SpecificationSheet $sheet)
    {
    }

    public function part(OfferedPart $part): string
    {
        [$kind, $number] = explode('.', $part->code.'.');
        $name = Line::of("plan.part.{$kind}", ['number' => $number, 'about' => $part->about]);

        return in_array($kind, ['deck', 'head'], true) && count($this->sheet->layout->banks) > 1
            ? Line::of('plan.part.bank', ['part' => $name, 'bank' => $number])
            : $name;
    }

    public function choice(OfferedPart $part, OfferedChoice $choice): string
    {
        $kind = explode('.', $part->code)[0];
        $own = "plan.choice.{$choice->kind->value}_{$kind}";
        $key = trans()->has($own) ? $own : "plan.choice.{$choice->kind->value}";

        return Line::of($key, [
            'step' =>
                $choice->step === null
                    ? ''
                    : (in_array($choice->kind, [ChoiceKind::Grind, ChoiceKind::GrindOffset], true)
                        ? ltrim($this->display->step($choice->step), '+')
                        : $this->display->step($choice->step)),
            'cut' => $choice->step === null ? '' : $this->display->magnitudeWithUnit($choice->step),
        ]);
    }

    public function bar(Bar $bar): string
    {
        return Line::ofCode('plan.bar', $bar);
    }

    public function obstacle(PlanObstacle $obstacle): string
    {
        return Line::ofCode('plan.obstacle', $obstacle);
    }

    public static function days(int $days): string
    {
        return Line::counted('plan.days', $days);
    }

    /** “7.6 to 1”, or “between 7.6 and 7.8 to 1” where cylinders differ; empty where it is not known. */
    public static function ratio(EnginePlan $plan): string
    {
        $ratios = array_merge([], ...array_values($plan->ratios));
        $shown = array_values(
            array_unique(
                array_map(
                    static fn (float $ratio): string => is_finite($ratio) ? sprintf('%.1f', $ratio) : Line::of('spec.no_volume'),
                    $ratios === [] ? [] : [min($ratios), max($ratios)],
                ),
            ),
        );

        return match (count($shown)) {
            0 => '',
            1 => Line::of('plan.ratio.one', ['ratio' => $shown[0]]),
            default => Line::of('plan.ratio.between', ['least' => $shown[0], 'most' => $shown[1]]),
        };
    }

    public static function money(Money $money): string
    {
        return VerdictWords::money($money->minor);
    }
}
