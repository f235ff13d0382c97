<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/**
 * Specification sheets as objects, made of their documents once and kept as a file that opcache holds: reading the document and
 * checking it against itself costs every request more than all it asks of the database. A kept sheet is of one document and of
 * one state of the code; another of either makes it anew.
 */
final readonly class CompiledSheets
{
    public function __construct(private string $folder)
    {
    }

    /** @throws InvalidDocument If anything in the document is missing, wrong or at odds with the rest; nothing is kept then */
    public function of(string $document, string $family): SpecificationSheet
    {
        $path = "{$this->folder}/".hash('xxh128', $document.self::code()).'.php';
        $kept = is_file($path) ? unserialize((string) include $path) : null;
        if ($kept instanceof SpecificationSheet) {
            return $kept;
        }
        $sheet = SpecificationSheet::fromJson($document, $family);
        $this->keep($path, $sheet);

        return $sheet;
    }

    /** Whole or not at all; a folder that cannot be written only costs time. */
    private function keep(string $path, SpecificationSheet $sheet): void
    {
        $temporary = $path.'.'.bin2hex(random_bytes(4));
        if (
            (is_dir($this->folder) || @mkdir($this->folder, 0755, true)) &&
            @file_put_contents($temporary, '<?php return '.var_export(serialize($sheet), true).';') !== false
        ) {
            rename($temporary, $path);
        }
    }

    /** When the classes that a sheet is made of were last written. */
    private static function code(): string
    {
        /** @var ?string $code */
        static $code = null;

        return $code ??= implode(
            ' ',
            array_map(filemtime(...), [
                ...glob(base_path('core/Engine/Specification/*.php')) ?: [],
                ...glob(base_path('core/Quantity/*.php')) ?: [],
            ]),
        );
    }
}
