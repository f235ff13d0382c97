<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Record\WeightList;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Quantity\QuantityException;

/** Keeps the list of weights that came with the parts, a piece a line: “piston 3 612.40” (WORK-5). */
final readonly class KeepWeightList
{
    private const MOST_LINES = 200;

    public function __construct(private Observe $observe)
    {
    }

    /** @param  string  $typed  Nothing takes the list away again */
    public function handle(Job $job, User $by, string $ulid, string $typed, string $from): Written
    {
        return $this->observe->handle(
            $job,
            $by,
            $ulid,
            EntryKind::WeightList,
            static fn (JobFile $file): array => [WeightList::SUBJECT, ['from' => $from, 'lines' => self::lines($file, $typed)]],
        );
    }

    /** @return list<array{place: string, mass_ug: int, step_ug: int}> */
    private static function lines(JobFile $file, string $typed): array
    {
        $rows = array_values(
            array_filter(array_map(trim(...), preg_split('/\R/', $typed) ?: []), static fn (string $row): bool => $row !== ''),
        );
        if (count($rows) > self::MOST_LINES) {
            throw Refused::because('list', Line::of('weights.too_many', ['most' => self::MOST_LINES]));
        }
        $lines = [];
        foreach ($rows as $index => $row) {
            $line = self::line($file, $row, $index + 1);
            if (isset($lines[$line['place']])) {
                throw Refused::because('list', Line::of('weights.twice', ['line' => $index + 1, 'row' => $row]));
            }
            $lines[$line['place']] = $line;
        }

        return array_values($lines);
    }

    /** @return array{place: string, mass_ug: int, step_ug: int} */
    private static function line(JobFile $file, string $row, int $number): array
    {
        $pieces = implode(
            '|',
            array_map(static fn (string $piece): string => preg_quote($piece, '/').'s?', array_keys(WeightList::PIECES)),
        );
        if (preg_match("/^({$pieces})[\\s,;]+(\\d{1,2})[\\s,;:]+([\\d.,]+)\\s*g?$/iD", $row, $match) !== 1) {
            throw Refused::because('list', Line::of('weights.unreadable', ['line' => $number, 'row' => $row]));
        }
        $piece = strtolower($match[1]);
        $piece = isset(WeightList::PIECES[$piece]) ? $piece : (isset(WeightList::PIECES["{$piece}s"]) ? "{$piece}s" : rtrim($piece, 's'));
        $place =
            WeightList::place($file, $piece, (int) $match[2]) ??
            throw Refused::because('list', Line::of('weights.no_such', ['line' => $number, 'number' => $match[2]]));
        try {
            $mass = MassNotation::read($match[3]);
        } catch (QuantityException $exception) {
            throw Refused::because('list', Line::of('weights.no_mass', ['line' => $number, 'why' => Messages::refusal($exception)]));
        }
        $decimals = strlen((string) strrchr(str_replace(',', '.', $match[3]), '.')) - 1;

        return ['place' => $place->key, 'mass_ug' => $mass->micrograms, 'step_ug' => intdiv(1_000_000, 10 ** max(0, $decimals))];
    }
}
