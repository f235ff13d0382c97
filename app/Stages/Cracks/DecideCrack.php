<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Finding\CustomerAnswer;

/** Decides what is done about a crack; another way than the table's asks for a reason (CRACK-5). */
final readonly class DecideCrack
{
    public function __construct(private Observe $observe)
    {
    }

    public function handle(
        Job $job,
        User $by,
        string $ulid,
        string $indication,
        Disposition $disposition,
        bool $grindsOut,
        string $reason,
    ): Written {
        return $this->observe->handle($job, $by, $ulid, EntryKind::CrackDecision, static function (JobFile $file) use (
            $indication,
            $disposition,
            $grindsOut,
            $reason,
        ): array {
            $one = CrackEntries::indication($file, $indication);
            if (! $one->isCrack()) {
                throw Refused::because(
                    'indication',
                    "Indication {$one->number} is no crack: {$one->classification()->value}. Only a line that came back sharp is ".
                        'decided about.',
                );
            }
            if ($disposition === Disposition::GrindAndCheckAgain && (! $one->location->zone->isOfCrankshaft() || ! $grindsOut)) {
                throw Refused::because(
                    'disposition',
                    'Only a crack in a crankshaft that is shallow enough grinds out. Tick that it does, or choose another way.',
                );
            }
            if ($disposition === Disposition::Sleeve && $one->location->cylinder === null) {
                throw Refused::because('disposition', 'A sleeve goes into one cylinder, and this crack is at none.');
            }
            if (! $disposition->isDecision()) {
                throw Refused::because('disposition', 'That is a question, not a decision. Choose what is done.');
            }
            if ($disposition === Disposition::Scrap && $one->disposition() === Disposition::ConfirmFirst && trim($reason) === '') {
                throw Refused::because(
                    'reason',
                    'One method alone does not scrap this part. Confirm it by another method, or name the specialist who settles it.',
                );
            }
            $isProposed =
                ($disposition === Disposition::Scrap && $one->proposed() === Disposition::ScrapUnlessGroundOut) ||
                $disposition === $one->proposed() ||
                $disposition === Disposition::GrindAndCheckAgain;
            if (! $isProposed && trim($reason) === '') {
                throw Refused::because('reason', 'That is not what the table proposes. Say why.');
            }

            return [
                $indication,
                [
                    'disposition' => $disposition->value,
                    'proposed' => $one->proposed()?->value,
                    'grinds_out' => $grindsOut,
                    'reason' => $reason,
                ],
            ];
        });
    }

    /** @param  string  $how  Who said it, and how it came: “Mr. Hand, by telephone” */
    public function customer(Job $job, User $by, string $ulid, string $indication, CustomerAnswer $answer, string $how): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::CustomerAnswer, static function (JobFile $file) use (
            $indication,
            $answer,
            $how,
        ): array {
            $one = CrackEntries::indication($file, $indication);
            if ($one->disposition()?->customerDecides() !== true) {
                throw Refused::because('indication', 'Nothing about this indication is the customer’s to decide.');
            }
            if (trim($how) === '') {
                throw Refused::because('how', 'Who said it, and how? Like “the works manager, by telephone”.');
            }

            return [$indication, ['answer' => $answer->value, 'how' => $how, 'to' => $one->disposition()->value]];
        });
    }
}
