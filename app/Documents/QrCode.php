<?php

declare(strict_types=1);

namespace App\Documents;

use Symfony\Component\Process\Process;

/** A QR code for a page that runs no script; error correction M survives a thumb of grease. */
final class QrCode
{
    private const SECONDS = 5;

    /** A picture to stand in a page; empty where the system's tool is not there, and the address stands there in words. */
    public static function picture(string $text): string
    {
        $process = new Process(['qrencode', '--type=SVG', '--level=M', '--margin=2', '--output=-', $text], timeout: self::SECONDS);
        $process->run();

        return $process->isSuccessful() ? 'data:image/svg+xml;base64,'.base64_encode($process->getOutput()) : '';
    }
}
