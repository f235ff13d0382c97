<?php

declare(strict_types=1);

namespace App\Documents;

use App\Pages\AssessedParts;
use App\Record\JobFile;
use App\Words\EnginePartName;
use App\Words\Labels;
use App\Words\Line;
use App\Words\LookWord;
use App\Words\Messages;
use App\Words\PlannedWorkWords;
use App\Words\SubjectName;
use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\AssessedPart;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Inspection\PlannedWork;

/** What the customer is told that was found of one part of the engine. */
final readonly class FoundPart
{
    private const MOST_LINES = 4;

    public function __construct(private JobFile $file, private AssessedPart $part)
    {
    }

    /** @return list<array{part: string, answer: string, out: list<string>, open: list<string>}> Every part of an inspection that is here */
    public static function inspected(JobFile $file): array
    {
        $here = array_filter($file->engine()->parts, static fn (AssessedPart $part): bool => $part->isHere);

        return array_values(
            array_map(static function (AssessedPart $part) use ($file): array {
                $found = new self($file, $part);

                return ['part' => $found->name(), 'answer' => $found->worth(), 'out' => $found->lines(), 'open' => []];
            }, $here),
        );
    }

    /** @return array{name: string, verdict: string, lines: list<string>, more: int} */
    public function summary(): array
    {
        $lines = $this->lines();

        return [
            'name' => $this->name(),
            'verdict' => $this->worth(),
            'lines' => array_slice($lines, 0, self::MOST_LINES),
            'more' => max(0, count($lines) - self::MOST_LINES),
        ];
    }

    /** Why nothing can be said of it yet: it is not all read, or nobody has looked its limits up. */
    public function whyUnknown(): string
    {
        $findings = array_merge(
            $this->part->findings,
            ...array_map(
                static fn (JudgedBore $bore): array => array_values($bore->findings),
                $this->carriesTheBores() ? $this->file->assessment()->bores : [],
            ),
        );
        $outcomes = array_column($findings, 'outcome');
        $isLimitless = in_array(Outcome::NoLimit, $outcomes, true) && ! in_array(Outcome::Missing, $outcomes, true);

        return Line::of($isLimitless ? 'findings.report.no_limits' : 'findings.report.not_read', [
            'part' => EnginePartName::of($this->file->sheet, $this->part->part),
        ]);
    }

    private function name(): string
    {
        return ucfirst(EnginePartName::of($this->file->sheet, $this->part->part));
    }

    private function worth(): string
    {
        return Line::ofCode('findings.worth', $this->part->verdict);
    }

    private function carriesTheBores(): bool
    {
        return $this->part->part === ($this->file->sheet->deck === null ? EnginePart::Cylinders : EnginePart::Block);
    }

    /** @return list<string> */
    private function lines(): array
    {
        $words = new PlannedWorkWords($this->file->display);
        $works = AssessedParts::works($this->file, $this->part->part);

        return [
            ...array_map(Messages::defect(...), $this->part->defects),
            ...array_map(static fn (PlannedWork $work): string => $words->sentence($work), $works),
            ...$this->carriesTheBores() ? [...$this->pistons(), ...array_map(self::worn(...), $this->worstOfTheBores())] : [],
            ...$works === [] ? array_map(self::pastItsLimit(...), $this->failures()) : [],
        ];
    }

    /** @return list<Finding> */
    private function failures(): array
    {
        return array_values(array_filter($this->part->findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail));
    }

    /** @return list<string> Where it is the piston that is worn, and not its bore (BORE-6a) */
    private function pistons(): array
    {
        $isItsPiston = static fn (JudgedBore $bore): bool => $bore->canStay === CanStay::WithNewPiston;
        $worn = array_filter($this->file->assessment()->bores, $isItsPiston);
        $cylinders = array_values(array_map(static fn (JudgedBore $bore): int => $bore->cylinder(), $worn));

        return $cylinders === []
            ? []
            : [Line::of('findings.report.piston_worn', ['cylinders' => ucfirst(VerdictWords::cylinders($cylinders))])];
    }

    /** @return list<Finding> One for every cylinder */
    private function worstOfTheBores(): array
    {
        $worst = [];
        foreach ($this->file->assessment()->failures() as $finding) {
            $worst[$finding->about->number()] ??= $finding;
        }
        ksort($worst);

        return array_values($worst);
    }

    /** Of a bore: what is seen, or that it is worn. */
    private static function worn(Finding $finding): string
    {
        return Line::of($finding->criterion->isLookAtWall() ? 'findings.report.seen' : 'findings.report.worn', [
            'subject' => SubjectName::of($finding->about),
            'criterion' => Labels::criterion($finding->criterion),
            'said' => LookWord::beside($finding->said),
        ]);
    }

    private static function pastItsLimit(Finding $finding): string
    {
        return Line::of('findings.report.past_its_limit', [
            'subject' => SubjectName::of($finding->about),
            'criterion' => Labels::criterion($finding->criterion),
        ]);
    }
}
