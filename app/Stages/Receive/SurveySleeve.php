<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Record\SleeveBook;
use App\Sheet\TypedLength;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use App\Words\Line;
use App\Words\SleeveWords;
use NorthLedger\Core\Features\Receiving\ClaimKind;
use NorthLedger\Core\Features\Receiving\SleevePiece;
use NorthLedger\Core\Features\Receiving\SleevePieceKind;
use NorthLedger\Core\Features\Receiving\SleeveSurvey;
use NorthLedger\Core\Finding\CustomerAnswer;

/** Records what sleeve sits in a bore, and how many other repairs of earlier work were found (SLV-3, WORK-5). */
final readonly class SurveySleeve
{
    public function __construct(private Observe $observe)
    {
    }

    /**
     * @param  list<array{SleevePieceKind, string}>  $pieces  From the deck down: kind, and length as typed; none where there is no sleeve
     */
    public function handle(
        Job $job,
        User $by,
        string $ulid,
        int $cylinder,
        array $pieces,
        bool $jointFelt,
        bool $flangeNotSeated,
        bool $edgeCatchesNail,
    ): Written {
        return $this->observe->handle($job, $by, $ulid, EntryKind::SleeveSurvey, function (JobFile $file) use (
            $cylinder,
            $pieces,
            $jointFelt,
            $flangeNotSeated,
            $edgeCatchesNail,
        ): array {
            if (! in_array($cylinder, $file->sheet->layout->cylinders(), true)) {
                throw Refused::because('cylinder', Line::of('receive.ask.no_such_cylinder', ['cylinder' => $cylinder]));
            }
            $found = array_map(
                static fn (array $piece): SleevePiece => new SleevePiece(
                    $piece[0],
                    TypedLength::above($file, 'length', $piece[1], Line::of('receive.ask.length')),
                ),
                $pieces,
            );
            $survey = new SleeveSurvey(
                $cylinder,
                $found,
                SleeveBook::depthOfCut($file->sheet, $file->policy),
                $jointFelt,
                $flangeNotSeated,
                $edgeCatchesNail,
            );

            return [
                "bore.{$cylinder}",
                [
                    'by_pieces' => true,
                    'pieces' => array_map(
                        static fn (SleevePiece $piece, array $typed): array => [
                            'kind' => $piece->kind->value,
                            'length_nm' => $piece->length?->nanometres,
                            'typed' => $typed[1],
                        ],
                        $found,
                        $pieces,
                    ),
                    'joint_felt' => $jointFelt,
                    'flange_not_seated' => $flangeNotSeated,
                    'edge_catches_nail' => $edgeCatchesNail,
                    'customer_decides' => $survey->findings() !== [],
                ],
            ];
        });
    }

    /** What the customer says to a sleeve that is not whole: it stays by their concession, or it comes out (SLV-3, VER-5). */
    public function customer(Job $job, User $by, string $ulid, int $cylinder, CustomerAnswer $answer, string $how): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::CustomerAnswer, static function (JobFile $file) use (
            $cylinder,
            $answer,
            $how,
        ): array {
            $findings = ($file->record->sleeves()[$cylinder] ?? null)?->findings() ?? [];
            if ($findings === []) {
                throw Refused::because('cylinder', Line::of('receive.ask.not_the_customers', ['cylinder' => $cylinder]));
            }
            if (trim($how) === '') {
                throw Refused::because('how', Line::of('receive.ask.who_said_it'));
            }

            return [
                "bore.{$cylinder}",
                [
                    'answer' => $answer->value,
                    'how' => $how,
                    'defect' => SleeveWords::found($findings),
                    'worst_outcome' => SleeveWords::worst($findings),
                ],
            ];
        });
    }

    /** How many thread inserts, repaired cracks or welds were found in all. */
    public function found(Job $job, User $by, string $ulid, ClaimKind $kind, int $count): Written
    {
        return $this->observe->handle(
            $job,
            $by,
            $ulid,
            EntryKind::FoundWork,
            static fn (JobFile $file): array => $kind->isCounted() && $kind !== ClaimKind::Sleeved
                ? [$kind->value, ['count' => $count]]
                : throw Refused::because(
                    'kind',
                    Line::of('receive.ask.not_counted'),
                ),
        );
    }
}
