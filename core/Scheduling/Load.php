<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** Everything that is to be done: machines with their open minutes, jobs, operations and what waits for what. */
final readonly class Load
{
    /**
     * @param  array<string, OpenMinutes>  $machines
     * @param  array<string, ScheduledJob>  $jobs
     * @param  array<string, PlannedOperation>  $operations
     * @param  array<string, list<string>>  $followers  Operations that wait for one, by its code
     * @param  list<string>  $inOrder  Every operation after those that it waits for
     */
    private function __construct(
        public array $machines,
        public array $jobs,
        public array $operations,
        public array $followers,
        public array $inOrder,
    ) {
    }

    /**
     * @param  array<string, OpenMinutes>  $machines
     * @param  list<ScheduledJob>  $jobs
     * @param  list<PlannedOperation>  $operations
     *
     * @throws SchedulingException If something names what is not there, or operations wait for each other in a circle
     */
    public static function of(array $machines, array $jobs, array $operations): self
    {
        $jobs = array_column($jobs, null, 'code');
        $operations = array_column($operations, null, 'code');
        $followers = array_fill_keys(array_keys($operations), []);
        foreach ($operations as $operation) {
            isset($jobs[$operation->job]) || throw SchedulingException::noJob($operation->job);
            if ($operation->machine !== null && ! isset($machines[$operation->machine])) {
                throw SchedulingException::noMachine($operation->machine);
            }
            foreach (array_unique($operation->after) as $before) {
                isset($operations[$before]) || throw SchedulingException::noOperation($before);
                $followers[$before][] = $operation->code;
            }
        }

        return new self($machines, $jobs, $operations, $followers, self::sorted($operations, $followers));
    }

    /**
     * The same with some of it otherwise; what waits for what stays.
     *
     * @param  list<PlannedOperation>  $operations
     * @param  list<ScheduledJob>  $jobs
     * @param  array<string, OpenMinutes>  $machines
     */
    public function with(array $operations = [], array $jobs = [], array $machines = []): self
    {
        return new self(
            array_replace($this->machines, $machines),
            array_replace($this->jobs, array_column($jobs, null, 'code')),
            array_replace($this->operations, array_column($operations, null, 'code')),
            $this->followers,
            $this->inOrder,
        );
    }

    /** The same without anybody's pins. */
    public function withoutPins(): self
    {
        $free = array_map(static fn (PlannedOperation $one): PlannedOperation => $one->pinnedTo(null), $this->operations);

        return new self($this->machines, $this->jobs, $free, $this->followers, $this->inOrder);
    }

    /** @return int How many are done at a machine */
    public function machineOperations(): int
    {
        return count(array_filter($this->operations, static fn (PlannedOperation $one): bool => $one->machine !== null));
    }

    /**
     * Where several could be next, as they were named.
     *
     * @param  array<string, PlannedOperation>  $operations
     * @param  array<string, list<string>>  $followers
     * @return list<string>
     *
     * @throws SchedulingException If there is a circle
     */
    private static function sorted(array $operations, array $followers): array
    {
        $open = array_map(static fn (PlannedOperation $one): int => count(array_unique($one->after)), $operations);
        $order = [];
        $ready = array_keys(array_filter($open, static fn (int $count): bool => $count === 0));
        while ($ready !== []) {
            $code = array_shift($ready);
            $order[] = (string) $code;
            foreach ($followers[$code] as $follower) {
                if (--$open[$follower] === 0) {
                    $ready[] = $follower;
                }
            }
        }
        $left = array_keys(array_filter($open, static fn (int $count): bool => $count > 0));

        return $left === [] ? $order : throw SchedulingException::circular(array_map(strval(...), $left));
    }
}
