<?php

declare(strict_types=1);

namespace App\Load;

use App\Ledger\Refused;
use App\Storage\Job;
use App\Storage\LoadPin;
use App\Storage\User;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthLedger\Core\Scheduling\OpenDays;
use NorthLedger\Core\Scheduling\Scheduler;
use NorthLedger\Core\Scheduling\SchedulingException;
use NorthLedger\Core\Work\OperationKind;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Pins a kind of work of a job to a start, or takes the pin away; what cannot be kept is refused with the reason (LOAD-3). */
final readonly class PinWork
{
    public function __construct(private PlanOfShop $shop)
    {
    }

    /**
     * @param  string  $mark  Of the pin that the person saw
     *
     * @throws ValidationException If the pin cannot be kept
     * @throws ConflictHttpException If somebody else moved it meanwhile
     */
    public function handle(User $by, string $operation, int $jobNumber, ?OperationKind $kind, ?Carbon $starts, string $mark): void
    {
        DB::transaction(function () use ($by, $operation, $jobNumber, $kind, $starts, $mark): void {
            $job = Job::query()->lockForUpdate()->find($jobNumber);
            if ($job === null || $kind === null) {
                throw Refused::because('operation', Line::of('load.pin.unknown'));
            }
            $stands = LoadPin::query()->where('job_id', $job->id)->where('kind', $kind->value)->first();
            if ($starts === null ? $stands === null : $stands?->starts_at->equalTo($starts) === true) {
                return;
            }
            if (LoadPin::mark($stands) !== $mark) {
                throw new ConflictHttpException(
                    $stands === null
                        ? Line::of('load.pin.taken_away')
                        : Line::of('load.pin.moved', ['at' => LoadWords::at($stands->starts_at)]),
                );
            }
            $stands?->delete();
            if ($starts !== null) {
                $pin = new LoadPin([
                    'job_id' => $job->id,
                    'kind' => $kind->value,
                    'starts_at' => $starts,
                    'user_id' => $by->id,
                    'created_at' => now(),
                ]);
                $this->mustBeKept($operation, $kind, $pin);
                $pin->save();
            }
        }, 3);
    }

    /** The next minute in which the machine of an operation is open; the given one where nobody knows it. */
    public function opened(string $operation, Carbon $at): Carbon
    {
        $plan = $this->shop->now();
        $unit = $plan->load->operations[$operation]->machine ?? null;
        $minute =
            $unit === null
                ? null
                : $plan->load->machines[$unit]->openFrom(max(0, OpenDays::minuteOf($plan->now, $at->toDateTimeImmutable())));

        return $minute === null ? $at : Carbon::instance($plan->at($minute));
    }

    private function mustBeKept(string $operation, OperationKind $kind, LoadPin $pin): void
    {
        try {
            $plan = $this->shop->tried([...LoadPin::query()->orderBy('id')->get()->all(), $pin]);
        } catch (SchedulingException $exception) {
            throw Refused::because('starts', Messages::refusal($exception));
        }
        if (! isset($plan->load->operations[$operation])) {
            throw Refused::because('operation', Line::of('load.pin.unknown'));
        }
        if ($plan->jobOf($operation)->isRunning($kind)) {
            throw Refused::because('operation', Line::of('load.pin.begun'));
        }
        foreach ($plan->refusedPins as $refused) {
            if ($refused->operation === $operation) {
                throw Refused::because('starts', $this->reason($plan, $operation, $refused->trouble, $pin->starts_at));
            }
        }
    }

    private function reason(PlannedLoad $plan, string $operation, PinTrouble $trouble, Carbon $at): string
    {
        $unit = $plan->load->operations[$operation]->machine;
        $machine = $unit === null ? null : $plan->load->machines[$unit];
        $soonest = Scheduler::soonest($plan->load, $operation);
        $opens = $machine?->openFrom(max(0, OpenDays::minuteOf($plan->now, $at->toDateTimeImmutable())));

        return Line::ofCode('load.pin', $trouble, [
            'machine' => $unit === null ? '' : LoadWords::theUnit($unit),
            'at' => LoadWords::at($at),
            'opens' => $opens === null ? '' : LoadWords::at($plan->at($opens)),
            'soonest' => LoadWords::at($plan->at($machine?->openFrom($soonest) ?? $soonest)),
        ]);
    }
}
