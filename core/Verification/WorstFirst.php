<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Quantity\Length;

/**
 * In which order finished work is read (WORK-4): where least metal came off first, because a cut that was too small, or that did not reach
 * the wear, shows there; what is worked before what is not; what is proved out already last, because nothing more proves it.
 */
final readonly class WorstFirst
{
    /**
     * @param  array<string, list<int>>  $rank  By place key: what is compared, the lower the sooner; places without a rank stay behind
     *     those that have one
     */
    private function __construct(private array $rank)
    {
    }

    /**
     * @param  array<VerifiedFeature>  $features
     * @param  list<string>  $closed  Keys of the operations that are done
     */
    public static function ofFeatures(array $features, array $closed): self
    {
        $rank = [];
        foreach ($features as $feature) {
            $size = $feature->proof->size;
            $stock = [];
            if ($size !== null) {
                foreach ($feature->before as $reading) {
                    $stock[$reading->place->key] = $size->stock($reading->corrected);
                }
            }
            $isWorked = array_diff(array_keys($feature->proof->operations), $closed) === [];
            $rank += self::ranked($feature->missing, $stock, $feature->state, $isWorked);
        }

        return new self($rank);
    }

    /**
     * @param  array<VerifiedBore>  $bores
     * @param  array<int, array<string, Length>>  $incoming  By cylinder and place key: what was read of the bores as they came
     * @param  list<int>  $worked  Cylinders that are honed
     */
    public static function ofBores(array $bores, array $incoming, array $worked): self
    {
        $rank = [];
        foreach ($bores as $bore) {
            $came = $incoming[$bore->cylinder] ?? [];
            $aim = $bore->size->aim ?? ($came === [] ? null : Length::largest(...array_values($came)));
            $stock = $aim === null ? [] : array_map(static fn (Length $size): Length => $aim->minus($size), $came);
            $rank += self::ranked($bore->missing, $stock, $bore->state, in_array($bore->cylinder, $worked, true));
        }

        return new self($rank);
    }

    /**
     * @param  list<Place>  $missing
     * @param  array<string, Length>  $stock  By place key: what had to come off there, on diameter
     * @return array<string, list<int>>
     */
    private static function ranked(array $missing, array $stock, VerificationState $state, bool $isWorked): array
    {
        $least = $stock === [] ? PHP_INT_MAX : Length::smallest(...array_values($stock))->nanometres;
        $rank = [];
        foreach ($missing as $place) {
            $rank[$place->key] = [
                $state->needsDecision() ? 1 : 0,
                $isWorked ? 0 : 1,
                $least,
                $place->number,
                ($stock[$place->key] ?? null)->nanometres ?? PHP_INT_MAX,
            ];
        }

        return $rank;
    }

    /**
     * @template T
     *
     * @param  list<T>  $open
     * @param  callable(T): Place  $placeOf
     * @return list<T> Features stay together, so that no gauge is laid aside and taken up again
     */
    public function sort(array $open, callable $placeOf): array
    {
        $features = array_flip(array_values(array_unique(array_map(static fn ($one): string => $placeOf($one)->feature->code(), $open))));
        $last = [PHP_INT_MAX];
        $rank = fn ($one): array => [
            ($this->rank[$placeOf($one)->key] ?? $last)[0],
            $features[$placeOf($one)->feature->code()],
            $this->rank[$placeOf($one)->key] ?? $last,
        ];
        usort($open, static fn ($a, $b): int => $rank($a) <=> $rank($b));

        return $open;
    }
}
