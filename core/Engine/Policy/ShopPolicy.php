<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\TemperatureUnit;

/** One revision of the rules a shop has chosen where practitioners differ, with its allowances and prices. */
final readonly class ShopPolicy
{
    /** In micrograms. */
    private const A_GRAM = 1_000_000;

    /**
     * @param  int  $checkBackReadings  After so many readings the gauge goes back on its master (GAUGE-3)
     * @param  int  $checkBackMinutes  Or after so long
     * @param  Mass  $mostOffARod  More than that is not taken off a rod to match its set (ROD-3)
     * @param  array<string, float>  $expansion  In 1e-6/°C by material
     */
    private function __construct(
        public int $revision,
        public Preference $preference,
        public OrderOfWork $orderOfWork,
        public OrderOfParts $orderOfParts,
        public DecisionRule $incomingRule,
        public DecisionRule $finalRule,
        public int $allowedPittingClass,
        public bool $forbidsVerifyingOwnWork,
        public DwellSchool $crackDwell,
        public int $checkBackReadings,
        public int $checkBackMinutes,
        public PriceList $prices,
        public GrindAim $grindAim,
        public MirrorFinish $mirrorFinish,
        public MixedShells $mixedShells,
        public Mass $mostOffARod,
        public SleeveForWear $sleeveForWear,
        public ReadingsPerBore $readingsPerBore,
        public CrackCheckNeeds $crackCheckNeeds,
        public TemperatureUnit $temperatureUnit,
        public HouseLimits $houseLimits,
        private BoreAllowances $inchAllowances,
        private BoreAllowances $metricAllowances,
        private PartAllowances $inchParts,
        private PartAllowances $metricParts,
        private array $expansion,
    ) {
    }

    /**
     * @param  array<mixed>  $data
     *
     * @throws InvalidDocument If anything is missing or wrong
     */
    public static function fromArray(array $data): self
    {
        return Node::read(
            new Message('refusal.document.shop_policy'),
            $data,
            static fn (Node $node): self => new self(
                $node->at('revision')->wholeNumber(0),
                $node->at('preference')->word(Preference::class),
                $node->at('order_of_work')->word(OrderOfWork::class),
                $node->at('order_of_parts')->word(OrderOfParts::class),
                $node->at('decision_rule')->at('incoming')->word(DecisionRule::class),
                $node->at('decision_rule')->at('final')->word(DecisionRule::class),
                $node->at('allowed_pitting_class')->wholeNumber(0, 4),
                $node->at('own_work')->word(OwnWork::class) === OwnWork::Forbidden,
                $node->at('crack_dwell')->word(DwellSchool::class),
                $node->at('check_back')->at('readings')->wholeNumber(1, 10_000),
                $node->at('check_back')->at('minutes')->wholeNumber(1, 10_000),
                PriceList::fromNode($node->at('prices')),
                $node->at('grind_aim')->word(GrindAim::class),
                $node->at('mirror_finish')->word(MirrorFinish::class),
                $node->at('mixed_shells')->word(MixedShells::class),
                Mass::ofMicrograms($node->at('most_off_a_rod')->wholeNumber(1, 500) * self::A_GRAM),
                $node->at('sleeve_for_wear')->word(SleeveForWear::class),
                $node->at('readings_per_bore')->word(ReadingsPerBore::class),
                CrackCheckNeeds::fromNode($node->at('crack_check')),
                $node->at('temperature_unit')->word(TemperatureUnit::class),
                HouseLimits::fromNode($node->at('house_limits')),
                BoreAllowances::fromNode($node->at('bore_in'), LengthUnit::Inch),
                BoreAllowances::fromNode($node->at('bore_mm'), LengthUnit::Millimetre),
                PartAllowances::fromNode($node->at('parts_in'), LengthUnit::Inch),
                PartAllowances::fromNode($node->at('parts_mm'), LengthUnit::Millimetre),
                self::expansions($node->at('expansion')),
            ),
        );
    }

    /** The same where finished work is judged: by the decision rule of the end (GAUGE-6). */
    public function atTheEnd(): self
    {
        return new self(
            $this->revision,
            $this->preference,
            $this->orderOfWork,
            $this->orderOfParts,
            $this->finalRule,
            $this->finalRule,
            $this->allowedPittingClass,
            $this->forbidsVerifyingOwnWork,
            $this->crackDwell,
            $this->checkBackReadings,
            $this->checkBackMinutes,
            $this->prices,
            $this->grindAim,
            $this->mirrorFinish,
            $this->mixedShells,
            $this->mostOffARod,
            $this->sleeveForWear,
            $this->readingsPerBore,
            $this->crackCheckNeeds,
            $this->temperatureUnit,
            $this->houseLimits,
            $this->inchAllowances,
            $this->metricAllowances,
            $this->inchParts,
            $this->metricParts,
            $this->expansion,
        );
    }

    public function boreAllowances(LengthUnit $unit): BoreAllowances
    {
        return $unit === LengthUnit::Inch ? $this->inchAllowances : $this->metricAllowances;
    }

    public function partAllowances(LengthUnit $unit): PartAllowances
    {
        return $unit === LengthUnit::Inch ? $this->inchParts : $this->metricParts;
    }

    /** Linear expansion in 1e-6/°C (GAUGE-4). */
    public function expansionOf(Material $material): float
    {
        return $this->expansion[$material->value];
    }

    /** @return array<string, float> */
    private static function expansions(Node $node): array
    {
        $expansions = [];
        foreach (Material::cases() as $material) {
            $expansions[$material->value] = $node->at($material->value)->number(0, 100);
        }

        return $expansions;
    }
}
