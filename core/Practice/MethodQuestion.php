<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Engine\Policy\DwellSchool;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\CleanUp;
use NorthLedger\Core\Features\Bores\RequiredBore;
use NorthLedger\Core\Features\Cracks\CrackCheckRefused;
use NorthLedger\Core\Features\Cracks\Dwell;
use NorthLedger\Core\Features\Cracks\TimingMark;
use NorthLedger\Core\Features\Precheck\WashMethod;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Simulation\SimulationException;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A short case with its answer, which is worked out by the rules themselves at that moment. */
final readonly class MethodQuestion
{
    private const COLDEST_C = 1;

    private const HOTTEST_C = 56;

    private const MADE_NM = 96_837_500;

    /**
     * @param  array<string, string|int>  $facts  Of the case, by name
     * @param  non-empty-list<string>  $choices
     * @param  array<string, Length>  $read  What was read before, by place key
     */
    public function __construct(
        public QuestionKind $kind,
        public int $seed,
        public array $facts,
        public array $choices,
        public string $right,
        public array $read = [],
    ) {
    }

    /**
     * @param  SpecificationSheet  $sheet  Of the engine that a case about bores is of
     *
     * @throws SimulationException If that says too little of its bores and pistons
     */
    public static function of(QuestionKind $kind, int $seed, ShopPolicy $policy, SpecificationSheet $sheet): self
    {
        $chance = new Randomizer(new Mt19937($seed));

        return match ($kind) {
            QuestionKind::Dwell => self::dwell($seed, $chance, $policy->crackDwell),
            QuestionKind::Wash => self::wash($seed, $chance),
            QuestionKind::Timing => self::timing($seed, $chance, $policy->crackDwell),
            QuestionKind::CleanUp => self::cleanUp($seed, $chance, $policy->boreAllowances(LengthUnit::Inch)->cleanUpStock),
            QuestionKind::NextPlace => NextPlace::ask($seed, $chance, $policy, $sheet),
            QuestionKind::CutterSize => CutterSize::ask($seed, $chance, $policy, $sheet),
        };
    }

    private static function dwell(int $seed, Randomizer $chance, DwellSchool $school): self
    {
        $celsius = $chance->getInt(self::COLDEST_C, self::HOTTEST_C);
        try {
            $right = (string) Dwell::at((float) $celsius, $school)->penetrantMinutes;
        } catch (CrackCheckRefused) {
            $right = 'not';
        }
        $minutes = $school->minutes();

        return new self(
            QuestionKind::Dwell,
            $seed,
            ['celsius' => $celsius],
            [(string) intdiv($minutes, 2), (string) $minutes, (string) (2 * $minutes), 'not'],
            $right,
        );
    }

    private static function wash(int $seed, Randomizer $chance): self
    {
        $methods = WashMethod::cases();
        $materials = Material::cases();
        $method = $methods[$chance->getInt(0, count($methods) - 1)];
        $material = $materials[$chance->getInt(0, count($materials) - 1)];

        return new self(
            QuestionKind::Wash,
            $seed,
            ['method' => $method->value, 'material' => $material->value],
            ['yes', 'no'],
            $method->refusalFor($material) === null ? 'yes' : 'no',
        );
    }

    private static function timing(int $seed, Randomizer $chance, DwellSchool $school): self
    {
        $celsius = $chance->getInt(6, 30);
        $dwell = Dwell::at((float) $celsius, $school);
        $penetrant = $chance->getInt(0, 1) === 0 ? $dwell->penetrantMinutes : intdiv($dwell->penetrantMinutes, 2) + 1;
        $developer = [4, 12, 25, 55, 75][$chance->getInt(0, 4)];
        $marks = $dwell->marks((float) $penetrant, (float) $developer);

        return new self(
            QuestionKind::Timing,
            $seed,
            ['celsius' => $celsius, 'penetrant' => $penetrant, 'developer' => $developer],
            ['good', 'early', 'late', 'early and late'],
            $marks === []
                ? 'good'
                : implode(
                    ' and ',
                    array_map(static fn (TimingMark $mark): string => $mark === TimingMark::Early ? 'early' : 'late', $marks),
                ),
        );
    }

    private static function cleanUp(int $seed, Randomizer $chance, Length $stock): self
    {
        $made = Length::ofNanometres(self::MADE_NM);
        $step = Length::ofNanometres(254_000 * $chance->getInt(2, 4));
        $worn = Length::ofNanometres(12_700 * $chance->getInt(8, 2 * intdiv($step->nanometres, 25_400)));
        $pit = Length::ofNanometres(25_400 * max(0, $chance->getInt(-2, 4)));
        $answer = RequiredBore::of($made, $made->plus($worn), $pit, $stock)->at($made->plus($step));

        return new self(
            QuestionKind::CleanUp,
            $seed,
            [
                'made' => self::inches($made),
                'worn' => self::inches($made->plus($worn)),
                'pit' => self::inches($pit),
                'stock' => self::inches($stock),
                'step' => self::inches($step),
            ],
            array_column(CleanUp::cases(), 'value'),
            $answer->value,
        );
    }

    private static function inches(Length $length): string
    {
        $decimals = $length->nanometres % 25_400 === 0 ? 3 : 4;

        return (string) preg_replace(
            '/^0(?=\.)/',
            '',
            number_format($length->nanometres / LengthUnit::Inch->nanometres(), $decimals, '.', ''),
        );
    }
}
