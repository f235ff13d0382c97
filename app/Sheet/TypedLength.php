<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Ledger\Refused;
use App\Record\JobFile;
use App\Words\Messages;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ShopNotation;

/** Lengths typed into a form, in shop notation; what cannot be read is refused beside its field. */
final class TypedLength
{
    /** @param  string  $before  What is asked for, put before the complaint: “The step, or “standard”: ” */
    public static function read(JobFile $file, string $field, string $text, string $before = ''): Length
    {
        try {
            return ShopNotation::forSizes($file->sheet->unit)->read($text)->value;
        } catch (NotationException $exception) {
            throw Refused::because($field, $before.Messages::refusal($exception));
        }
    }

    /** Null where nothing is typed. */
    public static function above(JobFile $file, string $field, string $text, string $complaint): ?Length
    {
        if (trim($text) === '') {
            return null;
        }
        $length = self::read($file, $field, $text);

        return $length->isPositive() ? $length : throw Refused::because($field, $complaint);
    }

    /** Zero where a word says that there is nothing: “none”, “standard”. */
    public static function orNothing(JobFile $file, string $field, string $text, string $before = ''): Length
    {
        return in_array(mb_strtolower(trim($text)), ['none', 'standard', 'std', '0'], true)
            ? Length::zero()
            : self::read($file, $field, $text, $before);
    }
}
