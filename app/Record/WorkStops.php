<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\Agreement;
use NorthLedger\Core\Work\ChosenWay;
use NorthLedger\Core\Work\Stop;

/** What stops the work of a job that was agreed: as its row keeps it, or looked at anew after something was written (VER-6). */
final class WorkStops
{
    /** @var ?list<Stop> */
    private ?array $all = null;

    /** @var ?list<Stop> */
    private ?array $atParts = null;

    private bool $looksAnew = false;

    private bool $looksAtPartsAnew = false;

    public function __construct(private readonly JobFile $file, private readonly WorkOfJob $work)
    {
    }

    /** @return list<Stop> What was found since that stops the chosen way, and what the customer has not answered */
    public function all(): array
    {
        return $this->all ??= $this->isKnownToGoOn() ? [] : $this->found();
    }

    /** @return list<Stop> Of parts beside the bores, as they were last looked at */
    public function atParts(): array
    {
        return $this->atParts ??= $this->looksAtPartsAnew
            ? PartStops::of($this->file)
            : PartStops::stored($this->file->job->plan_stops);
    }

    /**
     * Nothing that was kept counts.
     *
     * @param  bool  $atParts  Also beside the bores
     */
    public function lookAnew(bool $atParts): void
    {
        [$this->all, $this->looksAnew] = [null, true];
        if ($atParts) {
            [$this->atParts, $this->looksAtPartsAnew] = [null, true];
        }
    }

    /** True where nothing stopped the work when the job was last written, under the same policy. */
    private function isKnownToGoOn(): bool
    {
        $job = $this->file->job;

        return ! $this->looksAnew &&
            in_array($job->agreement, [Agreement::None, Agreement::Stands], true) &&
            $job->policy_revision === $this->file->policy->revision;
    }

    /** @return list<Stop> */
    private function found(): array
    {
        $chosen = $this->work->chosen();

        return $this->work->choice() === null
            ? []
            : [
                ...$chosen === null ? [] : ChosenWay::against($chosen, $this->file->assessment())->stops,
                ...$this->atParts(),
                ...(new CustomerQuestions($this->file->record))->stops(),
            ];
    }
}
