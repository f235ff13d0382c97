<?php

declare(strict_types=1);

namespace App\Package;

use App\Photos\PhotoStore;
use App\Record\JobFile;
use App\Record\JobReader;
use App\Record\JobSheet;
use App\Record\OwnValues;
use App\Record\SheetEntries;
use App\Record\SheetGauges;
use App\Signing\ShopKey;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\JobObservations;
use App\Storage\JobTables;
use App\Storage\KeyedReading;
use App\Storage\OldPrices;
use App\Storage\PolicyBook;
use App\Storage\SheetName;
use App\Storage\SpecBook;
use App\Storage\StatedCheck;
use App\Storage\StatedSetup;
use App\Storage\StatedZero;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\CoreException;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/**
 * A job with everything its verdict follows from, as plain data: the specification sheet and the policy in words, the setups,
 * readings and observations as they were written. Who has one can judge the job again without a database (VER-4).
 */
final readonly class JobPackage
{
    public const FORMAT = 'north-ledger job 1';

    /** @param  array<string, mixed>  $data */
    private function __construct(private array $data)
    {
    }

    /** Plain rows all through: a command that runs once is half loading what it uses. Null where there is no such job. */
    public static function of(int $number, SpecBook $specs, PolicyBook $policies, PhotoStore $photos): ?self
    {
        $row = (array) DB::selectOne(
            'SELECT jobs.*, customers.name AS customer FROM jobs JOIN customers ON customers.id = jobs.customer_id WHERE jobs.id = ?',
            [$number],
        );
        if ($row === []) {
            return null;
        }
        $data = [
            'format' => self::FORMAT,
            'house' => [],
            'job' => Job::tagOf($number),
            'entries' => 0,
            'received' => ['customer' => $row['customer']] + array_intersect_key($row, array_flip(JobTables::OF_THE_JOB)),
            'sheet' => $specs->decoded($row['family'], $row['family_revision']),
            'policy' => $policies->document($row['is_closed'] === 1 ? $row['policy_revision'] : $policies->newestNumber()),
            'people' => [],
        ];
        $numbers = $people = [];
        foreach (JobTables::REFERENCES as $table => $references) {
            $rows = DB::select("SELECT * FROM {$table} WHERE job_id = ? ORDER BY id", [$number]);
            if ($table === 'ledger_entries') {
                [$rows, $import] = self::withoutImport($rows);
            }
            $numbers[$table] = array_flip(array_map(static fn (object $row): int => $row->id, $rows));
            $data[$table] = [];
            foreach ($rows as $row) {
                $people[$row->user_id] ??= count($people) + 1;
                $data[$table][] =
                    ['id' => count($data[$table]) + 1] + self::renumbered((array) $row, $references, $numbers, $people[$row->user_id]);
            }
        }
        $data = self::withPictures($data, $photos);
        $data['entries'] = count($data['ledger_entries']);
        $data['house'] = self::house($import ?? null);
        $data['people'] = self::people($people, $data['house'] ?? []);

        return new self(self::signed($data, $import ?? null));
    }

    /**
     * Where nothing was photographed the package says nothing of it, as those of before did not.
     *
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private static function withPictures(array $data, PhotoStore $photos): array
    {
        if ($data['photos'] === []) {
            unset($data['photos']);

            return $data;
        }
        $data['pictures'] = [];
        foreach (array_column($data['photos'], 'content_hash') as $hash) {
            $bytes = $photos->bytes($hash);
            $data['pictures'] += $bytes === null ? [] : [$hash => base64_encode($bytes)];
        }

        return $data;
    }

    /**
     * That it was read in here is an entry of this house alone: a package is as it came as long as nothing was written after it.
     *
     * @param  list<object>  $rows  Of the ledger
     * @return array{list<object>, ?array<string, mixed>} Without it, numbered anew; and what it says, where nothing stands after it
     */
    private static function withoutImport(array $rows): array
    {
        $kept = [];
        $import = null;
        foreach ($rows as $row) {
            if ($row->kind === EntryKind::Imported->value) {
                $import = (array) json_decode($row->payload, true);
            } else {
                $kept[] = (object) array_replace((array) $row, ['number' => count($kept) + 1]);
            }
        }

        return [$kept, end($rows) !== false && end($rows)->kind === EntryKind::Imported->value ? $import : null];
    }

    /**
     * @param  ?array<string, mixed>  $import  What it says where the package is as it came
     * @return ?array{name: string, key: string} That answers for what stands in it; null where it came from one that does not say
     */
    private static function house(?array $import): ?array
    {
        return $import === null
            ? ['name' => (string) config('app.shop'), 'key' => ShopKey::ifReadable()?->publicKey() ?? '']
            : $import['house'];
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  ?array<string, mixed>  $import  What it says where the package is as it came
     * @return array<string, mixed> With the signature of its house; without one where that house had no key
     */
    private static function signed(array $data, ?array $import): array
    {
        if ($data['house'] === null) {
            unset($data['house']);

            return $data;
        }
        $signature = $import['signature'] ?? ShopKey::ifReadable()?->sign(PackageOrigin::signed($data)) ?? '';

        return $signature === '' ? $data : $data + ['signature' => $signature];
    }

    /** @throws PackageRefused If it is no such package */
    public static function fromJson(string $json): self
    {
        try {
            $data = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (\JsonException $exception) {
            throw PackageRefused::because(Line::of('history.package.no_json', ['why' => $exception->getMessage()]));
        }
        if (! is_array($data) || ($data['format'] ?? null) !== self::FORMAT) {
            throw PackageRefused::because(Line::of('history.package.no_format', ['format' => self::FORMAT]));
        }
        $tables = array_diff(array_keys(JobTables::REFERENCES), JobTables::SINCE_LATER);
        foreach (['received', 'sheet', 'policy', 'people', ...$tables] as $part) {
            is_array($data[$part] ?? null) || throw PackageRefused::because(Line::of('history.package.no_part', ['part' => $part]));
        }

        return new self($data);
    }

    public function toJson(): string
    {
        return json_encode($this->data, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /**
     * The job judged from nothing but what stands here.
     *
     * @throws PackageRefused If a part of it cannot be read
     */
    public function evaluate(): Evaluation
    {
        try {
            $policy = ShopPolicy::fromArray(OldPrices::brought($this->data['policy']));
            $observations = JobObservations::ofRows($this->data['observations']);
            $own = OwnValues::of($observations->all(EntryKind::OwnValues));
            $job = (new Job())->newFromBuilder(
                array_intersect_key($this->data['received'], array_flip(JobTables::OF_THE_JOB)) + [
                    'entries' => $this->data['entries'] ?? 0,
                ],
            );
            $sheet = SpecificationSheet::fromArray(JobSheet::document($this->data['sheet'], $own, $policy, $job->purpose));
            $readings = $this->bySheet('readings', KeyedReading::ofRow(...));
            $setups = $this->bySheet('setups', StatedSetup::ofRow(...));
            $checks = $this->bySheet('check_backs', StatedCheck::ofRow(...));
            $zeros = $this->bySheet('zero_sizes', StatedZero::ofRow(...));
            $entries = [];
            foreach (SheetName::all() as $name) {
                $gauges = SheetGauges::of($setups[$name->value] ?? [], $checks[$name->value] ?? [], $zeros[$name->value] ?? []);
                $entries[$name->value] = SheetEntries::of($readings[$name->value] ?? [], $gauges, $name, $observations);
            }

            return new Evaluation((string) ($this->data['job'] ?? ''), JobFile::assembled($job, $sheet, $policy, $observations, $entries));
        } catch (\ErrorException|\TypeError|\ValueError) {
            throw PackageRefused::malformed();
        } catch (CoreException $refused) {
            throw PackageRefused::because(Messages::refusal($refused));
        } catch (\Exception $exception) {
            throw PackageRefused::because($exception->getMessage());
        }
    }

    /**
     * @template T of object
     *
     * @param  callable(object): T  $made
     * @return array<string, list<T>> Oldest first
     */
    private function bySheet(string $table, callable $made): array
    {
        return JobReader::bySheet(array_map(static fn (array $row): object => (object) $row, $this->data[$table]), $made);
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        return $this->data;
    }

    /**
     * Rows name each other by their number in the package, people by their number in its list.
     *
     * @param  array<string, mixed>  $row
     * @param  array<string, string>  $references
     * @param  array<string, array<int, int>>  $numbers
     * @return array<string, mixed>
     */
    private static function renumbered(array $row, array $references, array $numbers, int $person): array
    {
        foreach ($references as $column => $table) {
            $row[$column] = ($row[$column] ?? 0) === 0 ? $row[$column] : $numbers[$table][$row[$column]] + 1;
        }

        return ['user_id' => $person] + array_diff_key($row, array_flip(['id', 'user_id', ...JobTables::OF_THE_HOUSE]));
    }

    /**
     * @param  array<int, int>  $people  Their number by id
     * @param  array{name?: string, key?: string}  $house  The package's
     * @return list<array{login: string, name: string, role: string, house?: array{name: string, key: string}}>
     */
    private static function people(array $people, array $house): array
    {
        $marks = implode(', ', array_fill(0, max(1, count($people)), '?'));
        $rows = array_column(
            $people === []
                ? []
                : DB::select("SELECT id, login, name, role, foreign_identity FROM users WHERE id IN ({$marks})", array_keys($people)),
            null,
            'id',
        );

        return array_map(static fn (int $id): array => self::person($rows[$id], $house), array_keys($people));
    }

    /**
     * As the house calls them that they are of, which is told where it is another one than the package's.
     *
     * @param  array{name?: string, key?: string}  $house  The package's
     * @return array{login: string, name: string, role: string, house?: array{name: string, key: string}}
     */
    private static function person(object $row, array $house): array
    {
        if ($row->foreign_identity === null) {
            return ['login' => $row->login, 'name' => $row->name, 'role' => $row->role];
        }
        /** @var array{login: string, name: string, house: string, key: string} $there */
        $there = json_decode($row->foreign_identity, true);
        $own = ['name' => $there['house'], 'key' => $there['key']];
        $isOfThePackage = $own === ['name' => $house['name'] ?? '', 'key' => $house['key'] ?? ''];

        return ['login' => $there['login'], 'name' => $there['name'], 'role' => $row->role] + ($isOfThePackage ? [] : ['house' => $own]);
    }
}
