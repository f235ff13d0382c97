<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Sheet\TypedLength;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\Observation;
use App\Storage\User;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Features\Cracks\CrackLocation;
use NorthLedger\Core\Features\Cracks\ImpossibleLocation;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\StepKind;

/** Places an indication on the crack map, reads one again, or takes one back that was put in the wrong place (CRACK-3). */
final readonly class PlaceIndication
{
    public function __construct(private Observe $observe)
    {
    }

    /**
     * @param  list<array{int, int}>  $points
     * @param  string  $length  As typed; empty where it was not measured
     */
    public function handle(
        Job $job,
        User $by,
        string $ulid,
        Face $face,
        CrackZone $zone,
        ?int $cylinder,
        array $points,
        Look $look,
        string $length,
        string $remark,
        Carbon $at,
    ): Written {
        return $this->observe->handle(
            $job,
            $by,
            $ulid,
            EntryKind::Indication,
            function (JobFile $file) use ($ulid, $face, $zone, $cylinder, $points, $look, $length, $remark): array {
                if (
                    ! in_array($face, $file->sheet->faces(), true) ||
                    ($cylinder !== null && ! in_array($cylinder, $file->sheet->layout->cylinders(), true))
                ) {
                    throw Refused::because('face', Line::of('cracks.ask.no_such_face'));
                }
                try {
                    $location = CrackLocation::on($face, $zone, $cylinder, $points);
                } catch (ImpossibleLocation $exception) {
                    throw Refused::because($cylinder === null ? 'cylinder' : 'points', Messages::refusal($exception));
                }

                return [
                    $ulid,
                    [
                        'face' => $face->value,
                        'zone' => $zone->value,
                        'cylinder' => $zone->isAtCylinder() ? $cylinder : null,
                        'points' => $location->points,
                        'look' => $look->value,
                        'length_nm' => TypedLength::above(
                            $file,
                            'length',
                            $length,
                            Line::of('cracks.told.length_above_nothing_leave'),
                        )?->nanometres,
                        'typed' => $length,
                        'remark' => $remark,
                        'run' => $this->runOn($file, $face),
                    ],
                ];
            },
            $at,
        );
    }

    /** A retest read: the mark came back like that, or not at all. */
    public function readAgain(Job $job, User $by, string $ulid, string $runId, Look $look, Carbon $at): Written
    {
        return $this->observe->handle(
            $job,
            $by,
            $ulid,
            EntryKind::IndicationRead,
            static function (JobFile $file) use ($by, $runId, $look, $at): array {
                $run = CrackEntries::run($file, $runId);
                $next = $run->next();
                if ($run->retestOf === null || $next === null || $next->kind !== StepKind::Read) {
                    throw Refused::because(
                        'run',
                        $next === null
                            ? Line::of('cracks.ask.retest_is_read')
                            : Line::of('cracks.ask.first', ['step' => Messages::text($next->title())]),
                    );
                }
                $indication = CrackEntries::indication($file, $run->retestOf);
                Observation::query()->create([
                    'ulid' => (string) Str::ulid(),
                    'job_id' => $file->job->id,
                    'kind' => EntryKind::CrackStep,
                    'subject' => $runId,
                    'said' => ['step' => 'read'],
                    'happened_at' => $at,
                    'user_id' => $by->id,
                    'created_at' => now(),
                ]);

                return [$indication->id, ['look' => $look->value, 'run' => $runId]];
            },
            $at,
        );
    }

    public function takeBack(Job $job, User $by, string $ulid, string $indication, string $reason): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::Indication, static function (JobFile $file) use (
            $indication,
            $reason,
        ): array {
            $one = CrackEntries::indication($file, $indication);
            if (count($one->readings) > 1) {
                throw Refused::because('indication', Line::of('cracks.ask.read_again_since'));
            }

            return [
                $indication,
                [
                    'withdrawn' => true,
                    'reason' =>
                        trim($reason) === ''
                            ? throw Refused::because('reason', Line::of('cracks.ask.why_away'))
                            : $reason,
                ],
            ];
        });
    }

    /** The check that is being read on that face, so that its times mark the reading. */
    private function runOn(JobFile $file, Face $face): string
    {
        foreach (array_reverse($file->record->cracks()->runs) as $run) {
            if ($run->retestOf === null && in_array($face, $run->faces, true)) {
                return $run->id;
            }
        }

        return '';
    }
}
