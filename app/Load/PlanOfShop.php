<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\LoadPin;
use App\Storage\PolicyBook;
use DateTimeImmutable;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Scheduling\SchedulingException;

/** The plan of all machines as it stands: made anew as soon as anything that it follows from is another, and every few minutes. */
final readonly class PlanOfShop
{
    private const SLOT_SECONDS = 300;

    private const KEPT_SECONDS = 900;

    private const ORDER_KEPT_SECONDS = 172_800;

    /** A plan from nothing; one from the order that stood before, which stays where nothing is gained; and one that is only tried. */
    private const EFFORT_AT_FIRST = 30_000;

    private const EFFORT = 6_000;

    private const EFFORT_OF_A_TRIAL = 2_000;

    public function __construct(private PolicyBook $policies, private Repository $cache)
    {
    }

    /** @throws SchedulingException If it cannot be planned at all */
    public function now(): PlannedLoad
    {
        $now = self::slot();
        $key = self::key($now);
        $kept = $this->cache->get($key);
        if ($kept instanceof PlannedLoad) {
            return $kept;
        }
        $order = $this->order();
        $planned = $this->shop($now)->planned($order, $order === null ? self::EFFORT_AT_FIRST : self::EFFORT);
        $this->cache->put($key, $planned, self::KEPT_SECONDS);
        $times = [];
        foreach (array_keys($planned->jobs) as $tag) {
            $times[$tag] = $planned->readyAt((string) $tag)?->getTimestamp();
        }
        $this->cache->put('load.ready', ['mark' => self::mark(), 'times' => array_filter($times)], self::KEPT_SECONDS * 4);
        $this->cache->put('load.order', $planned->schedule->order(), self::ORDER_KEPT_SECONDS);

        return $planned;
    }

    /**
     * What was tried beside the plan that stands now, kept as long as it stands.
     *
     * @template T of string|int
     *
     * @param  string  $what  Identifies it, with everything it follows from beside the plan
     * @param  callable(): T  $try
     * @return T
     */
    public function beside(string $what, callable $try): string|int
    {
        return $this->cache->remember(self::key(self::slot()).'.'.md5($what), self::KEPT_SECONDS, $try(...));
    }

    /** For the plan that stands now. */
    public function helps(): KeptHelps
    {
        return new KeptHelps($this->cache, self::key(self::slot()), self::KEPT_SECONDS);
    }

    /**
     * When jobs are ready by the plan, as far as one was made lately and nothing changed since: lists ask, and plan nothing.
     *
     * @return array<string, int> Seconds since 1970, by tag
     */
    public function readyTimes(): array
    {
        $kept = $this->cache->get('load.ready');

        return is_array($kept) && $kept['mark'] === self::mark() ? $kept['times'] : [];
    }

    /**
     * The plan with other pins, or with a job that is only thought of; nothing of it is kept.
     *
     * @param  ?list<LoadPin>  $pins  Null: those that stand
     * @param  ?callable(JobsToLoad): JobOnLoad  $thoughtOf
     */
    public function tried(?array $pins, ?callable $thoughtOf = null): PlannedLoad
    {
        $shop = $this->shop(self::slot());
        $order = $this->order();

        return $shop->planned($order, self::EFFORT_OF_A_TRIAL, $thoughtOf === null ? [] : [$thoughtOf($shop->reader())], $pins);
    }

    private function shop(DateTimeImmutable $now): LoadOfShop
    {
        return new LoadOfShop($this->policies->current()->prices, $now);
    }

    /** @return ?list<string> */
    private function order(): ?array
    {
        $order = $this->cache->get('load.order');

        return is_array($order) ? array_values(array_filter($order, is_string(...))) : null;
    }

    private static function key(DateTimeImmutable $now): string
    {
        return 'load.'.md5(config('app.build').$now->getTimestamp().self::mark());
    }

    private static function slot(): DateTimeImmutable
    {
        $seconds = Carbon::now()->getTimestamp();

        return Carbon::now()
            ->setTimestamp($seconds - ($seconds % self::SLOT_SECONDS))
            ->toDateTimeImmutable();
    }

    /** Another one whenever anything is different that the plan follows from. */
    private static function mark(): string
    {
        $of = static fn (string $columns, string $rows): string => "(SELECT CONCAT(COUNT(*), '/', ".
            "COALESCE(SUM(CRC32(CONCAT_WS('|', {$columns}))), 0)) FROM {$rows})";

        return md5(
            (string) DB::scalar(
                "SELECT CONCAT_WS('.', ".
                    implode(', ', [
                        $of('id, due_on, load_work', 'jobs WHERE load_work IS NOT NULL AND is_closed = 0'),
                        $of('id, times_taken', 'jobs WHERE times_taken IS NOT NULL'),
                        $of('id, begins_at, ends_at, machine, person_id', 'closures'),
                        $of('id, starts_at', 'load_pins'),
                        '(SELECT load_version FROM houses LIMIT 1)',
                        '(SELECT MAX(number) FROM policy_revisions)',
                    ]).
                    ')',
            ),
        );
    }
}
