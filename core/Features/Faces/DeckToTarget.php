<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Quantity\Length;

/** What has to come off a deck so that its pistons stand as far below it as somebody wants (DECK-6). */
final readonly class DeckToTarget
{
    /**
     * @param  non-empty-array<int, Length>  $cuts  At each corner, by cylinder; below zero where metal would have to be added
     * @param  Length  $parallel  The most that a cut parallel to the face may take: the corner whose piston stands highest bounds it
     * @param  Length  $spread  How much the corners differ: zero where the face is square to the crankshaft
     */
    private function __construct(public array $cuts, public Length $parallel, public Length $spread)
    {
    }

    /**
     * @param  array<int, Length>  $drops  Of the pistons at the corners, by cylinder; below zero where one stands proud
     * @return ?self Null where none is read
     */
    public static function of(array $drops, Length $wanted): ?self
    {
        if ($drops === []) {
            return null;
        }
        $cuts = array_map(static fn (Length $drop): Length => $drop->minus($wanted), $drops);
        $least = Length::smallest(...array_values($cuts));

        return new self($cuts, $least, Length::largest(...array_values($cuts))->minus($least));
    }

    /** How much higher the face stands over its first corner than over its last; below zero: lower. Null where only one is read. */
    public function along(): ?Length
    {
        $cuts = array_values($this->cuts);

        return count($cuts) < 2 ? null : $cuts[0]->minus($cuts[count($cuts) - 1]);
    }

    /** How much higher this face stands on the whole than another; below zero: lower. */
    public function above(self $other): Length
    {
        return Length::ofNanometres((int) round(self::mean($this->cuts) - self::mean($other->cuts)));
    }

    /** False where a piston stands higher already than it shall. */
    public function canBeReached(): bool
    {
        return ! $this->parallel->isNegative();
    }

    /** @param  non-empty-array<int, Length>  $cuts */
    private static function mean(array $cuts): float
    {
        return array_sum(array_column($cuts, 'nanometres')) / count($cuts);
    }
}
