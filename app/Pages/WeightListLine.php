<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Record\WeightList;
use App\Words\Line;
use NorthLedger\Core\Features\Weights\WeightDifference;
use NorthLedger\Core\Quantity\MassNotation;

/** One piece of somebody else's list beside our own weighing, ready to show (WORK-5). */
final readonly class WeightListLine
{
    private function __construct(
        public string $piece,
        public string $theirs,
        public string $ours,
        public string $difference,
        public string $says,
        public CellState $state,
    ) {
    }

    /** @return list<self> */
    public static function all(JobFile $file): array
    {
        return array_map(self::of(...), WeightList::of($file)->lines ?? []);
    }

    private static function of(WeightDifference $one): self
    {
        $agrees = $one->agrees();

        return new self(
            Line::of('weights.piece', ['piece' => WeightList::piece($one->listed->place), 'number' => $one->listed->place->number]),
            MassNotation::grams($one->listed->mass->micrograms),
            $one->ours === null ? '·' : MassNotation::grams($one->ours->micrograms),
            $one->micrograms === null
                ? ''
                : self::signed($one->micrograms).($one->doubt === null ? '' : ' ±'.MassNotation::grams($one->doubt)),
            Line::of(
                match (true) {
                    $one->micrograms === null => 'weights.says.not_weighed',
                    $agrees === null => 'weights.says.no_scale',
                    $agrees => 'weights.says.agrees',
                    default => 'weights.says.differs',
                },
            ),
            match (true) {
                $agrees === null => CellState::Missing,
                $agrees => CellState::Good,
                default => CellState::Out,
            },
        );
    }

    private static function signed(int $micrograms): string
    {
        return ($micrograms < 0 ? '−' : ($micrograms > 0 ? '+' : '')).MassNotation::grams(abs($micrograms));
    }
}
