<?php

declare(strict_types=1);

namespace App\Photos;

/** Walks the markers of a JPEG to its end: a decoder fills up what is missing and says nothing. */
final class JpegMarkers
{
    private const START_OF_SCAN = 0xDA;

    private const END = 0xD9;

    /** A camera writes one scan, a careful program ten: thousands of them are there to keep the decoder busy. */
    private const MOST_SCANS = 64;

    /**
     * Where the picture ends, behind its end marker; null where a segment or a scan is not there.
     *
     * @throws PhotoRefused If it has more scans than anybody needs
     */
    public static function end(string $bytes): ?int
    {
        $at = 2;
        $scans = 0;
        while (isset($bytes[$at + 1]) && $bytes[$at] === "\xFF") {
            $marker = ord($bytes[$at + 1]);
            if ($marker === self::END) {
                return $at + 2;
            }
            if ($marker === 0xFF) {
                $at++;

                continue;
            }
            $length = self::isBare($marker) ? 0 : self::lengthAt($bytes, $at + 2);
            if ($length === null) {
                return null;
            }
            $at += 2 + $length;
            if ($marker === self::START_OF_SCAN) {
                $at = self::endOfScan($bytes, $at);
                if (++$scans > self::MOST_SCANS) {
                    throw PhotoRefused::tooMuchWork();
                }
            }
        }

        return null;
    }

    /** Markers that stand alone, with no length behind them. */
    private static function isBare(int $marker): bool
    {
        return $marker === 0x01 || ($marker >= 0xD0 && $marker <= 0xD8);
    }

    private static function lengthAt(string $bytes, int $at): ?int
    {
        return isset($bytes[$at + 1]) ? (ord($bytes[$at]) << 8) + ord($bytes[$at + 1]) : null;
    }

    /** The first marker after the picture's data; stuffed bytes and restart markers belong to the data. */
    private static function endOfScan(string $bytes, int $at): int
    {
        while (($at = strpos($bytes, "\xFF", min($at, strlen($bytes)))) !== false) {
            $next = ord($bytes[$at + 1] ?? "\0");
            if ($next !== 0 && ($next < 0xD0 || $next > 0xD7)) {
                return $at;
            }
            $at += 2;
        }

        return strlen($bytes);
    }
}
