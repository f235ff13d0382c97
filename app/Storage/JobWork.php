<?php

declare(strict_types=1);

namespace App\Storage;

use Closure;
use Illuminate\Database\Eloquent\Collection;
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

    /** Nothing is asked of a job whose row says that nothing was agreed. */
    public static function of(Job $job): self
    {
        return $job->agreement === Agreement::None && $job->isWorked() ? self::none() : self::read($job);
    }

    /**
     * Of a job to which something was added since its row was read.
     *
     * @param  list<string>  $tables  To which alone
     * @return ?self Null where its row still says what there is to ask
     */
    public static function after(Job $job, array $tables): ?self
    {
        return array_intersect(self::TABLES, $tables) === [] ? null : self::read($job);
    }

    private static function read(Job $job): self
    {
        return self::asked(new Questions(), $job->id)($job);
    }

    /** @return Closure(Job): self */
    public static function asked(Questions $questions, int $jobId): Closure
    {
        $answers = self::answers(
            $questions,
            [
                'SELECT * FROM plan_choices WHERE job_id = ? ORDER BY id DESC LIMIT 1',
                'SELECT * FROM work_orders WHERE job_id = ? ORDER BY number',
                'SELECT * FROM operation_ticks WHERE job_id = ? ORDER BY id',
                'SELECT * FROM dispositions WHERE job_id = ? ORDER BY id',
                self::numbered('releases'),
                self::numbered('recalls'),
            ],
            $jobId,
        );

        return static fn (Job $job): self => self::ofRows($job, $answers());
    }

    /** @param  list<list<object>>  $rows  As they were asked */
    private static function ofRows(Job $job, array $rows): self
    {
        [$choices, $orders, $ticks, $dispositions, $releases, $recalls] = $rows;
        if ($choices === [] && $job->isWorked()) {
            return self::none();
        }
        $choice = self::made(PlanChoice::class, $choices)[0] ?? null;
        $isOfTheChoice = static fn (object $row): bool => $row->plan_choice_id === $choice?->id;

        return new self(
            $choice,
            array_column(self::made(StoredOrder::class, $orders), null, 'number'),
            self::made(OperationTick::class, $ticks),
            self::made(Disposition::class, array_values(array_filter($dispositions, $isOfTheChoice))),
            self::signed($releases, $recalls),
        );
    }

    /**
     * The same after something was added.
     *
     * @param  list<string>  $tables  To which alone
     */
    public function refreshed(Job $job, array $tables): self
    {
        return match (array_values(array_intersect(self::TABLES, $tables))) {
            [] => $this,
            ['operation_ticks'] => $this->withNewTicks($job),
            default => self::read($job),
        };
    }

    private function withNewTicks(Job $job): self
    {
        $last = array_key_last($this->ticks);
        $newer = $last === null ? 0 : $this->ticks[$last]->id;
        [$ticks] = self::rows(["SELECT * FROM operation_ticks WHERE job_id = ? AND id > {$newer} ORDER BY id"], $job);
        $ticks = self::made(OperationTick::class, $ticks);

        return new self($this->choice, $this->orders, [...$this->ticks, ...$ticks], $this->dispositions, $this->releases);
    }

    /** Every certificate of a job, whatever was agreed of it. */
    public static function releases(Job $job): Releases
    {
        return self::signed(...self::rows([self::numbered('releases'), self::numbered('recalls')], $job));
    }

    /** The newest revision of the order of the newest choice; null where nothing of that is worked. */
    public function order(): ?StoredOrder
    {
        $newest = array_key_last($this->orders);
        $order = $newest === null ? null : $this->orders[$newest];

        return $order?->plan_choice_id === $this->choice?->id ? $order : null;
    }

    /** With the number that its entry has in the job's ledger, or will have: a row is written before its entry is. */
    private static function numbered(string $table): string
    {
        return "SELECT {$table}.*, COALESCE(entries.number, jobs.entries + 1) AS entry_number ".
            "FROM {$table} JOIN jobs ON jobs.id = {$table}.job_id ".
            "LEFT JOIN ledger_entries entries ON entries.request_id = {$table}.ulid WHERE {$table}.job_id = ?";
    }

    /**
     * @param  non-empty-list<string>  $statements  About one job, each as often as it binds it
     * @return list<list<object>> An answer each
     */
    private static function rows(array $statements, Job $job): array
    {
        return self::answers(new Questions(), $statements, $job->id)();
    }

    /**
     * @param  non-empty-list<string>  $statements
     * @return Closure(): list<list<object>>
     */
    private static function answers(Questions $questions, array $statements, int $jobId): Closure
    {
        $answers = array_map(
            static fn (string $one): Closure => $questions->ask($one, array_fill(0, substr_count($one, '?'), $jobId)),
            $statements,
        );

        return static fn (): array => array_map(static fn (Closure $answer): array => $answer(), $answers);
    }

    /**
     * @param  list<object>  $releases
     * @param  list<object>  $recalls
     */
    private static function signed(array $releases, array $recalls): Releases
    {
        return Releases::ofRows([...self::made(Release::class, $releases), ...self::made(Recall::class, $recalls)]);
    }

    /**
     * Who wrote them is read when it is first asked, of all in one question.
     *
     * @template T of Entry
     *
     * @param  class-string<T>  $class
     * @param  list<object>  $rows
     * @return list<T>
     */
    private static function made(string $class, array $rows): array
    {
        if ($rows === []) {
            return [];
        }
        $read = (new $class())->newFromBuilder([], DB::getDefaultConnection());
        $made = array_map(static fn (object $row): Entry => (clone $read)->setRawAttributes((array) $row, sync: true), $rows);

        return (new Collection($made))->withRelationshipAutoloading()->all();
    }
}
