<?php

declare(strict_types=1);

namespace App\SpecBook;

use NorthLedger\Core\Document\Fault;

/** What somebody made of a sheet in the form: rows added and taken away first, then every value as it was typed. */
final readonly class EditedSheet
{
    /**
     * @param  array<mixed>  $document  With everything that could be read
     * @param  list<Fault>  $faults  What could not
     * @param  array<string, string>  $typed  By path, as far as it differs from what stands in the document
     * @param  list<string>  $changes  Of rows, in their order
     */
    private function __construct(public array $document, public array $faults, public array $typed, public array $changes)
    {
    }

    /**
     * @param  array<mixed>  $base  The document that the form was made of
     * @param  array<mixed>  $newest  The one that stands now: where somebody else was quicker, theirs stays wherever nothing was typed
     * @param  array<mixed>  $values  By path
     * @param  list<string>  $changes
     */
    public static function of(array $base, array $newest, array $values, array $changes): self
    {
        foreach ($changes as $change) {
            [$base, $newest] = [SheetPage::withRows($base, $change), SheetPage::withRows($newest, $change)];
        }
        $stood = array_column((new SheetFields($base))->all(), 'text', 'path');
        $typed = array_filter(
            array_map(static fn (mixed $text): string => is_string($text) ? trim($text) : '', $values),
            static fn (string $text, int|string $path): bool => isset($stood[$path]) && $stood[$path] !== $text,
            ARRAY_FILTER_USE_BOTH,
        );
        [$document, $faults] = (new SheetFields($newest))->written($typed);

        return new self($document, $faults, $typed, $changes);
    }

    /**
     * With values that were pasted, each as if it had been typed.
     *
     * @param  array<string, string>  $values  By path
     */
    public function pasted(array $values): self
    {
        [$document, $faults] = (new SheetFields($this->document))->written($values);

        return new self($document, [...$this->faults, ...$faults], [...$this->typed, ...$values], $this->changes);
    }

    /** With one row more or less; what was typed into the rows of that list has its place in the document by now. */
    public function changed(string $change): self
    {
        $list = explode(' ', $change)[1] ?? '';

        return new self(
            SheetPage::withRows($this->document, $change),
            [],
            array_filter($this->typed, static fn (string $path): bool => ! str_starts_with($path, "/{$list}/"), ARRAY_FILTER_USE_KEY),
            [...$this->changes, $change],
        );
    }
}
