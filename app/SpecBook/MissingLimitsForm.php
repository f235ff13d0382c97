<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Record\JobFile;
use App\Words\AmountDisplay;
use App\Words\Labels;
use App\Words\Line;
use App\Words\SubjectName;
use NorthLedger\Core\Assessment\MissingLimit;
use NorthLedger\Core\Finding\Finding;

/** What the sheet of an engine does not say and something that was read waits for, to be put in where it is missed. */
final readonly class MissingLimitsForm
{
    /** @param  list<LimitLine>  $lines */
    private function __construct(public array $lines)
    {
    }

    public static function of(JobFile $file): self
    {
        $names = new SheetFields([]);

        return new self(
            array_map(
                static fn (MissingLimit $one): LimitLine => new LimitLine(
                    $one->pointer,
                    SheetLeaves::section($one->pointer).', '.$names->label($one->pointer),
                    self::waits($one, new AmountDisplay($file->display)),
                ),
                $file->inspection()->missingLimits(),
            ),
        );
    }

    /** The largest that was read, and where: “up to 2.3 thou, cylinder 1, and 3 more”. */
    private static function waits(MissingLimit $missing, AmountDisplay $display): string
    {
        $read = array_values(array_filter($missing->findings, static fn (Finding $one): bool => $one->value !== null));
        usort($read, static fn (Finding $a, Finding $b): int => $b->value?->value <=> $a->value?->value);
        $first = $read[0] ?? null;
        if ($first === null || $first->value === null) {
            return Labels::criterion($missing->findings[0]->criterion);
        }

        return Line::counted('spec.waits', count($read), [
            'criterion' => Labels::criterion($first->criterion),
            'value' => $display->withUnit($first->value),
            'subject' => lcfirst(SubjectName::of($first->about)),
            'others' => count($read) - 1,
        ]);
    }
}
