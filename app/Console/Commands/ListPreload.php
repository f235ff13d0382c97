<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Storage\User;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\Finder\Finder;

final class ListPreload extends Command
{
    protected $signature = 'ledger:preload {file : where the list is written}';

    protected $description = 'List the classes that ordinary requests use, for opcache to link at the start of the server';

    private const LEFT_OUT =
        '/^(Illuminate\\\\(Foundation\\\\)?Console|Symfony\\\\Component\\\\Console|App\\\\Console|Composer)\b|@anonymous/';

    public function handle(Kernel $kernel): int
    {
        config(['session.driver' => 'array']);
        $kernel->handle(Request::create('/login'));
        $person = User::query()->first();
        if ($person !== null) {
            Auth::login($person);
            foreach (['/', '/jobs/NL-0404/measure', '/jobs/NL-0404/plan'] as $page) {
                $kernel->handle(Request::create($page));
            }
        }
        self::loadOwnClasses();
        $classes = array_filter([...get_declared_interfaces(), ...get_declared_traits(), ...get_declared_classes()], static function (
            string $class,
        ): bool {
            return (new \ReflectionClass($class))->getFileName() !== false && preg_match(self::LEFT_OUT, $class) !== 1;
        });
        file_put_contents((string) $this->argument('file'), implode("\n", $classes)."\n");
        $this->info(count($classes).' classes listed.');

        return self::SUCCESS;
    }

    /** Every class of the core and the application, whatever those pages happened to use. */
    private static function loadOwnClasses(): void
    {
        foreach (['NorthLedger\\Core' => base_path('core'), 'App' => app_path()] as $namespace => $folder) {
            foreach (Finder::create()->files()->name('*.php')->in($folder) as $file) {
                class_exists($namespace.'\\'.str_replace('/', '\\', substr($file->getRelativePathname(), 0, -4)));
            }
        }
    }
}
