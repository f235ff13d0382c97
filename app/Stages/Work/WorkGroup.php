<?php

declare(strict_types=1);

namespace App\Stages\Work;

/** Operations of one kind, as they stand together on the printed order. */
final readonly class WorkGroup
{
    /**
     * @param  list<WorkLine>  $lines
     * @param  list<string>  $remarks  “3: Centre under the ridge …”, where a cylinder differs from the first
     */
    private function __construct(
        public string $title,
        public string $instruction,
        public string $tool,
        public string $check,
        public array $lines,
        public array $remarks,
    ) {
    }

    /**
     * @param  list<WorkLine>  $lines
     * @return list<self>
     */
    public static function all(array $lines): array
    {
        $byTitle = [];
        foreach ($lines as $line) {
            $byTitle[$line->title][] = $line;
        }

        return array_map(
            static fn (array $group): self => new self(
                $group[0]->title,
                $group[0]->instruction,
                $group[0]->tool,
                $group[0]->check,
                $group,
                array_values(
                    array_filter(
                        array_map(
                            static fn (WorkLine $line): string => $line->instruction === $group[0]->instruction
                                ? ''
                                : "{$line->cylinder}: {$line->instruction}",
                            $group,
                        ),
                    ),
                ),
            ),
            array_values($byTitle),
        );
    }
}
