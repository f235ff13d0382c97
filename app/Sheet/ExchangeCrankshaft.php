<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\CrankshaftsThatCame;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Storage\User;
use App\Words\Line;
use App\Words\OperationWords;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkPart;

/** Puts another crankshaft that came on the bench, or takes one up again: from now on it is the one that is judged and used. */
final readonly class ExchangeCrankshaft
{
    private const MOST = 9;

    public function __construct(private Observe $observe)
    {
    }

    /**
     * @param  string  $letter  Of the one that is taken up again; empty for one that nobody has looked at yet
     * @param  string  $mark  How that one is marked
     */
    public function handle(Job $job, User $by, string $ulid, string $letter, string $mark): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::CrankshaftExchanged, static function (JobFile $file) use (
            $letter,
            $mark,
        ): array {
            $crankshafts = $file->record->observations()->crankshafts;
            $marks = $crankshafts->marks();
            self::refuseWhileWorked($file);
            if (! $file->job->arrival->brings(EnginePart::Crankshaft)) {
                throw Refused::because('use', Line::of('crankshafts.none_came'));
            }
            if ($letter !== '' && (! isset($marks[$letter]) || $letter === $crankshafts->inUse())) {
                throw Refused::because('use', Line::of('crankshafts.no_such'));
            }
            if ($letter === '') {
                $letter = self::nextLetter($marks, trim($mark));
            }

            return [
                $letter,
                [
                    'mark' => $marks[$letter] ?? trim($mark),
                    'last_readings' => self::lastReadings($file),
                    'last_choice' => $file->work()->choice()?->ulid,
                ],
            ];
        });
    }

    /** @param  array<string, string>  $marks */
    private static function nextLetter(array $marks, string $mark): string
    {
        if ($mark === '') {
            throw Refused::because('mark', Line::of('crankshafts.say_mark'));
        }
        if (in_array(mb_strtolower($mark), array_map(mb_strtolower(...), $marks), true)) {
            throw Refused::because('mark', Line::of('crankshafts.known_mark', ['mark' => $mark]));
        }
        if (count($marks) >= self::MOST) {
            throw Refused::because('mark', Line::of('crankshafts.too_many'));
        }

        return chr(ord(CrankshaftsThatCame::FIRST) + count($marks));
    }

    /** What was done at a machine was done to the one on the bench, and is not done to another. */
    private static function refuseWhileWorked(JobFile $file): void
    {
        $logged = array_column($file->record->observations()->all(EntryKind::WorkLog), 'subject');
        $begun = [...$file->work()->closedOperations(), ...$logged];
        foreach ($file->work()->order()->operations ?? [] as $key => $operation) {
            $isDoneToIt =
                $operation->kind->part() === WorkPart::Crankshaft ||
                in_array($operation->kind, [OperationKind::Balance, OperationKind::ShellsFitted], true);
            if ($isDoneToIt && in_array($key, $begun, true)) {
                throw Refused::because('use', Line::of('crankshafts.worked', ['operation' => OperationWords::name($operation)]));
            }
        }
    }

    /** @return array<string, ?string> The newest reading of each sheet of a crankshaft: what comes after it is of the other one */
    private static function lastReadings(JobFile $file): array
    {
        $last = [];
        foreach ([Occasion::Incoming, Occasion::Final] as $occasion) {
            $sheet = SheetName::of(Section::Crankshaft, $occasion);
            $last[$sheet->value] = $file->record->entries($sheet)->lastUlid();
        }

        return $last;
    }
}
