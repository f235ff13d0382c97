<?php

declare(strict_types=1);

namespace App\Running;

use App\Words\Line;
use NorthLedger\Core\Features\Running\RunningLook;
use NorthLedger\Core\Features\Running\RunningPart;
use NorthLedger\Core\Features\Running\SeenRunningPart;
use NorthLedger\Core\Features\Running\Suspicion;

/** One running part, ready to show. */
final readonly class RunningLine
{
    /**
     * @param  array<string, string>  $looks  That it can show, in words
     * @param  ?string  $look  As it was seen; null while nobody has looked
     * @param  list<string>  $suspicions
     */
    private function __construct(
        public string $code,
        public string $name,
        public array $looks,
        public ?string $look,
        public bool $isReplaced,
        public string $said,
        public array $suspicions,
    ) {
    }

    public static function of(RunningPart $part, ?SeenRunningPart $seen): self
    {
        $looks = [];
        foreach ($part->looks() as $look) {
            $looks[$look->value] = self::look($look);
        }

        return new self(
            $part->value,
            Line::ofCode('running.part', $part),
            $looks,
            $seen?->look->value,
            $seen?->isReplaced === true,
            $seen === null
                ? Line::of('running.unseen')
                : implode(
                    ', ',
                    array_filter([
                        self::look($seen->look),
                        Line::of($seen->isReplaced ? 'running.replaced' : 'running.goes_back'),
                        $seen->remark,
                    ]),
                ),
            array_map(static fn (Suspicion $one): string => Line::ofCode('running.suspicion', $one), $seen?->suspicions() ?? []),
        );
    }

    private static function look(RunningLook $look): string
    {
        return Line::ofCode('running.look', $look);
    }
}
