<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Engine\Specification\SourceKind;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ShopNotation;

/**
 * Limits of the shop's own, by class of size, for what the book of a family does not say. They are never called the book's; a size or a
 * clearance has none, since no rule of thumb knows an engine's.
 */
final readonly class HouseLimits
{
    /** From this bore on, in nanometres, the next class begins; the ends themselves are of the middle one. */
    private const SMALL_BELOW = 76_200_000;

    private const LARGE_ABOVE = 114_300_000;

    private const BORES = ['out_of_round' => ['bore', 'service', 'out_of_round'], 'taper' => ['bore', 'service', 'taper']];

    private const JOURNALS = ['out_of_round' => ['crankshaft', 'out_of_round'], 'taper' => ['crankshaft', 'taper']];

    private const BIG_ENDS = ['out_of_round' => ['rods', 'out_of_round'], 'taper' => ['rods', 'taper']];

    /** @param  array<string, array<string, string>>  $texts  By class and limit, in millimetres */
    private function __construct(private array $texts)
    {
    }

    public static function fromNode(Node $node): self
    {
        $texts = [];
        foreach (['small_bores', 'bores', 'large_bores', 'journals', 'big_ends'] as $class) {
            foreach (['out_of_round', 'taper'] as $limit) {
                $text = $node->at($class)->at($limit);
                if ($text->isGiven() && ! $text->isEmptyText()) {
                    $length = $text->positiveLength(LengthUnit::Inch);
                    $texts[$class][$limit] = self::inMillimetres($length);
                }
            }
        }

        return new self($texts);
    }

    public function areNone(): bool
    {
        return $this->texts === [];
    }

    /**
     * A sheet's document with the shop's own limits where it has none.
     *
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    public function filled(array $document): array
    {
        $bore = self::nominal($document);
        $class = match (true) {
            $bore === null => '',
            $bore->nanometres < self::SMALL_BELOW => 'small_bores',
            $bore->nanometres > self::LARGE_ABOVE => 'large_bores',
            default => 'bores',
        };
        foreach ([[$class, self::BORES], ['journals', self::JOURNALS], ['big_ends', self::BIG_ENDS]] as [$of, $places]) {
            foreach ($this->texts[$of] ?? [] as $limit => $text) {
                $document = self::put($document, $places[$limit], $text);
            }
        }

        return $document;
    }

    /**
     * @param  array<mixed>  $document
     * @param  list<string>  $keys
     * @return array<mixed>
     */
    private static function put(array $document, array $keys, string $text): array
    {
        if (self::says($document, $keys)) {
            return $document;
        }
        $sources = is_array($document['sources'] ?? null) ? $document['sources'] : [];

        return ['sources' => ['/'.implode('/', $keys) => ['kind' => SourceKind::House->value]] + $sources] +
            self::with($document, $keys, $text);
    }

    /**
     * @param  array<mixed>  $document
     * @param  list<string>  $keys
     */
    private static function says(array $document, array $keys): bool
    {
        $inner = static fn (mixed $part, string $key): mixed => is_array($part) ? $part[$key] ?? null : null;

        return array_reduce($keys, $inner, $document) !== null;
    }

    /**
     * @param  array<mixed>  $part
     * @param  list<string>  $keys
     * @return array<mixed>
     */
    private static function with(array $part, array $keys, string $text): array
    {
        $key = array_shift($keys);
        if ($key !== null) {
            $inner = is_array($part[$key] ?? null) ? $part[$key] : [];
            $part[$key] = $keys === [] ? $text : self::with($inner, $keys, $text);
        }

        return $part;
    }

    /** @param  array<mixed>  $document */
    private static function nominal(array $document): ?Length
    {
        $unit = LengthUnit::tryFrom(is_string($document['unit'] ?? null) ? $document['unit'] : '');
        $text = is_array($document['bore'] ?? null) ? $document['bore']['nominal'] ?? null : null;
        try {
            return $unit === null || ! is_string($text) ? null : ShopNotation::forSizes($unit)->read($text)->value;
        } catch (NotationException) {
            return null;
        }
    }

    /** Exactly: every millimetre that can be written is a whole number of nanometres. */
    private static function inMillimetres(Length $length): string
    {
        return rtrim(rtrim(number_format($length->nanometres / 1_000_000, 6, '.', ''), '0'), '.').' mm';
    }
}
