<?php

declare(strict_types=1);

namespace App\Practice;

use App\Storage\PracticeAnswer;
use App\Words\Line;
use NorthLedger\Core\Practice\GaugeSetting;
use NorthLedger\Core\Practice\ReadingVerdict;
use NorthLedger\Core\Quantity\Length;

/** A bore gauge to be set, before or after it was answered, ready to show. */
final readonly class SettingView
{
    /**
     * @param  array<int, string>  $extensions  By nanometres
     * @param  array<int, string>  $washers  By nanometres
     * @param  array{frame: int, sleeve: int, thimble: int, vernier: int}  $lines  At the size that is wanted
     */
    private function __construct(
        public int $seed,
        public string $unit,
        public string $case,
        public array $extensions,
        public array $washers,
        public array $lines,
        public ?bool $isRight,
        public string $verdict,
        public string $right,
    ) {
    }

    public static function of(GaugeSetting $setting, ?PracticeAnswer $answered): self
    {
        $words = static fn (Length $length): string => str_replace(' ', "\u{a0}", PracticeWords::length($setting->micrometer(), $length));
        $byLength = static fn (array $lengths): array => array_combine(
            array_map(static fn (Length $length): int => $length->nanometres, $lengths),
            array_map($words, $lengths),
        );
        $washers = $byLength($setting->washers);
        $washers[0] = Line::of('practice.setting.no_washer_in');

        return new self(
            $setting->seed,
            $setting->unit->value,
            Line::of('practice.setting.case', [
                'wanted' => $words($setting->wanted),
                'least' => $words($setting->leastPressed()),
                'most' => $words($setting->mostPressed()),
            ]),
            $byLength($setting->extensions),
            $washers,
            $setting->lines(),
            $answered?->isRight(),
            $answered === null ? '' : self::verdict($setting, $answered),
            Line::of('practice.setting.right', [
                'extension' => $words($setting->extension),
                'washer' => lcfirst($washers[$setting->washer->nanometres]),
                'pressed' => $words($setting->pressed($setting->extension, $setting->washer)),
            ] + $setting->lines()),
        );
    }

    private static function verdict(GaugeSetting $setting, PracticeAnswer $answered): string
    {
        $verdict = ReadingVerdict::from($answered->verdict);
        [$extension, $washer, $frame, $sleeve, $thimble, $vernier] = array_map(intval(...), explode(' ', $answered->typed));
        [$extension, $washer] = [Length::ofNanometres($extension), Length::ofNanometres($washer)];
        $isLong = $setting->pressed($extension, $washer)->isLargerThan($setting->leastPressed());
        $stands = PracticeWords::length($setting->micrometer(), $setting->standsAt($frame, $sleeve, $thimble, $vernier));

        return match (true) {
            $verdict === ReadingVerdict::Right => Line::of('practice.mistake.right'),
            ! $setting->reaches($extension, $washer) => Line::of($isLong ? 'practice.setting.too_long' : 'practice.setting.too_short', [
                'stands' => $stands,
            ]),
            default => Line::of('practice.setting.stands', [
                'stands' => $stands,
                'mistake' => PracticeWords::mistake($setting->micrometer(), $verdict),
            ]),
        };
    }
}
