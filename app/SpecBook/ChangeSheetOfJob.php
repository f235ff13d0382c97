<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Record\OwnValues;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\SpecBook;
use App\Storage\User;
use App\Words\Line;
use Illuminate\Validation\ValidationException;
use NorthLedger\Core\Document\Fault;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Engine\Specification\SourceKind;

/**
 * What an engine is judged by changes only by an act that stands in its ledger: a limit put into the book of its family where it was
 * missed, a newer revision taken over, or values of its own.
 */
final readonly class ChangeSheetOfJob
{
    public function __construct(private Observe $observe, private SpecBook $specs)
    {
    }

    /**
     * Puts values into the book of the family, as its next revision, by which this engine is judged from now on.
     *
     * @param  array<string, string>  $values  As typed, by place in the sheet
     */
    public function forTheFamily(Job $job, User $by, string $ulid, array $values, SourceKind $source, string $words): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::SheetTakenOver, function (JobFile $file) use (
            $by,
            $values,
            $source,
            $words,
        ): array {
            $newest = $this->specs->decoded($file->job->family, $this->specs->newestRevision($file->job->family));
            [$document] = self::written($newest, $values);
            try {
                $sheet = $this->specs->add(Sources::put($document, array_keys($values), $source, $words), $words, $by);
            } catch (InvalidDocument $exception) {
                throw self::unfit($newest, $exception->faults);
            }

            return $this->taken($file->job, $sheet->revision, self::told($document, array_keys($values)), $words);
        });
    }

    /** From now on by the newest revision of the family. */
    public function takeOver(Job $job, User $by, string $ulid, int $revision): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::SheetTakenOver, function (JobFile $file) use ($revision): array {
            if ($revision <= $file->job->family_revision || $revision !== $this->specs->newestRevision($file->job->family)) {
                throw Refused::because('revision', Line::of('spec.told.not_newest_revision_sheet'));
            }

            return $this->taken($file->job, $revision, '', '');
        });
    }

    /**
     * Values in which this engine differs from the book; an empty one is the book's again.
     *
     * @param  array<string, string>  $values  As typed, by place in the sheet
     */
    public function forThisEngine(Job $job, User $by, string $ulid, array $values, string $words): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::OwnValues, function (JobFile $file) use ($values, $words): array {
            $book = $this->specs->decoded($file->job->family, $file->job->family_revision);
            $now = $file->job->has_own_values ? OwnValues::ofJob($file->job->id)->applied($book) : $book;
            [$document, $pointers] = self::written($now, $values);
            try {
                $this->specs->sheetOf($document);
            } catch (InvalidDocument $exception) {
                throw self::unfit($now, $exception->faults);
            }
            $file->job->has_own_values = true;
            $own = [];
            foreach ($pointers as $pointer) {
                $value = data_get($document, str_replace('/', '.', substr($pointer, 1)));
                $own[$pointer] = $value === data_get($book, str_replace('/', '.', substr($pointer, 1))) ? null : $value;
            }

            return ['sheet of this engine', ['values' => $own, 'words' => self::told($document, $pointers), 'reason' => $words]];
        });
    }

    /** @return array{string, array<string, mixed>} */
    private function taken(Job $job, int $revision, string $told, string $words): array
    {
        $from = $job->family_revision;
        $job->family_revision = $revision;

        return [
            'specification sheet',
            [
                'from' => $from,
                'to' => $revision,
                'words' => $told,
                'answer' => Line::of('spec.revision', ['number' => $revision]),
                'reason' => $words,
            ],
        ];
    }

    /**
     * “service, taper .0050”: what was put in, as the ledger tells it.
     *
     * @param  array<mixed>  $document
     * @param  list<string>  $pointers
     */
    private static function told(array $document, array $pointers): string
    {
        $fields = array_column((new SheetFields($document))->all(), null, 'path');

        return implode('; ', array_map(static fn (string $one): string => "{$fields[$one]->label} {$fields[$one]->text}", $pointers));
    }

    /**
     * @param  array<mixed>  $document
     * @param  array<string, string>  $values
     * @return array{array<mixed>, list<string>} The document with them, and the places that they changed
     *
     * @throws ValidationException If one of them cannot be read, or stands nowhere on the sheet
     */
    private static function written(array $document, array $values): array
    {
        $fields = new SheetFields($document);
        $texts = array_column($fields->all(), 'text', 'path');
        $values = array_filter(
            $values,
            static fn (string $text, string $path): bool => ($texts[$path] ?? '') !== $text,
            ARRAY_FILTER_USE_BOTH,
        );
        $unknown = array_diff(array_keys($values), array_keys($texts));
        if ($values === [] || $unknown !== []) {
            throw Refused::because('value', Line::of('spec.told.put_value_into_field'));
        }
        [$written, $faults] = $fields->written($values);

        return $faults === [] ? [$written, array_keys($values)] : throw self::unfit($document, $faults);
    }

    /**
     * @param  array<mixed>  $document
     * @param  list<Fault>  $faults
     */
    private static function unfit(array $document, array $faults): ValidationException
    {
        return Refused::because('value', implode(' ', array_map((new SheetFields($document))->sentence(...), $faults)));
    }
}
