<?php

declare(strict_types=1);

namespace App\Sheet\Import;

use App\Http\NextPage;
use App\Ledger\Refused;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** A bore sheet read in from comma-separated text, with a preview that names each row's problem. */
final readonly class ImportController
{
    public function __construct(private ImportReadings $import, private JobFiles $files)
    {
    }

    public function show(Job $job, SheetName $sheet): View
    {
        return $this->page($job, $sheet, null);
    }

    public function preview(ImportTextRequest $request, Job $job, SheetName $sheet): View
    {
        $text = $request->file('file')?->getContent() ?: (string) $request->input('text');
        try {
            $csv = BoreCsv::parse($text);
        } catch (CsvRefused $refused) {
            throw Refused::because('text', $refused->getMessage());
        }

        return $this->page($job, $sheet, $this->import->preview($job, $request->user(), $sheet, $csv));
    }

    public function store(ImportRowsRequest $request, Job $job, SheetName $sheet): JsonResponse|RedirectResponse
    {
        /** @var array{rows: list<array{ulid: string, place: string, text: string, take?: string, confirmed?: string}>} $data */
        $data = $request->validated();
        $taken = array_values(array_filter($data['rows'], static fn (array $row): bool => ($row['take'] ?? '') === '1'));
        $refused = $this->import->write(
            $job,
            $request->user(),
            $sheet,
            array_map(
                static fn (array $row): array => [
                    'ulid' => strtoupper($row['ulid']),
                    'place' => $row['place'],
                    'text' => $row['text'],
                    'confirmed' => ($row['confirmed'] ?? '') === '1',
                ],
                $taken,
            ),
        );
        $count = count($taken) - count($refused);

        return NextPage::of(
            $request,
            url("/jobs/{$job->tag()}/{$sheet->path()}"),
            implode(' ', [Line::counted('sheet.csv.read_in', $count), ...$refused]),
        );
    }

    /** @param  ?list<\App\Sheet\Import\PreviewRow>  $rows */
    private function page(Job $job, SheetName $sheet, ?array $rows): View
    {
        return view('sheets.import', ['file' => $this->files->open($job), 'sheet' => $sheet, 'stage' => $sheet->stage(), 'rows' => $rows]);
    }
}
