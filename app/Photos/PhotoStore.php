<?php

declare(strict_types=1);

namespace App\Photos;

use GdImage;

/**
 * Keeps pictures. What comes in is decoded, turned upright, made smaller and written anew, so that nothing of the
 * file survives but its pixels: no location, no camera, no script hidden behind a picture's name.
 */
final readonly class PhotoStore
{
    public const MOST_MEGABYTES = 15;

    private const MOST_MEGAPIXELS = 32;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    private const LONGEST_SIDE = 1_600;

    private const SMALL_SIDE = 320;

    private const QUALITY = 82;

    public function __construct(private string $folder)
    {
    }

    /** @throws PhotoRefused If it is too large, no picture, has too many pixels, or is cut off */
    public function keep(string $path): StoredPhoto
    {
        $bytes = filesize($path);
        if ($bytes === false || $bytes > self::MOST_MEGABYTES * 1024 * 1024) {
            throw PhotoRefused::tooLarge(self::MOST_MEGABYTES);
        }
        // The size stands in the file's head: a picture that would fill the memory is refused before it is unpacked.
        $head = @getimagesize($path);
        if ($head === false || ! in_array($head[2], self::KINDS, true) || $head[0] < 1 || $head[1] < 1) {
            throw PhotoRefused::notAPicture();
        }
        if (self::MOST_MEGAPIXELS * 1_000_000 < $head[0] * $head[1]) {
            throw PhotoRefused::tooManyPixels(intdiv($head[0] * $head[1], 1_000_000), self::MOST_MEGAPIXELS);
        }
        $picture = $this->upright($this->scaled($this->decode($path, $head[2]), self::LONGEST_SIDE), $this->orientation($path, $head[2]));
        $jpeg = $this->encode($picture);
        $hash = hash('sha256', $jpeg);
        $this->write($this->path($hash), $jpeg);
        $this->write($this->path($hash, isSmall: true), $this->encode($this->scaled($picture, self::SMALL_SIDE)));

        return new StoredPhoto($hash, imagesx($picture), imagesy($picture));
    }

    public function path(string $hash, bool $isSmall = false): string
    {
        return "{$this->folder}/".substr($hash, 0, 2)."/{$hash}".($isSmall ? '-small' : '').'.jpg';
    }

    private function decode(string $path, int $kind): GdImage
    {
        $bytes = (string) file_get_contents($path);
        if ($kind === IMAGETYPE_JPEG && ! JpegMarkers::areWhole($bytes)) {
            throw PhotoRefused::cutOff();
        }
        $picture = @imagecreatefromstring($bytes);

        return match (true) {
            $picture !== false => $picture,
            $kind === IMAGETYPE_JPEG => throw PhotoRefused::notAPicture(),
            default => throw PhotoRefused::cutOff(),
        };
    }

    private function scaled(GdImage $picture, int $longest): GdImage
    {
        $side = max(imagesx($picture), imagesy($picture));
        if ($side <= $longest) {
            return $picture;
        }
        $width = max(1, (int) round((imagesx($picture) * $longest) / $side));
        $scaled = imagescale($picture, $width, max(1, (int) round((imagesy($picture) * $longest) / $side)));

        return $scaled === false ? throw PhotoRefused::notAPicture() : $scaled;
    }

    /** How the camera was held, as it wrote it into the file: 1 to 8. */
    private function orientation(string $path, int $kind): int
    {
        $exif = $kind === IMAGETYPE_JPEG ? @exif_read_data($path) : false;

        return is_array($exif) && is_int($exif['Orientation'] ?? null) ? $exif['Orientation'] : 1;
    }

    private function upright(GdImage $picture, int $orientation): GdImage
    {
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($picture, $orientation === 4 ? IMG_FLIP_VERTICAL : IMG_FLIP_HORIZONTAL);
        }
        $degrees = match ($orientation) {
            3 => 180,
            5, 8 => 90,
            6, 7 => 270,
            default => 0,
        };
        $turned = $degrees === 0 ? $picture : imagerotate($picture, $degrees, 0);

        return $turned === false ? throw PhotoRefused::notAPicture() : $turned;
    }

    private function encode(GdImage $picture): string
    {
        $flat = imagecreatetruecolor(imagesx($picture), imagesy($picture));
        imagefill($flat, 0, 0, (int) imagecolorallocate($flat, 255, 255, 255));
        imagecopy($flat, $picture, 0, 0, 0, 0, imagesx($picture), imagesy($picture));
        ob_start();
        imagejpeg($flat, null, self::QUALITY);

        return (string) ob_get_clean();
    }

    /** Under its own hash a file is only ever written once, and appears whole or not at all. */
    private function write(string $path, string $bytes): void
    {
        if (is_file($path)) {
            return;
        }
        is_dir(dirname($path)) || @mkdir(dirname($path), 0750, true);
        $draft = tempnam(dirname($path), 'photo');
        if ($draft === false || file_put_contents($draft, $bytes) !== strlen($bytes) || ! rename($draft, $path)) {
            throw new \RuntimeException("The photo could not be written to {$path}.");
        }
        chmod($path, 0640);
    }
}
