<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\Said;
use App\Storage\ShelfBook;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Planning\BuildWishes;
use NorthLedger\Core\Planning\Choices\EngineChoices;
use NorthLedger\Core\Planning\EnginePlan;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;
use NorthLedger\Core\Quantity\Volume;

/** What can be done about every part of a job's engine, and what is recommended of it, as it is read now. */
final class PlanOfJob
{
    private ?EngineChoices $choices = null;

    private ?EngineToPlan $engine = null;

    private EnginePlan|false|null $recommended = false;

    public function __construct(private readonly JobFile $file)
    {
    }

    public function choices(): EngineChoices
    {
        return $this->choices ??= $this->made();
    }

    public function engine(): EngineToPlan
    {
        if ($this->engine === null) {
            $this->file->record->openAll();
            $this->engine = new EngineToPlan(
                $this->file->sheet,
                $this->file->policy,
                $this->file->inspection(),
                $this->file->record->cracks(),
                RunningBook::of($this->file->record->observations()),
                $this->wishes(),
                ShelfBook::of($this->file->job),
                $this->stripped(),
            );
        }

        return $this->engine;
    }

    /** True where other parts came than those with the bores: a crankshaft alone, a head. */
    public function isWithoutBores(): bool
    {
        return $this->choices()->parts !== [] &&
            ! $this->engine()->isHere(EnginePart::Block) &&
            ! $this->engine()->isHere(EnginePart::Cylinders);
    }

    public function budget(): ?Money
    {
        return $this->file->job->budget_minor === null ? null : Money::ofMinor($this->file->job->budget_minor);
    }

    /** @return ?EnginePlan Null where nothing is planned, or no plan is allowed */
    public function recommended(): ?EnginePlan
    {
        if ($this->recommended === false) {
            $this->recommended = $this->choices()->recommended($this->file->policy->preference, $this->budget());
        }

        return $this->recommended;
    }

    /**
     * The best plan that holds what was picked already.
     *
     * @param  array<string, string>  $picked  Codes of choices, by part
     */
    public function with(array $picked): ?EnginePlan
    {
        return $this->choices()->recommended($this->file->policy->preference, $this->budget(), $picked);
    }

    /**
     * A plan just as it was picked, forbidden or not; what was not picked is as recommended.
     *
     * @param  array<string, string>  $picked
     */
    public function asPicked(array $picked): ?EnginePlan
    {
        return $this->choices()->plan($picked + ($this->recommended()?->codes() ?? []));
    }

    public function wishes(): BuildWishes
    {
        $targets = $this->file->record->observations()->newest(EntryKind::BuildTarget);
        $ratios = $chambers = [];
        foreach ($targets as $subject => $said) {
            $bank = (int) (explode('.', $subject)[1] ?? 0);
            $ratio = $said->number('ratio');
            $chamber = $said->number('chamber_mm3');
            if ($bank > 0 && $ratio !== null) {
                $ratios[$bank] = $ratio;
            }
            if ($bank > 0 && $chamber !== null) {
                $chambers[$bank] = Volume::ofCubicMillimetres($chamber);
            }
        }

        return new BuildWishes($this->budget(), $this->file->job->keeps_original, self::deck($targets['deck'] ?? null), $ratios, $chambers);
    }

    /** @return array<string, int> How many holes are stripped, by what the thread is called */
    private function stripped(): array
    {
        $stripped = [];
        foreach ($this->file->sheet->threads as $thread) {
            $count = $this->file->record->precheck()->answers["thread.{$thread->key}"]->stripped ?? 0;
            if ($count > 0) {
                $stripped[$thread->words] = $count;
            }
        }

        return $stripped;
    }

    private static function deck(?Said $said): ?Length
    {
        $clearance = $said?->whole('clearance_nm');

        return $clearance === null ? null : Length::ofNanometres($clearance);
    }

    private function made(): EngineChoices
    {
        $engine = $this->engine();
        $choices = EngineChoices::of($engine);

        // A head that is cut to a ratio follows from the bore and the decks that go with it.
        return $engine->wishes->ratios === [] ? $choices : EngineChoices::of($engine->after($this->picked($choices)));
    }

    /** What was agreed, as far as it still stands; else what is recommended. */
    private function picked(EngineChoices $choices): ?EnginePlan
    {
        return $choices->recommended($this->file->policy->preference, $this->budget(), $this->file->work()->choice()->parts ?? []);
    }
}
