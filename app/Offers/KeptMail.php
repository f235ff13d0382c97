<?php

declare(strict_types=1);

namespace App\Offers;

/** One kept message: its heads, and its text. */
final readonly class KeptMail
{
    private function __construct(public string $to, public string $subject, public string $date, public string $text)
    {
    }

    public static function read(string $eml): self
    {
        [$head, $body] = explode("\r\n\r\n", $eml, 2) + ['', ''];
        $isQuoted = preg_match('/^Content-Transfer-Encoding: quoted-printable/mi', $head) === 1;

        return new self(
            self::head($head, 'To'),
            self::head($head, 'Subject'),
            self::head($head, 'Date'),
            $isQuoted ? quoted_printable_decode($body) : $body,
        );
    }

    private static function head(string $head, string $name): string
    {
        preg_match("/^{$name}: (.*(?:\r\n[ \t].*)*)/mi", $head, $match);

        return mb_decode_mimeheader((string) preg_replace('/\r\n[ \t]+/', ' ', $match[1] ?? ''));
    }
}
