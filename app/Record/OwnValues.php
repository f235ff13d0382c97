<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\JobObservations;
use App\Storage\Said;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Engine\Specification\SourceKind;

/** In what one engine differs from the book: pistons with a clearance of their own, a longer stroke, a limit agreed with the customer. */
final readonly class OwnValues
{
    /** @param  array<string, OwnValue>  $values  By pointer */
    private function __construct(public array $values)
    {
    }

    /** @param  list<Said>  $said  Oldest first; what was said last of a value holds, and a value that was taken back is the book's again */
    public static function of(array $said): self
    {
        $values = [];
        foreach ($said as $one) {
            foreach ($one->map('values') as $pointer => $value) {
                unset($values[$pointer]);
                if ($value !== null) {
                    $values[$pointer] = new OwnValue($pointer, $value, $one->text('reason'), $one->userId, $one->at());
                }
            }
        }

        return new self($values);
    }

    /** Asks for nothing else of the job. */
    public static function ofJob(int $jobId): self
    {
        $rows = DB::select('SELECT '.JobObservations::COLUMNS.' FROM observations WHERE job_id = ? AND kind = ? ORDER BY id', [
            $jobId,
            EntryKind::OwnValues->value,
        ]);

        return self::of(array_values(array_map(Said::ofRow(...), $rows)));
    }

    /**
     * The book's sheet as it is for this engine.
     *
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    public function applied(array $document): array
    {
        if (isset($this->values['/stroke'])) {
            $document['crankshaft'] = ($document['crankshaft'] ?? []) + ['made_stroke' => $document['stroke'] ?? null];
        }
        foreach ($this->values as $pointer => $one) {
            Arr::set($document, str_replace('/', '.', substr($pointer, 1)), $one->value);
            $document['sources'][$pointer] = ['kind' => SourceKind::Agreed->value, 'words' => $one->reason];
        }

        return $document;
    }
}
