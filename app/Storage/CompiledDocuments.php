<?php

declare(strict_types=1);

namespace App\Storage;

use Closure;

/**
 * What documents come to, as objects that are made once and kept as files that opcache holds: reading a document and checking it
 * against itself costs every request more than all it asks of the database. What is kept is of one document and of one state of
 * the code; another of either makes it anew.
 */
final readonly class CompiledDocuments
{
    /** @param  ?string  $build  What tells this code from any other; null where only its files can say */
    public function __construct(private string $folder, private ?string $build)
    {
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class  Of what is made
     * @param  string  $document  All that it is made from
     * @param  Closure(): T  $make  What it throws is thrown; nothing is kept then
     * @return T
     */
    public function of(string $class, string $document, Closure $make): object
    {
        $path = "{$this->folder}/".hash('xxh128', $class.$document.($this->build ?? self::written())).'.php';
        $kept = is_file($path) ? unserialize((string) include $path) : null;
        if ($kept instanceof $class) {
            return $kept;
        }
        $made = $make();
        $this->keep($path, $made);

        return $made;
    }

    /** Whole or not at all; a folder that cannot be written only costs time. */
    private function keep(string $path, object $made): void
    {
        $temporary = $path.'.'.bin2hex(random_bytes(4));
        if (
            (is_dir($this->folder) || @mkdir($this->folder, 0755, true)) &&
            @file_put_contents($temporary, '<?php return '.var_export(serialize($made), true).';') !== false
        ) {
            rename($temporary, $path);
        }
    }

    /** When the classes that specification and policy are made of were last written. */
    private static function written(): string
    {
        /** @var ?string $written */
        static $written = null;

        return $written ??= implode(
            ' ',
            array_map(filemtime(...), [
                ...glob(base_path('core/Engine/{Specification,Policy}/*.php'), GLOB_BRACE) ?: [],
                ...glob(base_path('core/Quantity/*.php')) ?: [],
            ]),
        );
    }
}
