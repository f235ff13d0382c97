<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Load\BarState;
use App\Load\PinTrouble;
use App\Offers\OfferRoute;
use App\People\Role;
use App\Record\LookCodes;
use App\Record\OfferState;
use App\Stages\Work\CellState;
use App\Storage\ChangeReason;
use App\Storage\DispositionKind;
use App\Storage\EntryKind;
use App\Storage\Stage;
use BackedEnum;
use NorthLedger\Core\Assessment\EngineVerdict;
use NorthLedger\Core\Engine\Identification\KnownSize;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\FeatureCodes;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Policy\DwellSchool;
use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\LayoutKind;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SourceKind;
use NorthLedger\Core\Engine\Specification\ValveTrain;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\Form;
use NorthLedger\Core\Features\Bores\Obstacle;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Bores\StepSource;
use NorthLedger\Core\Features\Cracks\CheckCaution;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\Classification;
use NorthLedger\Core\Features\Cracks\CrackState;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\Refusal;
use NorthLedger\Core\Features\Cracks\Surface;
use NorthLedger\Core\Features\Cracks\TimingMark;
use NorthLedger\Core\Features\Precheck\CheckGroup;
use NorthLedger\Core\Features\Precheck\ItemState;
use NorthLedger\Core\Features\Precheck\WashMethod;
use NorthLedger\Core\Features\Precheck\WashRefusal;
use NorthLedger\Core\Features\Receiving\Arrival;
use NorthLedger\Core\Features\Receiving\ClaimKind;
use NorthLedger\Core\Features\Receiving\ClaimMatch;
use NorthLedger\Core\Features\Receiving\CountedState;
use NorthLedger\Core\Features\Receiving\PartGroup;
use NorthLedger\Core\Features\Receiving\SleevePieceKind;
use NorthLedger\Core\Features\Receiving\Usage;
use NorthLedger\Core\Features\Running\RunningLook;
use NorthLedger\Core\Features\Running\RunningPart;
use NorthLedger\Core\Features\Running\Suspicion;
use NorthLedger\Core\Finding\CustomerAnswer;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Planning\Bar;
use NorthLedger\Core\Planning\PlanObstacle;
use NorthLedger\Core\Practice\Level;
use NorthLedger\Core\Practice\QuestionKind;
use NorthLedger\Core\Practice\ReadingVerdict;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Scheduling\HeldBy;
use NorthLedger\Core\Simulation\BlockDifficulty;
use NorthLedger\Core\Verification\AcceptanceState;
use NorthLedger\Core\Verification\PartAnswer;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;
use NorthLedger\Core\Verification\VerificationState;
use NorthLedger\Core\Work\Caution;
use NorthLedger\Core\Work\CutKind;
use NorthLedger\Core\Work\Fixture;
use NorthLedger\Core\Work\Honing\StintAdvice;
use NorthLedger\Core\Work\Logs\BoreLook;
use NorthLedger\Core\Work\Logs\ClockState;
use NorthLedger\Core\Work\Logs\HoneTool;
use NorthLedger\Core\Work\Logs\SeatTouch;
use NorthLedger\Core\Work\Machine;
use NorthLedger\Core\Work\NoteKind;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\StopReason;
use NorthLedger\Core\Work\TickState;
use NorthLedger\Core\Work\WorkPart;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What people read of a code: every case has its line, and no line is of a case that is gone. */
final class CodeLinesTest extends TestCase
{
    /** Lines that are said where there is no code. */
    private const BESIDE = [
        'codes.enginepart' => ['case'],
        'engine.part' => ['not_here'],
        'order.stop' => ['at'],
        'verdict.verdict' => ['scrap_cylinders'],
    ];

    /** @param  class-string<BackedEnum>  $codes */
    #[DataProvider('codes')]
    public function test_every_code_has_its_line_and_every_line_its_code(string $group, string $codes): void
    {
        $lines = trans($group);
        $this->assertIsArray($lines, $group);
        $names = array_map(
            static fn (BackedEnum $code): string => str_replace([', ', ' ', '-', '.'], '_', (string) $code->value),
            $codes::cases(),
        );
        $this->assertSame([], array_values(array_diff($names, array_map(strval(...), array_keys($lines)))), 'codes without a line');
        $spare = array_diff(array_map(strval(...), array_keys($lines)), $names);
        $this->assertSame([], array_values(array_diff($spare, self::BESIDE[$group] ?? [])), 'lines without a code');
        $this->assertSame([], array_filter($lines, static fn (mixed $line): bool => ! is_string($line)));
    }

