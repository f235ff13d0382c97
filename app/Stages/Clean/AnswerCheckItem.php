<?php

declare(strict_types=1);

namespace App\Stages\Clean;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Sheet\TypedLength;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use NorthLedger\Core\Features\Precheck\AnswerKind;
use NorthLedger\Core\Features\Precheck\CheckItem;
use NorthLedger\Core\Features\Precheck\ItemState;
use NorthLedger\Core\Features\Precheck\WashMethod;
use NorthLedger\Core\Quantity\Length;

/** Answers one line of the pre-check. */
final readonly class AnswerCheckItem
{
    public function __construct(private Observe $observe)
    {
    }

    /**
     * @param  ?ItemState  $state  Null where the answer itself says it: a wash, threads, a gap
     * @param  string  $measured  What was typed for a gap or a step
     */
    public function handle(
        Job $job,
        User $by,
        string $ulid,
        string $key,
        ?ItemState $state,
        string $place,
        string $remark,
        ?WashMethod $wash,
        ?int $stripped,
        ?int $inserts,
        string $measured,
    ): Written {
        return $this->observe->handle($job, $by, $ulid, EntryKind::CheckItem, function (JobFile $file) use (
            $key,
            $state,
            $place,
            $remark,
            $wash,
            $stripped,
            $inserts,
            $measured,
        ): array {
            $item =
                $file->record->precheck()->checklist->item($key) ??
                throw Refused::because('item', 'The checklist of this engine has no such line. Reload the page.');
            $said = ['place' => $place, 'remark' => $remark];
            if ($state === ItemState::NotChecked) {
                return [$key, ['state' => $state->value] + $said];
            }

            return [
                $key,
                $said +
                match ($item->kind) {
                    AnswerKind::FineOrFinding => ['state' => ($state ?? throw Refused::because($key, 'Fine, or a finding?'))->value],
                    AnswerKind::Wash => $this->wash($file, $item, $wash),
                    AnswerKind::Threads => $this->threads($file, $item, $stripped ?? 0, $inserts),
                    AnswerKind::Gap, AnswerKind::LineBoreStep => $this->measured($file, $item, $measured),
                },
            ];
        });
    }

    /** @return array<string, mixed> */
    private function wash(JobFile $file, CheckItem $item, ?WashMethod $wash): array
    {
        $wash ??= throw Refused::because($item->key, 'How was it washed? Choose one.');
        $refusal = $wash->refusalFor($file->sheet->materialOf($item->part));
        // A case that somebody has blasted is a fact to be written down, not a choice to be refused.
        if ($refusal !== null && $wash !== WashMethod::GritBlast) {
            throw Refused::because($item->key, $refusal);
        }

        return ['state' => ($refusal === null ? ItemState::Fine : ItemState::Finding)->value, 'wash' => $wash->value];
    }

    /** @return array<string, mixed> */
    private function threads(JobFile $file, CheckItem $item, int $stripped, ?int $inserts): array
    {
        foreach ($file->sheet->threads as $thread) {
            if ("thread.{$thread->key}" === $item->key) {
                $inserts ??= $thread->insertsExpected;
                if ($stripped > $thread->count || $inserts > $thread->count) {
                    throw Refused::because($item->key, "There are {$thread->count} of these holes in all. Count again.");
                }

                return [
                    'state' => ($stripped > 0 || $inserts !== $thread->insertsExpected ? ItemState::Finding : ItemState::Fine)->value,
                    'stripped' => $stripped,
                    'inserts' => $inserts,
                ];
            }
        }

        throw Refused::because($item->key, 'This engine has no such threads.');
    }

    /** @return array<string, mixed> */
    private function measured(JobFile $file, CheckItem $item, string $text): array
    {
        $length = $this->length($file, $item, $text);
        $steps = $file->sheet->housings->lineBoreSteps ?? [];
        $isFinding =
            $item->kind === AnswerKind::Gap
                ? $file->sheet->housings->partingGap !== null && ! $length->isSmallerThan($file->sheet->housings->partingGap)
                : $steps !== [] && ! $length->isSmallerThan(Length::largest(...$steps));

        return [
            'state' => ($isFinding ? ItemState::Finding : ItemState::Fine)->value,
            'measured_nm' => $length->nanometres,
            'typed' => $text,
        ];
    }

    private function length(JobFile $file, CheckItem $item, string $text): Length
    {
        $length = TypedLength::orNothing(
            $file,
            $item->key,
            $text,
            $item->kind === AnswerKind::Gap ? 'The thickest feeler that enters, or “none”: ' : 'The step, or “standard”: ',
        );

        return $length->isNegative() ? throw Refused::because($item->key, 'That cannot be below nothing.') : $length;
    }
}
