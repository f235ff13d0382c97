<?php

declare(strict_types=1);

namespace App\Photos;

use App\Files\FilesUnreachable;
use App\Files\HouseFiles;
use App\Http\Download;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Keeps pictures. What comes in is a stranger's: it is opened in a process of its own, which has little memory and little
 * time, and what that process writes anew is kept: no location, no camera, no script hidden behind a picture's name.
 */
final readonly class PhotoStore
{
    public const MOST_MEGABYTES = 15;

    private const MOST_MEGAPIXELS = 32;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    private const LONGEST_SIDE = 1_600;

    private const SMALL_SIDE = 320;

    private const MEMORY = '384M';

    public function __construct(private HouseFiles $files, private float $seconds = 12.0)
    {
    }

    /** @throws PhotoRefused If it is too large, no picture, has too many pixels, is cut off, or takes too long to open */
    public function keep(string $path): StoredPhoto
    {
        self::checkHead($path, self::KINDS);
        [$big, $small] = [$this->draft(), $this->draft()];
        try {
            $size = $this->opened($path, $big, $small);
            $hash = (string) hash_file('sha256', $big);
            $this->files->keep(self::name($hash), $big);
            $this->files->keep(self::name($hash, isSmall: true), $small);
        } finally {
            @unlink($big);
            @unlink($small);
        }

        return new StoredPhoto($hash, $size['width'], $size['height']);
    }

    /**
     * Keeps a picture that a house wrote anew already, byte for byte under its own hash. It is opened as any other, and only what can be
     * opened is kept.
     *
     * @throws PhotoRefused If it is too large, no whole JPEG and nothing else, has too many pixels, or takes too long to open
     */
    public function keepAsItIs(string $bytes): void
    {
        $hash = hash('sha256', $bytes);
        if ($this->isKept($hash)) {
            return;
        }
        [$draft, $big, $small] = [$this->draft(), $this->draft(), $this->draft()];
        try {
            file_put_contents($draft, $bytes);
            self::checkHead($draft, [IMAGETYPE_JPEG]);
            $this->opened($draft, $big, $small);
            if (JpegMarkers::end($bytes) !== strlen($bytes)) {
                throw PhotoRefused::moreThanAPicture();
            }
            $this->files->keep(self::name($hash), $draft);
            $this->files->keep(self::name($hash, isSmall: true), $small);
        } finally {
            array_map(unlink(...), array_filter([$draft, $big, $small], is_file(...)));
        }
    }

    /**
     * The size stands in the file's head: a picture that would fill the memory is refused before it is unpacked.
     *
     * @param  list<int>  $kinds
     *
     * @throws PhotoRefused If it is too large, no such picture, or has too many pixels
     */
    private static function checkHead(string $path, array $kinds): void
    {
        $bytes = filesize($path);
        if ($bytes === false || $bytes > self::MOST_MEGABYTES * 1024 * 1024) {
            throw PhotoRefused::tooLarge(self::MOST_MEGABYTES);
        }
        $head = @getimagesize($path);
        if ($head === false || ! in_array($head[2], $kinds, true) || $head[0] < 1 || $head[1] < 1) {
            throw PhotoRefused::notAPicture();
        }
        if (self::MOST_MEGAPIXELS * 1_000_000 < $head[0] * $head[1]) {
            throw PhotoRefused::tooManyPixels(intdiv($head[0] * $head[1], 1_000_000), self::MOST_MEGAPIXELS);
        }
    }

    private function draft(): string
    {
        $draft = tempnam(sys_get_temp_dir(), 'photo');

        return $draft === false ? throw FilesUnreachable::unreadable(sys_get_temp_dir()) : $draft;
    }

    /** Where the files of the house have it. */
    public static function name(string $hash, bool $isSmall = false): string
    {
        return 'photos/'.substr($hash, 0, 2)."/{$hash}".($isSmall ? '-small' : '').'.jpg';
    }

    /** True where it lies under the hash of what is in it. */
    public function isKept(string $hash): bool
    {
        $bytes = $this->bytes($hash);

        return $bytes !== null && hash('sha256', $bytes) === $hash;
    }

    /** Null where it is gone. */
    public function bytes(string $hash): ?string
    {
        return $this->files->bytes(self::name($hash));
    }

    /** As it is shown; 404 where it is gone. */
    public function answer(string $hash, bool $isSmall = false): StreamedResponse
    {
        return $this->files->answer(self::name($hash, $isSmall), [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => Download::PRIVATE,
            'Content-Security-Policy' => "default-src 'none'",
        ]);
    }

    /** @return array{width: int, height: int} */
    private function opened(string $path, string $big, string $small): array
    {
        $process = new Process(
            [
                (string) (new PhpExecutableFinder())->find(false),
                '-d',
                'memory_limit='.self::MEMORY,
                base_path('bin/photo'),
                $path,
                $big,
                $small,
                (string) self::LONGEST_SIDE,
                (string) self::SMALL_SIDE,
            ],
            timeout: $this->seconds,
        );
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            throw PhotoRefused::tooMuchWork();
        }
        /** @var array{width: int, height: int, refused?: string}|null $said */
        $said = json_decode($process->getOutput(), true);

        return match (true) {
            ! $process->isSuccessful() || $said === null => throw PhotoRefused::tooMuchWork(),
            isset($said['refused']) => throw new PhotoRefused($said['refused']),
            default => $said,
        };
    }
}
