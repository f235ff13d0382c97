<?php

declare(strict_types=1);

namespace App\Stages\Release;

use App\Record\JobFile;
use App\Storage\KeyedReading;
use App\Storage\SheetName;
use App\Storage\User;
use App\Words\OrderWords;
use App\Words\VerdictWords;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Verification\VerifiedBore;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\TickState;

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
        $order = $file->work()->order();
        if ($order === null) {
            return new self(['No option chosen yet.'], []);
        }
        $obstacles = [...self::disagreements($file), ...self::unknown($file)];
        if ($order->ofKind(OperationKind::Hone) === []) {
            $obstacles[] = 'Only finished bores can be verified so far: a job without them cannot be signed yet.';
        }
        $open = count($order->operations) - count(array_intersect(array_keys($order->operations), $file->work()->closedOperations()));
        if ($open > 0) {
            $obstacles[] = $open === 1 ? 'One operation of the order is open.' : "{$open} operations of the order are open.";
        }
        $unverified = array_values(
            array_map(
                static fn (VerifiedBore $bore): int => $bore->cylinder,
                array_filter($file->work()->verified(), static fn (VerifiedBore $bore): bool => ! $bore->state->closesTheWork()),
            ),
        );
        if ($unverified !== []) {
            $obstacles[] = 'Not verified: '.VerdictWords::cylinders($unverified).'.';
        }
        $own = self::ownWork($file);
        if ($own !== '' && $file->policy->forbidsVerifyingOwnWork) {
            $obstacles[] = $own.' The shop does not allow that.';
        }

        return new self($obstacles, $own === '' || $file->policy->forbidsVerifyingOwnWork ? [] : [$own]);
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

    private static function ownWork(JobFile $file): string
    {
        $readers = array_unique(
            array_map(static fn (KeyedReading $row): int => $row->userId, $file->record->entries(SheetName::bores(Occasion::Final))->rows),
        );
        $operations = $file->work()->order()->operations ?? [];
        $workers = [];
        foreach ($file->work()->ticks() as $tick) {
            if ($tick->state === TickState::Done && ($operations[$tick->operation] ?? null)?->kind === OperationKind::Hone) {
                $workers[$tick->user_id] = $tick->user->name;
            }
        }

        return count($readers) === 1 && isset($workers[reset($readers)])
            ? $workers[reset($readers)].' honed bores and is the only one who verified them.'
            : '';
    }
}
