<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** A file to take away: named, kept by no cache on the way. */
final class Download
{
    public const PRIVATE = 'no-store, private';

    private const JSON = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    /** @param  iterable<list<string|int|float|bool|null>>  $rows  The head first */
    public static function csv(string $name, iterable $rows): Response
    {
        return self::file($name, CsvFile::of($rows), 'text/csv; charset=utf-8');
    }

    /** @param  array<mixed>  $document */
    public static function json(string $name, array $document): Response
    {
        return self::file($name, json_encode($document, self::JSON), 'application/json');
    }

    public static function file(string $name, string $content, string $type): Response
    {
        return new Response($content, Response::HTTP_OK, [
            'Content-Type' => $type,
            'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT,
                str_replace(['/', '\\'], '-', $name),
                (string) preg_replace('/[^A-Za-z0-9._-]/', '-', $name),
            ),
            'Cache-Control' => self::PRIVATE,
        ]);
    }
}
