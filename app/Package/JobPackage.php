<?php

declare(strict_types=1);

namespace App\Package;

use App\Models\CheckBack;
use App\Models\Job;
use App\Models\Setup;
use App\Models\ZeroSize;
use App\Observations\CrackBook;
use App\Observations\JobObservations;
use App\Observations\PrecheckBook;
use App\Observations\Received;
use App\Sheets\KeyedReading;
use App\Sheets\SheetEntries;
use App\Sheets\SheetGauges;
use App\Sheets\SheetName;
use App\Shop\PolicyBook;
use App\Shop\SpecBook;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Judgement\PartDefect;
use NorthLedger\Core\Planning\BlockAssessment;
use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Spec\SpecificationSheet;

/**
 * A job with everything its verdict follows from, as plain data: the specification sheet and the policy in words, the setups,
 * readings and observations as they were written. Who has one can judge the job again without a database (VER-4).
 */
final readonly class JobPackage
{
    public const FORMAT = 'north-ledger job 1';

    private const TABLES = [
        'setups' => "SELECT * FROM setups WHERE job_id = ? AND sheet = 'incoming' ORDER BY id",
        'zero_sizes' => "SELECT * FROM zero_sizes WHERE job_id = ? AND sheet = 'incoming' ORDER BY id",
        'check_backs' => "SELECT * FROM check_backs WHERE job_id = ? AND sheet = 'incoming' ORDER BY id",
        'readings' => "SELECT id, ulid, place, typed, value_nm, look, setup_id, series, withdraws_id, user_id, mass_ug, volume_mm3 FROM readings WHERE job_id = ? AND sheet = 'incoming' ORDER BY id",
        'observations' => 'SELECT id, ulid, kind, subject, said, happened_at, user_id FROM observations WHERE job_id = ? ORDER BY id',
    ];

    /** @param  array<string, mixed>  $data */
    private function __construct(private array $data)
    {
    }

    public static function of(Job $job, SpecBook $specs, PolicyBook $policies): self
    {
        $data = [
            'format' => self::FORMAT, 'job' => $job->tag(), 'serial' => $job->serial, 'entries' => $job->entries, 'declared_step_nm' => $job->declared_step_nm,
            'sheet' => json_decode($specs->document($job->family, $job->family_revision), true, 32, JSON_THROW_ON_ERROR),
            'policy' => $policies->document($job->is_closed ? $job->policy_revision : $policies->newestNumber()),
        ];
        foreach (self::TABLES as $name => $query) {
            $data[$name] = array_map(static fn (object $row): array => (array) $row, DB::select($query, [$job->id]));
        }

        return new self($data);
    }

    /** @throws PackageRefused If it is no such package */
    public static function fromJson(string $json): self
    {
        try {
            $data = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (\JsonException $exception) {
            throw PackageRefused::because("it is no JSON: {$exception->getMessage()}");
        }
        if (! is_array($data) || ($data['format'] ?? null) !== self::FORMAT) {
            throw PackageRefused::because('its “format” is not “'.self::FORMAT.'”');
        }
        foreach (['sheet', 'policy', ...array_keys(self::TABLES)] as $part) {
            is_array($data[$part] ?? null) || throw PackageRefused::because("it has no “{$part}”");
        }

        return new self($data);
    }

    public function toJson(): string
    {
        return json_encode($this->data, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /**
     * The job judged from nothing but what stands here.
     *
     * @throws PackageRefused If a part of it cannot be read
     */
    public function evaluate(): Evaluation
    {
        try {
            $sheet = SpecificationSheet::fromArray($this->data['sheet']);
            $policy = ShopPolicy::fromArray($this->data['policy']);
            $observations = JobObservations::ofRows($this->data['observations']);
            $entries = SheetEntries::of(
                array_map(static fn (array $row): KeyedReading => KeyedReading::ofRow((object) $row), $this->data['readings']),
                SheetGauges::of(
                    array_map((new Setup)->newFromBuilder(...), $this->data['setups']),
                    array_map((new CheckBack)->newFromBuilder(...), $this->data['check_backs']),
                    array_map((new ZeroSize)->newFromBuilder(...), $this->data['zero_sizes']),
                ),
                SheetName::Incoming, $observations,
            );
            $step = $this->data['declared_step_nm'] ?? null;
            $assessment = BlockAssessment::of(
                $sheet, $policy, array_map(static fn (int $cylinder) => $entries->inspection($cylinder, $sheet, $policy), $sheet->layout->cylinders()),
                is_int($step) ? Length::ofNanometres($step) : null,
                [...PartDefect::ofCracks(CrackBook::report($sheet, $observations)), ...PrecheckBook::report($sheet, $observations)->defects(), ...PartDefect::ofSleeves(Received::surveys($observations))],
            );
        } catch (\TypeError|\ValueError|\ErrorException|\DomainException|\RuntimeException $exception) {
            throw PackageRefused::because($exception->getMessage());
        }

        return new Evaluation((string) ($this->data['job'] ?? ''), $sheet, $policy, $assessment);
    }
}
