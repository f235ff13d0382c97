<?php

declare(strict_types=1);

namespace App\Storage;

/** The certificates of a job and what was said of them since, in the order of its ledger: which one stands, and which replaced which. */
final readonly class Releases
{
    /** @param  list<Release|Recall>  $said */
    private function __construct(private array $said)
    {
    }

    public static function of(Job $job): self
    {
        return JobWork::releases($job);
    }

    /** @param  list<Release|Recall>  $said  Each with the number of its entry */
    public static function ofRows(array $said): self
    {
        usort($said, static fn (Release|Recall $one, Release|Recall $other): int => $one->entry_number <=> $other->entry_number);

        return new self($said);
    }

    /** The certificate that closes the job; null before the first, and while the job is open again. */
    public function current(): ?Release
    {
        $newest = $this->newest();

        return $newest === null || $this->standing($newest) === CertificateStanding::Reopened ? null : $newest;
    }

    public function newest(): ?Release
    {
        return $this->all()[0] ?? null;
    }

    /** @return list<Release> Newest first */
    public function all(): array
    {
        return array_reverse(array_values(array_filter($this->said, static fn (Release|Recall $one): bool => $one instanceof Release)));
    }

    /** What was said last of the newest certificate; null where nothing came up since. */
    public function newestRecall(): ?Recall
    {
        $last = $this->said === [] ? null : $this->said[count($this->said) - 1];

        return $last instanceof Recall ? $last : null;
    }

    public function standing(Release $release): CertificateStanding
    {
        return $this->replacementOf($release) === null
            ? $this->newestRecall()->standing ?? CertificateStanding::Stands
            : CertificateStanding::Replaced;
    }

    /** The newest certificate, where it is another one. */
    public function replacementOf(Release $release): ?Release
    {
        $newest = $this->newest();

        return $newest === null || $newest->is($release) ? null : $newest;
    }
}
