<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

/** Builds core objects from a case's `given`, runs the core, and hands back plain data in the shape of `expect`. */
interface Adapter
{
    /**
     * @return array<string, mixed>
     *
     * @throws Refusal If the core or the adapter refuses the input
     */
    public function run(Given $given): array;
}
