<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\JobObservations;
use App\Storage\Said;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Receiving\SleevePiece;
use NorthLedger\Core\Features\Receiving\SleevePieceKind;
use NorthLedger\Core\Features\Receiving\SleeveSurvey;
use NorthLedger\Core\Finding\CustomerAnswer;
use NorthLedger\Core\Planning\SleeveFit;
use NorthLedger\Core\Quantity\Length;

/** Folds what was found of old sleeves into the core's surveys (SLV-3). */
final class SleeveBook
{
    /** How a survey named what it found before it counted pieces: the kinds of the pieces, and whether it fell short. */
    private const FORMER = [
        'none' => [[], false],
        'full depth, on a step' => [['plain'], false],
        'flanged' => [['flanged'], false],
        'two pieces' => [['plain', 'plain'], false],
        'not full depth' => [['plain'], true],
    ];

    /** @return array<int, SleeveSurvey> By cylinder */
    public static function surveys(SpecificationSheet $sheet, ShopPolicy $policy, JobObservations $observations): array
    {
        $answers = $observations->newest(EntryKind::CustomerAnswer);
        $depth = self::depthOfCut($sheet, $policy);
        $surveys = [];
        foreach ($observations->newest(EntryKind::SleeveSurvey) as $subject => $row) {
            $cylinder = (int) substr($subject, strlen('bore.'));
            $answer = $answers[$subject] ?? null;
            [$pieces, $isShort] = self::found($row);
            $surveys[$cylinder] = new SleeveSurvey(
                $cylinder,
                $pieces,
                $depth,
                $row->flag('joint_felt'),
                $row->flag('flange_not_seated'),
                $row->flag('edge_catches_nail'),
                // A survey after the answer finds something else, and asks anew.
                $answer === null || $answer->id < $row->id ? null : CustomerAnswer::from($answer->text('answer')),
                $isShort,
            );
        }
        ksort($surveys);

        return $surveys;
    }

    /** From the deck to the step on which a sleeve sits; null where nobody knows how long the bore is. */
    public static function depthOfCut(SpecificationSheet $sheet, ShopPolicy $policy): ?Length
    {
        $length = $sheet->bore->length;

        return $length === null ? null : SleeveFit::depthOfCut($length, $policy->boreAllowances($sheet->unit)->sleeveStep);
    }

    /** @return array{list<SleevePiece>, bool} */
    private static function found(Said $row): array
    {
        if ($row->list('pieces') !== [] || $row->flag('by_pieces')) {
            return [
                array_map(static fn (mixed $piece): SleevePiece => self::piece(is_array($piece) ? $piece : []), $row->list('pieces')),
                false,
            ];
        }
        [$kinds, $isShort] = self::FORMER[$row->text('kind')] ?? [[], false];
        $length = $row->whole('length_nm');

        return [
            array_map(
                static fn (string $kind, int $index): SleevePiece => new SleevePiece(
                    SleevePieceKind::from($kind),
                    $index === 0 && $length !== null ? Length::ofNanometres($length) : null,
                ),
                $kinds,
                array_keys($kinds),
            ),
            $isShort,
        ];
    }

    /** @param  array<mixed>  $piece */
    private static function piece(array $piece): SleevePiece
    {
        $length = $piece['length_nm'] ?? null;

        return new SleevePiece(
            SleevePieceKind::from(is_string($piece['kind'] ?? null) ? $piece['kind'] : ''),
            is_int($length) ? Length::ofNanometres($length) : null,
        );
    }
}
