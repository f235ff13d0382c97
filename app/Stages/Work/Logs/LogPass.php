<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Ledger\Refused;
use App\Record\JobFile;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ReadingUnit;
use NorthLedger\Core\Quantity\ShopNotation;
use NorthLedger\Core\Work\Logs\LogKind;
use NorthLedger\Core\Work\Logs\SeatTouch;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;

/** Logs one pass over a deck: how much it took, what it touched, and whether the stamped number is still there (DECK-3, DECK-4). */
final readonly class LogPass implements MachineLog
{
    public function isAt(OperationKind $kind): bool
    {
        return $kind === OperationKind::Deck;
    }

    public function kind(LogRequest $request): LogKind
    {
        return LogKind::Pass;
    }

    public function said(JobFile $file, Operation $operation, LogRequest $request): array
    {
        $depth = self::depth($file, $request->typed('depth'));
        $log = FaceLogs::of($file, $operation);
        if ($log->goesTooDeep($depth)) {
            throw Refused::because(
                'depth',
                Line::of('work.log.too_deep', ['reserve' => $file->display->magnitudeWithUnit($log->reserve() ?? Length::zero())]),
            );
        }

        return [
            'depth_nm' => $depth->nanometres,
            'typed' => $request->typed('depth'),
            'seats' => $request->typed('seats'),
            'touched' => self::touched($file, $operation, $request),
            'stamp_gone' => $request->flag('stamp_gone'),
            'remark' => $request->typed('remark'),
        ];
    }

    /** @return array<string, string> What it did to seats that it did not leave alone, by seat */
    private static function touched(JobFile $file, Operation $operation, LogRequest $request): array
    {
        $touched = [];
        foreach (array_keys(FaceLogs::seats($file, $operation)->touched) as $seat) {
            $touch = SeatTouch::tryFrom($request->typed('seat-'.str_replace('.', '-', $seat))) ?? SeatTouch::Untouched;
            if ($touch !== SeatTouch::Untouched) {
                $touched[$seat] = $touch->value;
            }
        }

        return $touched;
    }

    /** A bare number is in thou, in a metric job in µm. */
    private static function depth(JobFile $file, string $text): Length
    {
        $unit = $file->sheet->unit === LengthUnit::Inch ? ReadingUnit::Thou : ReadingUnit::Micrometre;
        try {
            $depth = ShopNotation::forDeviations($file->sheet->unit, $unit)->read($text)->value;
        } catch (NotationException $exception) {
            throw Refused::because('depth', Line::of('work.log.depth', ['said' => Messages::refusal($exception)]));
        }

        return $depth->isPositive() ? $depth : throw Refused::because('depth', Line::of('work.log.above'));
    }
}
