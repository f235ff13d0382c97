<?php

declare(strict_types=1);

namespace App\Photos;

use GdImage;

/** A picture that is decoded, turned upright, made smaller and written anew: nothing of the file survives but its pixels. */
final readonly class Picture
{
    private const QUALITY = 82;

    private function __construct(private GdImage $pixels)
    {
    }

    /** @throws PhotoRefused If it is cut off or no picture */
    public static function in(string $path): self
    {
        $bytes = (string) file_get_contents($path);
        $isJpeg = str_starts_with($bytes, "\xFF\xD8");
        if ($isJpeg && JpegMarkers::end($bytes) === null) {
            throw PhotoRefused::cutOff();
        }
        $pixels = @imagecreatefromstring($bytes);

        return match (true) {
            $pixels !== false => new self($pixels),
            $isJpeg => throw PhotoRefused::notAPicture(),
            default => throw PhotoRefused::cutOff(),
        };
    }

    /** @throws PhotoRefused If it cannot be scaled */
    public function within(int $longest): self
    {
        $side = max($this->width(), $this->height());
        if ($side <= $longest) {
            return $this;
        }
        $width = max(1, (int) round(($this->width() * $longest) / $side));
        $scaled = imagescale($this->pixels, $width, max(1, (int) round(($this->height() * $longest) / $side)));

        return $scaled === false ? throw PhotoRefused::notAPicture() : new self($scaled);
    }

    /**
     * @param  string  $path  Of the file, which says how the camera was held: 1 to 8
     *
     * @throws PhotoRefused If it cannot be turned
     */
    public function uprightAs(string $path): self
    {
        $exif = @exif_read_data($path);
        $orientation = is_array($exif) && is_int($exif['Orientation'] ?? null) ? $exif['Orientation'] : 1;
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($this->pixels, $orientation === 4 ? IMG_FLIP_VERTICAL : IMG_FLIP_HORIZONTAL);
        }
        $degrees = match ($orientation) {
            3 => 180,
            5, 8 => 90,
            6, 7 => 270,
            default => 0,
        };
        $turned = $degrees === 0 ? $this->pixels : imagerotate($this->pixels, $degrees, 0);

        return $turned === false ? throw PhotoRefused::notAPicture() : new self($turned);
    }

    public function jpeg(): string
    {
        $flat = imagecreatetruecolor($this->width(), $this->height());
        imagefill($flat, 0, 0, (int) imagecolorallocate($flat, 255, 255, 255));
        imagecopy($flat, $this->pixels, 0, 0, 0, 0, $this->width(), $this->height());
        ob_start();
        imagejpeg($flat, null, self::QUALITY);

        return (string) ob_get_clean();
    }

    public function width(): int
    {
        return imagesx($this->pixels);
    }

    public function height(): int
    {
        return imagesy($this->pixels);
    }
}
