<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\CrackLook;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Features\Bores\ScoringLook;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Simulation\ReadBlock;
use NorthLedger\Core\Simulation\SimulatedEngine;
use NorthLedger\Core\Simulation\SimulationException;
use Random\Randomizer;

/** Which place of a worn block is read next, after what was read so far; or that nothing can change the verdict any more (BORE-5). */
final class NextPlace
{
    public const SETTLED = 'settled';

    private const MOST_READ = 7;

    private const MOST_OTHERS = 3;

    /** How much a typical cylinder is worn, in thousandths of the taper that is allowed. */
    private const WEAR = [300, 1_600];

    /** @throws SimulationException If nobody knows the family’s limits or pistons */
    public static function ask(int $seed, Randomizer $chance, ShopPolicy $policy, SpecificationSheet $sheet): MethodQuestion
    {
        $taper = $sheet->bore->service->taper ?? throw SimulationException::nothingToJudge($sheet->name);
        $wear = Length::ofNanometres(intdiv($taper->nanometres * $chance->getInt(...self::WEAR), 1_000));
        $engine = SimulatedEngine::of($sheet, $wear, $chance);
        $looks = new BoreLooks(CrackLook::NoneSeen, RidgeLook::None, RidgeLook::None, ScoringLook::None, PittingClass::None);
        $block = new ReadBlock($sheet, $policy, $engine, array_fill_keys($sheet->layout->cylinders(), $looks));
        $wanted = $chance->getInt(1, self::MOST_READ);
        $read = [];
        do {
            $assessment = $block->assess($read, Instrument::ofKind(InstrumentKind::BoreGaugeTenth));
            $next = self::next($assessment);
            $read = $next !== null && count($read) < $wanted ? [...$read, $next] : $read;
        } while ($next !== null && count($read) < $wanted);
        $assessment = $block->assess($read, Instrument::ofKind(InstrumentKind::BoreGaugeTenth));
        $next = self::next($assessment);
        if ($next === null && $assessment->next->reason !== NextReason::NothingCanChange) {
            // Something else is asked for than a reading, a trace of a wall: the case ends one reading before that.
            $next = array_pop($read);
        }

        return new MethodQuestion(
            QuestionKind::NextPlace,
            $seed,
            self::facts($sheet),
            self::choices($next, $read, $block->everyPlace(), $chance),
            $next->key ?? self::SETTLED,
            array_combine(
                array_map(static fn (Place $place): string => $place->key, $read),
                array_map($engine->diameter(...), $read),
            ),
        );
    }

    /** @return array<string, string> */
    private static function facts(SpecificationSheet $sheet): array
    {
        [$display, $limits] = [LengthDisplay::in($sheet->unit), $sheet->bore->service];
        $most = static fn (?Length $limit): string => $limit === null ? '' : $display->magnitudeWithUnit($limit);

        return [
            'family' => $sheet->name,
            'made' => $display->sizeWithUnit($sheet->bore->nominal),
            'piston' => $sheet->piston->standard === null ? '' : $display->sizeWithUnit($sheet->piston->standard),
            'round' => $most($limits->outOfRound),
            'taper' => $most($limits->taper),
            'clearance' => $most($limits->clearance),
        ];
    }

    private static function next(BlockAssessment $assessment): ?Place
    {
        $next = $assessment->next->place;

        return $next?->feature === BoreFeature::Bore ? $next : null;
    }

    /**
     * @param  list<Place>  $read
     * @param  list<Place>  $every
     * @return non-empty-list<string> The right one, some that are unread, and that it is settled; in the order of the sheet
     */
    private static function choices(?Place $next, array $read, array $every, Randomizer $chance): array
    {
        $keys = array_map(static fn (Place $place): string => $place->key, $every);
        $done = array_map(static fn (Place $place): string => $place->key, $read);
        $others = array_values(array_diff($keys, $done, [$next?->key]));
        $picked = $others === [] ? [] : $chance->pickArrayKeys($others, min(self::MOST_OTHERS, count($others)));
        $chosen = [$next?->key, ...array_map(static fn (int|string $key): string => $others[$key], $picked)];

        return [...array_values(array_intersect($keys, $chosen)), self::SETTLED];
    }
}
