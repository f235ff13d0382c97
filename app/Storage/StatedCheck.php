<?php

declare(strict_types=1);

namespace App\Storage;

use DateTimeImmutable;
use DateTimeZone;
use NorthLedger\Core\Gauging\CheckBack;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Quantity\Length;

/** A gauge put back on its master during or after a sheet (GAUGE-3). */
final readonly class StatedCheck
{
    public const COLUMNS = 'id, setup_id, sheet, master_nm, shows_nm, last_reading_id, created_at';

    private function __construct(
        public int $id,
        public int $setupId,
        private Length $master,
        private Length $shows,
        public int $lastReadingId,
        public DateTimeImmutable $doneAt,
    ) {
    }

    /** From a row of the table, or of an exported job. */
    public static function ofRow(\stdClass $row): self
    {
        return new self(
            $row->id,
            $row->setup_id,
            Length::ofNanometres($row->master_nm),
            Length::ofNanometres($row->shows_nm),
            $row->last_reading_id,
            new DateTimeImmutable($row->created_at, new DateTimeZone('UTC')),
        );
    }

    public function result(Instrument $gauge): CheckBack
    {
        return CheckBack::of($this->master, $this->shows, $gauge->resolution);
    }
}
