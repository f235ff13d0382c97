<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\Disposition;
use App\Storage\JobWork;
use App\Storage\OperationTick;
use App\Storage\PlanChoice;
use App\Storage\Release;
use App\Storage\Releases;
use App\Storage\SheetName;
use App\Storage\StoredOrder;
use App\Words\OrderWords;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\OrderDifference;
use NorthLedger\Core\Work\RevisedOrder;
use NorthLedger\Core\Work\Stop;
use NorthLedger\Core\Work\Tick;
use NorthLedger\Core\Work\WorkDone;
use NorthLedger\Core\Work\WorkOrder;

/** What was chosen for a job, the order that was made of it, and what was done, verified and signed of it. */
final class WorkOfJob
{
    private readonly WorkStops $stops;

    private ?WorkDone $done = null;

    /** @var ?list<string> */
    private ?array $closed = null;

    private ?VerificationOfJob $verification = null;

    /** @param  ?JobWork  $record  Read when first asked for, where it is not given */
    public function __construct(private readonly JobFile $file, private ?JobWork $record = null)
    {
        $this->stops = new WorkStops($file, $this);
    }

    /** Of a job that stands in no database. */
    public static function nothingChosen(JobFile $file): self
    {
        return new self($file, JobWork::none());
    }

    /**
     * Of the job as it was read again, after something was added.
     *
     * @param  list<string>  $tables  To which alone
     */
    public function refreshed(JobFile $file, array $tables): self
    {
        $record = $this->record === null ? JobWork::after($file->job, $tables) : $this->record->refreshed($file->job, $tables);

        return new self($file, $record);
    }

    public function choice(): ?PlanChoice
    {
        return $this->record()->choice;
    }

    public function chosen(): ?ReboreOption
    {
        return $this->choice()?->chosen();
    }

    /** The order as it was last made; null while nothing is chosen, or the block is replaced. */
    public function order(): ?WorkOrder
    {
        return $this->storedOrder()?->order();
    }

    /** The newest revision of the order of the chosen way. */
    public function storedOrder(): ?StoredOrder
    {
        return $this->record()->order();
    }

    /** The order that a way would get today; null where nothing is worked. */
    public function orderOf(PlanChoice $choice, ?ReboreOption $bores): ?WorkOrder
    {
        return AgreedOrder::of($this->file, $bores, $choice->parts ?? [], $this->pistons($bores));
    }

    /** @return list<string> How the order would be different if it were made today, a sentence each */
    public function orderDifferences(): array
    {
        $choice = $this->choice();
        $order = $this->order();
        $today = $choice === null || $order === null ? null : $this->orderOf($choice, $this->presentOption());

        return $order === null || $today === null
            ? []
            : array_map((new OrderWords($this->file->display))->difference(...), OrderDifference::between($order, $today));
    }

    /** @return list<Stop> What was found since that stops the chosen way, and what the customer has not answered (VER-6) */
    public function stops(): array
    {
        return $this->stops->all();
    }

    /** @return list<Stop> Of parts beside the bores, as they were last looked at */
    public function partStops(): array
    {
        return $this->stops->atParts();
    }

    /**
     * Something was written that can have changed what stops the work: nothing that was kept of it counts.
     *
     * @param  bool  $atParts  Also beside the bores
     */
    public function lookAnew(bool $atParts): void
    {
        $this->stops->lookAnew($atParts);
    }

    /** @return list<Stop> That hold an operation */
    public function stopsOf(Operation $operation): array
    {
        return array_values(array_filter($this->stops(), static fn (Stop $stop): bool => $stop->holds($operation)));
    }

    /** True where what was agreed does not hold any more: the plan is open again (PLAN-5). */
    public function isPlanOpenAgain(): bool
    {
        return array_filter($this->stops(), static fn (Stop $stop): bool => $stop->reason->reopensThePlan()) !== [];
    }

    /** @return array<string, OperationTick> By operation: what was said of it last, where it still stands */
    public function ticks(): array
    {
        return array_map(fn (int $index): OperationTick => $this->record()->ticks[$index], $this->done()->standing());
    }

