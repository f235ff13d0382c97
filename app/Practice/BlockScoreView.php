<?php

declare(strict_types=1);

namespace App\Practice;

use App\Drawings\BoresFromAbove;
use App\Record\LookCodes;
use App\Storage\BlockEvent;
use App\Storage\PracticeBlockEvent;
use App\Storage\SheetName;
use App\Words\Line;
use App\Words\PlaceName;
use App\Words\VerdictWords;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Practice\BlockAnswer;
use NorthLedger\Core\Practice\BlockScore;
use NorthLedger\Core\Quantity\Length;

/** A judged block laid beside its truth: what was right, what was lost by what, and the bores as they are (PRAC-2). */
final readonly class BlockScoreView
{
    /**
     * @param  string  $taken  How long it took, and how many readings
     * @param  list<array{points: string, words: string}>  $lost
     * @param  list<array{place: string, read: string, true: string, off: string}>  $off
     * @param  BoresFromAbove  $drawing  Of the bores as they are
     */
    private function __construct(
        public int $points,
        public string $taken,
        public string $verdict,
        public array $lost,
        public array $off,
        public BoresFromAbove $drawing,
    ) {
    }

    /** Null while nobody has said what it comes to. */
    public static function of(BlockBench $bench): ?self
    {
        if (! $bench->row->isAnswered()) {
            return null;
        }
        $score = $bench->score(new BlockAnswer((bool) $bench->row->can_stay, (string) $bench->row->way));

        return new self(
            $score->points(),
            self::taken($bench),
            self::verdict($bench, $score),
            PracticeWords::lost($score->deductions),
            self::off($bench, $score),
            BoresFromAbove::of(PracticeSheet::asItIs($bench), SheetName::bores()),
        );
    }

    /** “23 readings in 12 minutes” */
    private static function taken(BlockBench $bench): string
    {
        $minutes = max(1, (int) ceil($bench->row->created_at->diffInSeconds($bench->row->answered_at) / 60));

        return Line::counted('practice.block.in_minutes', $minutes, [
            'readings' => Line::counted('practice.block.so_many', $bench->taken()),
        ]);
    }

    private static function verdict(BlockBench $bench, BlockScore $score): string
    {
        $truth = $bench->block->truth($bench->policy);
        $right = $truth->recommendation?->option;

        return Line::of($truth->canStay->stays() ? 'practice.block.stays' : 'practice.block.is_cut', [
            'way' => $right instanceof ReboreOption ? $bench->file()->optionWords()->option($right) : '',
        ]).
            ($score->costsMore === null || $score->costsMore->minor <= 0
                ? ''
                : Line::of('practice.block.costs', ['more' => VerdictWords::money($score->costsMore->minor)]));
    }

    /** @return list<array{place: string, read: string, true: string, off: string}> */
    private static function off(BlockBench $bench, BlockScore $score): array
    {
        $display = $bench->file()->display;
        $newest = [];
        foreach ($bench->kept(BlockEvent::Read, BlockEvent::Look) as $event) {
            $newest[$event->place] = $event;
        }

        return array_map(static function (string $key) use ($bench, $display, $newest): array {
            $place = Place::parse($key);
            /** @var PracticeBlockEvent $event */
            $event = $newest[$key];
            if ($event->look !== null) {
                return [
                    'place' => PlaceName::of($place),
                    'read' => LookCodes::shown($place->feature, $event->look),
                    'true' => LookCodes::shown($place->feature, $bench->look($place)),
                    'off' => '',
                ];
            }
            [$read, $true] = [Length::ofNanometres((int) $event->value_nm), $bench->block->diameter($place)];

            return [
                'place' => PlaceName::of($place),
                'read' => $display->size($read),
                'true' => $display->size($true),
                'off' => $display->deviation($read->minus($true)),
            ];
        }, $score->off);
    }
}
