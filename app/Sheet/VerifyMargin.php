<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\Stamp;
use App\Record\JobFile;
use App\Words\Labels;
use App\Words\Line;
use App\Words\PlaceName;
use App\Words\VerdictWords;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Gauging\Conformity;
use NorthLedger\Core\Verification\FinishedCharacteristic;
use NorthLedger\Core\Verification\RingGap;
use NorthLedger\Core\Verification\VerificationState;
use NorthLedger\Core\Verification\VerifiedBore;
use NorthLedger\Core\Verification\VerifiedCharacteristic;

/** The margin beside the finished sheet: each bore against what was ordered, what is out first. */
final readonly class VerifyMargin
{
    /** @param  list<VerifiedLine>  $lines */
    private function __construct(public Stamp $stamp, public array $lines, public string $ownWork, public bool $hasOrder)
    {
    }

    public static function of(JobFile $file): self
    {
        $verified = $file->work()->verification()->bores();
        if ($verified === []) {
            return new self(new Stamp(Line::of('sheet.stamp.nothing_verify'), Line::of('verify.bore.no_order'), 'missing'), [], '', false);
        }
        $out = array_values(
            array_map(
                static fn (VerifiedBore $bore): int => $bore->cylinder,
                array_filter($verified, static fn (VerifiedBore $bore): bool => $bore->state === VerificationState::Out),
            ),
        );
        $under = array_values(
            array_map(
                static fn (VerifiedBore $bore): int => $bore->cylinder,
                array_filter($verified, static fn (VerifiedBore $bore): bool => $bore->state === VerificationState::Undersize),
            ),
        );
        $open = count(array_filter($verified, static fn (VerifiedBore $bore): bool => ! $bore->state->closesTheWork()));
        $stamp = match (true) {
            $out !== [] => new Stamp(Line::of('sheet.stamp.out_tolerance'), VerdictWords::cylinders($out), 'out'),
            $open === 0 => new Stamp(Line::of('sheet.stamp.ordered'), Line::of('verify.bore.every_one'), 'good'),
            $under !== [] => new Stamp(Line::of('sheet.stamp.hone_more'), VerdictWords::cylinders($under), 'close'),
            default => new Stamp(Line::of('sheet.stamp.not_yet_verified'), Line::counted('sheet.bores_open', $open), 'missing'),
        };

        uasort($verified, static fn (VerifiedBore $a, VerifiedBore $b): int => $a->state->urgency() <=> $b->state->urgency());

        return new self(
            $stamp,
            array_map(static fn (VerifiedBore $bore): VerifiedLine => self::line($file, $bore), array_values($verified)),
            '',
            true,
        );
    }

    /** “hone 0.4 thou more at bottom, in line”, “taper out by 0.3 thou” */
    private static function failing(JobFile $file, VerifiedCharacteristic $one): string
    {
        $off = $file->display->magnitudeWithUnit($one->decision->margin);
        $where = PlaceName::on($one->place);

        return Line::of($one->what->asksForMoreHoning() ? 'verify.bore.hone_more' : 'verify.bore.out_by', [
            'off' => $off,
            'where' => $where,
            'what' => $one->what->value,
        ]);
    }

    /** A bore that was only deglazed should be as large as it was, within what the gauge can tell. */
    private static function growth(JobFile $file, VerifiedBore $bore): string
    {
        foreach ($bore->characteristics as $one) {
            if (
                $one->what === FinishedCharacteristic::Growth &&
                $bore->size === null &&
                $one->decision->conformity !== Conformity::Fails &&
                $bore->hasGrown()
            ) {
                return Line::of('verify.bore.grew', ['by' => $file->display->magnitudeWithUnit($one->value)]);
            }
        }

        return '';
    }

    private static function misfit(JobFile $file, RingGap $ring): string
    {
        return Line::of($ring->isTight() ? 'verify.ring_tight' : 'verify.ring_wide', [
            'ring' => $ring->ring,
            'gap' => $file->display->size($ring->gap),
            'least' => $file->display->size($ring->range->least),
            'most' => $file->display->sizeWithUnit($ring->range->most),
        ]);
    }

    private static function line(JobFile $file, VerifiedBore $bore): VerifiedLine
    {
        $failing = array_values(
            array_filter(
                $bore->characteristics,
                static fn (VerifiedCharacteristic $one): bool => $one->decision->conformity === Conformity::Fails,
            ),
        );
        $sentences = array_map(static fn (VerifiedCharacteristic $one): string => self::failing($file, $one), $failing);
        foreach ($bore->rings as $ring) {
            $sentences = [...$sentences, ...$ring->fits() ? [] : [self::misfit($file, $ring)]];
        }
        $finish = $bore->measures->bore->looks->finish;
        if ($finish?->mayRun() === false) {
            $sentences[] = Line::of('verify.finish', ['look' => Labels::code($finish)]);
        }
        $growth = self::growth($file, $bore);
        if ($growth !== '') {
            $sentences[] = $growth;
        }
        if ($bore->state === VerificationState::Missing) {
            $sentences[] = Line::counted('verify.bore.still_to_read', count($bore->missing));
        }
        if ($bore->state === VerificationState::NoLimit) {
            $sentences[] = Line::of('verify.bore.no_limit');
        }
        if ($bore->lackingConditions !== []) {
            $sentences[] = rtrim(lcfirst(FinishedLine::lacking($bore->lackingConditions)), '.');
        }
        $disposition = $file->work()->verification()->disposition(Subject::bore($bore->cylinder)->code);
        if ($disposition !== null) {
            $sentences[] = Labels::code($disposition->kind).": {$disposition->reason} ({$disposition->user->name})";
        }

        return new VerifiedLine(
            $bore->cylinder,
            $bore->size === null
                ? Line::of('verify.bore.deglazed_only')
                : $file->display->size($bore->size->least).Line::of('release.range.to').$file->display->size($bore->size->most),
            Line::ofCode('verify.state', $bore->state),
            FinishedLine::mark($bore->state),
            $sentences === [] ? '' : ucfirst(implode('; ', $sentences)).'.',
            $bore->state->needsDecision(),
        );
    }
}
