<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Storage\SheetName;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Verification\WorstFirst;

/** Where the hand goes next on a sheet: what a verdict needs first, suspect readings again, then what else there is. */
final readonly class PartWalk
{
    /**
     * @param  list<Characteristic>  $open
     * @param  ?array<string, true>  $asked  Keys of the places that a finding still asks for; null while nothing is judged: whatever is
     *     needed
     */
    private function __construct(private array $open, private ?array $asked)
    {
    }

    /** Nothing more is proposed of a part that is scrap. */
    public static function of(JobFile $file, Section $section): self
    {
        $entries = $file->record->entries(SheetName::of($section));
        $isScrap = $section->judgesParts() && $file->inspection()->judged($section)->verdict() === PartVerdict::Scrap;
        $known = $section === Section::Weights ? $file->inspection()->measurements($section) : null;

        $judged = $section->judgesParts() ? $file->inspection()->judged($section) : null;
        $asked =
            $judged?->isRead === true
                ? array_fill_keys(array_map(static fn (Place $place): string => $place->key, $judged->missing()), true)
                : null;

        return new self(
            $isScrap
                ? []
                : array_values(
                    array_filter(
                        $file->inspection()->plan($section)->walk(),
                        static fn (Characteristic $one): bool => ($entries->at($one->place)->newest() === null &&
                            $known?->isRead($one->place) !== true) ||
                            $entries->isSuspect($one->place),
                    ),
                ),
            $asked,
        );
    }

    /** Of finished work: whatever was ordered and is not read since it was last worked, what is likeliest to be out first. */
    public static function finished(JobFile $file, Section $section): self
    {
        $verification = $file->work()->verification();
        $entries = $verification->entries($section);
        $missing = [];
        foreach ($verification->part($section) as $feature) {
            foreach ($feature->missing as $place) {
                $missing[$place->key] = true;
            }
        }

        $open = array_filter(
            $verification->plan($section)->walk(),
            static fn (Characteristic $one): bool => $entries->at($one->place)->newest() === null || $entries->isSuspect($one->place),
        );
        $order = WorstFirst::ofFeatures($verification->part($section), $file->work()->tickedOperations());

        return new self($order->sort(array_values($open), static fn (Characteristic $one): Place => $one->place), $missing);
    }

    public function next(): ?Place
    {
        return array_values(array_filter($this->open, $this->isAsked(...)))[0]->place ?? null;
    }

    public function needed(): int
    {
        return count(array_filter($this->open, $this->isAsked(...)));
    }

    /** @return list<array{place: string, isProposed: bool, isRepeat: bool}> */
    public function places(): array
    {
        $next = $this->next()?->key;
        $open = $this->open;
        usort($open, fn (Characteristic $a, Characteristic $b): int => $this->isAsked($b) <=> $this->isAsked($a));

        return array_map(
            static fn (Characteristic $one): array => [
                'place' => $one->place->key,
                'isProposed' => $one->place->key === $next,
                'isRepeat' => false,
            ],
            $open,
        );
    }

    private function isAsked(Characteristic $one): bool
    {
        return $one->isNeeded && ($this->asked === null || isset($this->asked[$one->place->key]));
    }
}
