<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Support\Facades\Storage;
use League\Flysystem\FilesystemException;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * What the house keeps beside its tables: pictures, and certificates as they came or were printed. A file is kept once under a
 * name that never means another one; on the disk of the house, or in a store that its machines share.
 */
final readonly class HouseFiles
{
    /** The folders that hold them; everything else beside them is a machine's own. */
    public const FOLDERS = ['photos', 'certificates'];

    /** What is being written has this at the end of its name. */
    private const DRAFT = '.part';

    private function __construct(private FilesystemAdapter $disk, private bool $appearsWhole)
    {
    }

    /** On one of the disks that are configured. A folder shows a file as soon as it is begun, a store once it is whole. */
    public static function onDisk(string $name): self
    {
        $disk = Storage::disk($name);
        assert($disk instanceof FilesystemAdapter);

        return new self($disk, ($disk->getConfig()['driver'] ?? '') !== 'local');
    }

    /** @throws FilesUnreachable If it cannot be told */
    public function has(string $name): bool
    {
        return $this->tried(fn (): bool => $this->disk->fileExists($name));
    }

    /**
     * Takes a file that lies on this machine; one of that name is never written again.
     *
     * @throws FilesUnreachable If it cannot be kept
     */
    public function keep(string $name, string $path): void
    {
        $this->tried(function () use ($name, $path): void {
            if ($this->disk->fileExists($name)) {
                return;
            }
            $draft = $this->appearsWhole ? $name : "{$name}.".bin2hex(random_bytes(6)).self::DRAFT;
            $stream = fopen($path, 'r');
            $this->disk->writeStream($draft, is_resource($stream) ? $stream : throw FilesUnreachable::unreadable($path));
            $draft === $name || $this->disk->move($draft, $name);
        });
    }

    /**
     * @return ?string Null where there is none
     *
     * @throws FilesUnreachable If it cannot be told
     */
    public function bytes(string $name): ?string
    {
        return $this->tried(fn (): ?string => $this->disk->fileExists($name) ? (string) $this->disk->get($name) : null);
    }

    /**
     * Shown, or handed over under a name of its own; 404 where there is none.
     *
     * @param  array<string, string>  $headers
     * @param  ?string  $as  Its name for whoever saves it; null where it is only shown
     */
    public function answer(string $name, array $headers, ?string $as = null): StreamedResponse
    {
        abort_unless($this->has($name), 404);

        return $this->tried(
            fn (): StreamedResponse => $this->disk->response(
                $name,
                $as ?? basename($name),
                $headers,
                $as === null ? HeaderUtils::DISPOSITION_INLINE : HeaderUtils::DISPOSITION_ATTACHMENT,
            ),
        );
    }

    /**
     * @return list<string> Of every file that is kept
     *
     * @throws FilesUnreachable If they cannot be listed
     */
    public function names(): array
    {
        return $this->tried(function (): array {
            $names = [];
            foreach (self::FOLDERS as $folder) {
                array_push($names, ...array_values($this->disk->allFiles($folder)));
            }

            return array_values(array_filter($names, static fn (string $name): bool => ! str_ends_with($name, self::DRAFT)));
        });
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    private function tried(callable $work): mixed
    {
        try {
            return $work();
        } catch (FilesystemException $exception) {
            throw FilesUnreachable::because($exception);
        }
    }
}
