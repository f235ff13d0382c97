<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\PartWalk;
use App\Pages\Stamp;
use App\Record\JobFile;
use App\Words\Line;
use App\Words\PlaceName;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Verification\VerificationState;
use NorthLedger\Core\Verification\VerifiedFeature;

/** The margin beside a finished sheet: each thing against what was ordered, what is out first. */
final readonly class FinishedMargin
{
    private const MOST_LINES = 8;

    /** @param  list<FinishedLine>  $lines */
    private function __construct(
        public Stamp $stamp,
        public array $lines,
        public int $more,
        public string $next,
        public string $left,
        public bool $hasConditions,
    ) {
    }

    public static function of(JobFile $file, Section $section, PartWalk $walk): self
    {
        $features = $file->work()->verification()->part($section);
        $open = array_filter(
            $features,
            static fn (VerifiedFeature $one): bool => $one->state !== VerificationState::Conforms &&
                ($one->state !== VerificationState::Missing || $one->changes !== []),
        );
        uasort($open, static fn (VerifiedFeature $a, VerifiedFeature $b): int => $a->state->urgency() <=> $b->state->urgency());
        $lines = array_map(static fn (VerifiedFeature $one): FinishedLine => FinishedLine::of($file, $one), array_values($open));
        $needed = $walk->needed();

        return new self(
            self::stamp($features),
            array_slice($lines, 0, self::MOST_LINES),
            max(0, count($lines) - self::MOST_LINES),
            $walk->next() === null ? Line::of('verify.all_read') : PlaceName::of($walk->next()).'.',
            $needed === 0 ? '' : Line::counted('verify.to_read', $needed),
            array_filter($features, static fn (VerifiedFeature $one): bool => $one->proof->conditions !== []) !== [],
        );
    }

    /** @param  array<string, VerifiedFeature>  $features */
    public static function stamp(array $features): Stamp
    {
        $count = static fn (callable $which): int => count(array_filter($features, $which));
        $out = $count(static fn (VerifiedFeature $one): bool => $one->state->needsDecision());
        $open = $count(static fn (VerifiedFeature $one): bool => ! $one->state->closesTheWork());

        return match (true) {
            $features === [] => new Stamp(Line::of('verify.stamp.nothing'), Line::of('verify.stamp.nothing_clause'), 'missing'),
            $out > 0 => new Stamp(Line::of('verify.stamp.out'), Line::counted('verify.stamp.out_clause', $out), 'out'),
            $open > 0 => new Stamp(
                Line::of('verify.stamp.open'),
                Line::of('verify.stamp.open_clause', ['open' => $open, 'all' => count($features)]),
                'missing',
            ),
            default => new Stamp(Line::of('verify.stamp.good'), Line::counted('verify.stamp.good_clause', count($features)), 'good'),
        };
    }
}
