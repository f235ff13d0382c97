<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Precheck;

use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;

/** The checklist with its answers, and the defects that follow from them (LINE-2, LINE-3). */
final readonly class PrecheckReport
{
    private const TOLD_APART = ['parting.gap', 'line-bore.step', 'blasted'];

    /** @param  array<string, ItemAnswer>  $answers  By key */
    public function __construct(private SpecificationSheet $sheet, public Checklist $checklist, public array $answers)
    {
    }

    public function state(string $key): ItemState
    {
        return $this->answers[$key]->state ?? ItemState::NotChecked;
    }

    /** @return list<CheckItem> */
    public function open(): array
    {
        return $this->inState(ItemState::NotChecked);
    }

    /** @return list<CheckItem> */
    public function findings(): array
    {
        return $this->inState(ItemState::Finding);
    }

    /** How many thread inserts were found; null where a kind of thread is not checked. */
    public function insertsFound(): ?int
    {
        $found = 0;
        foreach ($this->sheet->threads as $thread) {
            $inserts = $this->answers["thread.{$thread->key}"]->inserts ?? null;
            if ($inserts === null) {
                return null;
            }
            $found += max(0, $inserts - $thread->insertsExpected);
        }

        return $found;
    }

    /** @return list<PartDefect> */
    public function defects(): array
    {
        return [...array_values(array_filter([$this->partingGap(), $this->lastLineBore(), $this->blasted()])), ...$this->found()];
    }

    /**
     * What else was found, each line as it was answered; a gap, a step and blasting have words of their own.
     *
     * @return list<PartDefect>
     */
    private function found(): array
    {
        return array_values(
            array_map(
                fn (CheckItem $item): PartDefect => PartDefect::found($item->part, $item->remedy(), 'VER-1', $this->said($item)),
                array_filter($this->findings(), self::isDefectAsItIs(...)),
            ),
        );
    }

    /** @return list<CheckItem> Findings that are no defect by themselves: what they come to is told apart, if anything */
    public function toldApart(): array
    {
        return array_values(array_filter($this->findings(), static fn (CheckItem $item): bool => ! self::isDefectAsItIs($item)));
    }

    private static function isDefectAsItIs(CheckItem $item): bool
    {
        return $item->kind !== AnswerKind::Wash && ! in_array($item->key, self::TOLD_APART, true);
    }

    private function said(CheckItem $item): Message
    {
        $answer = $this->answers[$item->key];
        $more = array_filter([$answer->place, $answer->remark], static fn (string $part): bool => trim($part) !== '');

        return new Message('precheck.found', [
            'finding' => $this->threads($item) ?? $item->finding(),
            'more' => implode('', array_map(static fn (string $part): string => ", {$part}", $more)),
        ]);
    }

    /** How many holes are stripped is what is found of them; null where nothing was counted. */
    private function threads(CheckItem $item): ?Message
    {
        $stripped = $this->answers[$item->key]->stripped ?? 0;

        return $item->kind === AnswerKind::Threads && $stripped > 0
            ? new Message('precheck.threads_stripped', ['what' => $item->title, 'count' => $stripped])
            : null;
    }

    private function partingGap(): ?PartDefect
    {
        $gap = $this->answers['parting.gap']->measured ?? null;

        return $gap === null || ! $this->sheet->housings->isPartedBy($gap)
            ? null
            : PartDefect::found(
                EnginePart::Block,
                Remedy::Scrap,
                'LINE-3',
                new Message('precheck.defect.parting_gap'),
            );
    }

    private function lastLineBore(): ?PartDefect
    {
        $step = $this->answers['line-bore.step']->measured ?? null;
        $steps = $this->sheet->housings->lineBoreSteps ?? [];

        return $step === null || $steps === [] || $step->isSmallerThan(Length::largest(...$steps))
            ? null
            : PartDefect::found(
                EnginePart::Block,
                Remedy::Scrap,
                'LINE-3',
                new Message('precheck.defect.last_line_bore'),
            );
    }

    private function blasted(): ?PartDefect
    {
        $washedByGrit =
            array_filter(
                $this->answers,
                static fn (ItemAnswer $answer): bool => $answer->wash === WashMethod::GritBlast && $answer->key === 'wash.block',
            ) !== [];
        if ($this->sheet->housings->partingGap === null || ! ($washedByGrit || $this->state('blasted') === ItemState::Finding)) {
            return null;
        }

        [$remedy, $code] = match ($this->sheet->housings->galleriesOpenable) {
            true => [Remedy::Decide, 'precheck.defect.blasted_open'],
            false => [Remedy::Scrap, 'precheck.defect.blasted_closed'],
            null => [Remedy::Decide, 'precheck.defect.blasted'],
        };

        return PartDefect::found(EnginePart::Block, $remedy, 'LINE-3', new Message($code));
    }

    /** @return list<CheckItem> */
    private function inState(ItemState $state): array
    {
        return array_values(array_filter($this->checklist->items, fn (CheckItem $item): bool => $this->state($item->key) === $state));
    }
}
