<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\User;

/** An inspector at a job whose gauge is stated and of which nothing is read yet. */
trait StatedJob
{
    private User $inspector;

    private Job $job;

    private function stateJob(): void
    {
        $this->inspector = $this->person(Role::Inspector);
        $this->job = $this->job($this->inspector);
        $this->actingAs($this->inspector);
        $this->stateSetup($this->job);
    }

    private function file(): JobFile
    {
        return $this->app->make(JobFiles::class)->open($this->job->refresh());
    }
}
