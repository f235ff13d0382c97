<?php

declare(strict_types=1);

namespace App\Stages\Judge;

use App\Pages\FindingLine;
use App\Pages\SettlingWords;
use App\Pages\Stamp;
use App\Record\JobFile;
use App\Words\FindingWords;
use App\Words\Labels;
use App\Words\Line;
use App\Words\Messages;
use App\Words\PlaceName;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\StepSource;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartDefect;

/** The verdict on a block's bores, each unfolding to its findings (VER-3). */
final readonly class JudgeView
{
    /**
     * @param  list<JudgedBoreView>  $bores
     * @param  list<string>  $changes
     * @param  list<array{who: string, places: string}>  $missing
     * @param  list<array{sentence: string, rule: string, outcome: string}>  $defects
     */
    private function __construct(
        public Stamp $stamp,
        public string $verdict,
        public string $next,
        public array $bores,
        public array $changes,
        public array $missing,
        public array $defects,
        public string $basis,
        public bool $isSettled,
    ) {
    }

    public static function of(JobFile $file): self
    {
        $assessment = $file->assessment();
        $words = $file->words();
        $findingWords = SettlingWords::of($file);
        $missing = [];
        foreach ($assessment->missing() as $cylinder => $places) {
            $missing[] = [
                'who' => Line::of('places.subject.bore', ['number' => $cylinder]),
                'places' => implode('; ', array_map(self::shortPlace(...), $places)),
            ];
        }

        return new self(
            Stamp::ofBlock($assessment, $words),
            $words->conclusion($assessment),
            $words->next($assessment->next),
            array_map(static fn (JudgedBore $bore): JudgedBoreView => self::bore($file, $bore, $findingWords), $assessment->bores),
            $words->changes($assessment),
            $missing,
            array_map(
                static fn (PartDefect $defect): array => [
                    'sentence' => Messages::defect($defect),
                    'rule' => $defect->rule,
                    'outcome' => $defect->remedy->value,
                ],
                $assessment->defects,
            ),
            Line::of('engine.basis', [
                'family' => $file->sheet->name,
                'sheet' => $file->sheet->revision,
                'policy' => $file->policy->revision,
                'entry' => $file->job->entries,
            ]),
            $assessment->isSettled(),
        );
    }

    private static function bore(JobFile $file, JudgedBore $bore, FindingWords $words): JudgedBoreView
    {
        $form = $bore->measures->form(Axis::Thrust);
        $largest = $bore->measures->size();
        $facts = array_filter(
            [
                Line::of('judge.fact.largest') => $largest === null ? null : $file->display->sizeWithUnit($largest),
                Line::of('judge.fact.made_to') => match ($bore->step->source) {
                    StepSource::Unknown => null,
                    default => ($bore->step->value === null ? '' : $file->display->step($bore->step->value)).
                        ', '.Labels::code($bore->step->source),
                },
                Line::of('judge.fact.wear') => $bore->wear === null ? null : $file->display->magnitudeWithUnit($bore->wear),
                Line::of('judge.fact.form') => $form === null ? null : Line::ofCode('verdict.form', $form),
            ],
            static fn (?string $fact): bool => $fact !== null,
        );

        $stays = Line::of('judge.stamp.can_stay');

        return new JudgedBoreView(
            $bore->cylinder(),
            match ($bore->canStay) {
                CanStay::Yes => new Stamp($stays, '', 'good'),
                CanStay::WithNewPiston => new Stamp($stays, Line::of('judge.stamp.with_new_piston'), 'close'),
                CanStay::HonedToClearance => new Stamp($stays, Line::of('judge.stamp.honed_to_clearance'), 'close'),
                CanStay::No => new Stamp(Line::of('judge.stamp.cannot_stay'), '', 'out'),
                CanStay::NotYetKnown => new Stamp(Line::of('judge.stamp.not_yet_known'), '', 'missing'),
            },
            $facts,
            array_values(
                array_map(
                    static fn (Finding $finding): FindingLine => FindingLine::of($finding, $words, $file->display, $bore),
                    $bore->findings,
                ),
            ),
            $bore->step->differsFromDeclared ? Line::of('judge.told.readings_show_another_size') : '',
        );
    }

    private static function shortPlace(Place $place): string
    {
        return PlaceName::on($place);
    }
}
