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
use App\Words\Line;
use App\Words\WashWords;
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
                throw Refused::because('item', Line::of('precheck.ask.no_such_line'));
            $said = ['place' => $place, 'remark' => $remark];
            if ($state === ItemState::NotChecked) {
                return [$key, ['state' => $state->value] + $said];
            }

            return [
                $key,
                $said +
                match ($item->kind) {
                    AnswerKind::FineOrFinding => [
                        'state' => ($state ?? throw Refused::because($key, Line::of('precheck.ask.fine_or_finding')))->value,
                    ],
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
        $wash ??= throw Refused::because($item->key, Line::of('precheck.ask.how_washed'));
        $metal = $file->sheet->materialOf($item->part);
        $refusal = $wash->refusalFor($metal);
        // A case that somebody has blasted is a fact to be written down, not a choice to be refused.
        if ($refusal !== null && $wash !== WashMethod::GritBlast) {
            throw Refused::because($item->key, WashWords::refusal($refusal, $metal));
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
                    throw Refused::because($item->key, Line::of('precheck.ask.too_many_holes', ['count' => $thread->count]));
                }

                return [
                    'state' => ($stripped > 0 || $inserts !== $thread->insertsExpected ? ItemState::Finding : ItemState::Fine)->value,
                    'stripped' => $stripped,
                    'inserts' => $inserts,
                ];
            }
        }

        throw Refused::because($item->key, Line::of('precheck.ask.no_such_threads'));
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
            Line::of($item->kind === AnswerKind::Gap ? 'precheck.ask.feeler' : 'precheck.ask.step'),
        );

        return $length->isNegative() ? throw Refused::because($item->key, Line::of('precheck.ask.below_nothing')) : $length;
    }
}
