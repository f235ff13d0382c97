<?php

declare(strict_types=1);

namespace App\Shop;

use App\Storage\PolicyBook;
use App\Storage\PolicyRevision;
use App\Words\Line;
use Illuminate\Support\Arr;

/** The revisions of the shop's policy, newest first, each with what it changed against the one before. */
final readonly class PolicyHistory
{
    private const MOST_CHANGES = 8;

    /** @param  list<array{number: int, who: string, at: string, changes: list<string>}>  $revisions */
    private function __construct(public array $revisions)
    {
    }

    public static function of(PolicyBook $policies): self
    {
        $revisions = [];
        foreach (PolicyRevision::query()->with('user')->orderByDesc('number')->limit(50)->get() as $revision) {
            $revisions[] = [
                'number' => $revision->number,
                'who' => $revision->user->name,
                'at' => $revision->created_at->format('j M Y H:i'),
                'changes' => self::changes($policies->document($revision->number - 1), $policies->document($revision->number)),
            ];
        }

        return new self($revisions);
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @return list<string>
     */
    private static function changes(array $before, array $after): array
    {
        [$was, $is] = [Arr::dot(Arr::except($before, 'revision')), Arr::dot(Arr::except($after, 'revision'))];
        $changes = [];
        foreach ($is as $key => $value) {
            if (($was[$key] ?? null) != $value) {
                $changes[] =
                    str_replace(['.', '_'], [', ', ' '], (string) $key).
                    ': '.
                    self::said($was[$key] ?? null).
                    ' → '.
                    self::said($value);
            }
        }
        $more = count($changes) - self::MOST_CHANGES;

        return $more > 0 ? [...array_slice($changes, 0, self::MOST_CHANGES), Line::of('shop.and_more', ['more' => $more])] : $changes;
    }

    private static function said(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '–';
    }
}
