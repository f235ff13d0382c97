<?php

declare(strict_types=1);

namespace App\Documents;

use App\Pages\CrankshaftLine;
use App\Record\Concessions;
use App\Record\CustomerQuestions;
use App\Record\JobFile;
use App\Record\Received;
use App\Storage\EntryKind;
use App\Storage\JobObservations;
use App\Storage\Said;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Finding\CustomerAnswer;

/** What the customer decided about an engine, and what was accepted as it is, each in a sentence (VER-5, VER-6). */
final class Decisions
{
    /** @return list<string> */
    public static function of(JobFile $file): array
    {
        $answers = $file->record->observations()->newest(EntryKind::CustomerAnswer);

        return [
            ...self::crankshafts($file),
            ...self::sleeves($file, $answers),
            ...array_values(
                array_filter(
                    array_map(
                        static fn (Indication $one): string => self::crack($one, $answers[$one->id] ?? null),
                        $file->record->cracks()->cracks(),
                    ),
                ),
            ),
            ...array_map(
                static fn (Said $said): string => Line::of('release.decided.accepted', [
                    'what' => rtrim($said->text('words'), '.'),
                    'by' => $said->text('answer'),
                    'at' => $said->at()->format('j M Y'),
                    'worst' => $said->text('worst'),
                ]),
                self::concessions($file->record->observations()),
            ),
        ];
    }

    /** @return list<string> Which one is used, where several came */
    private static function crankshafts(JobFile $file): array
    {
        $crankshafts = $file->record->observations()->crankshafts;
        $names = array_map(CrankshaftLine::name(...), array_keys($crankshafts->marks()), $crankshafts->marks());
        $names = array_combine(array_keys($crankshafts->marks()), $names);
        $used = $names[$crankshafts->inUse()];
        unset($names[$crankshafts->inUse()]);

        return $names === [] ? [] : [Line::of('crankshafts.certificate', ['used' => $used, 'others' => implode('; ', $names)])];
    }

    /** @return list<string> Questions that the customer has not answered */
    public static function open(JobFile $file): array
    {
        return array_map(
            static fn (string $hold): string => Line::of('release.decided.open', ['what' => ucfirst($hold)]),
            (new CustomerQuestions($file->record))->clauses(),
        );
    }

    /** @return list<Said> */
    private static function concessions(JobObservations $observations): array
    {
        return array_values(Concessions::of($observations)->all());
    }

    /**
     * @param  array<string, Said>  $answers
     * @return list<string>
     */
    private static function sleeves(JobFile $file, array $answers): array
    {
        $told = [];
        foreach (Received::of($file)->surveys as $cylinder => $survey) {
            $said = $answers["bore.{$cylinder}"] ?? null;
            if ($survey->answer !== null && $said !== null) {
                $line = $survey->answer === CustomerAnswer::Accepted ? 'sleeve_stays' : 'sleeve_out';
                $told[] = Line::of("release.decided.{$line}", [
                    'cylinder' => $cylinder,
                    'defect' => $said->text('defect'),
                    'worst' => $said->text('worst_outcome'),
                    'how' => $said->text('how'),
                    'at' => $said->at()->format('j M Y'),
                ]);
            }
        }

        return $told;
    }

    private static function crack(Indication $crack, ?Said $answer): string
    {
        return $crack->answer === null || $answer === null
            ? ''
            : ucfirst(Messages::text($crack->location->message())).
                    ": {$answer->text('to')}, ".
                    ($crack->answer === CustomerAnswer::Accepted ? 'accepted' : 'declined').
                    ". {$answer->text('how')}, {$answer->at()->format('j M Y')}.";
    }
}
