<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Ledger\ChainCheck;
use App\Photos\PhotoStore;
use App\Signing\SealBook;
use App\Storage\Job;
use App\Storage\Photo;
use App\Words\Line;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class VerifyLedger extends Command
{
    protected $signature = 'ledger:verify {tag? : one job only, like NL-0417}';

    protected $description = 'Walk the hash chain of every job, hold it against the seals, and name the first entry that is not as it was';

    public function __construct(private readonly PhotoStore $photos)
    {
        parent::__construct();
    }

    public function handle(ChainCheck $chain, SealBook $seals): int
    {
        $jobs = 0;
        $tag = $this->argument('tag');
        $query = Job::query()->when($tag !== null, fn ($query) => $query->where('id', Job::numberOf((string) $tag) ?? 0));
        foreach ($query->lazyById(200) as $job) {
            $complaint = $chain->complaint($job);
            if ($complaint !== null) {
                $this->error("{$job->tag()}: {$complaint}.");

                return self::FAILURE;
            }
            $jobs++;
        }
        $complaint = $tag === null ? $seals->complaint() ?? ($this->missingPhoto() ?? $this->otherPerson()) : null;
        if ($complaint !== null) {
            $this->error("{$complaint}.");

            return self::FAILURE;
        }
        $this->info("{$jobs} ledgers walked, every chain is whole.");

        return self::SUCCESS;
    }

    /** Everybody is as was written down of them last, however they were changed. */
    private function otherPerson(): ?string
    {
        $login = DB::scalar(
            'SELECT users.login FROM users LEFT JOIN people_events told ON told.id = '.
                '(SELECT MAX(id) FROM people_events WHERE user_id = users.id) WHERE NOT ('.
                'BINARY told.login <=> BINARY users.login AND BINARY told.name <=> BINARY users.name AND '.
                'BINARY told.role <=> BINARY users.role AND told.sees_prices <=> users.sees_prices AND '.
                'told.is_locked <=> (users.locked_at IS NOT NULL) AND told.password_digest <=> SHA2(users.password, 256) AND '.
                'BINARY told.foreign_identity <=> BINARY users.foreign_identity) LIMIT 1',
        );

        return is_string($login) ? Line::of('proof.person', ['login' => $login]) : null;
    }

    /** Every photo lies under the hash of what is in it. */
    private function missingPhoto(): ?string
    {
        foreach (Photo::query()->distinct()->pluck('content_hash') as $hash) {
            if (! $this->photos->isKept($hash)) {
                return Line::of('proof.photo', ['hash' => $hash]);
            }
        }

        return null;
    }
}
