<?php

declare(strict_types=1);

namespace App\Photos;

use App\Words\Line;

/** A file that is not taken as a photo; the message says why and what to do. */
final class PhotoRefused extends \RuntimeException
{
    public static function tooLarge(int $megabytes): self
    {
        return new self("That file is larger than {$megabytes} MB. Take the picture with a lower resolution and send it again.");
    }

    public static function notAPicture(): self
    {
        return new self(Line::of('photos.told.no_picture_can_read'));
    }

    public static function tooManyPixels(int $megapixels, int $most): self
    {
        return new self("That picture has {$megapixels} megapixels; up to {$most} are taken. Set the camera to a lower resolution.");
    }

    public static function tooMuchWork(): self
    {
        return new self(Line::of('photos.told.picture_takes_too_long'));
    }

    public static function moreThanAPicture(): self
    {
        return new self(Line::of('photos.told.something_hangs_behind_end'));
    }

    public static function cutOff(): self
    {
        return new self(Line::of('photos.told.picture_cut_off_middle'));
    }
}
