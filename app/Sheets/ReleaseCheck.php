<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\User;
use NorthLedger\Core\Planning\VerdictWords;
use NorthLedger\Core\Work\VerifiedBore;

/** What still stands between a job and its release (WORK-6), and what the signer should know (WORK-4). */
final readonly class ReleaseCheck
{
    /**
     * @param  list<string>  $obstacles
     * @param  list<string>  $warnings
     */
    private function __construct(public array $obstacles, public array $warnings)
    {
    }

    public static function of(JobFile $file, ?User $signer): self
    {
        $order = $file->work()->order();
        if ($order === null) {
            return new self(['No way is chosen and worked yet.'], []);
        }
        $obstacles = [];
        $open = count($order->operations) - count(array_intersect(array_keys($order->operations), $file->work()->closedOperations()));
        if ($open > 0) {
            $obstacles[] = $open === 1 ? 'One operation of the order is open.' : "{$open} operations of the order are open.";
        }
        $unverified = array_values(array_map(
            static fn (VerifiedBore $bore): int => $bore->cylinder,
            array_filter($file->work()->verified(), static fn (VerifiedBore $bore): bool => ! $bore->state->closesTheWork()),
        ));
        if ($unverified !== []) {
            $obstacles[] = 'Not verified: '.VerdictWords::cylinders($unverified).'.';
        }
        $own = self::ownWork($file);
        if ($own !== '' && $file->policy->forbidsVerifyingOwnWork) {
            $obstacles[] = $own.' The shop does not allow that.';
        }

        return new self($obstacles, $own === '' || $file->policy->forbidsVerifyingOwnWork ? [] : [$own]);
    }

    public function maySign(): bool
    {
        return $this->obstacles === [];
    }

    private static function ownWork(JobFile $file): string
    {
        $readers = array_unique(array_map(static fn (KeyedReading $row): int => $row->userId, $file->entries(SheetName::Finished)->rows));
        $workers = [];
        foreach ($file->work()->ticks() as $tick) {
            if ($tick->state === TickState::Done && str_starts_with($tick->operation, 'hone')) {
                $workers[$tick->user_id] = $tick->user->name;
            }
        }

        return count($readers) === 1 && isset($workers[reset($readers)])
            ? $workers[reset($readers)].' honed bores and is the only one who verified them.'
            : '';
    }
}