    public function test_every_look_has_its_word(): void
    {
        $looks = [];
        foreach (FeatureCodes::all() as $feature) {
            foreach ($feature === BoreFeature::Pitting ? [] : LookCodes::codes($feature) as $code) {
                $looks[str_replace([', ', ' ', '-'], '_', $code)] = true;
            }
        }
        ksort($looks);
        $lines = array_keys((array) trans('looks'));
        sort($lines);
        $this->assertSame(array_keys($looks), $lines);
    }

    /** @return iterable<string, array{string, class-string<BackedEnum>}> */
    public static function codes(): iterable
    {
        yield 'codes.crackzone' => ['codes.crackzone', CrackZone::class];
        yield 'codes.face' => ['codes.face', Face::class];
        yield 'codes.material' => ['codes.material', Material::class];
        yield 'codes.enginepart' => ['codes.enginepart', EnginePart::class];
        yield 'codes.cylinderkind' => ['codes.cylinderkind', CylinderKind::class];
        yield 'codes.valvetrain' => ['codes.valvetrain', ValveTrain::class];
        yield 'codes.layoutkind' => ['codes.layoutkind', LayoutKind::class];
        yield 'codes.dwellschool' => ['codes.dwellschool', DwellSchool::class];
        yield 'codes.stepsource' => ['codes.stepsource', StepSource::class];
        yield 'codes.classification' => ['codes.classification', Classification::class];
        yield 'codes.disposition' => ['codes.disposition', Disposition::class];
        yield 'codes.look' => ['codes.look', Look::class];
        yield 'codes.checkmethod' => ['codes.checkmethod', CheckMethod::class];
        yield 'codes.surface' => ['codes.surface', Surface::class];
        yield 'codes.crackstate' => ['codes.crackstate', CrackState::class];
        yield 'codes.timingmark' => ['codes.timingmark', TimingMark::class];
        yield 'codes.countedstate' => ['codes.countedstate', CountedState::class];
        yield 'codes.claimkind' => ['codes.claimkind', ClaimKind::class];
        yield 'codes.claimmatch' => ['codes.claimmatch', ClaimMatch::class];
        yield 'codes.arrival' => ['codes.arrival', Arrival::class];
        yield 'codes.instrumentkind' => ['codes.instrumentkind', InstrumentKind::class];
        yield 'codes.tickstate' => ['codes.tickstate', TickState::class];
        yield 'codes.partverdict' => ['codes.partverdict', PartVerdict::class];
        yield 'codes.preference' => ['codes.preference', Preference::class];
        yield 'codes.a' => ['codes.a', InstrumentKind::class];
        yield 'codes.dispositionkind' => ['codes.dispositionkind', DispositionKind::class];
        yield 'codes.clockstate' => ['codes.clockstate', ClockState::class];
        yield 'codes.itemstate' => ['codes.itemstate', ItemState::class];
        yield 'codes.partanswer' => ['codes.partanswer', PartAnswer::class];
        yield 'codes.customeranswer' => ['codes.customeranswer', CustomerAnswer::class];
        yield 'codes.sleevepiecekind' => ['codes.sleevepiecekind', SleevePieceKind::class];
        yield 'codes.usage' => ['codes.usage', Usage::class];
        yield 'codes.role' => ['codes.role', Role::class];
        yield 'codes.stage' => ['codes.stage', Stage::class];
        yield 'cracks.caution' => ['cracks.caution', CheckCaution::class];
        yield 'cracks.refusal' => ['cracks.refusal', Refusal::class];
        yield 'cracks.timing' => ['cracks.timing', TimingMark::class];
        yield 'engine.part' => ['engine.part', PartVerdict::class];
        yield 'engine.told' => ['engine.told', PartVerdict::class];
        yield 'engine.verdict' => ['engine.verdict', EngineVerdict::class];
        yield 'findings.verdict' => ['findings.verdict', EngineVerdict::class];
        yield 'findings.worth' => ['findings.worth', PartVerdict::class];
        yield 'history.kind' => ['history.kind', EntryKind::class];
        yield 'load.chain' => ['load.chain', HeldBy::class];
        yield 'load.refused' => ['load.refused', PinTrouble::class];
        yield 'load.short' => ['load.short', OperationKind::class];
        yield 'load.state' => ['load.state', BarState::class];
        yield 'lookup.size' => ['lookup.size', KnownSize::class];
        yield 'offer.by' => ['offer.by', OfferRoute::class];
        yield 'offer.state' => ['offer.state', OfferState::class];
        yield 'order.stop' => ['order.stop', StopReason::class];
        yield 'places.axis' => ['places.axis', Axis::class];
        yield 'places.pitting' => ['places.pitting', PittingClass::class];
        yield 'places.section' => ['places.section', Section::class];
        yield 'places.section_in_short' => ['places.section_in_short', Section::class];
        yield 'places.station' => ['places.station', Station::class];
        yield 'plan.bar' => ['plan.bar', Bar::class];
        yield 'plan.obstacle' => ['plan.obstacle', PlanObstacle::class];
        yield 'policy.settings.preference.choices' => ['policy.settings.preference.choices', Preference::class];
        yield 'practice.answer' => ['practice.answer', QuestionKind::class];
        yield 'practice.case' => ['practice.case', QuestionKind::class];
        yield 'practice.difficulty' => ['practice.difficulty', BlockDifficulty::class];
        yield 'practice.engine.verdict' => ['practice.engine.verdict', PartVerdict::class];
        yield 'practice.instrument' => ['practice.instrument', ReadInstrument::class];
        yield 'practice.level' => ['practice.level', Level::class];
        yield 'practice.mistake' => ['practice.mistake', ReadingVerdict::class];
        yield 'practice.question' => ['practice.question', QuestionKind::class];
        yield 'practice.short' => ['practice.short', ReadingVerdict::class];
        yield 'precheck.group' => ['precheck.group', CheckGroup::class];
        yield 'precheck.wash.caution' => ['precheck.wash.caution', WashMethod::class];
        yield 'precheck.wash.name' => ['precheck.wash.name', WashMethod::class];
        yield 'precheck.wash.refusal' => ['precheck.wash.refusal', WashRefusal::class];
        yield 'precheck.wash.short' => ['precheck.wash.short', WashMethod::class];
        yield 'price.item' => ['price.item', PriceItem::class];
        yield 'receive.arrival' => ['receive.arrival', Arrival::class];
        yield 'receive.group' => ['receive.group', PartGroup::class];
        yield 'sheet.reason' => ['sheet.reason', ChangeReason::class];
        yield 'running.look' => ['running.look', RunningLook::class];
        yield 'running.part' => ['running.part', RunningPart::class];
        yield 'running.suspicion' => ['running.suspicion', Suspicion::class];
        yield 'spec.source' => ['spec.source', SourceKind::class];
        yield 'verdict.form' => ['verdict.form', Form::class];
        yield 'verdict.form_sign' => ['verdict.form_sign', Form::class];
        yield 'verdict.obstacle' => ['verdict.obstacle', Obstacle::class];
        yield 'verdict.verdict' => ['verdict.verdict', PartVerdict::class];
        yield 'verify.checked' => ['verify.checked', AcceptanceState::class];
        yield 'verify.condition' => ['verify.condition', OrderedCondition::class];
        yield 'verify.kind' => ['verify.kind', DispositionKind::class];
        yield 'verify.state' => ['verify.state', VerificationState::class];
        yield 'work.caution' => ['work.caution', Caution::class];
        yield 'work.check' => ['work.check', OperationKind::class];
        yield 'work.cutter' => ['work.cutter', CutKind::class];
        yield 'work.deck.touch' => ['work.deck.touch', SeatTouch::class];
        yield 'work.fixture' => ['work.fixture', Fixture::class];
        yield 'work.hone.advice' => ['work.hone.advice', StintAdvice::class];
        yield 'work.instruction' => ['work.instruction', OperationKind::class];
        yield 'work.kind' => ['work.kind', OperationKind::class];
        yield 'work.look' => ['work.look', BoreLook::class];
        yield 'work.machine' => ['work.machine', Machine::class];
        yield 'work.note' => ['work.note', NoteKind::class];
        yield 'work.part' => ['work.part', WorkPart::class];
        yield 'work.state' => ['work.state', CellState::class];
        yield 'work.tool' => ['work.tool', HoneTool::class];
    }
}
