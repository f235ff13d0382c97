<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Words\Line;

/** An entry that is asked back before it is saved (QTY-4, GAUGE-7); what was typed stays with the person. */
final class AskBack extends \RuntimeException
{
    public const THEIRS_COUNTS = 'theirs counts';

    public const MINE_COUNTS = 'mine counts';

    public const BOTH_COUNT = 'both: take their mean';

    private const CLASH = [self::THEIRS_COUNTS, self::MINE_COUNTS, self::BOTH_COUNT];

    public const REASONS = ['misread', 'wrong place', 'gauge not seated', 'dirt or burr', 'gauge zero was off', 'a new part'];

    /** @param  list<string>  $choices  To be picked by digit; empty where yes or a new value answers it */
    private function __construct(public readonly string $kind, string $message, public readonly array $choices = [])
    {
        parent::__construct($message);
    }

    public static function unreadable(string $message): self
    {
        return new self('unreadable', $message);
    }

    public static function confirm(string $doubt): self
    {
        return new self('confirm', $doubt);
    }

    /** The commonest slip: one key for what was meant, one for what was typed (QTY-4). */
    public static function slipped(string $typed, string $others): self
    {
        $meant = SlippedPoint::meant($typed);

        return $meant === null
            ? new self('confirm', "The others here read {$others}.")
            : new self('slip', "The others here read {$others}. {$meant} or {$typed}?", [$meant, $typed]);
    }

    /** Somebody else read the same place while this reading was on its way: both are kept, one has to count. */
    public static function clash(string $place, string $who, string $standing): self
    {
        return new self('clash', "{$who} read {$place} as {$standing} at the same time. Which counts?", self::CLASH);
    }

    public static function reason(string $place, string $standing): self
    {
        return new self('reason', "{$place} already reads {$standing}. Why does it change?", self::REASONS);
    }

    public static function drifted(): self
    {
        return new self('setup', Line::of('sheet.told.gauge_found_drifted_at'));
    }

    public static function setup(): self
    {
        return new self('setup', Line::of('sheet.told.which_gauge_what_zero'));
    }
}
