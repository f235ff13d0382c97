<?php

declare(strict_types=1);

namespace App\Package;

use App\Record\JobFiles;
use App\Record\JobSummary;
use App\Storage\Customer;
use App\Storage\EntryKind;
use App\Storage\Gauge;
use App\Storage\Job;
use App\Storage\JobTables;
use App\Storage\LedgerEntry;
use App\Storage\PolicyBook;
use App\Storage\SheetName;
use App\Storage\SpecBook;
use App\Storage\User;
use App\Words\Line;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Throwable;

/**
 * Reads a package back into the database: every row as it was, a ledger with the same entries and a chain of its own. The tag
 * is kept where it is free. Written whole or not at all.
 */
final readonly class ImportPackage
{
    public function __construct(
        private SpecBook $specs,
        private PolicyBook $policies,
        private JobFiles $files,
        private PackagePictures $pictures,
    ) {
    }

    /** @throws PackageRefused If it cannot be read, is here already, or the house has another sheet or policy under the same revision */
    public function handle(JobPackage $package, User $by): Job
    {
        $package->evaluate();
        $data = $package->data();
        $origin = PackageOrigin::of($data);
        try {
            return DB::transaction(fn (): Job => $this->write($data, $origin, $by));
        } catch (PackageRefused $refused) {
            throw $refused;
        } catch (Throwable) {
            throw PackageRefused::malformed();
        }
    }

    /** @param  array<string, mixed>  $data */
    private function write(array $data, PackageOrigin $origin, User $by): Job
    {
        $this->refuseTwice($data);
        $this->checkRevisions($data);
        $rows = ['ledger_entries' => [], 'photos' => $this->pictures->taken($data)] + $data;
        $people = array_map(static fn (array $person): int => (new ForeignPeople($origin))->known($person)->id, $data['people']);
        $number = Job::numberOf((string) $data['job']);
        $job = new Job(
            array_intersect_key($data['received'], array_flip(JobTables::OF_THE_JOB)) + [
                'customer_id' => Customer::query()->firstOrCreate(['name' => $data['received']['customer']])->id,
                'has_own_values' => in_array(EntryKind::OwnValues->value, array_column($data['observations'], 'kind'), true),
                'head_hash' => str_repeat('0', 64),
                'entries' => 0,
            ],
        );
        if ($number !== null && ! Job::query()->whereKey($number)->exists()) {
            $job->id = $number;
        }
        $job->save();
        $ids = [];
        foreach (JobTables::REFERENCES as $table => $references) {
            foreach ($rows[$table] ?? [] as $row) {
                $row = $table === 'setups' ? ['gauge_id' => self::gauge($row, $origin)] + $row : $row;
                $ids[$table][$row['id']] = $this->insert($table, $row, $references, $ids, $job, $people);
            }
        }
        $this->chain($job, $data['ledger_entries'], $people);
        $this->tell($job, $data, $origin, $by);
        $job->fill(JobSummary::of($this->files->open($job->refresh()))->columns());
        $job->save();

        return $job;
    }

    /** @param  array<string, mixed>  $data */
    private function refuseTwice(array $data): void
    {
        $first = $data['ledger_entries'][0]['request_id'] ?? '';
        $here = LedgerEntry::query()->firstWhere('request_id', $first);
        if ($here !== null) {
            throw PackageRefused::because(Line::of('history.package.here', ['tag' => Job::tagOf($here->job_id)]));
        }
    }

    /**
     * A sheet without what a family is only known by: no verdict follows from that.
     *
     * @param  array<mixed>  $sheet
     * @return array<mixed>
     */
    private static function judgedBy(array $sheet): array
    {
        unset($sheet['block']['bore_spacing']);

        return array_diff_key($sheet, array_flip(['castings', 'sources', 'torques', 'parts', 'build_notes']));
    }

    /** @param  array<string, mixed>  $data */
    private function checkRevisions(array $data): void
    {
        $family = (string) $data['received']['family'];
        $revision = (int) $data['received']['family_revision'];
        if (! $this->specs->has($family) || ! in_array($revision, $this->specs->revisions($family), true)) {
            throw PackageRefused::because(Line::of('history.package.no_revision', ['revision' => $revision, 'family' => $family]));
        }
        if (self::judgedBy($this->specs->decoded($family, $revision)) != self::judgedBy($data['sheet'])) {
            throw PackageRefused::because(Line::of('history.package.another_sheet', ['revision' => $revision, 'family' => $family]));
        }
        $policy = (int) $data['received']['policy_revision'];
        if (
            $data['received']['is_closed'] &&
            ($policy > $this->policies->newestNumber() || $this->policies->document($policy) != $this->policies->asToday($data['policy']))
        ) {
            throw PackageRefused::because(Line::of('history.package.another_policy', ['revision' => $policy]));
        }
    }

    /**
     * The last entry says that all before it came from elsewhere, from which house, and which package it was.
     *
     * @param  array<string, mixed>  $data
     */
    private function tell(Job $job, array $data, PackageOrigin $origin, User $by): void
    {
        $said = [
            'words' => Line::of('history.imported', ['house' => $origin->words(), 'count' => count($data['ledger_entries'])]),
            'house' => $data['house'] ?? null,
            'signature' => $data['signature'] ?? '',
            'package' => hash('sha256', PackageOrigin::signed($data)),
            'rows' => [],
        ];
        $this->append($job, [
            'user_id' => $by->id,
            'number' => $job->entries + 1,
            'request_id' => (string) Str::ulid(),
            'kind' => EntryKind::Imported->value,
            'payload' => json_encode($said, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            'created_at' => now()->format('Y-m-d\TH:i:s.v\Z'),
        ]);
        $job->save();
    }

    /**
     * A gauge of this house is known by what is written on it. One of another house stays that house's, whatever it is called: what it was
     * worth stands in the setup.
     *
     * @param  array<string, mixed>  $setup
     */
    private static function gauge(array $setup, PackageOrigin $origin): ?int
    {
        $tag = $setup['gauge_tag'] ?? null;

        return $tag === null || ! $origin->isThisHouse()
            ? null
            : Gauge::query()
                ->where(['tag' => $tag, 'kind' => $setup['instrument']])
                ->value('id');
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  array<string, string>  $references
     * @param  array<string, array<int, int>>  $ids
     * @param  list<int>  $people
     */
    private function insert(string $table, array $row, array $references, array $ids, Job $job, array $people): int
    {
        foreach ($references as $column => $other) {
            if (($row[$column] ?? 0) !== 0) {
                $row[$column] = $ids[$other][$row[$column]];
            }
        }

        if (isset($row['sheet'])) {
            $row['sheet'] = SheetName::from($row['sheet'])->value;
        }

        return DB::table($table)->insertGetId(
            ['job_id' => $job->id, 'user_id' => $people[$row['user_id'] - 1]] + array_diff_key($row, ['id' => 0]),
        );
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  list<int>  $people
     */
    private function chain(Job $job, array $entries, array $people): void
    {
        foreach ($entries as $row) {
            $this->append($job, ['user_id' => $people[$row['user_id'] - 1]] + array_diff_key($row, ['id' => 0]));
        }
        $job->save();
    }

    /** @param  array<string, mixed>  $row */
    private function append(Job $job, array $row): void
    {
        $entry = new LedgerEntry(['job_id' => $job->id, 'previous_hash' => $job->head_hash] + $row);
        $entry->hash = $entry->computedHash();
        $entry->save();
        $job->entries = $entry->number;
        $job->head_hash = $entry->hash;
    }
}
