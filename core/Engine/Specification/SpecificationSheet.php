<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** One revision of a family's specification: what its parts are made to, and how far they may wear. */
final readonly class SpecificationSheet
{
    /**
     * @param  Material  $blockMaterial  Of the block, or of the case where the cylinders are separate
     * @param  non-empty-list<RingSpec>  $rings  From the top
     * @param  ?FaceSpec  $deck  Null where the cylinders are separate
     * @param  ?LifterSpec  $lifters  Null where there are none
     * @param  ?CamshaftBoreSpec  $camshaftBores  Null where the block carries no camshaft, or nobody knows
     * @param  list<ThreadSpec>  $threads
     * @param  list<PressureTestSpec>  $pressureTests
     * @param  list<PronePlace>  $pronePlaces
     * @param  ?Length  $boreSpacing  From centre to centre of neighbours in one bank; null where nobody knows
     * @param  list<string>  $castings  Numbers cast or stamped into its parts, as far as they are known
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
        public ?Length $boreSpacing,
        public array $castings,
    ) {
    }

    /**
     * @param  array<mixed>  $data  As decoded from the sheet's JSON
     *
     * @throws InvalidDocument If anything is missing, wrong or at odds with the rest
     */
    public static function fromArray(array $data): self
    {
        $name = is_string($data['name'] ?? null) ? 'The specification sheet “'.$data['name'].'”' : 'The specification sheet';

        return Node::read($name, $data, static function (Node $node): self {
            $unit = $node->at('unit')->word(LengthUnit::class);
            $lifters = $node->at('lifters');
            $camshaft = $node->at('camshaft_bores');
            $gasket = $node->at('volumes')->at('gasket')->at('kind')->word(GasketKind::class);
            $deck = $node->at('deck');
            $spacing = $node->at('block')->at('bore_spacing');
            $castings = $node->at('castings');
            $sheet = new self(
                $node->at('family')->text(),
                $node->at('revision')->wholeNumber(1),
                $node->at('name')->text(),
                $node->at('description')->text(),
                $unit,
                Layout::fromNode($node->at('layout')),
                $node->at('valve_train')->word(ValveTrain::class),
                $node->at('block')->at('cylinders')->word(CylinderKind::class),
                $node->at('block')->at('material')->word(Material::class),
                $node->at('stroke')->positiveLength($unit),
                BoreSpec::fromNode($node->at('bore'), $unit),
                PistonSpec::fromNode($node->at('piston'), $unit),
                self::rings($node->at('rings'), $unit),
                HousingSpec::fromNode($node->at('housings'), $unit),
                CrankshaftSpec::fromNode($node->at('crankshaft'), $unit),
                RodSpec::fromNode($node->at('rods'), $unit),
                $deck->isGiven() ? FaceSpec::fromNode($deck, $unit, $gasket) : null,
                $node->at('head')->at('material')->word(Material::class),
                FaceSpec::fromNode($node->at('head'), $unit, $gasket),
                ValveSpec::fromNode($node->at('valves')->at('intake'), $unit),
                ValveSpec::fromNode($node->at('valves')->at('exhaust'), $unit),
                $lifters->isGiven() ? LifterSpec::fromNode($lifters, $unit) : null,
                $camshaft->isGiven() ? CamshaftBoreSpec::fromNode($camshaft, $unit) : null,
                VolumeSpec::fromNode($node->at('volumes'), $unit),
                WeightSpec::fromNode($node->at('weights')),
                array_map(ThreadSpec::fromNode(...), $node->at('threads')->items()),
                array_map(PressureTestSpec::fromNode(...), $node->at('pressure_tests')->items()),
                array_map(PronePlace::fromNode(...), $node->at('crack_prone')->items()),
                $spacing->isGiven() ? $spacing->positiveLength($unit) : null,
                $castings->isGiven() ? array_map(static fn (Node $one): string => $one->text(), $castings->items()) : [],
            );
            SheetConsistency::check($sheet, $node);

            return $sheet;
        });
    }

    /** @throws InvalidDocument If the text is not JSON, or not a specification sheet */
    public static function fromJson(string $json, string $name): self
    {
        try {
            $data = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $exception) {
            throw InvalidDocument::notJson($name, $exception->getMessage());
        }

        return is_array($data) ? self::fromArray($data) : throw InvalidDocument::notJson($name, 'not an object');
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
    public function nameOf(EnginePart $part): string
    {
        return $part === EnginePart::Block && $this->layout->kind === LayoutKind::Flat ? 'case' : $part->value;
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

    /** The part that the valves stand in. */
    public function valvePart(): EnginePart
    {
        return $this->valveTrain === ValveTrain::SideValve ? EnginePart::Block : EnginePart::Head;
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

    /** @return non-empty-list<RingSpec> */
    private static function rings(Node $node, LengthUnit $unit): array
    {
        $rings = array_map(static fn (Node $ring): RingSpec => RingSpec::fromNode($ring, $unit), $node->items(1));

        return $rings === [] ? [RingSpec::fromNode($node, $unit)] : $rings;
    }
}
