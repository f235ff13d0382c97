<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * One numbered entry of a job's ledger; it holds the hash of the one before it.
 *
 * @property int $number
 * @property string $request_id
 * @property string $kind
 * @property string $payload
 * @property string $previous_hash
 * @property string $hash
 */
final class LedgerEntry extends Entry
{
    protected $table = 'ledger_entries';

    public $timestamps = false;

    /** The hash over everything this entry says and the hash of the entry before. */
    public function computedHash(): string
    {
        $said = $this->getAttributes();

        return hash(
            'sha256',
            implode("\n", [
                $said['previous_hash'],
                $said['job_id'],
                $said['number'],
                $said['request_id'],
                $said['kind'],
                $said['payload'],
                $said['user_id'],
                $said['created_at'],
            ]),
        );
    }
}
