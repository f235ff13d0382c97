<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Support\Facades\DB;

/** One row of a sheet as it was keyed; or, where it withdraws another, the taking back of that one. */
final readonly class KeyedReading
{
    public const COLUMNS = 'id, ulid, sheet, place, value_nm, look, setup_id, series, withdraws_id, user_id, mass_ug, volume_mm3';

    private function __construct(
        public int $id,
        public string $ulid,
        public string $place,
        public ?int $nanometres,
        public ?string $look,
        public ?int $setupId,
        public string $series,
        public ?int $withdrawsId,
        public int $userId,
        public ?int $micrograms,
        public ?float $cubicMillimetres,
    ) {
    }

    /** As it was keyed; read only where somebody is shown it. */
    public function typed(): string
    {
        return (string) DB::scalar('SELECT typed FROM readings WHERE id = ?', [$this->id]);
    }

    /** From a row of the table, or of an exported job. */
    public static function ofRow(\stdClass $row): self
    {
        return new self(
            $row->id,
            $row->ulid,
            $row->place,
            $row->value_nm,
            $row->look,
            $row->setup_id,
            $row->series,
            $row->withdraws_id,
            $row->user_id,
            $row->mass_ug,
            $row->volume_mm3 ?? null,
        );
    }
}
