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
use App\Words\Labels;
use App\Words\Line;
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
                    Line::of('cracks.ask.no_crack', ['number' => $one->number, 'is' => Labels::code($one->classification())]),
                );
            }
            if ($disposition === Disposition::GrindAndCheckAgain && (! $one->location->zone->isOfCrankshaft() || ! $grindsOut)) {
                throw Refused::because(
                    'disposition',
                    Line::of('cracks.ask.does_not_grind_out'),
                );
            }
            if ($disposition === Disposition::Sleeve && $one->location->cylinder === null) {
                throw Refused::because('disposition', Line::of('cracks.ask.sleeve_at_no_cylinder'));
            }
            if (! $disposition->isDecision()) {
                throw Refused::because('disposition', Line::of('cracks.ask.is_a_question'));
            }
            if ($disposition === Disposition::Scrap && $one->disposition() === Disposition::ConfirmFirst && trim($reason) === '') {
                throw Refused::because(
                    'reason',
                    Line::of('cracks.ask.second_method'),
                );
            }
            $isProposed =
                ($disposition === Disposition::Scrap && $one->proposed() === Disposition::ScrapUnlessGroundOut) ||
                $disposition === $one->proposed() ||
                $disposition === Disposition::GrindAndCheckAgain;
            if (! $isProposed && trim($reason) === '') {
                throw Refused::because('reason', Line::of('cracks.ask.why_otherwise'));
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
                throw Refused::because('indication', Line::of('cracks.ask.not_the_customers'));
            }
            if (trim($how) === '') {
                throw Refused::because('how', Line::of('cracks.ask.who_said_it'));
            }

            return [$indication, ['answer' => $answer->value, 'how' => $how, 'to' => $one->disposition()->value]];
        });
    }
}
