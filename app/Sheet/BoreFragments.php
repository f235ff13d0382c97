<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\GaugedFeature;
use App\Pages\Marks;
use App\Record\JobFile;
use App\Storage\SheetName;
use App\Storage\User;

/** The parts of one bore's own page: its wall all the way round, and what each size would do to it. */
final class BoreFragments implements Fragments
{
    private ?BorePage $page = null;

    public function __construct(private readonly JobFile $file, private readonly int $cylinder, private readonly ?User $reader)
    {
    }

    public function url(): string
    {
        return "/jobs/{$this->file->job->tag()}/sheets/bores/bores/{$this->cylinder}";
    }

    public function setup(): string
    {
        return view('bore.setup', ['page' => $this->page(), 'file' => $this->file])->render();
    }

    public function drawing(): string
    {
        return view('bore.drawing', ['page' => $this->page()])->render();
    }

    public function table(): string
    {
        return view('bore.table', ['page' => $this->page()])->render();
    }

    public function margin(): string
    {
        if (! app(Marks::class)->areShown) {
            return '';
        }

        return view('bore.margin', [
            'page' => $this->page(),
            'job' => $this->file->job,
            'file' => $this->file,
            'mayWrite' => ! $this->file->job->is_closed && ($this->reader?->can('measure') ?? false),
        ])->render();
    }

    public function walk(): array
    {
        $entries = $this->file->record->entries(SheetName::bores());
        $unread = array_values(
            array_filter(BorePage::places($this->cylinder), static fn ($place): bool => $entries->at($place)->newest() === null),
        );

        return array_map(
            static fn ($place, int $index): array => ['place' => $place->key, 'isProposed' => $index === 0, 'isRepeat' => false],
            $unread,
            array_keys($unread),
        );
    }

    public function gauges(): GaugeChoices
    {
        return GaugeChoices::inUse($this->file->entryDisplay());
    }

    public function keys(): array
    {
        return SheetKeys::ofBores();
    }

    public function features(): array
    {
        return GaugedFeature::ofBores($this->file);
    }

    public function page(): BorePage
    {
        return $this->page ??= BorePage::of($this->file, $this->cylinder);
    }
}
