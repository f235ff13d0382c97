<?php

declare(strict_types=1);

namespace App\Documents;

use App\Record\JobFile;
use App\Sheet\FinishedLine;
use App\Storage\Disposition;
use App\Storage\SheetName;
use App\Storage\StatedSetup;
use App\Words\AmountDisplay;
use App\Words\GaugesUsed;
use App\Words\Labels;
use App\Words\Line;
use App\Words\LookWord;
use App\Words\OperationWords;
use App\Words\SectionName;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;
use NorthLedger\Core\Verification\VerifiedFeature;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;

/**
 * What a certificate says of finished work beside the bores: what each thing was ordered to, what it is, and how that was read (WORK-6).
 */
final readonly class CertificateParts
{
    /** After them something of the engine is another one, and no reading of this house proves it. */
    private const ON_A_PERSONS_WORD = [
        OperationKind::CrackRepair,
        OperationKind::Threads,
        OperationKind::HeadRepair,
        OperationKind::HeadWeld,
        OperationKind::StrokeClearance,
        OperationKind::CorePlugs,
        OperationKind::CamshaftBearings,
        OperationKind::WeldJournals,
        OperationKind::HardenCrank,
        OperationKind::Match,
        OperationKind::Balance,
        OperationKind::ShellsFitted,
    ];

    private function __construct(private JobFile $file)
    {
    }

    /** @return list<array<string, mixed>> A section each, as plain data */
    public static function of(JobFile $file): array
    {
        $parts = new self($file);
        $sections = array_filter(
            $file->work()->verification()->sections(),
            static fn (Section $section): bool => $section !== Section::Bores,
        );

        return array_values(array_map($parts->section(...), $sections));
    }

    /**
     * @param  array<string, Operation>  $operations
     * @return list<string>
     */
    private static function named(string $line, array $operations): array
    {
        $kinds = [];
        foreach ($operations as $one) {
            $kinds[$one->kind->value][] = $one;
        }
        $names = array_map(
            static fn (array $those): string => count($those) === 1
                ? lcfirst(OperationWords::name($those[0]))
                : Line::of('verify.several', ['operation' => lcfirst(OperationWords::title($those[0])), 'count' => count($those)]),
            array_values($kinds),
        );

        return $names === [] ? [] : [Line::of($line, ['operations' => implode(', ', $names)])];
    }

    /** @return list<string> What somebody said is done, and no reading proves; and what was left out of the order */
    public static function unproved(JobFile $file): array
    {
        $operations = $file->work()->order()->operations ?? [];
        $leftOut = array_intersect_key($operations, array_flip($file->work()->verification()->leftOut()));
        $unproved = array_filter(
            array_diff_key($operations, $leftOut),
            static fn (Operation $operation): bool => in_array($operation->kind, self::ON_A_PERSONS_WORD, true),
        );

        return [...self::named('verify.unproved', $unproved), ...self::named('verify.left_out', $leftOut)];
    }

    /** @return array<string, mixed> */
    private function section(Section $section): array
    {
        $features = $this->file->work()->verification()->part($section);
        $ordered = $lacking = [];
        foreach ($features as $feature) {
            $ordered = [...$ordered, ...$feature->proof->conditions];
            $lacking = [...$lacking, ...$feature->lacking];
        }
        $held = array_filter($ordered, static fn (OrderedCondition $one): bool => ! in_array($one, $lacking, true));

        return [
            'title' => SectionName::of($section),
            'conditions' => self::conditions($held),
            'lacking' => self::conditions($lacking),
            'gauges' => array_values(
                array_unique(
                    array_map(
                        fn (StatedSetup $setup): string => GaugesUsed::words($setup, $this->file->display),
                        $this->file->record->entries(SheetName::of($section, Occasion::Final))->gauges->setups,
                    ),
                ),
            ),
            'tables' => array_map($this->table(...), self::byKind($features)),
        ];
    }

    /** @param  array<OrderedCondition>  $conditions */
    private static function conditions(array $conditions): string
    {
        return implode(
            ', ',
            array_map(
                static fn (OrderedCondition $one): string => Line::ofCode('verify.condition', $one),
                array_unique($conditions, SORT_REGULAR),
            ),
        );
    }

    /**
     * @param  array<string, VerifiedFeature>  $features
     * @return list<non-empty-list<VerifiedFeature>>
     */
    private static function byKind(array $features): array
    {
        $kinds = [];
        foreach ($features as $feature) {
            $kinds[$feature->subject()->kind()][] = $feature;
        }

        return array_values($kinds);
    }

    /**
     * Things of one kind, which are judged by the same: mains, rod journals.
     *
     * @param  non-empty-list<VerifiedFeature>  $features
     * @return array{columns: list<array{name: string, limit: string}>, rows: list<array<string, mixed>>}
     */
    private function table(array $features): array
    {
        $columns = [];
        foreach ($features as $feature) {
            foreach ($this->checks($feature) as $name => $finding) {
                $columns[$name][] = $this->limits($finding);
            }
        }

        return [
            'columns' => array_map(
                static fn (string $name, array $limits): array => [
                    'name' => ucfirst($name),
                    'limit' => count(array_unique($limits)) === 1 ? $limits[0] : '',
                ],
                array_keys($columns),
                $columns,
            ),
            'rows' => array_map(fn (VerifiedFeature $feature): array => $this->row($feature, $columns), $features),
        ];
    }

    /**
     * @param  array<string, non-empty-list<string>>  $columns  The limits of each, by what is judged
     * @return array<string, mixed>
     */
    private function row(VerifiedFeature $feature, array $columns): array
    {
        $line = FinishedLine::of($this->file, $feature);
        $disposition = $this->file->work()->verification()->disposition($feature->subject()->code);
        $checks = $this->checks($feature);
        $cells = [];
        foreach ($columns as $name => $limits) {
            $cells[] = isset($checks[$name]) ? $this->cell($checks[$name], count(array_unique($limits)) > 1) : '';
        }

        return [
            'what' => $line->name,
            'came' => $line->before,
            'ordered' => $line->ordered,
            'finished' => $line->now,
            'change' => $line->change,
            'checks' => $cells,
            'state' => $feature->state->value,
            'disposition' => $disposition === null ? null : self::decided($disposition),
        ];
    }

    private function cell(Finding $finding, bool $hasOwnLimits): string
    {
        $value =
            $finding->value === null
                ? LookWord::beside($finding->said)
                : (new AmountDisplay($this->file->display))->text($finding->value);
        $limits = $hasOwnLimits ? $this->limits($finding) : '';

        return $limits === '' ? $value : "{$value} ({$limits})";
    }

    /** “limit 0.4 thou”; empty where there is none, or something was looked at */
    private function limits(Finding $finding): string
    {
        $amounts = new AmountDisplay($this->file->display);

        return $finding->value === null || $finding->limits?->areKnown() !== true
            ? ''
            : trim("{$amounts->limits($finding->limits)} {$amounts->unit($finding->value->measurand)}");
    }

    /** @return array<string, Finding> By what it is judged by; the sizes stand in columns of their own */
    private function checks(VerifiedFeature $feature): array
    {
        $checks = [];
        foreach ($feature->findings as $finding) {
            if (! in_array($finding->criterion, [Criterion::OrderedSize, Criterion::Size], true)) {
                $checks[Labels::criterion($finding->criterion)] = $finding;
            }
        }

        return $checks;
    }

    public static function decided(Disposition $disposition): string
    {
        return Labels::code($disposition->kind).": {$disposition->reason} ({$disposition->user->name}, ".
            "{$disposition->created_at->format('Y-m-d')})";
    }
}
