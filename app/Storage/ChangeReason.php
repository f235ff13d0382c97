<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * Why a reading stands in the place of another one: what a person picked by one key, or what the house knows by itself. Whoever
 * keys a reason of his own has it kept in his own words.
 */
enum ChangeReason: string
{
    case Misread = 'misread';
    case WrongPlace = 'wrong_place';
    case NotSeated = 'not_seated';
    case Dirt = 'dirt';
    case ZeroWasOff = 'zero_was_off';
    case NewPart = 'new_part';
    /** Two read one place at the same time: the other's reading counts, one's own, or their mean. */
    case TheirsCounts = 'theirs_counts';
    case MineCounts = 'mine_counts';
    case BothCount = 'both_count';
    case Undone = 'undo';
    /** What stood there was a look at deposits. */
    case Cleaned = 'cleaned';
    case LookedAgain = 'looked_again';
    case Drifted = 'drifted';
    case WorkedAgain = 'worked_again';
    /** It was read without its torque plate, or warm, and is not any more. */
    case CountsNow = 'counts_now';
    case FromFile = 'from_file';
    case ZeroedHere = 'zeroed_here';

    /** As it was kept before it had a code: rows of those days never change. */
    private const KEPT_BEFORE = [
        'wrong place' => self::WrongPlace,
        'gauge not seated' => self::NotSeated,
        'dirt or burr' => self::Dirt,
        'gauge zero was off' => self::ZeroWasOff,
        'a new part' => self::NewPart,
        'theirs counts' => self::TheirsCounts,
        'mine counts' => self::MineCounts,
        'both: take their mean' => self::BothCount,
        'cleaned and looked at again' => self::Cleaned,
        'looked again at the pre-check' => self::LookedAgain,
        'retaken: the gauge had drifted' => self::Drifted,
        'read again after it was worked again' => self::WorkedAgain,
        'read again under the conditions that count' => self::CountsNow,
        'read in from a file' => self::FromFile,
        'the gauge was zeroed here' => self::ZeroedHere,
    ];

    /** Of what is kept, or was sent; null where somebody said it in his own words. */
    public static function read(?string $kept): ?self
    {
        return $kept === null ? null : self::tryFrom($kept) ?? self::KEPT_BEFORE[$kept] ?? null;
    }

    /** @return non-empty-list<self> What a correction can be picked from */
    public static function ofCorrections(): array
    {
        return [self::Misread, self::WrongPlace, self::NotSeated, self::Dirt, self::ZeroWasOff, self::NewPart];
    }

    /** @return non-empty-list<self> Which of two readings counts */
    public static function ofClashes(): array
    {
        return [self::TheirsCounts, self::MineCounts, self::BothCount];
    }
}
