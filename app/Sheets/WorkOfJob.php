<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Disposition;
use App\Models\OperationTick;
use App\Models\PlanChoice;
use App\Models\Release;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Planning\OptionKind;
use NorthLedger\Core\Planning\ReboreOption;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\BoreVerification;
use NorthLedger\Core\Work\BoreWork;
use NorthLedger\Core\Work\RequiredConditions;
use NorthLedger\Core\Work\VerifiedBore;
use NorthLedger\Core\Work\WorkOrder;

/** What was chosen for a job, the order that follows from it, and what was done, verified and signed of it. */
final class WorkOfJob
{
    private PlanChoice|false|null $choice = false;

    private Release|false|null $release = false;

    /** @var ?array<string, OperationTick> */
    private ?array $ticks = null;

    /** @var ?array<int, VerifiedBore> */
    private ?array $verified = null;

    public function __construct(private readonly JobFile $file)
    {
    }

    /** Of a job that stands in no database. */
    public static function nothingChosen(JobFile $file): self
    {
        $work = new self($file);
        $work->choice = null;

        return $work;
    }

    public function choice(): ?PlanChoice
    {
        if ($this->choice === false) {
            $this->choice = PlanChoice::query()->with('user')->where('job_id', $this->file->job->id)->latest('id')->first();
        }

        return $this->choice;
    }

    public function chosen(): ?ReboreOption
    {
        return $this->choice()?->chosen();
    }

    public function boreWork(): BoreWork
    {
        return new BoreWork($this->file->sheet, $this->file->policy, $this->newPistons());
    }

    /** The order of the chosen way; null while nothing is chosen, or the block is replaced. */
    public function order(): ?WorkOrder
    {
        $chosen = $this->chosen();

        return $chosen === null || $chosen->kind === OptionKind::Replace ? null : $this->boreWork()->order($chosen);
    }

    /** @return array<string, OperationTick> The newest by operation */
    public function ticks(): array
    {
        if ($this->ticks === null) {
            $this->ticks = [];
            foreach ($this->choice() === null ? [] : OperationTick::query()->with('user')->where('job_id', $this->file->job->id)->where('plan_choice_id', $this->choice()->id)->orderBy('id')->get() as $tick) {
                $this->ticks[$tick->operation] = $tick;
            }
        }

        return $this->ticks;
    }

    /** @return list<string> Keys of the closed operations */
    public function closedOperations(): array
    {
        return array_keys(array_filter($this->ticks(), static fn (OperationTick $tick): bool => $tick->state->closes()));
    }

    /** @return array<int, Disposition> The newest by cylinder, of the chosen way */
    public function dispositions(): array
    {
        $newest = [];
        foreach ($this->choice() === null ? [] : Disposition::query()->with('user')->where('plan_choice_id', $this->choice()->id)->orderBy('id')->get() as $disposition) {
            $newest[$disposition->cylinder] = $disposition;
        }

        return $newest;
    }

    /** @return array<int, VerifiedBore> By cylinder; empty without an order */
    public function verified(): array
    {
        return $this->verified ??= $this->verify();
    }

    public function release(): ?Release
    {
        if ($this->choice() === null) {
            return null;
        }
        if ($this->release === false) {
            $this->release = Release::query()->with('user')->where('job_id', $this->file->job->id)->first();
        }

        return $this->release;
    }

    /** @return array<int, Length> Measured skirt sizes of the pistons that go in, by cylinder */
    private function newPistons(): array
    {
        $pistons = [];
        foreach ($this->file->sheet->layout->cylinders() as $cylinder) {
            $reading = $this->file->entries(SheetName::Finished)->reading(Place::piston($cylinder), $this->file->sheet, $this->file->policy);
            if ($reading !== null) {
                $pistons[$cylinder] = $reading->corrected;
            }
        }

        return $pistons;
    }

    /** @return array<int, VerifiedBore> */
    private function verify(): array
    {
        $order = $this->order();
        if ($order === null) {
            return [];
        }
        $verification = new BoreVerification($this->file->sheet->bore->service, $this->file->sheet->bore->finished, RequiredConditions::of($this->file->sheet), $this->file->policy->finalRule);
        $dispositions = $this->dispositions();
        $verified = [];
        foreach ($this->file->sheet->layout->cylinders() as $cylinder) {
            $disposition = $dispositions[$cylinder] ?? null;
            $entries = $disposition?->kind === DispositionKind::Rework
                ? $this->file->entries(SheetName::Finished)->afresh($cylinder, $disposition->last_reading_id)
                : $this->file->entries(SheetName::Finished);
            $verified[$cylinder] = $verification->verify(
                $entries->bores()->inspection($cylinder, $this->file->sheet, $this->file->policy),
                $order->operation("hone.{$cylinder}")->target,
                $entries->bores()->conditions($cylinder),
                $disposition?->kind === DispositionKind::Concession,
            );
        }

        return $verified;
    }
}
