<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Support\Facades\DB;

/** What was agreed, ordered, done, decided and signed of a job. */
final readonly class JobWork
{
    /** What it is made of. */
    public const TABLES = ['plan_choices', 'work_orders', 'operation_ticks', 'dispositions', 'releases', 'recalls'];

    /**
     * @param  ?PlanChoice  $choice  The newest
     * @param  array<int, StoredOrder>  $orders  By number, oldest first
     * @param  list<OperationTick>  $ticks  Oldest first
     * @param  list<Disposition>  $dispositions  Of the newest choice, oldest first
     */
    private function __construct(
        public ?PlanChoice $choice,
        public array $orders,
        public array $ticks,
        public array $dispositions,
        public Releases $releases,
    ) {
    }

    public static function none(): self
    {
        return new self(null, [], [], [], Releases::ofRows([]));
    }

    public static function of(Job $job): self
    {
        $choice = self::made(
            PlanChoice::class,
            DB::select('SELECT * FROM plan_choices WHERE job_id = ? ORDER BY id DESC LIMIT 1', [$job->id]),
        )[0] ?? null;
        if ($choice === null && $job->isWorked()) {
            return self::none();
        }
        [$orders, $ticks, $dispositions, $releases, $recalls] = self::rows(
            [
                'SELECT * FROM work_orders WHERE job_id = ? ORDER BY number',
                'SELECT * FROM operation_ticks WHERE job_id = ? ORDER BY id',
                'SELECT * FROM dispositions WHERE job_id = ? ORDER BY id',
                self::numbered('releases'),
                self::numbered('recalls'),
            ],
            $job,
        );
        $isOfTheChoice = static fn (object $row): bool => $row->plan_choice_id === $choice?->id;
        $people = self::people([...$ticks, ...$dispositions, ...$releases, ...$recalls]);

        return new self(
            $choice,
            array_column(self::made(StoredOrder::class, $orders), null, 'number'),
            self::made(OperationTick::class, $ticks, $people),
            self::made(Disposition::class, array_values(array_filter($dispositions, $isOfTheChoice)), $people),
            self::signed($releases, $recalls, $people),
        );
    }

    /** Every certificate of a job, whatever was agreed of it. */
    public static function releases(Job $job): Releases
    {
        [$releases, $recalls] = self::rows([self::numbered('releases'), self::numbered('recalls')], $job);

        return self::signed($releases, $recalls, self::people([...$releases, ...$recalls]));
    }

    /** The newest revision of the order of the newest choice; null where nothing of that is worked. */
    public function order(): ?StoredOrder
    {
        $newest = array_key_last($this->orders);
        $order = $newest === null ? null : $this->orders[$newest];

        return $order?->plan_choice_id === $this->choice?->id ? $order : null;
    }

    /** With the number that its entry has in the job's ledger. */
    private static function numbered(string $table): string
    {
        return "SELECT {$table}.*, entries.number AS entry_number FROM {$table} ".
            "LEFT JOIN ledger_entries entries ON entries.request_id = {$table}.ulid WHERE {$table}.job_id = ?";
    }

    /**
     * @param  non-empty-list<string>  $questions  Each about one job
     * @return list<list<object>> An answer each
     */
    private static function rows(array $questions, Job $job): array
    {
        return DB::selectResultSets(implode('; ', $questions), array_fill(0, count($questions), $job->id));
    }

    /**
     * @param  list<object>  $rows
     * @return array<int, User> Who wrote them, by id
     */
    private static function people(array $rows): array
    {
        $ids = array_values(array_unique(array_column($rows, 'user_id')));
        $marks = implode(', ', array_fill(0, count($ids), '?'));
        $people = $ids === [] ? [] : DB::select("SELECT * FROM users WHERE id IN ({$marks})", $ids);

        return array_column(self::made(User::class, $people), null, 'id');
    }

    /**
     * @param  list<object>  $releases
     * @param  list<object>  $recalls
     * @param  array<int, User>  $people
     */
    private static function signed(array $releases, array $recalls, array $people): Releases
    {
        return Releases::ofRows([...self::made(Release::class, $releases, $people), ...self::made(Recall::class, $recalls, $people)]);
    }

    /**
     * @template T of Entry|User
     *
     * @param  class-string<T>  $class
     * @param  list<object>  $rows
     * @param  array<int, User>  $people
     * @return list<T>
     */
    private static function made(string $class, array $rows, array $people = []): array
    {
        $made = [];
        foreach ($rows as $row) {
            $one = (new $class())->newFromBuilder((array) $row, DB::getDefaultConnection());
            if ($one instanceof Entry && isset($people[$one->user_id])) {
                $one->setRelation('user', $people[$one->user_id]);
            }
            $made[] = $one;
        }

        return $made;
    }
}
