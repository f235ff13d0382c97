<?php

declare(strict_types=1);

namespace App\Load;

use Illuminate\Foundation\Http\FormRequest;

/** What an address of the load can ask for; what makes no sense is as if it were not there. */
final class LoadRequest extends FormRequest
{
    public function zoom(): Zoom
    {
        return Zoom::tryFrom($this->string('zoom')->toString()) ?? Zoom::Week;
    }

    /** A day, or null for today. */
    public function from(): ?string
    {
        $text = $this->string('from')->toString();
        $isDay =
            preg_match('/^(2\d{3})-(\d{2})-(\d{2})$/', $text, $match) === 1 && checkdate((int) $match[2], (int) $match[3], (int) $match[1]);

        return $isDay ? $text : null;
    }

    public function showsList(): bool
    {
        return $this->string('form')->toString() === 'list';
    }

    /** The late job for which somebody asks what would help. */
    public function helpFor(): ?string
    {
        $tag = $this->string('help')->toString();

        return $tag === '' ? null : mb_substr($tag, 0, 20);
    }
}
