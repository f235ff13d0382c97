<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** What another method says to a crack that one surface method showed (CRACK-5b). */
enum Confirmation
{
    case NotAsked;
    case Awaited;
    case Confirmed;
    case Contradicted;

    /**
     * @param  non-empty-list<LookReading>  $readings  Oldest first
     */
    public static function of(array $readings): self
    {
        $sharp = array_filter(
            $readings,
            static fn (LookReading $reading): bool => $reading->look->isSharp() || $reading->look === Look::Hole,
        );
        $methods = array_filter(array_column($sharp, 'method'));
        $first = $methods === [] ? null : reset($methods);
        $others = array_filter(
            $readings,
            static fn (LookReading $reading): bool => $reading->method !== null && $reading->method !== $first,
        );
        $last = $others === [] ? null : end($others);

        return match (true) {
            $first?->seesTheSurfaceOnly() === false => self::NotAsked,
            $last === null => self::Awaited,
            $last->look->isSharp() => self::Confirmed,
            default => self::Contradicted,
        };
    }
}
