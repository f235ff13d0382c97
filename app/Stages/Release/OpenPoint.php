<?php

declare(strict_types=1);

namespace App\Stages\Release;

/** Something that stands between a job and its release, and the page where it is settled. */
final readonly class OpenPoint
{
    /** @param  string  $page  Under the job's own address */
    public function __construct(public string $sentence, public string $page)
    {
    }

    /**
     * @param  list<string>  $sentences
     * @return list<self>
     */
    public static function all(array $sentences, string $page): array
    {
        return array_map(static fn (string $sentence): self => new self($sentence, $page), $sentences);
    }
}
