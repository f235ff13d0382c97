<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Roughness;

/** Everything read of one journal: a full grid of at least two stations by two axes (JRNL-1). */
final readonly class JournalInspection
{
    private const LEAST_STATIONS = 2;

    private const LEAST_AXES = 2;

    /** @param  non-empty-array<string, non-empty-array<string, Length>>  $grid  By station and axis */
    private function __construct(
        public string $name,
        public JournalGroup $group,
        public array $grid,
        public Length $scoreDepth,
        public Length $runout,
        public ?Roughness $finish,
        public bool $isFilletOut,
    ) {
    }

    /**
     * @param  list<JournalReading>  $readings
     * @param  Length  $scoreDepth  Of the deepest score, radial; zero where there is none
     * @param  bool  $isFilletOut  Of its range; the wheel has to make it anew (JRNL-5a)
     * @param  Length  $runout  Total indicator reading at this journal
     *
     * @throws JournalException If the grid is not full, or a diameter is not above zero
     */
    public static function of(
        string $name,
        JournalGroup $group,
        array $readings,
        Length $scoreDepth,
        Length $runout,
        ?Roughness $finish,
        bool $isFilletOut = false,
    ): self {
        $grid = [];
        foreach ($readings as $reading) {
            $reading->diameter->isPositive() || throw JournalException::impossible($name, $reading->diameter->nanometres);
            $grid[$reading->station][$reading->axis] = $reading->diameter;
        }
        $axes = array_unique(array_merge([], ...array_map(array_keys(...), array_values($grid))));
        $isFull = array_filter($grid, static fn (array $atStation): bool => count($atStation) !== count($axes)) === [];
        if ($grid === [] || count($grid) < self::LEAST_STATIONS || count($axes) < self::LEAST_AXES || ! $isFull) {
            throw JournalException::incompleteGrid($name);
        }

        return new self($name, $group, $grid, $scoreDepth, $runout, $finish, $isFilletOut);
    }

    /** @return list<Length> */
    public function diameters(): array
    {
        return array_merge([], ...array_map(array_values(...), array_values($this->grid)));
    }

    /** The smallest reading: what is left of the journal. */
    public function size(): Length
    {
        return Length::smallest(...$this->diameters());
    }

    /** The worst over the stations. */
    public function outOfRound(): Length
    {
        return Length::largest(...array_map(self::spread(...), array_values(array_map(array_values(...), $this->grid))));
    }

    /** The worst over the axes. */
    public function taper(): Length
    {
        $byAxis = [];
        foreach ($this->grid as $atStation) {
            foreach ($atStation as $axis => $diameter) {
                $byAxis[$axis][] = $diameter;
            }
        }

        return Length::largest(...array_map(self::spread(...), array_values($byAxis)));
    }

    /** @param  non-empty-list<Length>  $lengths */
    private static function spread(array $lengths): Length
    {
        return Length::largest(...$lengths)->minus(Length::smallest(...$lengths));
    }
}
