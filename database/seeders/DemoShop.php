<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\People\PasswordKind;
use App\People\Role;
use App\Record\JobFiles;
use App\Stages\Plan\ChoosePlan;
use App\Stages\Receive\ReceiveJob;
use App\Stages\Release\SignRelease;
use App\Stages\Work\TickOperation;
use App\Storage\Job;
use App\Storage\SpecBook;
use App\Storage\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\TickState;

/** The demo shop: made-up people, customers and engines, written through the same actions as everything else. */
final readonly class DemoShop
{
    public const PASSWORD = 'demo-shop';

    /** Thrust and in line at top, middle, bottom, over the bore as made: a bore that is only run in. */
    private const SOUND = [1.2, 0.7, 0.8, 0.5, 0.4, 0.3];

    public function __construct(
        private ReceiveJob $receive,
        private ChoosePlan $choose,
        private TickOperation $tick,
        private SignRelease $sign,
        private DemoReadings $readings,
        private DemoIncoming $incoming,
        private DemoCracks $cracks,
        private DemoGauges $gauges,
        private DemoParts $parts,
        private DemoOffers $offers,
        private DemoWork $work,
        private DemoLoad $load,
        private DemoPractice $practice,
        private DemoChecks $checks,
        private JobFiles $files,
        private SpecBook $specs,
    ) {
    }

    /**
     * @param  list<Role>  $roles
     * @return array<string, User> By role
     */
    public function people(array $roles): array
    {
        $people = [];
        foreach ($roles as $role) {
            $people[$role->value] = User::query()->create([
                'login' => $role === Role::FrontCounter ? 'counter' : $role->value,
                'name' => ucfirst($role->value),
                'role' => $role,
                'password' => self::PASSWORD,
                'password_kind' => PasswordKind::Demo,
                'sees_prices' => $role !== Role::Machinist,
            ]);
        }

        return $people;
    }

    /** @param  array<string, User>  $people  By role */
    public function jobs(array $people): void
    {
        $inspector = $people[Role::Inspector->value];
        $machinist = $people[Role::Machinist->value];
        $this->gauges->register($inspector);

        $released = $this->receive(
            $inspector,
            'brae-v8-311',
            'BV-20417',
            'Hill-climb club',
            'number 7 car',
            -6,
            '0',
            'paperwork of the last build',
        );
        $this->readings->incoming(
            $released,
            $inspector,
            [
                1 => [9.1, 4.2, 5.4, 3.0, 1.1, 0.8],
                2 => [8.7, 4.4, 5.0, 2.9, 1.0, 0.7],
                3 => [6.2, 3.9, 4.4, 2.4, 0.9, 0.7],
                4 => [7.0, 3.8, 4.3, 2.6, 1.0, 0.8],
                5 => [5.9, 3.1, 4.0, 2.2, 0.9, 0.6],
                6 => [6.6, 3.5, 4.2, 2.5, 1.0, 0.8],
                7 => [9.8, 4.9, 5.8, 3.2, 1.2, 0.9],
                8 => [8.2, 4.0, 4.9, 2.8, 1.0, 0.8],
            ],
            looks: false,
        );
        $this->choose($released, $inspector, 'bore 508000');
        $this->work($released, $machinist, 99);
        $this->readings->finished($released, $inspector, 7);
        $this->sign->handle($released, $inspector, $this->ulid());

        $condemned = $this->receive(
            $inspector,
            'tarn-4-198',
            'T4-11862',
            'Sawmill',
            'head saw engine',
            3,
            '0',
            'stamped STD on the crown of piston 1',
        );
        $this->readings->incoming($condemned, $inspector, [
            1 => [6.3, 3.9, 4.2, 2.6, 1.0, 0.8],
            2 => [7.1, 4.4, 4.6, 2.8, 1.1, 0.8],
            3 => [21.6, 13.2, 12.8, 7.9, 2.2, 1.4],
            4 => [6.7, 4.1, 4.3, 2.5, 1.0, 0.7],
        ]);

        $sleeved = $this->receive($inspector, 'fell-6-d', 'F6-0093', 'Narrow-gauge railway', 'railcar engine', 8, null, null);
        $this->readings->incoming($sleeved, $inspector, [
            1 => [14, 7, 8, 5, 3, 2],
            2 => [62, 45, 44, 30, 5, 3],
            3 => [13, 6, 8, 5, 2, 2],
            4 => [14, 7, 9, 5, 3, 2],
            5 => [66, 47, 46, 31, 6, 4],
            6 => [15, 8, 9, 6, 3, 2],
        ]);

        $measured = $this->receive(
            $inspector,
            'tarn-4-198',
            'T4-20551',
            'Cable ferry',
            'winch engine',
            5,
            '0',
            'stamped STD on the crown of piston 3',
        );
        $this->readings->incoming(
            $measured,
            $inspector,
            [1 => [3.1, 1.9, 2.2, 1.5, 1.0, 0.8], 2 => [3.4, 2.0, 2.3, 1.6, 1.1, 0.9], 3 => [9.6, 5.2, null, null, 2.2, null]],
            looks: false,
        );

        $honed = $this->receive($inspector, 'tarn-4-198', 'T4-31007', 'Orchard co-operative', 'sprayer engine', 12, null, null);
        $this->readings->incoming($honed, $inspector, array_fill(1, 4, self::SOUND), pistonUnder: 1.9);

        $working = $this->receive(
            $inspector,
            'brae-v8-311',
            'BV-20988',
            'Ski-lift company',
            'stand-by drive',
            9,
            '0',
            'measured at the last overhaul',
        );
        $this->readings->incoming(
            $working,
            $inspector,
            [
                1 => [7.1, 3.4, 4.6, 2.6, 0.9, 0.7],
                2 => [6.8, 3.3, 4.4, 2.5, 0.8, 0.7],
                3 => [11.4, 6.0, 6.9, 4.1, 1.6, 1.0],
                4 => [6.1, 3.2, 4.0, 2.3, 0.8, 0.6],
                5 => [6.4, 3.3, 4.1, 2.4, 0.9, 0.7],
                6 => [7.7, 3.9, 4.8, 2.8, 1.0, 0.8],
                7 => [6.9, 3.5, 4.5, 2.6, 0.9, 0.7],
                8 => [7.3, 3.6, 4.7, 2.7, 1.0, 0.8],
            ],
            looks: false,
        );
        $this->choose($working, $inspector, 'bore 508000');
        $this->work($working, $machinist, 6);

        $failing = $this->receive($inspector, 'tarn-4-198', 'T4-08840', 'Brickworks', 'clay mixer engine', -1, '0', 'paperwork');
        $this->readings->incoming(
            $failing,
            $inspector,
            [
                1 => [8.3, 4.9, 5.2, 3.1, 1.2, 0.9],
                2 => [7.9, 4.6, 5.0, 3.0, 1.1, 0.9],
                3 => [8.8, 5.1, 5.5, 3.3, 1.3, 1.0],
                4 => [8.1, 4.7, 5.1, 3.1, 1.2, 0.9],
            ],
            looks: false,
        );
        $this->choose($failing, $inspector, 'bore 508000');
        $this->work($failing, $machinist, 99);
        $this->readings->finished($failing, $inspector, 8, outCylinder: 2, outBy: 0.9);

        $this->receive($inspector, 'fell-6-d', 'F6-0121', 'Plough depot', 'steam plough tender', 20, null, null, false);
        $this->cracks->jobs($inspector, $people[Role::FrontCounter->value]);

        $drifted = $this->receive(
            $inspector,
            'tarn-4-198',
            'T4-29914',
            'Plough depot',
            'winch tractor',
            11,
            '0',
            'stamped STD on the crown of piston 4',
        );
        $this->readings->incoming(
            $drifted,
            $inspector,
            [1 => [3.0, 1.9, 2.1, 1.5, 0.9, 0.8], 2 => [3.3, 2.0, 2.2, 1.6, 1.0, 0.8]],
            looks: false,
        );
        $this->readings->checkBack($drifted, $inspector, '0');
        $this->readings->more($drifted, $inspector, [3 => [4.2, 2.8, 3.0, 2.4, 1.8, 1.7], 4 => [4.4, 2.9, null, null, 1.9, null]]);
        $this->readings->checkBack($drifted, $inspector, '+0.8');

        $traced = $this->receive($inspector, 'fell-6-d', 'F6-0207', 'Sawmill', 'frame saw engine', 16, '0', 'stamped on the block');
        $this->readings->incoming(
            $traced,
            $inspector,
            [
                1 => [38, 22, 26, 15, 5, 3],
                2 => [14, 8, 9, 5, 3, 2],
                3 => [12, 6, 8, 5, 2, 2],
                4 => [13, 7, 8, 5, 3, 2],
                5 => [12, 7, 8, 5, 2, 2],
                6 => [21, 12, 13, 8, 3, 2],
            ],
            pistonUnder: 2.4,
        );
        $this->readings->trace(
            $traced,
            $inspector,
            1,
            ['top' => [33, 26, 13, 6, 5, 7, 11, 24], 'middle' => [22, 17, 9, 4, 4, 5, 7, 15], 'bottom' => [4, 3, 2, 1, 1, 1, 2, 3]],
            [0 => '6.82', 90 => '7.31', 180 => '7.04', 270 => '7.26'],
        );

        $comparative = $this->receive($inspector, 'cairn-l4-144', 'CL-00718', 'Brickworks', 'pug mill engine', 14, null, null);
        $this->readings->comparative($comparative, $inspector, BorePlace::bore(1, Station::Bottom, Axis::Inline), [
            1 => [2.6, 1.4, 1.9, 1.2, 0.3, 0],
            2 => [2.9, 1.5, 2.0, 1.2, 0.4, 0.1],
            3 => [3.4, 1.0, 2.4, 1.4, 0.5, 0.2],
            4 => [2.4, 1.2, 1.7, 1.0, 0.2, 0.1],
        ]);

        $whole = $this->receive(
            $inspector,
            'brae-v8-311',
            'BV-30117',
            'Ski-lift company',
            'top station drive',
            21,
            '0',
            'stamped on the crowns',
            budget: 160_000,
        );
        $this->readings->incoming($whole, $inspector, array_fill(1, 8, [7.1, 3.4, 4.6, 2.6, 0.9, 0.7]));
        $this->incoming->dyeCheck($whole, $inspector, EnginePart::Head, Carbon::yesterday()->setTime(11, 0));
        $this->incoming->magneticCheck($whole, $inspector, EnginePart::Crankshaft, Carbon::yesterday()->setTime(13, 0));
        $this->parts->read($whole, $inspector, Section::beside(), self::wornVee(), 21);

        $flat = $this->receive($inspector, 'sorrel-f4', 'SF-00552', 'Hill-climb club', 'spare engine', 18, null, null);
        $this->readings->incoming($flat, $inspector, array_fill(1, 4, [2.1, 1.2, 1.4, 0.8, 0.4, 0.3]), pistonUnder: 1.9);
        $this->incoming->dyeCheck($flat, $inspector, EnginePart::Head, Carbon::yesterday()->setTime(11, 0));
        $this->incoming->magneticCheck($flat, $inspector, EnginePart::Crankshaft, Carbon::yesterday()->setTime(13, 0));
        $this->parts->read(
            $flat,
            $inspector,
            [Section::Crankshaft, Section::Housings, Section::Rods, Section::Deck, Section::Heads],
            self::wornFlat(),
            52,
        );
        $this->offers->jobs($inspector, $people[Role::FrontCounter->value]);
        $this->checks->jobs($inspector, $this->work->jobs($inspector, $machinist));
        $this->work->wholeEngineReleased($inspector, $machinist);
        $this->load->jobs($people[Role::Owner->value], $inspector, $machinist);
        $this->practice->history($machinist, $people[Role::FrontCounter->value]);
    }

    /**
     * Mains to the first undersize, rod journals to the second; a heavy rod; a hollow deck; worn exhaust guides; a leaking seat.
     *
     * @return array<string, string> What is keyed there, by place key
     */
    private static function wornVee(): array
    {
        $worn = [
            'main.3.front.0' => '2.4952',
            'main.3.front.90' => '2.4958',
            'main.3.rear.0' => '2.4954',
            'main.3.rear.90' => '2.4958',
            'runout.3' => '0.8 thou',
        ];
        $worn += [
            'pin.2.front.0' => '2.1180',
            'pin.2.front.90' => '2.1206',
            'pin.2.rear.0' => '2.1184',
            'pin.2.rear.90' => '2.1207',
            'pinscore.2' => '.0020',
        ];
        $worn += ['bigendmass.3' => '431.8', 'smallendmass.3' => '176.9', 'bigend.5.front.90' => '0.7 thou', 'deckstamp.1' => '1'];
        foreach (
            [
                'deck.2.a5' => '1.4',
                'deck.2.a6' => '2.6',
                'deck.2.b5' => '3.1',
                'deck.2.c5' => '1.9',
                'deck.2.c6' => '2.8',
                'deck.2.c4' => '1.1',
                'head.1.a4' => '1.2',
            ] as $place => $thou
        ) {
            $worn[$place] = "{$thou} thou";
        }
        foreach ([1, 4, 7] as $cylinder) {
            $worn["guide.{$cylinder}.ex"] = '.3456';
        }

        return $worn + ['vacuum.6.ex' => '1', 'seatrunout.6.ex' => '2.4 thou'];
    }

    /**
     * Housings that want line boring, one rod out of true; the crankshaft polishes.
     *
     * @return array<string, string> What is keyed there, by place key
     */
    private static function wornFlat(): array
    {
        return [
            'imprint.2' => '2',
            'housing.2.45' => '24 um',
            'housing.2.90' => '28 um',
            'offset.2' => '26 um',
            'gap.3' => '0.02',
            'bend.4' => '55 um',
            'guide.3.ex' => '9.026',
        ];
    }

    private function receive(
        User $by,
        string $family,
        string $serial,
        string $customer,
        string $what,
        int $days,
        ?string $step,
        ?string $evidence,
        bool $isChecked = true,
        ?int $budget = null,
    ): Job {
        $sheet = $this->specs->sheet($family);
        $job = $this->receive->handle($by, $this->ulid(), [
            'family' => $family,
            'family_revision' => $sheet->revision,
            'serial' => $serial,
            'customer' => $customer,
            'description' => $what,
            'wishes' => null,
            'budget_minor' => $budget,
            'due_on' => Carbon::today()->addDays($days)->format('Y-m-d'),
            'declared_step_nm' => $step === null ? null : (int) $step,
            'declared_evidence' => $evidence,
        ]);
        if ($isChecked) {
            $this->incoming->allFine($job, $by, Carbon::yesterday()->setTime(9, 0));
        }

        return $job;
    }

    private function choose(Job $job, User $by, string $option): void
    {
        $recommended = $this->files->open($job)->plan()->recommended()?->codes()['bores'] ?? null;
        $this->choose->handle(
            $job,
            $by,
            $this->ulid(),
            $option,
            [],
            $recommended === $option ? null : 'The customer wants new pistons all round.',
        );
    }

    /** Works the order from its beginning, every size on its target. */
    private function work(Job $job, User $by, int $operations): void
    {
        $file = $this->files->open($job);
        foreach (array_slice($file->work()->order()->operations ?? [], 0, $operations) as $operation) {
            $actual = $operation->target === null ? '' : LengthDisplay::in($file->sheet->unit)->size($operation->target->aim);
            $isLeftOut = in_array($operation->kind, [OperationKind::Deck, OperationKind::PistonsMeasured], true);
            $state = $isLeftOut ? TickState::NotNeeded : TickState::Done;
            $this->tick->handle($job, $by, $this->ulid(), $operation->key(), $state, $actual, null);
        }
    }

    private function ulid(): string
    {
        return (string) Str::ulid();
    }
}
