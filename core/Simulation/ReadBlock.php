<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/** A simulated engine’s bores, read at some places and judged by a shop’s rules; its pistons are new, and its looks are known. */
final readonly class ReadBlock
{
    /** No expansion between part and master. */
    private const AT_20 = [11.0, 11.5, 20.0, 20.0];

    private Length $piston;

    /**
     * @param  array<int, BoreLooks>  $looks  By cylinder
     *
     * @throws SimulationException If nobody knows the family’s pistons
     */
    public function __construct(
        private SpecificationSheet $sheet,
        private ShopPolicy $policy,
        private SimulatedEngine $engine,
        private array $looks,
    ) {
        $this->piston = $sheet->piston->standard ?? throw SimulationException::nothingToJudge($sheet->name);
    }

    /** @return list<Place> By the shop’s school: six or four of each bore */
    public function everyPlace(): array
    {
        $places = [];
        foreach ($this->sheet->layout->cylinders() as $cylinder) {
            foreach ($this->policy->readingsPerBore->stations() as $station) {
                foreach (Axis::NEEDED as $axis) {
                    $places[] = BorePlace::bore($cylinder, $station, $axis);
                }
            }
        }

        return $places;
    }

    /**
     * @param  list<Place>  $read
     * @param  ?callable(Place): int  $off  By how much each reading is off, in nanometres; null where none is
     */
    public function assess(array $read, Instrument $gauge, ?callable $off = null): BlockAssessment
    {
        return BlockAssessment::of($this->sheet, $this->policy, $this->inspections($read, $gauge, $off), Length::zero());
    }

    /**
     * @param  list<Place>  $read
     * @param  ?callable(Place): int  $off  By how much each reading is off, in nanometres; null where none is
     * @return non-empty-list<BoreInspection> One for every cylinder
     */
    public function inspections(array $read, Instrument $gauge, ?callable $off = null): array
    {
        $at20 = Temperatures::of(...self::AT_20);
        $byCylinder = [];
        foreach ($read as $place) {
            $size = $this->engine->diameter($place)->plus(Length::ofNanometres($off === null ? 0 : $off($place)));
            $byCylinder[$place->number][] = Reading::of($place, [$size], $gauge, $at20);
        }

        return array_map(
            fn (int $cylinder): BoreInspection => BoreInspection::of(
                $cylinder,
                $byCylinder[$cylinder] ?? [],
                Reading::of(BorePlace::piston($cylinder), [$this->piston], $gauge, $at20),
                $this->looks[$cylinder],
            ),
            $this->sheet->layout->cylinders(),
        );
    }
}
