<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class ListPreload extends Command
{
    protected $signature = 'ledger:preload {file : where the list is written}';

    protected $description = 'List the classes that ordinary requests use, for opcache to link at the start of the server';

    private const LEFT_OUT = '/^(Illuminate\\\\Foundation\\\\Console|Illuminate\\\\Console|Symfony\\\\Component\\\\Console|App\\\\Console|Composer)\b|@anonymous/';

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
        $classes = array_filter([...get_declared_interfaces(), ...get_declared_traits(), ...get_declared_classes()], static function (string $class): bool {
            return (new \ReflectionClass($class))->getFileName() !== false && preg_match(self::LEFT_OUT, $class) !== 1;
        });
        file_put_contents((string) $this->argument('file'), implode("\n", $classes)."\n");
        $this->info(count($classes).' classes listed.');

        return self::SUCCESS;
    }
}
