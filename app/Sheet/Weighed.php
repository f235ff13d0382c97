<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Ledger\AskBack;
use App\Record\JobFile;
use App\Storage\Setup;
use App\Storage\StatedSetup;
use App\Words\GaugesUsed;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Features\Weights\WeightFeature;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Quantity\QuantityException;

/** A mass as it was keyed, with the scale that it was weighed on, where one was stated (GAUGE-1, QTY-6). */
final readonly class Weighed
{
    /**
     * @return array{mass_ug: int, setup_id: ?int}
     *
     * @throws AskBack If it is no mass, or one that the scale cannot show or carry
     */
    public static function row(JobFile $file, ReadingEntry $entry): array
    {
        try {
            $mass = MassNotation::read($entry->text);
        } catch (QuantityException $exception) {
            throw AskBack::unreadable(Messages::refusal($exception));
        }
        $setup = self::setup($file, $entry);
        if ($setup?->scale !== null) {
            self::check($setup, $mass, $entry);
        }

        return ['mass_ug' => $mass->micrograms, 'setup_id' => $setup?->id];
    }

    private static function setup(JobFile $file, ReadingEntry $entry): ?StatedSetup
    {
        $stated =
            $entry->setupUlid === null
                ? null
                : Setup::query()->firstWhere([
                    'ulid' => $entry->setupUlid,
                    'job_id' => $file->job->id,
                    'sheet' => $entry->sheet->value,
                    'feature' => WeightFeature::PistonWeight->value,
                ]);

        return $stated?->stated() ?? $file->record->entries($entry->sheet)->gauges->current(WeightFeature::PistonWeight);
    }

    private static function check(StatedSetup $setup, Mass $mass, ReadingEntry $entry): void
    {
        $scale = $setup->scale;
        if ($scale !== null && ! $scale->shows($mass)) {
            throw AskBack::unreadable(
                Line::of('sheet.ask.steps', [
                    'scale' => GaugesUsed::nameOrKind($setup),
                    'step' => MassNotation::grams($scale->resolution->micrograms),
                    'mass' => MassNotation::grams($mass->micrograms),
                ]),
            );
        }
        if ($scale !== null && ! $scale->carries($mass) && ! $entry->isConfirmed) {
            throw AskBack::confirm(
                new Message('sheet.doubt.carries', [
                    'scale' => GaugesUsed::nameOrKind($setup),
                    'grams' => MassNotation::grams($scale->most->micrograms),
                ]),
            );
        }
    }
}
