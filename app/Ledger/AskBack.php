<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Storage\ChangeReason;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Message;

/** An entry that is asked back before it is saved (QTY-4, GAUGE-7); what was typed stays with the person. */
final class AskBack extends \RuntimeException
{
    /**
     * @param  list<string>  $choices  To be picked by digit, in words; empty where yes or a new value answers it
     * @param  list<string>  $values  What is sent for each
     */
    private function __construct(
        public readonly string $kind,
        string $message,
        public readonly array $choices = [],
        public readonly array $values = [],
    ) {
        parent::__construct($message);
    }

    public static function unreadable(string $message): self
    {
        return new self('unreadable', $message);
    }

    public static function confirm(Message $doubt): self
    {
        return new self('confirm', Messages::text($doubt));
    }

    /** The commonest slip: one key for what was meant, one for what was typed (QTY-4). */
    public static function slipped(string $typed, string $others): self
    {
        $meant = SlippedPoint::meant($typed);

        return $meant === null
            ? new self('confirm', Line::of('sheet.ask.others_read', ['others' => $others]))
            : new self(
                'slip',
                Line::of('sheet.ask.slipped', ['others' => $others, 'meant' => $meant, 'typed' => $typed]),
                [$meant, $typed],
                [$meant, $typed],
            );
    }

    /** Somebody else read the same place while this reading was on its way: both are kept, one has to count. */
    public static function clash(string $place, string $who, string $standing): self
    {
        return new self(
            'clash',
            Line::of('sheet.ask.clash', ['who' => $who, 'place' => $place, 'standing' => $standing]),
            ...self::told(ChangeReason::ofClashes()),
        );
    }

    public static function reason(string $place, string $standing): self
    {
        return new self(
            'reason',
            Line::of('sheet.ask.reason', ['place' => $place, 'standing' => $standing]),
            ...self::told(ChangeReason::ofCorrections()),
        );
    }

    public static function drifted(): self
    {
        return new self('setup', Line::of('sheet.told.gauge_found_drifted_at'));
    }

    public static function setup(): self
    {
        return new self('setup', Line::of('sheet.told.which_gauge_what_zero'));
    }

    /**
     * @param  list<ChangeReason>  $reasons
     * @return array{list<string>, list<string>} In words, and as codes
     */
    private static function told(array $reasons): array
    {
        return [
            array_map(static fn (ChangeReason $reason): string => Line::ofCode('sheet.reason', $reason), $reasons),
            array_column($reasons, 'value'),
        ];
    }
}
