<?php

declare(strict_types=1);

namespace App\Load;

use App\Words\Line;
use DateTimeImmutable;
use NorthLedger\Core\Scheduling\ChainLink;
use NorthLedger\Core\Scheduling\HeldBy;
use NorthLedger\Core\Scheduling\Help;
use NorthLedger\Core\Scheduling\HelpKind;
use NorthLedger\Core\Scheduling\LateJob;
use NorthLedger\Core\Work\AwaitedPart;

/** Puts into words why jobs are late and what was found to help, by planning it that way (LOAD-4). */
final readonly class WhyLate
{
    /** What helps is the best of what was tried. */
    private const MOST_HELPS = 3;

    /** Less than this is no help worth a telephone call. */
    private const LEAST_MINUTES = 15;

    /** From Friday's closing to Monday's opening, and some. */
    private const A_WEEKEND = 4_320;

    public function __construct(private PlannedLoad $plan, private KeptHelps $kept)
    {
    }

    public function line(LateJob $late, bool $withHelps): LateLine
    {
        $job = $this->plan->jobs[$late->code];
        $chain = $this->plan->chains[$late->code];

        return new LateLine(
            $late->code,
            Line::of($job->record->isProvisional ? 'load.is_late_if_agreed' : 'load.is_late', [
                'tag' => $late->code,
                'time' => LoadWords::minutes($late->minutesLate),
            ]),
            Line::of('load.ready', [
                'at' => LoadWords::at($this->plan->at($this->plan->schedule->ends[$late->code])),
                'due' => LoadWords::day(new DateTimeImmutable($job->dueOn)),
            ]),
            $this->because($chain),
            array_map($this->link(...), $chain),
            $withHelps ? $this->helps($late) : null,
        );
    }

    /** @return list<string> */
    private function helps(LateJob $late): array
    {
        $said = [];
        foreach (array_slice($this->kept->of($late), 0, self::MOST_HELPS) as $help) {
            if ($help->minutesSooner >= self::LEAST_MINUTES) {
                $said[] = $this->help($help);
            }
        }

        return $said === [] ? [Line::of('load.help.nothing')] : $said;
    }

    private function help(Help $help): string
    {
        $time = LoadWords::minutes($help->minutesSooner);
        $awaited = $help->kind === HelpKind::PartSooner ? $this->awaited($help->about) : null;
        $says = match ($help->kind) {
            HelpKind::JobFirst => Line::of('load.help.job_first', ['time' => $time]),
            HelpKind::LongerHours => Line::of('load.help.longer_hours', ['machine' => LoadWords::theUnit($help->about), 'time' => $time]),
            HelpKind::PartSooner => $awaited?->part === null
                ? Line::counted('load.help.answer_sooner', $help->days, ['time' => $time])
                : Line::counted('load.help.part_sooner', $help->days, [
                    'What' => ucfirst(LoadWords::part($awaited->part)),
                    'time' => $time,
                ]),
        };
        $others = abs($help->othersLater);

        return $others < self::LEAST_MINUTES
            ? $says
            : $says.
                    ' '.
                    Line::of($help->othersLater > 0 ? 'load.help.others_later' : 'load.help.others_sooner', [
                        'time' => LoadWords::minutes($others),
                    ]);
    }

    /**
     * The last thing in the chain that the job's own work did not do.
     *
     * @param  list<ChainLink>  $chain
     */
    private function because(array $chain): string
    {
        foreach (array_reverse($chain) as $link) {
            $said = $this->closed($link);
            if ($said !== '') {
                return $said;
            }
            $said = match ($link->heldBy) {
                HeldBy::Earliest => $this->waited($link->operation),
                HeldBy::Machine => Line::of('load.because.machine', [
                    'machine' => $this->machine($link->operation),
                    'other' => $this->work((string) $link->by),
                    'until' => LoadWords::at($this->plan->at($this->plan->schedule->placements[(string) $link->by]->end)),
                    'work' => $this->workOfItsJob($link->operation),
                ]),
                HeldBy::Pin => Line::of('load.because.pin', [
                    'work' => $this->workOfItsJob($link->operation),
                    'at' => $this->starts($link->operation),
                ]),
                HeldBy::Operation => $this->ordered($link),
                HeldBy::Closed, HeldBy::Nothing => '',
            };
            if ($said !== '') {
                return $said;
            }
        }

        return Line::of('load.because.work');
    }

    /** Where it waited for what could be ordered only after other work. */
    private function ordered(ChainLink $link): string
    {
        $by = (string) $link->by;
        $item = AwaitedPart::orderedBy(PlannedLoad::kindOf($by));
        if ($item === null) {
            return '';
        }
        $ordered = $this->plan->schedule->placements[$by]->end;

        return Line::of('load.because.ordered', [
            'what' => LoadWords::part($item),
            'at' => LoadWords::day($this->plan->at($ordered)),
            'day' => LoadWords::day($this->plan->at($ordered + $this->plan->load->operations[$by]->wait)),
            'work' => $this->workOfItsJob($link->operation),
        ]);
    }

    private function waited(string $operation): string
    {
        $awaited = $this->awaited($operation);
        if ($awaited === null) {
            return '';
        }
        $with = [
            'what' => LoadWords::part($awaited->part),
            'day' => LoadWords::day($awaited->on),
            'work' => $this->workOfItsJob($operation),
        ];

        return Line::of(
            match (true) {
                $awaited->part === null => 'load.because.answer',
                $awaited->isExpected => 'load.because.part_expected',
                default => 'load.because.part',
            },
            $with,
        );
    }

    /** A machine that is closed over a night or a weekend is no reason; one that is out of order, or is seldom worked, is. */
    private function closed(ChainLink $link): string
    {
        $placement = $this->plan->schedule->placements[$link->operation];
        $couldStart = $this->couldStart($link);
        if ($placement->machine === null || $link->heldBy === HeldBy::Pin || $placement->start <= $couldStart) {
            return '';
        }
        $start = $this->plan->at($placement->start);
        $with = ['machine' => $this->machine($link->operation), 'work' => $this->workOfItsJob($link->operation)];
        foreach ($this->plan->closuresAt($placement->machine) as $closure) {
            // It ends when the work begins, or in the night before.
            $endsBefore = $closure->ends_at <= $start && $closure->ends_at > $start->modify('-3 days');
            if ($endsBefore && $closure->ends_at > $this->plan->at($couldStart) && $link->heldBy !== HeldBy::Earliest) {
                $until = LoadWords::until($closure->ends_at->toDateTimeImmutable());

                return Line::of('load.because.closed_why', ['until' => $until, 'why' => $closure->words()] + $with);
            }
        }

        return $placement->start - $couldStart < self::A_WEEKEND
            ? ''
            : Line::of('load.because.closed', ['until' => LoadWords::at($start)] + $with);
    }

    /** The minute from which only its machine's hours can have held it. */
    private function couldStart(ChainLink $link): int
    {
        $operation = $link->operation;
        $atMachine = $link->heldBy === HeldBy::Machine ? $this->plan->schedule->placements[(string) $link->by]->end : 0;

        return max($this->plan->readyFor($operation), $this->plan->load->operations[$operation]->earliest, $atMachine);
    }

    /** @return array{work: string, when: string, why: string} */
    private function link(ChainLink $link): array
    {
        $awaited = $link->heldBy === HeldBy::Earliest ? $this->awaited($link->operation) : null;

        return [
            'work' => $this->work($link->operation),
            'when' => $this->starts($link->operation),
            'why' =>
                $awaited !== null
                    ? LoadWords::part($awaited->part).', '.LoadWords::day($awaited->on)
                    : Line::ofCode('load.chain', $link->heldBy, ['other' => $link->by === null ? '' : $this->work($link->by)]),
        ];
    }

    private function awaited(string $operation): ?Awaited
    {
        return $this->plan->jobOf($operation)->awaited[PlannedLoad::kindOf($operation)->value] ?? null;
    }

    /** “NL-0418 bore 1 to 8” */
    private function work(string $operation): string
    {
        return $this->plan->jobOf($operation)->tag.' '.$this->workOfItsJob($operation);
    }

    private function workOfItsJob(string $operation): string
    {
        $kind = PlannedLoad::kindOf($operation);

        return LoadWords::work($kind, $this->plan->jobOf($operation)->left($kind));
    }

    private function machine(string $operation): string
    {
        return LoadWords::theUnit((string) $this->plan->schedule->placements[$operation]->machine);
    }

    private function starts(string $operation): string
    {
        return LoadWords::at($this->plan->at($this->plan->schedule->placements[$operation]->start));
    }
}
