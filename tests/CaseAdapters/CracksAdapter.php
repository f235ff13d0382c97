<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Engine\Policy\DwellSchool;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\Classification;
use NorthLedger\Core\Features\Cracks\CrackCheckRefused;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\DispositionTable;
use NorthLedger\Core\Features\Cracks\Dwell;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\NoDisposition;
use NorthLedger\Core\Features\Cracks\TimingMark;

final class CracksAdapter implements Adapter
{
    public function run(Given $given): array
    {
        return match ($given->text('task')) {
            'method' => $this->method($given),
            'dwell' => $this->timed($given, static fn (Dwell $dwell): array => []),
            'timing' => $this->timed(
                $given,
                static fn (Dwell $dwell): array => [
                    'marks' => array_map(
                        static fn (TimingMark $mark): string => $mark->value,
                        $dwell->marks(self::minutes($given, 'penetrant_minutes'), self::minutes($given, 'developer_minutes')),
                    ),
                ],
            ),
            'indication' => ['classification' => Classification::ofLooks($this->looks($given))->value],
            'disposition' => $this->disposition($given),
            default => throw Refusal::withCode('unknown_word'),
        };
    }

    /** @return array<string, mixed> */
    private function method(Given $given): array
    {
        $method = $given->word('method', CheckMethod::class);
        $refusal = $method->refusalFor(
            $given->word('material', Material::class),
            ! $given->has('open_to_surface') || $given->flag('open_to_surface'),
            ! $given->has('has_passages') || $given->flag('has_passages'),
        );

        return $refusal === null
            ? ['refused' => false, 'sent_out' => $method->isSentOut()]
            : ['refused' => true, 'reason' => $refusal->value];
    }

    /**
     * @param  callable(Dwell): array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function timed(Given $given, callable $more): array
    {
        $school = $given->word('school', DwellSchool::class);
        try {
            $dwell = Dwell::at($given->number('temperature_c'), $school);
        } catch (CrackCheckRefused $refused) {
            return ['refused' => true, 'reason' => $refused->refusal->value];
        }

        return ['refused' => false, 'dwell_min' => $dwell->penetrantMinutes] + $more($dwell);
    }

    private static function minutes(Given $given, string $key): float
    {
        return $given->number($key) < 0 ? throw Refusal::withCode('bad_value') : $given->number($key);
    }

    /** @return non-empty-list<Look> */
    private function looks(Given $given): array
    {
        $looks = array_map(
            static fn (mixed $word): Look => Look::tryFrom(is_string($word) ? $word : '') ?? throw Refusal::withCode('unknown_word'),
            array_values((array) $given->value('looks')),
        );

        return $looks === [] ? throw Refusal::withCode('too_few') : $looks;
    }

    /** @return array<string, mixed> */
    private function disposition(Given $given): array
    {
        try {
            $disposition = DispositionTable::dispose(
                $given->word('material', Material::class),
                $given->word('zone', CrackZone::class),
                $given->has('grinds_out') ? $given->flag('grinds_out') : null,
                $given->has('specification_disposition') ? $given->word('specification_disposition', Disposition::class) : null,
            );
        } catch (NoDisposition) {
            throw Refusal::withCode('no_rule');
        }

        return ['disposition' => $disposition->value, 'customer_decides' => $disposition->customerDecides()];
    }
}
