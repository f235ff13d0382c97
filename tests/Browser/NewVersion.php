<?php

declare(strict_types=1);

namespace Tests\Browser;

use Symfony\Component\Process\Process;

/** The house as its next version leaves it: scripts and styles under new names, the old ones gone, another keeper of pages. */
final readonly class NewVersion
{
    public string $root;

    public function __construct(string $folder)
    {
        $this->root = "{$folder}/next-public";
        $shop = dirname(__DIR__, 2);
        (new Process(['rm', '-rf', $this->root]))->mustRun();
        (new Process(['cp', '-r', "{$shop}/public", $this->root]))->mustRun();
        $this->rename("{$this->root}/build");
        file_put_contents("{$this->root}/sw.js", "\n// the next one\n", FILE_APPEND);
        file_put_contents(
            "{$this->root}/index.php",
            "<?php require '{$shop}/vendor/autoload.php'; \$app = require '{$shop}/bootstrap/app.php'; ".
                '$app->usePublicPath(__DIR__); $app->handleRequest(Illuminate\\Http\\Request::capture());',
        );
        (new Process(['chmod', '-R', 'a+rX', $this->root]))->mustRun();
    }

    /** Every file that is named by its content has another name, wherever it is spoken of. */
    private function rename(string $build): void
    {
        $files = [...glob("{$build}/assets/*.js") ?: [], ...glob("{$build}/assets/*.css") ?: []];
        $names = [];
        foreach ($files as $file) {
            $names[basename($file)] = preg_replace('/(\.\w+)$/', 'N$1', basename($file));
        }
        foreach ([...$files, "{$build}/manifest.json"] as $file) {
            file_put_contents($file, strtr((string) file_get_contents($file), $names));
        }
        foreach ($files as $file) {
            rename($file, dirname($file).'/'.$names[basename($file)]);
        }
    }
}
