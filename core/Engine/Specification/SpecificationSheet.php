<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/**
 * One revision of a family's specification: what its parts are made to, and how far they may wear.
 *
 * Needed are name, unit, layout, cylinders, materials of block and head, valve train, bore, stroke. Everything else may be null: nobody
 * has looked it up, and what is read there is held against no limit.
 */
final readonly class SpecificationSheet
{
    /**
     * @param  Material  $blockMaterial  Of the block, or of the case where the cylinders are separate
     * @param  list<RingSpec>  $rings  From the top; none where nobody knows
     * @param  ?FaceSpec  $deck  Null where the cylinders are separate
     * @param  ?LifterSpec  $lifters  Null where there are none
     * @param  ?CamshaftBoreSpec  $camshaftBores  Null where the block carries no camshaft, or nobody knows
     * @param  list<ThreadSpec>  $threads
     * @param  list<PressureTestSpec>  $pressureTests
     * @param  list<PronePlace>  $pronePlaces
     * @param  list<StampedPlace>  $stampedPlaces
     * @param  list<SeatPlace>  $seatPlaces  Where they are known; the others follow from the layout
     * @param  list<DatumFaceSpec>  $datumFaces
     * @param  ?Length  $boreSpacing  From centre to centre of neighbours in one bank; null where nobody knows
     * @param  list<string>  $castings  Numbers cast or stamped into its parts, as far as they are known
     * @param  list<TorqueSpec>  $torques
     * @param  list<FamilyPart>  $parts  Beside those of every engine of its layout
     * @param  array<string, ValueSource>  $sources  By pointer
     */
    private function __construct(
        public string $family,
        public int $revision,
        public string $name,
        public string $description,
        public LengthUnit $unit,
        public Layout $layout,
        public ValveTrain $valveTrain,
        public CylinderKind $cylinders,
        public Material $blockMaterial,
        public Length $stroke,
        public BoreSpec $bore,
        public PistonSpec $piston,
        public array $rings,
        public HousingSpec $housings,
        public CrankshaftSpec $crankshaft,
        public RodSpec $rods,
        public ?FaceSpec $deck,
        public Material $headMaterial,
        public FaceSpec $head,
        public ValveSpec $intake,
        public ValveSpec $exhaust,
        public ?LifterSpec $lifters,
        public ?CamshaftBoreSpec $camshaftBores,
        public VolumeSpec $volumes,
        public WeightSpec $weights,
        public array $threads,
        public array $pressureTests,
        public array $pronePlaces,
        public array $stampedPlaces,
        public array $seatPlaces,
        public array $datumFaces,
        public ?Length $boreSpacing,
        public array $castings,
        public array $torques,
        public array $parts,
        public string $buildNotes,
        private array $sources,
    ) {
    }

    /**
     * @param  array<mixed>  $data  As decoded from the sheet's JSON
     *
     * @throws InvalidDocument If anything is missing, wrong or at odds with the rest
     */
    public static function fromArray(array $data): self
    {
        $name = is_string($data['name'] ?? null)
            ? new Message('refusal.document.sheet_named', ['name' => $data['name']])
            : new Message('refusal.document.sheet');

        return Node::read($name, $data, static function (Node $node): self {
            $unit = $node->at('unit')->word(LengthUnit::class);
            $layout = Layout::fromNode($node->at('layout'));
            $volumes = VolumeSpec::fromNode($node->at('volumes'), $unit);
            $cylinders = $node->at('block')->at('cylinders')->word(CylinderKind::class);
            $deck = $node->at('deck');
            $camshaft = $node->at('camshaft_bores');
            $sheet = new self(
                FamilyKey::fromNode($node->at('family')),
                $node->at('revision')->wholeNumber(1),
                $node->at('name')->text(),
                $node->at('description')->ifGiven(static fn (Node $description): string => $description->text()) ?? '',
                $unit,
                $layout,
                $node->at('valve_train')->word(ValveTrain::class),
                $cylinders,
                $node->at('block')->at('material')->word(Material::class),
                $node->at('stroke')->positiveLength($unit),
                BoreSpec::fromNode($node->at('bore'), $unit),
                PistonSpec::fromNode($node->at('piston'), $unit),
                array_map(static fn (Node $ring): RingSpec => RingSpec::fromNode($ring, $unit), $node->at('rings')->itemsIfGiven()),
                HousingSpec::fromNode($node->at('housings'), $unit, $layout),
                CrankshaftSpec::fromNode($node->at('crankshaft'), $unit, $layout),
                RodSpec::fromNode($node->at('rods'), $unit),
                $deck->isGiven() || $cylinders !== CylinderKind::Separate ? FaceSpec::fromNode($deck, $unit, $volumes->gasket) : null,
                $node->at('head')->at('material')->word(Material::class),
                FaceSpec::fromNode($node->at('head'), $unit, $volumes->gasket),
                ValveSpec::fromNode($node->at('valves')->at('intake'), $unit, $layout),
                ValveSpec::fromNode($node->at('valves')->at('exhaust'), $unit, $layout),
                $node->at('lifters')->ifGiven(static fn (Node $lifters): LifterSpec => LifterSpec::fromNode($lifters, $unit)),
                $camshaft->isGiven() ? CamshaftBoreSpec::fromNode($camshaft, $unit) : null,
                $volumes,
                WeightSpec::fromNode($node->at('weights')),
                array_map(ThreadSpec::fromNode(...), $node->at('threads')->itemsIfGiven()),
                array_map(PressureTestSpec::fromNode(...), $node->at('pressure_tests')->itemsIfGiven()),
                array_map(PronePlace::fromNode(...), $node->at('crack_prone')->itemsIfGiven()),
                array_map(StampedPlace::fromNode(...), $node->at('stamped')->itemsIfGiven()),
                array_map(SeatPlace::fromNode(...), $node->at('seats')->itemsIfGiven()),
                array_map(DatumFaceSpec::fromNode(...), $node->at('datum_faces')->itemsIfGiven()),
                $node->at('block')->at('bore_spacing')->positiveLengthIfGiven($unit),
                array_map(static fn (Node $one): string => $one->text(), $node->at('castings')->itemsIfGiven()),
                array_map(TorqueSpec::fromNode(...), $node->at('torques')->itemsIfGiven()),
                array_map(FamilyPart::fromNode(...), $node->at('parts')->itemsIfGiven()),
                $node->at('build_notes')->ifGiven(static fn (Node $notes): string => $notes->text()) ?? '',
                array_map(ValueSource::fromNode(...), $node->at('sources')->membersIfGiven()),
            );
            SheetConsistency::check($sheet, $node);

            return $sheet;
        });
    }

    /**
     * Those on the deck of a bank.
     *
     * @param  int  $bank  From 1 on
     * @return list<StampedPlace>
     */
    public function stampedPlacesOf(int $bank): array
    {
        return array_values(
            array_filter(
                $this->stampedPlaces,
                fn (StampedPlace $place): bool => in_array(
                    $this->layout->banks[$bank - 1][0],
                    $place->face->cylindersOf($this->layout),
                    true,
                ),
            ),
        );
    }

    /** @return list<SeatPlace> Of one kind of valve of a cylinder in a face; none where nobody has said where they lie */
    public function seatPlacesOf(Face $face, int $cylinder, ValveKind $valve): array
    {
        return array_values(
            array_filter(
                $this->seatPlaces,
                static fn (SeatPlace $seat): bool => $seat->face === $face && $seat->cylinder === $cylinder && $seat->valve === $valve,
            ),
        );
    }

    /** @throws InvalidDocument If the text is not JSON, or not a specification sheet */
    public static function fromJson(string $json, string $name): self
    {
        try {
            $data = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $exception) {
            throw InvalidDocument::notJson($name, $exception->getMessage());
        }

        return is_array($data) ? self::fromArray($data) : throw InvalidDocument::noObject($name);
    }

    /**
     * Where a value comes from; null where nobody has said.
     *
     * @param  string  $pointer  “/bore/service/taper”
     */
    public function sourceOf(string $pointer): ?ValueSource
    {
        return ValueSource::nearest($this->sources, $pointer);
    }

    /** What the bores are made of: iron, wherever they are lined or separate. */
    public function boreMaterial(): Material
    {
        return $this->cylinders === CylinderKind::InTheBlock ? $this->blockMaterial : Material::GreyIron;
    }

    /** @return non-empty-list<Face> The faces of the crack map, in the order of the walk around the engine */
    public function faces(): array
    {
        return Face::of($this->layout->kind, $this->valveTrain);
    }

    /** What the trade calls a part of this engine: a split block is a case. */
    public function nameOf(EnginePart $part): Message
    {
        $isCase = $part === EnginePart::Block && $this->layout->kind === LayoutKind::Flat;

        return new Message('codes.enginepart.'.($isCase ? 'case' : $part->value));
    }

    /** True where water runs round the cylinders: the block has core plugs, and jackets that can be tested under pressure. */
    public function hasWaterJacket(): bool
    {
        return $this->pressureTests !== [] && $this->deck !== null;
    }

    public function materialOf(EnginePart $part): Material
    {
        return match ($part) {
            EnginePart::Block => $this->blockMaterial,
            EnginePart::Cylinders => $this->boreMaterial(),
            EnginePart::Head => $this->headMaterial,
            EnginePart::Crankshaft => $this->crankshaft->material,
            EnginePart::Rods => $this->rods->material,
        };
    }

    /** The part that the intake valves stand in. */
    public function intakePart(): EnginePart
    {
        return $this->valveTrain->hasIntakeInTheBlock() ? EnginePart::Block : EnginePart::Head;
    }

    /** The part that the exhaust valves stand in. */
    public function exhaustPart(): EnginePart
    {
        return $this->valveTrain->hasExhaustInTheBlock() ? EnginePart::Block : EnginePart::Head;
    }

    /** The part that the lifters run in. */
    public function lifterPart(): EnginePart
    {
        return $this->valveTrain === ValveTrain::OverheadCam ? EnginePart::Head : EnginePart::Block;
    }

    public function materialAt(EnginePart $part, CrackZone $zone): Material
    {
        return $zone === CrackZone::BoreWall ? $this->boreMaterial() : $this->materialOf($part);
    }
}
