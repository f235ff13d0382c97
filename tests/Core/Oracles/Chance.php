<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is made up, the same for the same seed. */
final readonly class Chance
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function int(int $least, int $most): int
    {
        return $this->random->getInt($least, $most);
    }

    public function isOneOf(int $count): bool
    {
        return $this->int(1, $count) === 1;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $items
     * @return T
     */
    public function of(array $items): mixed
    {
        return $items[$this->int(0, count($items) - 1)];
    }

    /**
     * So many of them, in any order.
     *
     * @template T
     *
     * @param  list<T>  $items
     * @return list<T>
     */
    public function some(array $items, int $count): array
    {
        return array_slice($this->random->shuffleArray($items), 0, $count);
    }

    /**
     * @template T
     *
     * @param  list<T>  $items
     * @return list<T>
     */
    public function mixed(array $items): array
    {
        return $this->random->shuffleArray($items);
    }

    /** Rounded half away from zero. */
    public static function rounded(float|int $value): int
    {
        return (int) round($value);
    }
}
