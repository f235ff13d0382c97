<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;

/**
 * What can change of an offer without anybody saying anything about the job: its address was opened.
 *
 * @property int $id
 * @property string $offer
 * @property int $job_id
 * @property ?\Illuminate\Support\Carbon $opened_at
 * @property int $opened_times
 */
final class OfferLink extends Model
{
    use BootsPlainly;

    public $timestamps = false;

    protected $table = 'offer_links';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    public static function named(string $offer): ?self
    {
        return self::query()->firstWhere('offer', $offer);
    }

    public function opened(): void
    {
        self::query()
            ->whereKey($this->id)
            ->update(['opened_at' => $this->opened_at ?? now()->format('Y-m-d H:i:s.v'), 'opened_times' => $this->opened_times + 1]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['opened_at' => 'datetime', 'opened_times' => 'integer'];
    }
}
