<?php

declare(strict_types=1);

namespace App\Practice;

use App\Record\LookCodes;
use App\Words\Line;
use App\Words\PlaceName;
use LogicException;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Practice\ReadInstrument;

/** Where somebody stands at a simulated block: what the gauge shows there, or what is seen and felt. */
final readonly class BlockPlaceView
{
    /**
     * @param  ?Picture  $dial  Null where a place is looked at
     * @param  float  $hand  Where its hand stands, in degrees
     * @param  string  $feels  Empty where it is measured
     * @param  string  $keys  How it is typed: in which unit, or which digit says what
     */
    private function __construct(
        public string $key,
        public string $words,
        public ?Picture $dial,
        public float $hand,
        public string $feels,
        public string $keys,
    ) {
    }

    public static function of(BlockBench $bench, Place $place): self
    {
        if ($place->feature !== BoreFeature::Bore) {
            $feels = Line::of('practice.feel.'.self::code($place, $bench->look($place)));

            return new self($place->key, PlaceName::of($place), null, 0.0, $feels, LookCodes::legend($place->feature));
        }
        $gauge = ReadInstrument::ofKind($bench->block->gauge->kind) ?? throw new LogicException('Nobody has drawn that dial.');
        $keys = Line::of("practice.type.deviation_{$gauge->unit()->value}");
        $hand = round(DrawnDial::degrees($gauge, $bench->shows($place)), 2);

        return new self($place->key, PlaceName::of($place), DrawnDial::face($gauge), $hand, '', $keys);
    }

    private static function code(Place $place, string $look): string
    {
        return $place->feature->code().'_'.str_replace(' ', '_', $look === '' ? 'none' : $look);
    }
}
