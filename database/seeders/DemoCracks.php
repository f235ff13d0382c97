<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Stages\Cracks\DecideCrack;
use App\Stages\Receive\KeepPhoto;
use App\Stages\Receive\ReceiveJob;
use App\Stages\Receive\StateClaim;
use App\Stages\Receive\SurveySleeve;
use App\Storage\Job;
use App\Storage\SpecBook;
use App\Storage\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\Surface;
use NorthLedger\Core\Features\Precheck\ItemState;
use NorthLedger\Core\Features\Receiving\ClaimKind;
use NorthLedger\Core\Features\Receiving\CountedState;
use NorthLedger\Core\Features\Receiving\SleevePieceKind;

/** Demo jobs whose story lies in the first three stages. */
final readonly class DemoCracks
{
    public function __construct(
        private DemoIncoming $incoming,
        private DemoReadings $readings,
        private ReceiveJob $receive,
        private StateClaim $claim,
        private SurveySleeve $survey,
        private DecideCrack $decide,
        private KeepPhoto $photo,
        private SpecBook $specs,
    ) {
    }

    public function jobs(User $inspector, User $counter): void
    {
        $this->paperworkThatDoesNotMatch($inspector, $counter);
        $this->scrappedCase($inspector, $counter);
        $this->seatToBore($inspector, $counter);
        $this->onlyContamination($inspector, $counter);
        $this->surfaceOnly($inspector, $counter);
        $this->developerRunning($inspector, $counter);
    }

    /** One sleeve on paper, three in the iron, and no full set of inserts. */
    private function paperworkThatDoesNotMatch(User $inspector, User $counter): void
    {
        $job = $this->receive($counter, 'tarn-4-198', 'T4-17733', 'Cable ferry', 'spare winch engine', 6, '4417-B, 4417-H', 'long block');
        foreach (
            [
                [ClaimKind::Sleeved, 'cylinder 2', 1, ''],
                [ClaimKind::Rebored, 'all cylinders', null, '20 over'],
                [ClaimKind::ThreadInserts, 'deck', 4, ''],
                [ClaimKind::CrackChecked, 'block', null, ''],
            ] as [$kind, $where, $count, $size]
        ) {
            $this->claim->handle($job, $counter, self::ulid(), $kind, $where, $count, $size);
        }
        $this->photo->handle($job, $counter, self::ulid(), 'paperwork', 'delivery note', $this->picture('delivery note', 900, 640));
        $this->incoming->countIn($job, $counter, [
            'pushrods' => [CountedState::Missing, 6, 'two are not in the box'],
            'flywheel' => [CountedState::NotOurs, 1, 'from a six, other bolt circle'],
        ]);
        foreach ([1 => ['7.0000'], 2 => ['7.0000'], 3 => [], 4 => ['5.6250', '1.3750']] as $cylinder => $lengths) {
            $this->survey->handle(
                $job,
                $inspector,
                self::ulid(),
                $cylinder,
                array_map(static fn (string $length): array => [SleevePieceKind::Plain, $length], $lengths),
                count($lengths) > 1,
                false,
                false,
            );
        }
        $this->incoming->precheck($job, $inspector, [
            'thread.head' => [
                'stripped' => 1,
                'inserts' => 2,
                'place' => 'between 3 and 4',
                'remark' => 'one old insert turns out with the stud',
            ],
        ]);
        $this->incoming->dyeCheck($job, $inspector, EnginePart::Block, self::yesterday(9), looked: [1, 2, 3, 4, 5, 6, 7]);
        $this->readings->incoming(
            $job,
            $inspector,
            [1 => [21.6, 21.0, 20.9, 20.7, 20.4, 20.3], 2 => [22.1, 21.2, 21.2, 20.8, 20.5, 20.4]],
            looks: false,
        );
    }

    /** A magnesium case with a crack at a saddle, and a feeler that goes into its parting face. */
    private function scrappedCase(User $inspector, User $counter): void
    {
        $job = $this->receive($counter, 'sorrel-f4', 'SF-3306', 'Hill-climb club', 'number 3 car', 15, 'M-18', 'complete');
        $this->incoming->countIn($job, $counter, ['rockers' => [CountedState::Damaged, 8, 'two shafts scored']]);
        $this->incoming->precheck($job, $inspector, [
            'parting.gap' => ['measured' => '0.050'],
            'corrosion' => [
                'state' => ItemState::Finding,
                'place' => 'below the oil cooler',
                'remark' => 'white crust under the paint, deep',
            ],
            'thread.case' => ['stripped' => 1, 'place' => 'rear stud'],
        ]);
        $this->incoming->dyeCheck($job, $inspector, EnginePart::Block, self::yesterday(13), looked: [1, 2, 3, 4, 5, 7]);
        $crack = $this->incoming->indication(
            $job,
            $inspector,
            Face::LeftCase,
            CrackZone::Saddle,
            null,
            [[330, 742], [318, 786], [326, 815]],
            Look::SharpLine,
            '14',
            self::yesterday(13, 40),
            'from the stud hole into the saddle',
        );
        $this->incoming->retest($job, $inspector, $crack, Look::SharpLine, self::yesterday(14, 10));
        $this->decide->handle($job, $inspector, self::ulid(), $crack, Disposition::Scrap, false, '');
    }

    /** A side-valve block cracked between exhaust seat and bore; the customer has not answered yet. */
    private function seatToBore(User $inspector, User $counter): void
    {
        $job = $this->receive(
            $counter,
            'cairn-l4-144',
            'CL-0877',
            'Orchard co-operative',
            'press shed engine',
            10,
            '144-7',
            'short block',
            'Keep it running for two more seasons; it is not worth a new one.',
            90_000,
        );
        $this->incoming->countIn($job, $counter);
        $this->incoming->precheck($job, $inspector, [
            'overheated' => ['state' => ItemState::Finding, 'place' => 'cylinder 2', 'remark' => 'blued around the exhaust seat'],
        ]);
        $this->incoming->dyeCheck($job, $inspector, EnginePart::Block, self::yesterday(10), looked: [1, 2, 3, 4, 5, 6, 7, 8]);
        $crack = $this->incoming->indication(
            $job,
            $inspector,
            Face::Deck,
            CrackZone::ValveSeatToBore,
            2,
            [[352, 318], [358, 350], [366, 398]],
            Look::SharpLine,
            '.62',
            self::yesterday(10, 36),
            'from the seat to the edge of the bore',
        );
        $this->photo->handle($job, $inspector, self::ulid(), 'indication.'.$crack, '', $this->picture('seat 2', 800, 600));
        $this->incoming->indication(
            $job,
            $inspector,
            Face::Deck,
            CrackZone::OuterWaterJacket,
            null,
            [[700, 900], [742, 900]],
            Look::EdgeOrStep,
            '',
            self::yesterday(10, 38),
            'edge of the old gasket',
        );
        $this->incoming->retest($job, $inspector, $crack, Look::SharpLine, self::yesterday(11, 5));
        $this->decide->handle($job, $inspector, self::ulid(), $crack, Disposition::RepairWithSeatInsert, false, '');
        $this->readings->incoming(
            $job,
            $inspector,
            [
                1 => [3.8, 2.4, 2.6, 1.8, 1.1, 0.9],
                2 => [4.4, 2.8, 3.0, 2.0, 1.2, 0.9],
                3 => [4.0, 2.5, 2.7, 1.8, 1.1, 0.8],
                4 => [3.6, 2.3, 2.5, 1.7, 1.0, 0.8],
            ],
            looks: false,
        );
    }

    /** A sharp line beside a head bolt that did not come back. */
    private function onlyContamination(User $inspector, User $counter): void
    {
        $job = $this->receive($counter, 'quern-3-16', 'Q3-52210', 'Sawmill', 'yard truck', 4, 'Q16-A', 'complete');
        $this->incoming->countIn($job, $counter);
        $this->incoming->precheck($job, $inspector);
        $this->incoming->dyeCheck($job, $inspector, EnginePart::Block, self::yesterday(15), Surface::AsCast, looked: [1, 2, 3, 4, 5, 6]);
        $line = $this->incoming->indication(
            $job,
            $inspector,
            Face::Deck,
            CrackZone::OuterWaterJacket,
            null,
            [[340, 96], [352, 140], [349, 175]],
            Look::SharpLine,
            '9',
            self::yesterday(15, 35),
            'beside the head bolt hole',
        );
        $this->incoming->retest($job, $inspector, $line, Look::Faint, self::yesterday(16));
        $this->incoming->pressureTest($job, $inspector, 142, 140.5, self::yesterday(16, 30));
    }

    /** A crankshaft alone: particles found nothing, and say nothing of what lies deeper. */
    private function surfaceOnly(User $inspector, User $counter): void
    {
        $job = $this->receive(
            $counter,
            'fell-6-d',
            'F6-0142',
            'Narrow-gauge railway',
            'crankshaft of the ballast loco',
            18,
            'K-6/4',
            'crankshaft only',
        );
        $this->incoming->countIn($job, $counter);
        $this->incoming->magneticCheck($job, $inspector, EnginePart::Crankshaft, self::yesterday(8));
    }

    /** A check whose developer is on the block right now. */
    private function developerRunning(User $inspector, User $counter): void
    {
        $job = $this->receive($counter, 'brae-v8-311', 'BV-21340', 'Ski-lift company', 'drag lift engine', 7, '311-C', 'bare block');
        $this->incoming->countIn($job, $counter);
        $this->incoming->precheck($job, $inspector);
        $this->incoming->dyeCheck($job, $inspector, EnginePart::Block, Carbon::now()->subMinutes(23), Surface::Blasted, 4);
    }

    private function receive(
        User $by,
        string $family,
        string $serial,
        string $customer,
        string $what,
        int $days,
        string $castings,
        string $arrival,
        ?string $wishes = null,
        ?int $budget = null,
    ): Job {
        return $this->receive->handle($by, self::ulid(), [
            'family' => $family,
            'family_revision' => $this->specs->newestRevision($family),
            'serial' => $serial,
            'customer' => $customer,
            'description' => $what,
            'arrival' => $arrival,
            'castings' => $castings,
            'wishes' => $wishes,
            'usage' => $wishes === null ? null : 'daily',
            'budget_minor' => $budget,
            'keeps_original' => false,
            'due_on' => Carbon::today()->addDays($days)->format('Y-m-d'),
            'declared_step_nm' => null,
            'declared_evidence' => null,
        ]);
    }

    /** A made-up photo: metal grain, a mark, and its name. */
    private function picture(string $name, int $width, int $height): string
    {
        $picture = imagecreatetruecolor($width, $height);
        for ($y = 0; $y < $height; $y++) {
            $grey = 120 + (int) (40 * sin($y / 37)) + (($y * 7919) % 13);
            imageline($picture, 0, $y, $width, $y, (int) imagecolorallocate($picture, $grey, $grey - 6, $grey - 12));
        }
        imagesetthickness($picture, 5);
        imagearc(
            $picture,
            intdiv($width, 2),
            $height,
            intdiv($width, 2),
            $height,
            180,
            360,
            (int) imagecolorallocate($picture, 40, 38, 36),
        );
        imagestring($picture, 5, 20, 20, $name, (int) imagecolorallocate($picture, 250, 248, 240));
        $path = (string) tempnam(sys_get_temp_dir(), 'demo');
        imagejpeg($picture, $path);

        return $path;
    }

    private static function yesterday(int $hour, int $minute = 0): Carbon
    {
        return Carbon::yesterday()->setTime($hour, $minute);
    }

    private static function ulid(): string
    {
        return (string) Str::ulid();
    }
}
