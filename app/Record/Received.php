<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\Said;
use NorthLedger\Core\Features\Receiving\Claim;
use NorthLedger\Core\Features\Receiving\ClaimCheck;
use NorthLedger\Core\Features\Receiving\ClaimKind;
use NorthLedger\Core\Features\Receiving\ClaimMatch;
use NorthLedger\Core\Features\Receiving\FoundWork;
use NorthLedger\Core\Features\Receiving\SleeveSurvey;
use NorthLedger\Core\Quantity\Length;

/** What came in with an engine: parts counted, claims of the paperwork, sleeves found; folded from a job's observations. */
final readonly class Received
{
    /**
     * @param  list<ClaimCheck>  $claims
     * @param  array<int, SleeveSurvey>  $surveys  By cylinder
     * @param  array<string, int>  $found  Counts of earlier work found, by kind
     */
    private function __construct(public CountedParts $parts, public array $claims, public array $surveys, public array $found)
    {
    }

    public static function of(JobFile $file): self
    {
        [$sheet, $parts, $observations, $surveys, $precheck] = [
            $file->sheet,
            $file->record->parts(),
            $file->record->observations(),
            $file->record->sleeves(),
            $file->record->precheck(),
        ];
        $found = array_map(static fn (Said $row): int => (int) $row->whole('count'), $observations->newest(EntryKind::FoundWork));
        $work = new FoundWork(
            $surveys === [] ? null : count(array_filter($surveys, static fn (SleeveSurvey $survey): bool => $survey->hasSleeve())),
            count($surveys) === count($sheet->layout->cylinders()),
            $found[ClaimKind::ThreadInserts->value] ?? $precheck->insertsFound(),
            $found[ClaimKind::CracksRepaired->value] ?? null,
            $found[ClaimKind::Welded->value] ?? null,
            $file->assessment()->step->value,
            ReadWork::steps($file, $observations->newest(EntryKind::Claim)),
            ReadWork::findings($file, $observations->newest(EntryKind::Claim)),
        );
        $judged = $observations->newest(EntryKind::ClaimJudged);
        $claims = [];
        foreach ($observations->newest(EntryKind::Claim) as $id => $row) {
            if (! $row->flag('withdrawn')) {
                $claims[] = ClaimCheck::of(
                    new Claim(
                        $id,
                        ClaimKind::from($row->text('kind')),
                        $row->text('where'),
                        $row->whole('count'),
                        $row->whole('step_nm') === null ? null : Length::ofNanometres($row->whole('step_nm')),
                        isset($judged[$id]) ? ClaimMatch::from($judged[$id]->text('match')) : null,
                    ),
                    $work,
                );
            }
        }

        return new self($parts, $claims, $surveys, $found);
    }

    /** @return list<ClaimCheck> */
    public function differing(): array
    {
        return array_values(array_filter($this->claims, static fn (ClaimCheck $check): bool => $check->match === ClaimMatch::Differs));
    }
}
