<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Photo;
use App\Storage\Said;
use App\Words\Labels;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Features\Cracks\Classification;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Cracks\LookReading;
use NorthLedger\Core\Finding\CustomerAnswer;
use NorthLedger\Core\Quantity\LengthDisplay;

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
                Messages::text($one->location->message()),
                Labels::code($one->location->face),
                self::looks($one, $file->display),
                ($said[$one->id] ?? null)?->text('remark') ?? '',
                Labels::code($one->classification()),
                self::state($one->classification()),
                self::sign($one->classification()),
                $one->wantsAnotherReading(),
                self::confirming($one),
                array_filter($report->runs, static fn (CheckRun $run): bool => $run->retestOf === $one->id && ! $run->isRead()) !== [],
                count($one->readings) === 1,
                $one->isCrack(),
                $one->location->zone->isOfCrankshaft(),
                $one->proposed() === null
                    ? Line::of('cracks.no_rule')
                    : Line::of('cracks.proposed', [
                        'way' => Labels::code($one->proposed()),
                        'words' => Messages::text($one->proposed()->message()),
                    ]),
                self::ways($one),
                $decision === null ? '' : self::decided($decision),
                $one->waitsForCustomer(),
                $one->answer === null
                    ? ''
                    : Line::of($one->answer === CustomerAnswer::Accepted ? 'cracks.answer.accepted' : 'cracks.answer.declined', [
                        'how' => $answers[$one->id]->text('how'),
                    ]),
                $photos[$one->id] ?? [],
            );
        }, $report->indications);
    }

    /** “sharp line (read early), then diffuse, 12.5 mm long” */
    private static function looks(Indication $one, LengthDisplay $display): string
    {
        $looks = implode(
            Line::of('cracks.then'),
            array_map(
                static fn (LookReading $reading): string => Labels::code($reading->look).
                    ($reading->marks === [] ? '' : ' ('.implode(', ', array_map(Labels::code(...), $reading->marks)).')'),
                $one->readings,
            ),
        );

        return $one->length === null
            ? $looks
            : Line::of('cracks.long', ['looks' => $looks, 'length' => $display->sizeWithUnit($one->length)]);
    }

    private static function decided(Said $decision): string
    {
        [$way, $reason] = [$decision->text('disposition'), $decision->text('reason')];

        return $reason === '' ? $way : Line::of('cracks.decided', ['way' => $way, 'reason' => $reason]);
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
