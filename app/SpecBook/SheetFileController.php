<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Http\Download;
use App\Storage\SpecBook;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Document\RepeatedKey;
use NorthLedger\Core\Message;

/** Sheets in and out, as JSON and as a table for a spreadsheet. */
final readonly class SheetFileController
{
    public function __construct(private SpecBook $specs, private FamilyList $families)
    {
    }

    public function import(ImportSheetRequest $request): View|RedirectResponse
    {
        try {
            $sheet = $this->specs->add(
                self::read((string) $request->file('sheet')?->getContent()),
                (string) $request->input('reason'),
                $request->user(),
            );
        } catch (InvalidDocument $exception) {
            return $this->families->view('', $exception);
        }

        return redirect()
            ->route('specs.show', $sheet->family)
            ->with('note', Line::of('spec.done.read_in', ['revision' => $sheet->revision, 'name' => $sheet->name]));
    }

    public function export(Request $request, string $family): Response
    {
        $revision = AskedRevision::of($this->specs, $family, $request->query('revision'));
        $document = $this->specs->decoded($family, $revision);
        $name = "{$family}-revision-{$revision}";

        return $request->query('as') === 'csv'
            ? Download::file("{$name}.csv", SheetCsv::of($document), 'text/csv; charset=utf-8')
            : Download::json("{$name}.json", $document);
    }

    public function schema(): Response
    {
        return Download::file(
            'sheet.schema.json',
            (string) file_get_contents(resource_path('specs/sheet.schema.json')),
            'application/schema+json',
        );
    }

    /**
     * @return array<mixed>
     *
     * @throws InvalidDocument If it is neither the JSON of a sheet nor its table
     */
    private static function read(string $file): array
    {
        if (! str_starts_with(ltrim($file), '{') && ! str_starts_with(ltrim($file), '[') && str_contains($file, 'place')) {
            return SheetCsv::document($file);
        }
        $name = new Message('refusal.document.the_file');
        try {
            $data = json_decode($file, true, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $exception) {
            throw InvalidDocument::notJson($name, $exception->getMessage());
        }

        $twice = RepeatedKey::in($file);
        if ($twice !== null) {
            throw InvalidDocument::keyTwice($name, $twice);
        }

        return is_array($data) ? $data : throw InvalidDocument::noObject($name);
    }
}
