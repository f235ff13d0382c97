<?php

declare(strict_types=1);

namespace App\Gauges;

use App\Storage\Gauge;
use App\Storage\GaugeEvent;
use App\Storage\Master;
use App\Storage\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use NorthLedger\Core\Gauging\CheckBack;
use NorthLedger\Core\Gauging\RepeatStudy;
use NorthLedger\Core\Gauging\Scale;
use NorthLedger\Core\Quantity\Mass;

/**
 * The one way to write about gauges and masters: what they are today, and in the same transaction the event that made
 * them so (GAUGE-1). A request that was written already is not written again. What setups stated before stays as it was (VER-4).
 */
final readonly class GaugeRegister
{
    /** @param  array<string, mixed>  $columns */
    public function registerGauge(string $ulid, array $columns, User $by): Gauge
    {
        return $this->once(
            $ulid,
            static fn (): Gauge => Gauge::query()->findOrFail(GaugeEvent::query()->where('ulid', $ulid)->value('gauge_id')),
            static function () use ($ulid, $columns, $by): Gauge {
                $gauge = Gauge::query()->create($columns + ['created_at' => now()]);
                self::event($ulid, ['gauge_id' => $gauge->id, 'kind' => 'registered', 'said' => $columns], $by);

                return $gauge;
            },
        );
    }

    /** @param  array<string, mixed>  $columns */
    public function registerMaster(string $ulid, array $columns, User $by): Master
    {
        return $this->once(
            $ulid,
            static fn (): Master => Master::query()->findOrFail(GaugeEvent::query()->where('ulid', $ulid)->value('master_id')),
            static function () use ($ulid, $columns, $by): Master {
                $master = Master::query()->create($columns + ['created_at' => now()]);
                self::event($ulid, ['master_id' => $master->id, 'kind' => 'registered', 'said' => $columns], $by);

                return $master;
            },
        );
    }

    /** @param  array{done_on: string, due_on: string, calibration_nm?: int, scale_calibration_ug?: int, by_whom: string}  $said */
    public function calibrate(string $ulid, Gauge $gauge, array $said, ?StoredCertificate $certificate, User $by): void
    {
        $this->change(
            $ulid,
            $gauge,
            'calibrated',
            $said,
            ['calibration_due' => $said['due_on']] + array_intersect_key($said, ['calibration_nm' => 0, 'scale_calibration_ug' => 0]),
            $by,
            $certificate,
        );
    }

    /** @param  list<string>  $typed */
    public function study(string $ulid, Gauge $gauge, array $typed, RepeatStudy $study, User $by): void
    {
        $this->change(
            $ulid,
            $gauge,
            'studied',
            [
                'typed' => $typed,
                'mean_nm' => $study->mean->nanometres,
                'range_nm' => $study->range->nanometres,
                'repeatability_nm' => $study->repeatability->nanometres,
            ],
            ['repeatability_nm' => $study->repeatability->nanometres],
            $by,
        );
    }

    /** A check on a master outside any job: what does not hold recalls every job read with it since it last held. */
    public function check(string $ulid, Gauge $gauge, string $typed, CheckBack $check, User $by): void
    {
        $this->change(
            $ulid,
            $gauge,
            'checked',
            ['typed' => $typed, 'drift_nm' => $check->drift->nanometres, 'holds' => $check->holds],
            [],
            $by,
        );
    }

    /** A scale under its check weight, outside any job. */
    public function checkScale(string $ulid, Gauge $gauge, string $typed, Scale $scale, Mass $weight, Mass $shows, User $by): void
    {
        $said = ['typed' => $typed, 'drift_ug' => $shows->micrograms - $weight->micrograms, 'holds' => $scale->holds($weight, $shows)];
        $this->change($ulid, $gauge, 'checked', $said, [], $by);
    }

    public function retire(string $ulid, Gauge $gauge, string $reason, User $by): void
    {
        $this->change($ulid, $gauge, 'retired', ['reason' => $reason], ['is_retired' => true, 'feed_token_hash' => null], $by);
    }

    /** A new token for a gauge that feeds its readings; the old one ends. Shown once, kept as its hash. */
    public function giveToken(string $ulid, Gauge $gauge, User $by): string
    {
        $token = Str::random(32);
        $this->change(
            $ulid,
            $gauge,
            'token given',
            ['series' => $gauge->feed_series + 1],
            ['feed_token_hash' => hash('sha256', $token), 'feed_series' => $gauge->feed_series + 1],
            $by,
        );

        return $token;
    }

    /**
     * @param  array<string, mixed>  $said
     * @param  array<string, mixed>  $columns
     */
    private function change(
        string $ulid,
        Gauge $gauge,
        string $kind,
        array $said,
        array $columns,
        User $by,
        ?StoredCertificate $certificate = null,
    ): void {
        $this->once($ulid, static fn (): bool => true, static function () use (
            $ulid,
            $gauge,
            $kind,
            $said,
            $columns,
            $by,
            $certificate,
        ): bool {
            $gauge->update($columns);
            self::event(
                $ulid,
                [
                    'gauge_id' => $gauge->id,
                    'kind' => $kind,
                    'said' => $said,
                    'certificate_hash' => $certificate?->hash,
                    'certificate_name' => $certificate?->name,
                ],
                $by,
            );

            return true;
        });
    }

    /**
     * @template T
     *
     * @param  callable(): T  $earlier
     * @param  callable(): T  $write
     * @return T
     */
    private function once(string $ulid, callable $earlier, callable $write): mixed
    {
        return DB::transaction(
            static fn (): mixed => GaugeEvent::query()->where('ulid', $ulid)->lockForUpdate()->exists() ? $earlier() : $write(),
            3,
        );
    }

    /** @param  array<string, mixed>  $columns */
    private static function event(string $ulid, array $columns, User $by): void
    {
        GaugeEvent::query()->create($columns + ['ulid' => $ulid, 'user_id' => $by->id, 'created_at' => now()]);
    }
}
