<?php

declare(strict_types=1);

namespace App\Stages\Work;

/** One operation at one place, ready to show. */
final readonly class WorkCell
{
    /**
     * @param  string  $name  “Bore, cylinder 3”
     * @param  string  $label  “3”, “1 ex”; empty where it is done once
     * @param  string  $text  What it came to, else its target, else a sign
     * @param  string  $said  Who closed it and when, with the remark; or that it is to be done again, and why
     * @param  string  $spoken  “Bore, cylinder 3: target 3.8285, open”
     */
    public function __construct(
        public string $key,
        public string $name,
        public CellState $state,
        public string $label,
        public string $text,
        public string $said,
        public string $spoken,
        public bool $isCurrent,
    ) {
    }

    public function anchor(): string
    {
        return 'op-'.str_replace([' ', '.'], '-', $this->key);
    }
}