    /** What of the work stands under the newest order of the chosen way. */
    public function done(): WorkDone
    {
        $orders = $this->order() === null ? [] : $this->record()->orders;

        return $this->done ??= WorkDone::under(
            array_values(array_map(static fn (StoredOrder $order): RevisedOrder => $order->revision(), $orders)),
            array_map(static fn (OperationTick $tick): Tick => $tick->tick(), $this->record()->ticks),
            $this->file->sheet->layout,
        );
    }

    /** @return list<string> Keys of the closed operations: somebody said so, or what closes them was read or ordered */
    public function closedOperations(): array
    {
        return $this->closed ??= array_values(
            array_intersect(array_keys($this->order()->operations ?? []), [
                ...$this->tickedOperations(),
                ...OrderedParts::closed($this->file->record->observations()),
                ...$this->measuredPistons(),
            ]),
        );
    }

    /** @return list<string> Keys of the operations that somebody closed by his word */
    public function tickedOperations(): array
    {
        return array_keys(array_filter($this->ticks(), static fn (OperationTick $tick): bool => $tick->tick()->state->closes()));
    }

    /** True where nothing holds an operation: it is open, nothing before it is, and nothing was found that stops it. */
    public function canBeDone(Operation $operation): bool
    {
        $closed = $this->closedOperations();

        return ! in_array($operation->key(), $closed, true) &&
            $this->order()?->isReady($operation->key(), $closed) === true &&
            $this->stopsOf($operation) === [];
    }

    /** What of the finished work is verified. */
    public function verification(): VerificationOfJob
    {
        return $this->verification ??= new VerificationOfJob($this->file);
    }

    /** The certificate that closes the job; null before it is signed, and while it is open again. */
    public function release(): ?Release
    {
        return $this->releases()->current();
    }

    /** Every certificate of the job, and what came up about them. */
    public function releases(): Releases
    {
        return $this->record()->releases;
    }

    /** @return list<Disposition> What was decided about finished work of the chosen way, oldest first */
    public function dispositions(): array
    {
        return $this->record()->dispositions;
    }

    /** The piston that goes into a bore, where it was measured: finished beside the bores, or, where it goes back in, when it came. */
    public function pistonGoingIn(ReboreOption $option, int $cylinder): ?Reading
    {
        $new = $this->file->record
            ->entries(SheetName::bores(Occasion::Final))
            ->reading(BorePlace::piston($cylinder), $this->file->sheet, $this->file->policy);
        $goesBackIn = $option->kind === OptionKind::Stay && ! in_array($cylinder, $option->newPistons, true);

        return $new ?? ($goesBackIn ? $this->incoming($cylinder)->piston : null);
    }

    /** @return array<int, Length> Measured skirts of the pistons that go in, by cylinder */
    private function pistons(?ReboreOption $option): array
    {
        $pistons = [];
        foreach ($option === null ? [] : $this->file->sheet->layout->cylinders() as $cylinder) {
            $reading = $this->pistonGoingIn($option, $cylinder);
            if ($reading !== null) {
                $pistons[$cylinder] = $reading->corrected;
            }
        }

        return $pistons;
    }

    /** @return list<string> Keys of what a measured piston closes */
    private function measuredPistons(): array
    {
        $option = $this->chosen();
        $measured = [];
        foreach ($option === null ? [] : $this->order()?->ofKind(OperationKind::PistonsMeasured) ?? [] as $operation) {
            if ($this->pistonGoingIn($option, (int) $operation->place) !== null) {
                $measured[] = $operation->key();
            }
        }

        return $measured;
    }

    /** The chosen way as the plan knows it today; the chosen one itself where it is in no plan any more. */
    public function presentOption(): ?ReboreOption
    {
        $chosen = $this->chosen();

        return $chosen === null || $this->isPlanOpenAgain() ? $chosen : $this->file->assessment()->plan?->option($chosen->key()) ?? $chosen;
    }

    private function record(): JobWork
    {
        return $this->record ??= JobWork::of($this->file->job);
    }

    /** A bore as it came. */
    public function incoming(int $cylinder): BoreInspection
    {
        return $this->file->record->entries(SheetName::bores())->bores()->inspection($cylinder, $this->file->sheet, $this->file->policy);
    }
}
