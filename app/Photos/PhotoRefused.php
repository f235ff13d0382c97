<?php

declare(strict_types=1);

namespace App\Photos;

/** A file that is not taken as a photo; the message says why and what to do. */
final class PhotoRefused extends \RuntimeException
{
    public static function tooLarge(int $megabytes): self
    {
        return new self("That file is larger than {$megabytes} MB. Take the picture with a lower resolution and send it again.");
    }

    public static function notAPicture(): self
    {
        return new self('That is no picture that can be read here. Send a JPEG, PNG or WebP, as a phone camera makes them.');
    }

    public static function tooManyPixels(int $megapixels, int $most): self
    {
        return new self("That picture has {$megapixels} megapixels; up to {$most} are taken. Set the camera to a lower resolution.");
    }

    public static function tooMuchWork(): self
    {
        return new self('That picture takes too long to open. Take it anew with the camera’s usual settings, and send that.');
    }

    public static function moreThanAPicture(): self
    {
        return new self('Something hangs behind the end of that picture, and nobody can say what.');
    }

    public static function cutOff(): self
    {
        return new self('That picture is cut off in the middle: it did not arrive whole. Send it again.');
    }
}
