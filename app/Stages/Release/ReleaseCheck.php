<?php

declare(strict_types=1);

namespace App\Stages\Release;

use App\Record\JobFile;
use App\Storage\User;
use App\Words\Line;
use App\Words\OrderWords;
use App\Words\VerdictWords;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Verification\CheckedPart;
use NorthLedger\Core\Verification\VerifiedBore;

/** What still stands between a job and its release (WORK-6), and what the signer should know (WORK-4). */
final readonly class ReleaseCheck
{
    /**
     * @param  list<string>  $obstacles
     * @param  list<string>  $warnings
     */
    private function __construct(public array $obstacles, public array $warnings)
    {
    }

    public static function of(JobFile $file, ?User $signer): self
    {
        if ($file->job->isCheck()) {
            return self::ofCheck($file);
        }
        $order = $file->work()->order();
        if ($order === null) {
            return new self(['No option chosen yet.'], []);
        }
        $obstacles = [...self::disagreements($file), ...self::unknown($file)];
        $open = count($order->operations) - count(array_intersect(array_keys($order->operations), $file->work()->closedOperations()));
        if ($open > 0) {
            $obstacles[] = $open === 1 ? 'One operation of the order is open.' : "{$open} operations of the order are open.";
        }
        $own = OwnWork::of($file);
        $isForbidden = $file->policy->forbidsVerifyingOwnWork;

        return new self(
            [
                ...$obstacles,
                ...self::unverified($file),
                ...array_map(
                    static fn (string $sentence): string => Line::of('verify.own_work_forbidden', ['sentence' => $sentence]),
                    $isForbidden ? $own : [],
                ),
            ],
            $isForbidden ? [] : $own,
        );
    }

    /** Of a job that only checks: each part is accepted or returned. */
    private static function ofCheck(JobFile $file): self
    {
        $open = array_map(
            static fn (CheckedPart $part): string => Line::of('verify.unanswered', ['part' => $file->sheet->nameOf($part->part)]),
            $file->acceptance()->unanswered(),
        );

        return new self([...self::disagreements($file), ...$open], []);
    }

    public function maySign(): bool
    {
        return $this->obstacles === [];
    }

    /**
     * What was found since the choice, and what the customer has not answered (VER-6).
     *
     * @return list<string>
     */
    private static function disagreements(JobFile $file): array
    {
        return array_values(array_unique(array_map(OrderWords::stop(...), $file->work()->stops())));
    }

    /**
     * What the verdict needs and nobody read or checked: a bore that stays has to be known to, and a part that needs a crack check has to
     * have one.
     *
     * @return list<string>
     */
    private static function unknown(JobFile $file): array
    {
        $assessment = $file->assessment();
        $chosen = $file->work()->chosen();
        $staying =
            $chosen?->kind === OptionKind::Stay
                ? array_values(
                    array_map(
                        static fn (JudgedBore $bore): int => $bore->cylinder(),
                        array_filter(
                            $assessment->bores,
                            static fn (JudgedBore $bore): bool => $bore->canStay === CanStay::NotYetKnown &&
                                ! in_array($bore->cylinder(), $chosen->sleeved, true),
                        ),
                    ),
                )
                : [];
        $unchecked = array_filter($assessment->openDefects(), static fn (PartDefect $defect): bool => $defect->isUnchecked);

        return [
            ...$staying === []
                ? []
                : [
                    'Not yet known whether it can stay: '.
                    VerdictWords::cylinders($staying).
                    '. Read or look at what is missing, or put in the limit that nobody has looked up.',
                ],
            ...array_values(array_map(static fn (PartDefect $defect): string => $defect->sentence, $unchecked)),
        ];
    }

    /** @return list<string> Finished work that is not verified, or is out and nobody decided about */
    private static function unverified(JobFile $file): array
    {
        $bores = array_filter(
            $file->work()->verification()->bores(),
            static fn (VerifiedBore $bore): bool => ! $bore->state->closesTheWork(),
        );
        $names = [];
        foreach ($file->work()->verification()->parts() as $feature) {
            if (! $feature->state->closesTheWork()) {
                $names[$feature->proof->section->title()][] = lcfirst($feature->subject()->label);
            }
        }

        return [
            ...($bores === [] ? [] : ['Not verified: '.VerdictWords::cylinders(array_column($bores, 'cylinder')).'.']),
            ...array_map(
                static fn (string $section, array $those): string => Line::counted('verify.unverified', count($those), [
                    'section' => $section,
                    'first' => $those[0],
                ]),
                array_keys($names),
                $names,
            ),
        ];
    }
}
