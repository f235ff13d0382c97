<?php

declare(strict_types=1);

namespace App\Stages\Plan;

use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Words\Line;
use NorthLedger\Core\Features\Faces\DeckToTarget;
use NorthLedger\Core\Planning\EnginePlan;
use NorthLedger\Core\Quantity\Length;

/** What this engine is built to, as the form asks it, and what each deck has to lose for it at its corners (DECK-6). */
final readonly class BuildTargets
{
    /**
     * @param  array<string, string>  $fields  Labels by what they are about: “deck”, “ratio.1”
     * @param  list<array{label: string, typed: string, reason: string}>  $kept
     * @param  list<string>  $corners  A sentence for each bank
     */
    private function __construct(public array $fields, public array $kept, public array $corners)
    {
    }

    public static function of(JobFile $file, ?EnginePlan $plan): self
    {
        $fields = $file->sheet->deck === null ? [] : ['deck' => Line::of('plan.target.deck')];
        $banks = array_map(static fn (int $index): int => $index + 1, array_keys($file->sheet->layout->banks));
        foreach ($banks as $bank) {
            foreach (['ratio', 'chamber'] as $kind) {
                $fields["{$kind}.{$bank}"] = Line::of(count($banks) > 1 ? "plan.target.{$kind}_of_bank" : "plan.target.{$kind}", [
                    'bank' => $bank,
                ]);
            }
        }

        return new self($fields, self::kept($file), self::corners($file, $banks));
    }

    /** @return list<array{label: string, typed: string, reason: string}> */
    private static function kept(JobFile $file): array
    {
        $kept = [];
        foreach ($file->record->observations()->newest(EntryKind::BuildTarget) as $subject => $said) {
            if ($said->text('typed') !== '') {
                $kind = match (true) {
                    $subject === 'deck' => 'deck',
                    $said->number('ratio') !== null => 'ratio',
                    default => 'chamber',
                };
                $kept[] = ['label' => Line::of("plan.target.{$kind}"), 'typed' => $said->text('typed'), 'reason' => $said->text('reason')];
            }
        }

        return $kept;
    }

    /**
     * @param  list<int>  $banks
     * @return list<string>
     */
    private static function corners(JobFile $file, array $banks): array
    {
        $wanted = $file->plan()->wishes()->deckClearance;
        if ($wanted === null) {
            return [];
        }

        $targets = array_map(static fn (int $bank): ?DeckToTarget => $file->inspection()->deckToTarget($bank, $wanted), $banks);

        return [
            ...array_map(
                static fn (int $bank, ?DeckToTarget $target): string => self::corner($file, $bank, $wanted, $target),
                $banks,
                $targets,
            ),
            ...self::across($file, ...$targets),
        ];
    }

    private static function corner(JobFile $file, int $bank, Length $wanted, ?DeckToTarget $target): string
    {
        if ($target === null) {
            return Line::of('plan.target.unread', ['bank' => $bank]);
        }
        $cuts = [];
        foreach ($target->cuts as $cylinder => $cut) {
            $cuts[] = Line::of('plan.target.cut', ['cylinder' => $cylinder, 'cut' => $file->display->magnitudeWithUnit($cut)]);
        }
        $gasket = $file->sheet->volumes->gasketThickness;

        return implode(' ', [
            ...self::along($file, $target),
            Line::of($target->canBeReached() ? 'plan.target.corners' : 'plan.target.proud', [
                'cuts' => implode(', ', $cuts),
                'most' => $file->display->magnitudeWithUnit($target->parallel),
                'spread' => $file->display->magnitudeWithUnit($target->spread),
            ]),
            ...$gasket === null
                ? []
                : [Line::of('plan.target.to_head', ['distance' => $file->display->sizeWithUnit($wanted->plus($gasket))])],
        ]);
    }

    /** @return list<string> */
    private static function along(JobFile $file, DeckToTarget $target): array
    {
        $along = $target->along();
        if ($along === null || $along->isZero()) {
            return [];
        }
        $corners = array_keys($target->cuts);
        $ends = [$corners[0], $corners[count($corners) - 1]];
        [$higher, $lower] = $along->isNegative() ? array_reverse($ends) : $ends;

        return [
            Line::of('plan.target.along', [
                'by' => $file->display->magnitudeWithUnit($along->absolute()),
                'higher' => $higher,
                'lower' => $lower,
            ]),
        ];
    }

    /** @return list<string> One bank against the other; where there is one, pistons say nothing of the tilt across */
    private static function across(JobFile $file, ?DeckToTarget $first = null, ?DeckToTarget $second = null): array
    {
        $above = $first === null || $second === null ? null : $first->above($second);
        if ($above === null || $above->isZero()) {
            return [];
        }

        return [
            Line::of('plan.target.across', [
                'by' => $file->display->magnitudeWithUnit($above->absolute()),
                'higher' => $above->isNegative() ? 2 : 1,
                'lower' => $above->isNegative() ? 1 : 2,
            ]),
        ];
    }
}
