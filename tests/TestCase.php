<?php

declare(strict_types=1);

namespace Tests;

use App\Files\HouseFiles;
use App\People\Role;
use App\Photos\PhotoStore;
use App\Stages\Receive\ReceiveJob;
use App\Storage\Job;
use App\Storage\PolicyBook;
use App\Storage\SpecBook;
use App\Storage\User;
use Database\Seeders\DemoIncoming;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Engine\Specification\EnginePart;
use OutOfBoundsException;

/** A page test against the real database; every test rolls back what it wrote. */
abstract class TestCase extends LaravelTestCase
{
    use RefreshDatabase;

    protected string $outside;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        Lang::handleMissingKeysUsing(self::complainOfMissingLine(...));
        // What is signed outside the database is not taken back with it.
        $this->outside = sys_get_temp_dir().'/north-ledger-'.bin2hex(random_bytes(6));
        config([
            'app.key_folder' => "{$this->outside}/keys",
            'app.seal_folder' => "{$this->outside}/seals",
            'logging.channels.security.path' => $this->securityLog(),
        ]);
    }

    /** A code whose words were forgotten would stand on the page as the code. */
    private static function complainOfMissingLine(string $key): void
    {
        if (is_file(lang_path('en/'.Str::before($key, '.').'.php'))) {
            throw new OutOfBoundsException("There is no line for {$key}.");
        }
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->outside);
        parent::tearDown();
    }

    /**
     * A page as a browser shows it: a run of white space is one space, but where somebody typed it.
     *
     * @param  Response  $response
     * @param  Request  $request
     * @return TestResponse<Response>
     */
    protected function createTestResponse($response, $request): TestResponse
    {
        $isPage = str_starts_with((string) $response->headers->get('Content-Type'), 'text/html');
        if ($isPage && is_string($response->getContent())) {
            $response->setContent((string) preg_replace('~<textarea.*?</textarea>(*SKIP)(*F)|\s+~s', ' ', $response->getContent()));
        }

        return parent::createTestResponse($response, $request);
    }

    /**
     * Does to the database what the house never does.
     *
     * @template T
     *
     * @param  callable(): T  $act
     * @return T
     */
    protected function besideTheHouse(callable $act): mixed
    {
        DB::statement('SET @brings_rows_along = 1');
        try {
            return $act();
        } finally {
            DB::statement('SET @brings_rows_along = NULL');
        }
    }

    protected function securityLog(): string
    {
        return "{$this->outside}/security.log";
    }

    protected function person(Role $role, string $login = ''): User
    {
        return User::query()->create([
            'login' => $login === '' ? $role->value : $login,
            'name' => ucfirst($login === '' ? $role->value : $login),
            'role' => $role,
            'password' => 'a-password',
            'sees_prices' => $role !== Role::Machinist,
        ]);
    }

    protected function job(User $by, string $family = 'tarn-4-198', ?int $declaredStep = 0): Job
    {
        return $this->app->make(ReceiveJob::class)->handle($by, $this->ulid(), [
            'family' => $family,
            'family_revision' => 1,
            'serial' => 'S-'.Str::random(6),
            'customer' => 'Sawmill',
            'description' => 'head saw engine',
            'wishes' => null,
            'due_on' => '2030-01-15',
            'declared_step_nm' => $declaredStep,
            'declared_evidence' => $declaredStep === null ? null : 'stamped on a crown',
        ]);
    }

    /** Dye on each part, read, and nothing found. */
    protected function crackCheck(Job $job, User $by, EnginePart ...$parts): void
    {
        foreach ($parts as $part) {
            $this->app->make(DemoIncoming::class)->dyeCheck($job->refresh(), $by, $part, Carbon::yesterday()->setTime(9, 0));
        }
    }

    /** @return array{SpecBook, PolicyBook, PhotoStore} What a package is made from, beside the job */
    protected function books(): array
    {
        return [$this->app->make(SpecBook::class), $this->app->make(PolicyBook::class), $this->app->make(PhotoStore::class)];
    }

    /** The files of the house lie in a folder of the test's own. */
    protected function filesIn(string $folder): HouseFiles
    {
        config(['filesystems.disks.local.root' => $folder]);
        Storage::forgetDisk('local');
        $files = HouseFiles::onDisk('local');
        $this->app->instance(HouseFiles::class, $files);

        return $files;
    }

    protected function ulid(): string
    {
        return (string) Str::ulid();
    }

    /**
     * Sends a form of an early stage as the page's script does.
     *
     * @param  array<string, mixed>  $form
     */
    protected function sendTo(Job $job, string $path, array $form): TestResponse
    {
        return $this->postJson("/jobs/{$job->tag()}/{$path}", $form + ['ulid' => $this->ulid()]);
    }

    /**
     * Posts what is shown from now on, and keeps what the browser would keep of it.
     *
     * @param  array<string, string>  $form
     */
    protected function show(string $path, array $form = []): TestResponse
    {
        $response = $this->post($path, $form);
        foreach (['shown_unit', 'shows_all_axes'] as $name) {
            $kept = $response->getCookie($name)?->getValue();
            if ($kept !== null) {
                $this->withCredentials()->withCookie($name, $kept);
            }
        }

        return $response;
    }

    /** @param  array<string, mixed>  $changes */
    protected function stateSetup(Job $job, string $sheet = 'bores', array $changes = []): TestResponse
    {
        return $this->postJson(
            "/jobs/{$job->tag()}/sheets/{$sheet}/setups",
            $changes + [
                'ulid' => $this->ulid(),
                'feature' => 'bore',
                'instrument' => 'dial bore gauge .0001',
                'reading_unit' => 'thou',
                'zero' => '3.8125',
                'caps_torqued' => true,
                'torque_plate' => true,
                'cooled' => true,
                'clean' => true,
            ],
        );
    }

    /** @param  array<string, mixed>  $changes */
    protected function key(Job $job, string $place, string $text, string $sheet = 'bores', array $changes = []): TestResponse
    {
        return $this->postJson(
            "/jobs/{$job->tag()}/sheets/{$sheet}/readings",
            $changes + ['ulid' => $this->ulid(), 'place' => $place, 'text' => $text],
        );
    }

    /** @param  list<string>  $six  Thrust and in line at top, middle, bottom */
    protected function keyBore(Job $job, int $cylinder, array $six, string $sheet = 'bores'): void
    {
        $places = ['top.thrust', 'top.inline', 'middle.thrust', 'middle.inline', 'bottom.thrust', 'bottom.inline'];
        foreach ($six as $index => $text) {
            $this->key($job, "bore.{$cylinder}.{$places[$index]}", $text, $sheet)->assertOk();
        }
    }

    protected function questions(callable $work): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $work();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }
}
