<?php

declare(strict_types=1);

namespace App\Actions;

use App\Ledger\EntryKind;
use App\Ledger\Written;
use App\Models\Job;
use App\Models\User;
use App\Observations\Received;
use App\Sheets\JobFile;
use NorthLedger\Core\Cracks\CustomerAnswer;
use NorthLedger\Core\Receiving\ClaimKind;
use NorthLedger\Core\Receiving\SleeveFinding;
use NorthLedger\Core\Receiving\SleeveKind;
use NorthLedger\Core\Receiving\SleeveSurvey;

/** Records what sleeve sits in a bore, and how many other repairs of earlier work were found (SLV-3, WORK-5). */
final readonly class SurveySleeve
{
    public function __construct(private Observe $observe)
    {
    }

    public function handle(Job $job, User $by, string $ulid, int $cylinder, SleeveKind $kind, string $length, bool $jointFelt, bool $flangeNotSeated, bool $edgeCatchesNail): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::SleeveSurvey, function (JobFile $file) use ($cylinder, $kind, $length, $jointFelt, $flangeNotSeated, $edgeCatchesNail): array {
            if (! in_array($cylinder, $file->sheet->layout->cylinders(), true)) {
                throw Refused::because('cylinder', "This engine has no cylinder {$cylinder}.");
            }
            $survey = new SleeveSurvey($cylinder, $kind, null, $jointFelt, $flangeNotSeated, $edgeCatchesNail);

            return ["bore.{$cylinder}", [
                'kind' => $kind->value, 'length_nm' => TypedLength::above($file, 'length', $length, 'A sleeve is longer than nothing. Measure it from the deck down.')?->nanometres, 'typed' => $length, 'joint_felt' => $jointFelt,
                'flange_not_seated' => $flangeNotSeated, 'edge_catches_nail' => $edgeCatchesNail, 'customer_decides' => $survey->findings() !== [],
            ]];
        });
    }

    /** What the customer says to a sleeve that is not whole: it stays by their concession, or it comes out (SLV-3, VER-5). */
    public function customer(Job $job, User $by, string $ulid, int $cylinder, CustomerAnswer $answer, string $how): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::CustomerAnswer, static function (JobFile $file) use ($cylinder, $answer, $how): array {
            $findings = (Received::surveys($file->observations())[$cylinder] ?? null)?->findings() ?? [];
            if ($findings === []) {
                throw Refused::because('cylinder', "Nothing about a sleeve in cylinder {$cylinder} is the customer’s to decide.");
            }
            if (trim($how) === '') {
                throw Refused::because('how', 'Who said it, and how? Like “the works manager, by telephone”.');
            }

            return ["bore.{$cylinder}", [
                'answer' => $answer->value, 'how' => $how,
                'defect' => implode(', ', array_map(static fn (SleeveFinding $finding): string => $finding->words(), $findings)),
                'worst_outcome' => implode('; ', array_unique(array_map(static fn (SleeveFinding $finding): string => $finding->worstOutcome(), $findings))),
            ]];
        });
    }

    /** How many thread inserts, repaired cracks or welds were found in all. */
    public function found(Job $job, User $by, string $ulid, ClaimKind $kind, int $count): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::FoundWork, static fn (JobFile $file): array => $kind->isCounted() && $kind !== ClaimKind::Sleeved
            ? [$kind->value, ['count' => $count]]
            : throw Refused::because('kind', 'Sleeves are counted bore by bore; of other work only inserts, crack repairs and welds are counted.'));
    }
}
