<?php

declare(strict_types=1);

namespace App\Console;

use App\Package\JobPackage;
use App\Package\PackageRefused;

/** A package named on the command line: a file, or - for standard input. */
final class PackageFile
{
    /** @throws PackageRefused If it cannot be opened, or is no package */
    public static function read(string $file): JobPackage
    {
        $json = @file_get_contents($file === '-' ? 'php://stdin' : $file);

        return JobPackage::fromJson($json === false ? throw PackageRefused::unopened($file) : $json);
    }
}
