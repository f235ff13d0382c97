<?php

declare(strict_types=1);

namespace App\Stages\Release;

use App\Record\JobFile;
use App\Storage\CertificateStanding;
use App\Storage\EntryKind;
use App\Storage\LedgerEntry;
use App\Storage\SheetName;
use App\Storage\Stage;
use App\Storage\User;
use App\Words\EnginePartName;
use App\Words\Line;
use App\Words\Messages;
use App\Words\OrderWords;
use App\Words\SectionName;
use App\Words\SubjectName;
use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\AssessedPart;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Verification\CheckedPart;
use NorthLedger\Core\Verification\VerifiedBore;

/** What still stands between a job and its release (WORK-6), and what the signer should know (WORK-4). */
final readonly class ReleaseCheck
{
    /**
     * @param  list<OpenPoint>  $open
     * @param  list<string>  $warnings
     */
    private function __construct(public array $open, public array $warnings)
    {
    }

    public static function of(JobFile $file, ?User $signer): self
    {
        $check = self::ofPurpose($file);

        return new self([...OpenPoint::all(self::unchanged($file), Stage::Verify->value), ...$check->open], $check->warnings);
    }

    private static function ofPurpose(JobFile $file): self
    {
        if (! $file->job->isWorked()) {
            return $file->job->isCheck() ? self::ofCheck($file) : self::ofInspection($file);
        }
        $order = $file->work()->order();
        if ($order === null) {
            return new self([new OpenPoint(Line::of('release.no_option'), Stage::Plan->value)], []);
        }
        $open = count($order->operations) - count(array_intersect(array_keys($order->operations), $file->work()->closedOperations()));
        $own = OwnWork::of($file);
        $forbidden = array_map(
            static fn (string $sentence): string => Line::of('verify.own_work_forbidden', ['sentence' => $sentence]),
            $file->policy->forbidsVerifyingOwnWork ? $own : [],
        );

        return new self(
            [
                ...OpenPoint::all(self::disagreements($file), Stage::Plan->value),
                ...OpenPoint::all(self::unknown($file), Stage::Judge->value),
                ...$open === 0 ? [] : [new OpenPoint(Line::counted('release.operations_open', $open), Stage::Work->value)],
                ...self::unverified($file),
                ...OpenPoint::all($forbidden, Stage::Verify->value),
            ],
            $forbidden === [] ? $own : [],
        );
    }

    /** Of a job that only checks: each part is accepted or returned. */
    private static function ofCheck(JobFile $file): self
    {
        $open = array_map(
            static fn (CheckedPart $part): string => Line::of('verify.unanswered', [
                'part' => EnginePartName::of($file->sheet, $part->part),
            ]),
            $file->acceptance()->unanswered(),
        );

        return new self(OpenPoint::all([...self::disagreements($file), ...$open], Stage::Verify->value), []);
    }

    /** Of a job that only says what its parts are worth: each is known. */
    private static function ofInspection(JobFile $file): self
    {
        $open = array_map(
            static fn (AssessedPart $part): string => Line::of('release.part_open', [
                'part' => EnginePartName::of($file->sheet, $part->part),
            ]),
            $file->engine()->open(),
        );

        return new self(OpenPoint::all([...self::disagreements($file), ...$open], Stage::Judge->value), []);
    }

    /** @return list<string> A job was opened again because something was in doubt: the same readings do not settle it */
    private static function unchanged(JobFile $file): array
    {
        if ($file->work()->releases()->newestRecall()?->standing !== CertificateStanding::Reopened) {
            return [];
        }
        $newest = LedgerEntry::query()
            ->where('job_id', $file->job->id)
            ->whereNotIn('kind', [EntryKind::Setup->value, EntryKind::Imported->value])
            ->orderByDesc('number')
            ->value('kind');

        return $newest === EntryKind::Recall->value ? [Line::of('release.unchanged')] : [];
    }

    public function maySign(): bool
    {
        return $this->open === [];
    }

    /**
     * What was found since the choice, and what the customer has not answered (VER-6).
     *
     * @return list<string>
     */
    private static function disagreements(JobFile $file): array
    {
        // Who signs, signs what is judged now.
        $file->work()->lookAnew(false);

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
                : [Line::of('release.stay_unknown', ['cylinders' => VerdictWords::cylinders($staying)])],
            ...array_values(array_map(Messages::defect(...), $unchecked)),
        ];
    }

    /** @return list<OpenPoint> Finished work that is not verified, or is out and nobody decided about */
    private static function unverified(JobFile $file): array
    {
        $verification = $file->work()->verification();
        $bores = array_filter($verification->bores(), static fn (VerifiedBore $bore): bool => ! $bore->state->closesTheWork());
        $points =
            $bores === []
                ? []
                : [
                    new OpenPoint(
                        Line::of('release.bores_open', ['cylinders' => VerdictWords::cylinders(array_column($bores, 'cylinder'))]),
                        Stage::Verify->value,
                    ),
                ];
        foreach ($verification->openSections() as $section) {
            $names = [];
            foreach ($verification->part($section) as $feature) {
                if (! $feature->state->closesTheWork()) {
                    $names[] = lcfirst(SubjectName::of($feature->subject()));
                }
            }
            if ($names !== []) {
                $points[] = new OpenPoint(
                    Line::counted('verify.unverified', count($names), ['section' => SectionName::of($section), 'first' => $names[0]]),
                    SheetName::of($section, Occasion::Final)->path(),
                );
            }
        }

        return $points;
    }
}
