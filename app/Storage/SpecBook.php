<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Document\Fault;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Message;

/**
 * The specification sheets by family and revision: those that ship with the application, and the shop's own. A job
 * stays on the revision it was received under.
 */
final class SpecBook
{
    /** What the pages of the book are called: no family is. */
    public const PAGES = ['lookup', 'schema', 'new'];

    /** @var array<string, SpecificationSheet> By family and revision */
    private array $read = [];

    /** @var array<string, string> By family and revision */
    private array $names = [];

    /** @var ?array<string, int> The newest revision by family */
    private ?array $newest = null;

    public function __construct(private readonly ShippedSheets $shipped, private readonly CompiledDocuments $compiled)
    {
    }

    /** @return array<string, string> What tells the newest sheet of a family from the one before it, by family */
    public function states(): array
    {
        $states = [];
        foreach ($this->newestRevisions() as $family => $revision) {
            $isShipped = $this->shipped->revision($family) === $revision;
            $states[$family] = $isShipped ? hash('xxh128', (string) $this->shipped->document($family)) : "revision {$revision}";
        }

        return $states;
    }

    /** What tells the book as it stands from the one before; asks for no family. */
    public function mark(): string
    {
        $own = DB::selectOne('SELECT COUNT(*) AS revisions, COALESCE(MAX(id), 0) AS newest FROM specification_revisions');

        return hash('xxh128', implode('|', [...$this->shipped->marks(), $own->revisions, $own->newest]));
    }

    /** @return list<string> That come with the program, as far as nobody has taken them out */
    public function shippedFamilies(): array
    {
        return array_values(array_filter($this->shipped->families(), $this->has(...)));
    }

    public function has(string $family): bool
    {
        return isset($this->newestRevisions()[$family]);
    }

    public function newestRevision(string $family): int
    {
        if ($this->newest !== null) {
            return $this->newest[$family];
        }
        $own = (int) DB::scalar('SELECT MAX(revision) FROM specification_revisions WHERE family = ?', [$family]);

        return max($this->shipped->revision($family) ?? 0, $own);
    }

    /** @param  ?int  $revision  Null: the newest */
    public function sheet(string $family, ?int $revision = null): SpecificationSheet
    {
        $revision ??= $this->newestRevision($family);

        return $this->read["{$family} {$revision}"] ??= $this->compiled($this->document($family, $revision), $family);
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
        $json = self::json($document);

        return $this->read[hash('xxh128', $json)] ??= $this->compiled($json, (string) ($document['family'] ?? ''));
    }

    /**
     * The sheet's JSON as it was shipped or read in; a variant's whole, with what it takes from its base.
     *
     * @throws InvalidDocument If a variant is, over others, based on itself
     */
    public function document(string $family, int $revision): string
    {
        return $this->whole($this->kept($family, $revision), []);
    }

    /**
     * The same, decoded.
     *
     * @return array<mixed>
     *
     * @throws InvalidDocument If a variant is, over others, based on itself
     */
    public function decoded(string $family, int $revision): array
    {
        return json_decode($this->document($family, $revision), true, 32, JSON_THROW_ON_ERROR);
    }

    /** @param  list<string>  $variants  Families that rest on this one */
    private function whole(string $json, array $variants): string
    {
        $kept = str_contains($json, '"variant_of"') ? json_decode($json, true, 32, JSON_THROW_ON_ERROR) : [];
        $base = $kept['variant_of'] ?? null;
        if (! is_array($base)) {
            return $json;
        }
        [$family, $revision] = [(string) ($base['family'] ?? ''), (int) ($base['revision'] ?? 0)];
        if (in_array($family, [...$variants, $kept['family'] ?? ''], true) || ! in_array($revision, $this->revisions($family), true)) {
            $name = $kept['name'] ?? null;
            throw InvalidDocument::withFaults(is_string($name) ? $name : new Message('refusal.document.the_sheet'), [
                new Fault('/variant_of', "{$family}, revision {$revision}", new Message('refusal.expected.unrelated_family')),
            ]);
        }
        $whole = $this->whole($this->kept($family, $revision), [...$variants, $kept['family']]);

        return self::json(VariantDocument::whole($kept, json_decode($whole, true, 32, JSON_THROW_ON_ERROR)));
    }

