<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Camshaft;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\CamshaftBoreSpec;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Gate;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\SectionJudgement;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Message;
use NorthLedger\Core\Record\Measurements;

/** Judges the bores that the camshaft's bearings are pressed into, as far as they are read: size, round, line (LINE-1, LINE-2). */
final readonly class CamshaftJudge implements Judge
{
    public function __construct(private CamshaftBoreSpec $spec, private ShopPolicy $policy)
    {
    }

    public function judge(Measurements $measurements): SectionJudgement
    {
        $findings = array_merge(
            ...array_map(fn (int $bore): array => $this->ofBore($bore, $measurements), CamshaftPlaces::numbers($this->spec)),
        );

        return new SectionJudgement(Section::Housings, $findings, self::works($findings), ! $measurements->isEmpty());
    }

    /** @return list<Finding> Nothing of a bore that nobody read */
    private function ofBore(int $bore, Measurements $measurements): array
    {
        $gate = new Gate(
            EnginePart::Block,
            $this->policy->incomingRule,
            $measurements,
            'LINE-1',
            Subject::numbered('cambore', $bore),
        );
        $places = CamshaftPlaces::places($bore);
        $offset = Place::at(CamshaftFeature::Offset, $bore);
        $isRead = count($measurements->missing($places)) < count($places);
        $reading = $measurements->reading($offset);

        return [
            ...$isRead
                ? [
                    $gate->sizes(Criterion::Size, $places, $this->spec->diameter($bore), Remedy::Machine),
                    $gate->spread(Criterion::OutOfRound, $places, $this->spec->outOfRound, Remedy::Machine),
                ]
                : [],
            ...$reading === null
                ? []
                : [
                    $gate
                        ->under('LINE-2')
                        ->judged(
                            Criterion::OffLine,
                            Amount::of(Measurand::Distance, $reading->corrected->absolute()->nanometres),
                            Limits::atMostLength($this->spec->offLine),
                            $reading->sizeUncertainty(),
                            Remedy::Machine,
                            [$offset],
                        ),
                ],
        ];
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<PlannedWork> One for each bore that fails
     */
    private static function works(array $findings): array
    {
        $works = [];
        foreach ($findings as $finding) {
            if ($finding->outcome === Outcome::Fail) {
                $works[$finding->about->code] ??= PlannedWork::of(
                    $finding->rule,
                    $finding->about,
                    WorkKind::LineBore,
                    said: new Message('findings.also.camshaft_bores'),
                );
            }
        }

        return array_values($works);
    }
}
