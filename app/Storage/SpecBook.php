<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/**
 * The specification sheets by family and revision: those that ship with the application, and the shop's own. A job
 * stays on the revision it was received under.
 */
final class SpecBook
{
    private const FAMILY = '/^[a-z0-9-]{2,40}$/D';

    /** @var array<string, SpecificationSheet> By family and revision */
    private array $read = [];

    /** @var array<string, string> By family and revision */
    private array $names = [];

    /** @var ?array<string, int> The newest revision by family */
    private ?array $newest = null;

    public function __construct(private readonly string $folder, private readonly CompiledSheets $compiled)
    {
    }

    /** @return array<string, string> What tells the newest sheet of a family from the one before it, by family */
    public function states(): array
    {
        $states = [];
        foreach ($this->newestRevisions() as $family => $revision) {
            $shipped = $this->shipped($family);
            $isShipped = $shipped !== null && self::revisionOf($shipped) === $revision;
            $states[$family] = $isShipped ? hash('xxh128', (string) $shipped) : "revision {$revision}";
        }

        return $states;
    }

    /** What tells the book as it stands from the one before; asks for no family. */
    public function mark(): string
    {
        $own = DB::selectOne('SELECT COUNT(*) AS revisions, COALESCE(MAX(id), 0) AS newest FROM specification_revisions');
        $shipped = array_map(
            static fn (string $path): string => basename($path).filemtime($path).filesize($path),
            glob($this->folder.'/*.json') ?: [],
        );

        return hash('xxh128', implode('|', [...$shipped, $own->revisions, $own->newest]));
    }

    public function has(string $family): bool
    {
        return isset($this->newestRevisions()[$family]);
    }

    public function newestRevision(string $family): int
    {
        return $this->newestRevisions()[$family];
    }

    /** @param  ?int  $revision  Null: the newest */
    public function sheet(string $family, ?int $revision = null): SpecificationSheet
    {
        $revision ??= $this->newestRevision($family);

        return $this->read["{$family} {$revision}"] ??= $this->compiled->of($this->document($family, $revision), $family);
    }

    /**
     * A sheet that stands in no book: a family's with something of its own.
     *
     * @param  array<mixed>  $document
     *
     * @throws InvalidDocument If anything in it is missing, wrong or at odds with the rest
     */
    public function sheetOf(array $document): SpecificationSheet
    {
        $json = json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return $this->read[hash('xxh128', $json)] ??= $this->compiled->of($json, (string) ($document['family'] ?? ''));
    }

    /** The sheet's JSON as it was shipped or read in. */
    public function document(string $family, int $revision): string
    {
        $shipped = $this->shipped($family);

        return $shipped !== null && self::revisionOf($shipped) === $revision
            ? $shipped
            : DB::scalar('SELECT document FROM specification_revisions WHERE family = ? AND revision = ?', [$family, $revision]) ??
                    throw (new ModelNotFoundException())->setModel(SpecificationRevision::class, [$family, $revision]);
    }

    /** What a family is called; reads no more of its sheet than that. */
    public function name(string $family, int $revision): string
    {
        return $this->names["{$family} {$revision}"] ??=
            (string) (json_decode($this->document($family, $revision), true, 32, JSON_THROW_ON_ERROR)['name'] ?? $family);
    }

    /** @return list<int> Ascending */
    public function revisions(string $family): array
    {
        $own = SpecificationRevision::query()->where('family', $family)->orderBy('revision')->pluck('revision')->all();
        $shipped = $this->shipped($family);
        $all = array_map(intval(...), [...$shipped === null ? [] : [self::revisionOf($shipped)], ...$own]);
        sort($all);

        return $all;
    }

    /**
     * Adds a sheet as the next revision of its family, whatever number it came with.
     *
     * @param  array<mixed>  $document
     *
     * @throws InvalidDocument If anything in it is missing, wrong or at odds with the rest; nothing is stored then
     */
    public function add(array $document, string $reason, User $by): SpecificationSheet
    {
        return DB::transaction(function () use ($document, $reason, $by): SpecificationSheet {
            $family = is_string($document['family'] ?? null) ? $document['family'] : '';
            SpecificationRevision::query()->where('family', $family)->lockForUpdate()->get();
            $this->newest = null;
            $next = $this->has($family) ? $this->newestRevision($family) + 1 : 1;
            $sheet = SpecificationSheet::fromArray(['revision' => $next] + $document);
            SpecificationRevision::query()->create([
                'family' => $sheet->family,
                'revision' => $next,
                'reason' => $reason,
                'user_id' => $by->id,
                'created_at' => now(),
                'document' => json_encode(
                    ['revision' => $next] + $document,
                    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
                ),
            ]);
            $this->newest = null;

            return $sheet;
        });
    }

    /** @return array<string, int> */
    private function newestRevisions(): array
    {
        if ($this->newest === null) {
            $this->newest = [];
            foreach (glob($this->folder.'/*.json') ?: [] as $path) {
                $family = basename($path, '.json');
                if ($this->shipped($family) !== null) {
                    $this->newest[$family] = self::revisionOf((string) $this->shipped($family));
                }
            }
            foreach (
                SpecificationRevision::query()
                    ->groupBy('family')
                    ->selectRaw('family, max(revision) as revision')
                    ->pluck('revision', 'family') as $family => $revision
            ) {
                $this->newest[$family] = max((int) $revision, $this->newest[$family] ?? 0);
            }
        }

        return $this->newest;
    }

    /** The file that ships with the application; null where the family is the shop's own. */
    private function shipped(string $family): ?string
    {
        $path = "{$this->folder}/{$family}.json";

        return preg_match(self::FAMILY, $family) === 1 && is_file($path) ? (string) file_get_contents($path) : null;
    }

    private static function revisionOf(string $document): int
    {
        return preg_match('/"revision":\s*(\d+)/', $document, $match) === 1 ? (int) $match[1] : 1;
    }
}
