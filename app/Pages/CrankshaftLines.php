<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;

/** The crankshafts that came, judged once for what stands: each is judged with the whole engine. */
final readonly class CrankshaftLines
{
    /** @param  list<CrankshaftLine>  $lines  Empty where no other one came than that of the engine */
    private function __construct(public array $lines)
    {
    }

    public static function of(JobFile $file, KeptPages $kept): self
    {
        return count($file->record->observations()->crankshafts->marks()) === 1
            ? new self([])
            : $kept->of($file, self::class, static fn (JobFile $file): self => new self(CrankshaftLine::all($file)));
    }
}
