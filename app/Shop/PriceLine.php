<?php

declare(strict_types=1);

namespace App\Shop;

use App\Http\Amount;
use App\Words\Line;
use NorthLedger\Core\Engine\Policy\PriceItem;

/** One price as it is typed, in a form or a file: its fields as text, and the same as the policy keeps it. */
final readonly class PriceLine
{
    /** By field: what it is called in the policy document, and the most it may be. */
    public const FIELDS = [
        'labour' => ['labour_minor', null],
        'parts' => ['parts_minor', null],
        'setup' => ['setup_minutes', 10_000],
        'run' => ['run_minutes', 10_000],
        'days' => ['lead_days', 1_000],
    ];

    /** @param  array<string, string>  $typed  By field */
    public function __construct(public PriceItem $item, public string $family, public array $typed)
    {
    }

    /** @param  array<string, mixed>  $stored  As in the policy document */
    public static function ofStored(PriceItem $item, string $family, array $stored): self
    {
        $typed = [];
        foreach (self::FIELDS as $field => [$key, $most]) {
            $value = (int) ($stored[$key] ?? 0);
            $typed[$field] = $most === null ? Amount::typed($value) : (string) $value;
        }

        return new self($item, $family, $typed);
    }

    /** True where nothing is written: the family has no price of its own for it. */
    public function isEmpty(): bool
    {
        return implode('', $this->typed) === '';
    }

    /** @return array<string, string> What is wrong, by field */
    public function faults(): array
    {
        $faults = [];
        foreach (self::FIELDS as $field => [, $most]) {
            $typed = $this->typed[$field] ?? '';
            $isRight = $most === null ? Amount::isAmount($typed) : preg_match('/^\d{1,5}$/D', $typed) === 1 && (int) $typed <= $most;
            if (! $isRight) {
                $faults[$field] =
                    $most === null ? Line::of('shop.told.write_amount_like') : Line::of('price.whole_number', ['most' => $most]);
            }
        }

        return $faults;
    }

    /** @return array<string, int> As in the policy document; only of a line without faults */
    public function stored(): array
    {
        $stored = [];
        foreach (self::FIELDS as $field => [$key, $most]) {
            $stored[$key] = $most === null ? Amount::minor($this->typed[$field]) : (int) $this->typed[$field];
        }

        return $stored;
    }
}
