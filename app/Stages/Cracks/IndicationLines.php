<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Photo;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Features\Cracks\Classification;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Cracks\LookReading;
use NorthLedger\Core\Finding\CustomerAnswer;

/** Every indication of an engine, ready to show: how it was read, what is proposed, what was decided. */
final class IndicationLines
{
    /** @return list<IndicationLine> */
    public static function all(JobFile $file, CrackReport $report): array
    {
        $photos = [];
        foreach (Photo::query()->where('job_id', $file->job->id)->where('subject', 'like', 'indication.%')->get() as $photo) {
            $photos[substr($photo->subject, strlen('indication.'))][] = $photo->ulid;
        }
        $decisions = $file->record->observations()->newest(EntryKind::CrackDecision);
        $answers = $file->record->observations()->newest(EntryKind::CustomerAnswer);
        $said = $file->record->observations()->newest(EntryKind::Indication);

        return array_map(static function (Indication $one) use ($file, $report, $photos, $decisions, $answers, $said): IndicationLine {
            $decision = $decisions[$one->id] ?? null;

            return new IndicationLine(
                $one->id,
                $one->number,
                $one->location->words(),
                $one->location->face->value,
                implode(
                    ', then ',
                    array_map(
                        static fn (LookReading $reading): string => $reading->look->value.
                            ($reading->marks === [] ? '' : ' ('.implode(', ', array_column($reading->marks, 'value')).')'),
                        $one->readings,
                    ),
                ).($one->length === null ? '' : ', '.$file->display->sizeWithUnit($one->length).' long'),
                ($said[$one->id] ?? null)?->text('remark') ?? '',
                $one->classification()->value,
                self::state($one->classification()),
                self::sign($one->classification()),
                $one->wantsAnotherReading(),
                self::confirming($one),
                array_filter($report->runs, static fn (CheckRun $run): bool => $run->retestOf === $one->id && ! $run->isRead()) !== [],
                count($one->readings) === 1,
                $one->isCrack(),
                $one->location->zone->isOfCrankshaft(),
                $one->proposed() === null
                    ? 'No rule says what is done here; a specialist decides.'
                    : "The table proposes: {$one->proposed()->value}. {$one->proposed()->words()}",
                self::ways($one),
                $decision === null
                    ? ''
                    : $decision->text('disposition').($decision->text('reason') === '' ? '' : ", because: {$decision->text('reason')}"),
                $one->waitsForCustomer(),
                $one->answer === null
                    ? ''
                    : ($one->answer === CustomerAnswer::Accepted ? 'The customer accepted' : 'The customer declined').
                        ": {$answers[$one->id]->text('how')}",
                $photos[$one->id] ?? [],
            );
        }, $report->indications);
    }

    /**
     * @return list<string> The methods that can confirm a crack that one method showed; empty where nothing has to be confirmed (CRACK-5b)
     */
    private static function confirming(Indication $one): array
    {
        $first = $one->readings[0]->method;

        return $one->disposition() !== Disposition::ConfirmFirst
            ? []
            : array_values(
                array_map(
                    static fn (CheckMethod $method): string => $method->value,
                    array_filter(
                        CheckMethod::cases(),
                        static fn (CheckMethod $method): bool => $method !== CheckMethod::PressureTest &&
                            $method !== $first &&
                            $method->refusalFor($one->material) === null,
                    ),
                ),
            );
    }

    /** @return list<string> */
    private static function ways(Indication $one): array
    {
        $possible = array_filter(
            Disposition::cases(),
            static fn (Disposition $way): bool => $way->isDecision() &&
                ($way !== Disposition::GrindAndCheckAgain || $one->location->zone->isOfCrankshaft()) &&
                ($way !== Disposition::Sleeve || $one->location->cylinder !== null),
        );

        return array_values(
            array_unique([
                ...($one->proposed()?->isDecision() === true ? [$one->proposed()->value] : []),
                ...array_column($possible, 'value'),
            ]),
        );
    }

    /** @return 'out'|'close'|'good' */
    public static function state(Classification $classification): string
    {
        return match ($classification) {
            Classification::Crack => 'out',
            Classification::Suspect, Classification::CleanAndRepeat => 'close',
            default => 'good',
        };
    }

    private static function sign(Classification $classification): string
    {
        return match (self::state($classification)) {
            'out' => '▲',
            'close' => '◆',
            default => '✓',
        };
    }
}
