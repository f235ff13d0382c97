<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Engine\Identification\CastingNumber;
use NorthLedger\Core\Engine\Identification\FamilySizes;
use NorthLedger\Core\Engine\Identification\KnownSize;
use NorthLedger\Core\Engine\Identification\MeasuredSize;
use NorthLedger\Core\Engine\Identification\OfferedSize;
use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Quantity\Length;

/** Families by name, by size and by casting number, without reading a sheet: a shop may keep a thousand. */
final readonly class FamilyIndex
{
    /** A part that fits more families than these is narrowed down by another size, not by reading on. */
    public const MOST_NEAR = 40;

    /** Goes up when what is written of a family changes: every sheet is then indexed anew. */
    private const KIND = '1 ';

    /** Under which it is kept up to where the index has come. */
    private const MARK = 'families.mark';

    public function __construct(private SpecBook $specs, private Repository $cache)
    {
    }

    /** @return Builder<Family> In the order of their names; those whose name, description or casting number holds every word */
    public function matching(string $text): Builder
    {
        $this->refresh();
        $query = Family::query()->orderBy('name')->orderBy('id');
        foreach (preg_split('/\s+/u', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $query->where(
                static fn (Builder $one): Builder => $one
                    ->where('name', 'like', $like)
                    ->orWhere('description', 'like', $like)
                    ->orWhere('castings', 'like', $like),
            );
        }

        return $query;
    }

    /**
     * Families of which a size or a casting number may be that of the part, those first of which most may.
     *
     * @param  list<MeasuredSize>  $measured
     * @param  Length  $wear  The most that a place which looks unworn has lost or grown
     * @return list<FamilySizes>
     */
    public function near(array $measured, string $casting, Length $wear): array
    {
        $this->refresh();
        $questions = $bindings = [];
        foreach ($measured as $one) {
            $reach = $wear->plus($one->doubt->expanded());
            $questions[] = 'SELECT DISTINCT family_id FROM family_sizes WHERE `of` = ? AND least_nm <= ? AND most_nm >= ?';
            array_push($bindings, $one->of->value, $one->size->plus($reach)->nanometres, $one->size->minus($reach)->nanometres);
        }
        if (CastingNumber::normalised($casting) !== '') {
            $questions[] = 'SELECT DISTINCT family_id FROM family_castings WHERE number = ?';
            $bindings[] = CastingNumber::normalised($casting);
        }
        if ($questions === []) {
            return [];
        }
        $near = DB::select(
            'SELECT family_id FROM ('.
                implode(' UNION ALL ', $questions).
                ') AS near GROUP BY family_id ORDER BY COUNT(*) DESC, family_id '.
                'LIMIT '.
                self::MOST_NEAR,
            $bindings,
        );

        return $this->sizes(array_map(static fn (object $row): int => $row->family_id, $near));
    }

    /**
     * @param  list<int>  $ids
     * @return list<FamilySizes>
     */
    private function sizes(array $ids): array
    {
        $offered = [];
        foreach (DB::table('family_sizes')->whereIn('family_id', $ids)->orderBy('id')->get() as $row) {
            $range = LengthRange::between(Length::ofNanometres($row->least_nm), Length::ofNanometres($row->most_nm));
            $offered[$row->family_id][] = new OfferedSize(KnownSize::from($row->of), Length::ofNanometres($row->step_nm), $range);
        }
        $families = Family::query()->whereIn('id', $ids)->orderBy('name')->get()->all();

        return array_values(
            array_map(
                static fn (Family $one): FamilySizes => new FamilySizes($one->family, $one->name, $offered[$one->id] ?? [], $one->castings),
                $families,
            ),
        );
    }

    /** Brings in what has changed since: sheets are only ever added, as files or as revisions. */
    private function refresh(): void
    {
        $mark = self::KIND.$this->specs->mark();
        if ($this->cache->get(self::MARK) === $mark) {
            return;
        }
        $states = array_map(static fn (string $state): string => self::KIND.$state, $this->specs->states());
        $known = Family::query()->pluck('state', 'family')->all();
        foreach (array_diff_assoc($states, $known) as $family => $state) {
            DB::transaction(fn () => $this->write($this->specs->sheet($family), $state));
        }
        Family::query()->whereIn('family', array_keys(array_diff_key($known, $states)))->delete();
        $this->cache->forever(self::MARK, $mark);
    }

    private function write(SpecificationSheet $sheet, string $state): void
    {
        $sizes = FamilySizes::of($sheet);
        $row = Family::query()->updateOrCreate(
            ['family' => $sheet->family],
            [
                'state' => $state,
                'revision' => $sheet->revision,
                'name' => mb_strimwidth($sheet->name, 0, 120),
                'description' => mb_strimwidth($sheet->description, 0, 300),
                'unit' => $sheet->unit,
                'layout' => $sheet->layout->kind,
                'valve_train' => $sheet->valveTrain,
                'block_material' => $sheet->blockMaterial,
                'bore_nm' => $sheet->bore->nominal->nanometres,
                'stroke_nm' => $sheet->stroke->nanometres,
                'oversizes_nm' => array_map(static fn (Length $step): int => $step->nanometres, $sheet->bore->oversizes),
                'castings' => $sheet->castings,
            ],
        );
        Family::query()->lockForUpdate()->find($row->id);
        DB::table('family_sizes')->where('family_id', $row->id)->delete();
        DB::table('family_castings')->where('family_id', $row->id)->delete();
        DB::table('family_sizes')->insert(
            array_map(
                static fn (OfferedSize $one): array => [
                    'family_id' => $row->id,
                    'of' => $one->of->value,
                    'step_nm' => $one->step->nanometres,
                    'least_nm' => $one->made->least->nanometres,
                    'most_nm' => $one->made->most->nanometres,
                ],
                $sizes->sizes,
            ),
        );
        DB::table('family_castings')->insert(
            array_map(
                static fn (string $number): array => [
                    'family_id' => $row->id,
                    'number' => mb_substr(CastingNumber::normalised($number), 0, 60),
                ],
                $sizes->castings,
            ),
        );
    }
}
