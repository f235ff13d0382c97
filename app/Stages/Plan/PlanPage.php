<?php

declare(strict_types=1);

namespace App\Stages\Plan;

use App\Http\ThumbTab;
use App\Record\JobFile;

/** Everything of the Plan page that follows from what stands: made once, and kept until something is written. */
final readonly class PlanPage
{
    /** @param  list<ThumbTab>  $tabs */
    private function __construct(public PlanView $plan, public EnginePlanView $engine, public array $tabs)
    {
    }

    public static function of(JobFile $file): self
    {
        return new self(PlanView::of($file), EnginePlanView::of($file), ThumbTab::all($file));
    }
}
