<?php

declare(strict_types=1);

namespace App\Shop;

use App\Words\Line;

/** What people read of a setting of the policy. */
final readonly class SettingWords
{
    /**
     * @param  string  $code  Of the lines that it shares with its like; empty: its own, by its key
     * @param  array<string, string>  $with  What tells it from them
     */
    public function __construct(private string $code = '', private array $with = [])
    {
    }

    public function label(string $key): string
    {
        return Line::of("{$this->lines($key)}.label", $this->with);
    }

    public function changes(string $key): string
    {
        return Line::of("{$this->lines($key)}.changes");
    }

    public function choice(string $key, string $value): string
    {
        return Line::of("{$this->lines($key)}.choices.".str_replace(' ', '_', $value));
    }

    private function lines(string $key): string
    {
        return 'policy.settings.'.($this->code === '' ? str_replace('.', '_', $key) : $this->code);
    }
}
