<?php

declare(strict_types=1);

namespace App\Stages\Judge;

use App\Drawings\EngineDrawing;
use App\Http\ThumbTab;
use App\Pages\CrankshaftLine;
use App\Pages\EngineView;
use App\Record\JobFile;
use App\SpecBook\MissingLimitsForm;

/** All that the Judge page shows of a job. */
final readonly class JudgePage
{
    /**
     * @param  list<ThumbTab>  $tabs
     * @param  list<CrankshaftLine>  $crankshafts  Where several came
     */
    private function __construct(
        public JudgeView $judged,
        public ?PistonTable $pistons,
        public EngineView $engine,
        public EngineDrawing $drawing,
        public array $tabs,
        public MissingLimitsForm $limits,
        public array $crankshafts,
    ) {
    }

    public static function of(JobFile $file): self
    {
        return new self(
            JudgeView::of($file),
            PistonTable::of($file),
            EngineView::of($file),
            EngineDrawing::of($file),
            ThumbTab::all($file),
            MissingLimitsForm::of($file),
            CrankshaftLine::all($file),
        );
    }
}
