<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Ledger\Ledger;
use App\Record\JobFiles;
use App\Sheet\LookAtPlace;
use App\Stages\Clean\AnswerCheckItem;
use App\Stages\Cracks\MarkCrackStep;
use App\Stages\Cracks\PlaceIndication;
use App\Stages\Cracks\StartCrackCheck;
use App\Stages\Receive\CountPart;
use App\Storage\Job;
use App\Storage\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\StepKind;
use NorthLedger\Core\Features\Cracks\Surface;
use NorthLedger\Core\Features\Precheck\AnswerKind;
use NorthLedger\Core\Features\Precheck\ItemState;
use NorthLedger\Core\Features\Precheck\WashMethod;
use NorthLedger\Core\Features\Receiving\CountedState;

/** Receives, cleans and crack checks engines the way the shop does, through the same actions. */
final readonly class DemoIncoming
{
    /** Minutes from one step of a dye check to the next, and so the time its reading is marked with. */
    private const DYE_STEPS = [
        [StepKind::Clean, 6],
        [StepKind::Penetrant, 12],
        [StepKind::Wipe, 3],
        [StepKind::Developer, 12],
        [StepKind::Read, 8],
        [StepKind::Oil, 0],
    ];

    public function __construct(
        private Ledger $ledger,
        private CountPart $count,
        private AnswerCheckItem $answer,
        private StartCrackCheck $start,
        private MarkCrackStep $mark,
        private PlaceIndication $place,
        private LookAtPlace $look,
        private JobFiles $files,
    ) {
    }

    /** @param  array<string, array{CountedState, ?int, string}>  $amiss  By part: state, count, remark */
    public function countIn(Job $job, User $by, array $amiss = []): void
    {
        $this->ledger->together($job->id, function () use ($job, $by, $amiss): void {
            foreach ($this->files->open($job)->record->parts()->expected as $line) {
                [$state, $count, $remark] = $amiss[$line->key] ?? [CountedState::Present, null, ''];
                $this->count->handle($job, $by, self::ulid(), $line->key, $state, $count, $remark);
            }
        });
    }

    /**
     * @param  array<string, array{state?: ItemState, place?: string, remark?: string, stripped?: int, inserts?: int,
     *     measured?: string}> $found  By line; the rest is fine
     */
    public function precheck(Job $job, User $by, array $found = []): void
    {
        $this->ledger->together($job->id, function () use ($job, $by, $found): void {
            $file = $this->files->open($job);
            foreach ($file->record->precheck()->checklist->items as $item) {
                $said = $found[$item->key] ?? [];
                $isIron = in_array($file->sheet->materialOf($item->part), [Material::GreyIron, Material::Steel], true);
                $this->answer->handle(
                    $job,
                    $by,
                    self::ulid(),
                    $item->key,
                    $said['state'] ?? ($item->kind === AnswerKind::FineOrFinding ? ItemState::Fine : null),
                    $said['place'] ?? '',
                    $said['remark'] ?? '',
                    $item->kind === AnswerKind::Wash ? ($isIron ? WashMethod::HotCausticTank : WashMethod::JetWasher) : null,
                    $said['stripped'] ?? null,
                    $said['inserts'] ?? null,
                    $said['measured'] ?? ($item->kind === AnswerKind::Gap ? 'none' : 'standard'),
                );
            }
        });
    }

    /**
     * A dye check, its steps at their times; nothing is read where it stops before.
     *
     * @param  int  $steps  How many are done
     * @param  list<int>  $looked  Crack-prone places that were looked at; with every face of the part where it is read
     */
    public function dyeCheck(
        Job $job,
        User $by,
        EnginePart $part,
        Carbon $begin,
        Surface $surface = Surface::CleanCast,
        int $steps = 6,
        array $looked = [],
    ): void {
        $run = self::ulid();
        $this->start->handle($job, $by, $run, $part, CheckMethod::DyePenetrant, [], $surface, 18.0, '', at: $begin);
        $this->steps($job, $by, $run, array_slice(self::DYE_STEPS, 0, $steps), $begin);
        foreach ($looked as $number) {
            $this->look->handle($job, $by, self::ulid(), $number, true);
        }
    }

    /** @param  list<array{int, int}>  $points */
    public function indication(
        Job $job,
        User $by,
        Face $face,
        CrackZone $zone,
        ?int $cylinder,
        array $points,
        Look $look,
        string $length,
        Carbon $at,
        string $remark = '',
    ): string {
        $id = self::ulid();
        $this->place->handle($job, $by, $id, $face, $zone, $cylinder, $points, $look, $length, $remark, $at);

        return $id;
    }

    public function retest(Job $job, User $by, string $indication, Look $look, Carbon $begin): void
    {
        $run = self::ulid();
        $this->start->retest($job, $by, $run, $indication, 18.0, at: $begin);
        $this->steps($job, $by, $run, [[StepKind::Clean, 4], [StepKind::Developer, 12]], $begin);
        $this->place->readAgain($job, $by, self::ulid(), $run, $look, $begin->copy()->addMinutes(16));
    }

    public function magneticCheck(Job $job, User $by, EnginePart $part, Carbon $begin): void
    {
        $run = self::ulid();
        $this->start->handle($job, $by, $run, $part, CheckMethod::WetMagneticParticle, [], Surface::Machined, null, '', at: $begin);
        $this->steps(
            $job,
            $by,
            $run,
            [[StepKind::Clean, 5], [StepKind::Magnetise, 10], [StepKind::Read, 4], [StepKind::Demagnetise, 3], [StepKind::Oil, 0]],
            $begin,
        );
    }

    public function pressureTest(Job $job, User $by, float $begin, float $end, Carbon $at): void
    {
        $run = self::ulid();
        $this->start->handle($job, $by, $run, EnginePart::Block, CheckMethod::PressureTest, [], Surface::CleanCast, null, '', at: $at);
        $this->steps($job, $by, $run, [[StepKind::Blank, 20], [StepKind::Pressurise, 20]], $at);
        $this->mark->handle(
            $job,
            $by,
            self::ulid(),
            $run,
            StepKind::Read,
            ['begin_kpa' => $begin, 'end_kpa' => $end, 'celsius' => 16.0, 'leaks' => 0],
            $at->copy()->addMinutes(40),
        );
    }

    /** Received, cleaned, and the block read without an indication: what an engine has behind it when its bores are measured. */
    public function allFine(Job $job, User $by, Carbon $day): void
    {
        $this->countIn($job, $by);
        $this->precheck($job, $by);
        $places = array_values(
            array_filter(
                $this->files->open($job)->sheet->pronePlaces,
                static fn ($place): bool => $place->face->part() === EnginePart::Block,
            ),
        );
        $this->dyeCheck($job, $by, EnginePart::Block, $day, looked: array_column($places, 'number'));
    }

    /** @param  list<array{StepKind, int}>  $steps  Each with the minutes until the next */
    private function steps(Job $job, User $by, string $run, array $steps, Carbon $begin): void
    {
        $at = $begin->copy();
        foreach ($steps as [$step, $minutes]) {
            $this->mark->handle($job, $by, self::ulid(), $run, $step, [], $at->copy());
            $at->addMinutes($minutes);
        }
    }

    private static function ulid(): string
    {
        return (string) Str::ulid();
    }
}
