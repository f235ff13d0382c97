<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Pages\CellState;
use App\Pages\Marks;
use App\Pages\PartCells;
use App\Record\JobFile;
use App\Words\PlaceName;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Crankshaft\GrindAction;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Features\Crankshaft\JournalGroup;
use NorthLedger\Core\Features\Crankshaft\JudgedJournal;
use NorthLedger\Core\Features\Crankshaft\ReadJournal;
use NorthLedger\Core\Inspection\CharacteristicRows;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;

/** The crankshaft in elevation, drawn from the family; each journal carries the undersize that it needs. */
final readonly class CrankDrawing implements SheetDrawing
{
    public const WIDTH = 600;

    public const HEIGHT = 168;

    private const AXIS = 80;

    private const THROW = 30;

    private const HALF_JOURNAL = 15;

    /** How the throws stand in elevation, from the front, by the number of rod journals. */
    private const THROWS = [3 => [1, -0.5, -0.5], 4 => [1, -1, -1, 1], 6 => [1, -0.5, -0.5, -0.5, -0.5, 1]];

    /**
     * @param  list<array{x: string, y: string, width: string, height: string, state: CellState, number: string, caption: string,
     *     goto: string, view: string, words: string, captionY: string}>  $journals
     * @param  list<string>  $webs  Points of each
     * @param  list<JournalView>  $views
     */
    private function __construct(
        public array $journals,
        public array $webs,
        public array $views,
        public string $front,
        public string $rear,
    ) {
    }

    public static function section(SpecificationSheet $sheet): Section
    {
        return Section::Crankshaft;
    }

    public static function view(): string
    {
        return 'parts.crankshaft';
    }

    public static function of(JobFile $file, Truth $truth): self
    {
        $spec = $file->sheet->crankshaft;
        $measurements = $file->inspection()->measurements(Section::Crankshaft);
        $order = self::order($spec->mains->count, $spec->rods->count, count($file->sheet->layout->cylinders()) > $spec->rods->count);
        $pitch = (self::WIDTH - 70) / count($order);
        $needs = self::needs($file, $measurements);
        $journals = $webs = [];
        foreach ($order as $index => [$group, $number, $offset]) {
            $x = 45 + $pitch * ($index + 0.5);
            $y = self::AXIS - self::THROW * $offset;
            $journals[] = self::journal($group, $number, $x, $y, $pitch, $needs[$group->value][$number] ?? [CellState::Missing, '']);
            if (isset($order[$index + 1])) {
                $webs[] = self::web($x + $pitch * 0.3, $y, $x + $pitch * 0.7, self::AXIS - self::THROW * $order[$index + 1][2]);
            }
        }

        return new self($journals, $webs, self::views($file, $measurements, $truth), Coordinate::of(45), Coordinate::of(self::WIDTH - 25));
    }

    /**
     * Mains and rod journals from the front, each with how far it stands off the axis.
     *
     * @return list<array{JournalGroup, int, float}>
     */
    private static function order(int $mains, int $pins, bool $isShared): array
    {
        $throws = $isShared
            ? array_slice([1, 0.3, -0.3, -1, 0.3, -0.3], 0, $pins)
            : self::THROWS[$pins] ?? array_map(static fn (int $pin): int => $pin % 2 === 0 ? 1 : -1, range(0, $pins - 1));
        $order = [];
        $pin = 0;
        for ($main = 1; $main <= $mains; $main++) {
            $order[] = [JournalGroup::Mains, $main, 0.0];
            for (; $main < $mains && $pin < intdiv($main * $pins, $mains - 1); $pin++) {
                $order[] = [JournalGroup::Rods, $pin + 1, (float) ($throws[$pin] ?? 1)];
            }
        }

        return $order;
    }

    /**
     * @param  array{CellState, string}  $need
     * @return array{x: string, y: string, width: string, height: string, state: CellState, number: string, caption: string, goto: string,
     *     view: string, words: string, captionY: string}
     */
    private static function journal(JournalGroup $group, int $number, float $x, float $y, float $pitch, array $need): array
    {
        $place = Place::at($group === JournalGroup::Mains ? JournalFeature::Main : JournalFeature::Pin, $number);
        [$state, $caption] = $need;

        return [
            'x' => Coordinate::of($x - $pitch * 0.3),
            'y' => Coordinate::of($y - self::HALF_JOURNAL),
            'width' => Coordinate::of($pitch * 0.6),
            'height' => Coordinate::of(2 * self::HALF_JOURNAL),
            'state' => $state,
            'number' => ($group === JournalGroup::Mains ? 'M' : 'R').$number,
            'caption' => $caption,
            'goto' => ReadJournal::places($group, $number)[0]->key,
            'view' => PartCells::view($place),
            'words' => PlaceName::of($place),
            'captionY' => Coordinate::of($group === JournalGroup::Mains ? self::HEIGHT - 22 : self::HEIGHT - 6),
        ];
    }

    /** @return array<string, array<int, array{CellState, string}>> What each journal needs by itself, without the others of its group */
    private static function needs(JobFile $file, Measurements $measurements): array
    {
        $journals = $file->inspection()->crankshaftJudge()->journals;
        $needs = [];
        foreach (app(Marks::class)->areShown ? JournalGroup::cases() : [] as $group) {
            $needs[$group->value] = array_map(static function (JudgedJournal $journal) use ($journals, $group, $file): array {
                $plan = $journals->plan($group, [$journal]);

                return match ($plan?->action) {
                    null => [CellState::Missing, ''],
                    GrindAction::Polish => [CellState::Good, 'polish'],
                    GrindAction::Grind => [CellState::Close, ltrim($file->display->step($plan->undersize ?? Length::zero()), '+')],
                    GrindAction::WeldOrReplace => [CellState::Out, 'weld'],
                };
            }, $journals->of($group, $measurements));
        }

        return $needs;
    }

    private static function web(float $left, float $top, float $right, float $bottom): string
    {
        $reach = self::HALF_JOURNAL + 9;
        [$high, $low] = [min($top, $bottom) - $reach, max($top, $bottom) + $reach];

        return implode(
            ' ',
            array_map(static fn (array $point): string => Coordinate::of($point[0]).','.Coordinate::of($point[1]), [
                [$left, $high],
                [$right, $high],
                [$right, $low],
                [$left, $low],
            ]),
        );
    }

    /** @return list<JournalView> */
    private static function views(JobFile $file, Measurements $measurements, Truth $truth): array
    {
        $views = [];
        foreach (JournalGroup::cases() as $group) {
            $spec = $group === JournalGroup::Mains ? $file->sheet->crankshaft->mains : $file->sheet->crankshaft->rods;
            $places = array_merge(
                [],
                ...array_map(static fn (int $number): array => ReadJournal::places($group, $number), range(1, $spec->count)),
            );
            $sizes = array_column($measurements->readings($places), 'corrected');
            $nominal = CharacteristicRows::middle($spec->diameter) ?? Length::largest(Length::zero(), ...$sizes);
            $true = array_map(static fn (Place $place): ?Length => $truth->at(Section::Crankshaft, $place), $places);
            $worn = Worn::over(
                array_map(static fn (Length $size): Length => $size->minus($nominal), [...$sizes, ...array_filter($true)]),
                $file->sheet->crankshaft->outOfRound?->times(2),
            );
            foreach (range(1, $spec->count) as $number) {
                $place = Place::at($group === JournalGroup::Mains ? JournalFeature::Main : JournalFeature::Pin, $number);
                $views[] = JournalView::of(PartCells::view($place), $place, $measurements, $nominal, $worn, $truth);
            }
        }

        return $views;
    }
}
