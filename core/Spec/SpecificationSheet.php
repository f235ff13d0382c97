<?php

declare(strict_types=1);

namespace NorthLedger\Core\Spec;

use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\LengthUnit;

/** One revision of a family's specification: what its parts are made to, and how far they may wear. */
final readonly class SpecificationSheet
{
    private function __construct(
        public string $family,
        public int $revision,
        public string $name,
        public string $description,
        public LengthUnit $unit,
        public Layout $layout,
        public Material $blockMaterial,
        public BoreSpec $bore,
        public PistonSpec $piston,
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
            $sheet = new self(
                $node->at('family')->text(),
                $node->at('revision')->wholeNumber(1),
                $node->at('name')->text(),
                $node->at('description')->text(),
                $unit,
                Layout::fromNode($node->at('layout')),
                $node->at('block')->at('material')->word(Material::class),
                BoreSpec::fromNode($node->at('bore'), $unit),
                PistonSpec::fromNode($node->at('piston'), $unit),
            );
            $sheet->checkAgainstItself($node);

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

    private function checkAgainstItself(Node $node): void
    {
        $fresh = $this->bore->nominal->minus($this->piston->standard);
        if ($fresh->isSmallerThan($this->piston->minimumClearance) || $fresh->isLargerThan($this->piston->maximumClearance)) {
            $node->at('piston')->at('standard')->complain('a piston that leaves its own clearance in a standard bore');
        }
        if ($this->piston->maximumClearance->isLargerThan($this->bore->service->clearance)) {
            $node->at('bore')->at('service')->at('clearance')->complain('a service limit no smaller than the clearance when new');
        }
        if (! $this->bore->standardWall->isLargerThan($this->bore->minimumWall)) {
            $node->at('bore')->at('wall')->complain('a standard wall above the minimum wall');
        }
        if ($this->bore->crosshatchLeast >= $this->bore->crosshatchMost) {
            $node->at('bore')->at('crosshatch_included_deg')->complain('the least below the most');
        }
    }
}