    private function kept(string $family, int $revision): string
    {
        $shipped = $this->shipped->document($family);

        return $shipped !== null && ShippedSheets::revisionOf($shipped) === $revision
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
        $all = array_map(intval(...), [...array_filter([$this->shipped->revision($family)]), ...$own]);
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
            if (in_array($family, self::PAGES, true)) {
                throw InvalidDocument::withFaults(new Message('refusal.document.the_sheet'), [
                    new Fault('/family', $family, new Message('refusal.expected.free_family')),
                ]);
            }
            SpecificationRevision::query()->where('family', $family)->lockForUpdate()->get();
            DB::table('removed_families')->where('family', $family)->delete();
            $this->newest = null;
            $next = $this->has($family) ? $this->newestRevision($family) + 1 : 1;
            $kept = $this->differencesOf($document);
            $whole = json_decode($this->whole(self::json(['revision' => $next] + $kept), []), true, 32, JSON_THROW_ON_ERROR);
            $sheet = SpecificationSheet::fromArray($whole);
            SpecificationRevision::query()->create([
                'family' => $sheet->family,
                'revision' => $next,
                'reason' => $reason,
                'user_id' => $by->id,
                'created_at' => now(),
                'document' => self::json(['revision' => $next] + $kept),
            ]);
            $this->newest = null;

            return $sheet;
        });
    }

    /**
     * A variant's next revision: the same differences, from another revision of its base.
     *
     * @throws InvalidDocument If they do not fit together
     */
    public function follow(string $family, int $revision, User $by): SpecificationSheet
    {
        $kept = json_decode($this->kept($family, $this->newestRevision($family)), true, 32, JSON_THROW_ON_ERROR);
        $kept['variant_of']['revision'] = $revision;
        $base = json_decode($this->document($kept['variant_of']['family'], $revision), true, 32, JSON_THROW_ON_ERROR);

        return $this->add(VariantDocument::whole($kept, $base), "follows its base, revision {$revision}", $by);
    }

    /** Takes a family of the shop's own out of the book, unless something holds it there. */
    public function remove(string $family): ?FamilyHold
    {
        return DB::transaction(function () use ($family): ?FamilyHold {
            $hold = match (true) {
                $this->shipped->revision($family) !== null => FamilyHold::Shipped,
                DB::table('jobs')->where('family', $family)->lockForUpdate()->exists() => FamilyHold::Job,
                $this->hasVariants($family) => FamilyHold::Variant,
                default => null,
            };
            if ($hold === null) {
                DB::table('specification_drafts')->where('family', $family)->delete();
                DB::table('families')->where('family', $family)->delete();
                DB::table('removed_families')->insert(['family' => $family]);
            }
            $this->newest = null;

            return $hold;
        });
    }

    private function hasVariants(string $family): bool
    {
        return DB::table('specification_revisions')
            ->whereRaw('JSON_VALUE(document, ?) = ?', ['$.variant_of.family', $family])
            ->whereNotIn('family', DB::table('removed_families')->select('family'))
            ->exists();
    }

    /**
     * As it is kept: of a variant only what differs from its base.
     *
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    private function differencesOf(array $document): array
    {
        $base = $document['variant_of'] ?? null;
        $family = is_array($base) ? (string) ($base['family'] ?? '') : '';
        $revision = is_array($base) ? (int) ($base['revision'] ?? 0) : 0;

        return is_array($base) && $this->has($family) && in_array($revision, $this->revisions($family), true)
            ? VariantDocument::differences($document, json_decode($this->document($family, $revision), true, 32, JSON_THROW_ON_ERROR))
            : $document;
    }

    /** @param  array<mixed>  $document */
    private static function json(array $document): string
    {
        return json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return array<string, int> */
    private function newestRevisions(): array
    {
        if ($this->newest === null) {
            $this->newest = [];
            foreach ($this->shipped->families() as $family) {
                $this->newest[$family] = $this->shipped->revision($family) ?? 0;
            }
            foreach (
                SpecificationRevision::query()
                    ->whereNotIn('family', DB::table('removed_families')->select('family'))
                    ->groupBy('family')
                    ->selectRaw('family, max(revision) as revision')
                    ->pluck('revision', 'family') as $family => $revision
            ) {
                $this->newest[$family] = max((int) $revision, $this->newest[$family] ?? 0);
            }
        }

        return $this->newest;
    }

    /** @throws InvalidDocument If anything in the document is missing, wrong or at odds with the rest */
    private function compiled(string $document, string $family): SpecificationSheet
    {
        return $this->compiled->of(
            SpecificationSheet::class,
            $document,
            static fn (): SpecificationSheet => SpecificationSheet::fromJson($document, $family),
        );
    }
}
