<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Storage\User;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionMethod;
use ReflectionNamedType;
use Tests\TestCase;

/**
 * Nonsense to every address: whatever is sent in place of what a form would send, the answer is a page, a sentence or a
 * refusal, never a fault of the house.
 */
final class AttackTest extends TestCase
{
    /** What a form would send; everything that a route names is sent, one of it as nonsense. */
    private const PLAUSIBLE = [
        'about' => 'deck.1',
        'accepted_by' => 'the customer',
        'address' => 'Mill lane',
        'arrival' => 'whole engine',
        'bore' => '3.8125',
        'by' => 'the customer',
        'cause' => 'other',
        'changes' => [['path' => 'name', 'from' => 'a', 'to' => 'b']],
        'code' => '123456',
        'count' => '2',
        'current' => 'a-password',
        'customer' => 'Sawmill',
        'cylinder' => '1',
        'cylinders' => '4',
        'declared' => '0',
        'due_on' => '2030-01-15',
        'face' => 'deck.1',
        'faces' => ['deck.1'],
        'family' => 'tarn-4-198',
        'feature' => 'bore',
        'finding' => 'bores.1.taper',
        'from' => '1',
        'gauge' => 'G-01',
        'head' => '1',
        'idle_hours' => '4',
        'instrument' => 'dial bore gauge .0001',
        'item' => 'wash',
        'key' => 'x',
        'kind' => 'bore gauge .0001',
        'least' => '2',
        'lines' => ['01HZZZZZZZZZZZZZZZZZZZZZZA'],
        'login' => 'somebody',
        'look' => 'bright',
        'machine' => 'mill',
        'made' => 'dry',
        'mains' => '5',
        'material' => 'grey iron',
        'most' => '4',
        'name' => 'Somebody',
        'note' => 'seen',
        'number' => '1',
        'operation' => 'deck.1',
        'option' => 'stay',
        'oversizes' => '10 20',
        'part' => 'block',
        'parts' => ['deck.1' => 'nothing'],
        'password' => 'a-password',
        'piston' => ['1' => '1'],
        'place' => 'bore.1.top.thrust',
        'q' => 'NL',
        'reading_unit' => 'thou',
        'reason' => 'because it is so',
        'remark' => 'none',
        'revision' => '1',
        'role' => 'machinist',
        'rows' => [['place' => 'bore.1.top.thrust', 'text' => '3.8']],
        'seat' => '01HZZZZZZZZZZZZZZZZZZZZZZA',
        'serial' => 'S-1',
        'session' => 'others',
        'shows' => '.0',
        'since' => '0',
        'size' => '3.8125',
        'source' => 'manual',
        'standing' => 'stands',
        'state' => 'done',
        'step' => '10',
        'stroke' => '4',
        'supplier' => 'a supplier',
        'tag' => 'G-77',
        'text' => '3.8125',
        'to' => '2',
        'typed' => '3.8',
        'ulid' => '',
        'unit' => 'in',
        'usage' => 'road',
        'value' => ['name' => 'x'],
        'verdict' => 'scrap',
        'wanted' => '3.9',
        'way' => 'recommended',
        'words' => 'words',
        'worst' => 'it breaks',
        'x' => '10',
        'y' => '10',
        'zero' => '3.8125',
    ];

    /** @return iterable<string, array{string}> */
    public static function nonsense(): iterable
    {
        foreach (array_keys(self::values()) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_in_every_field_of_every_address_is_answered(string $nonsense): void
    {
        $value = self::values()[$nonsense];
        $owner = $this->person(Role::Owner);
        $job = $this->job($owner);
        $this->actingAs($owner);
        $faults = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if ($route->uri() === 'logout' || str_starts_with($route->uri(), '_')) {
                continue;
            }
            $names = $this->namesIn($route);
            $path = $this->path($route, $job->tag());
            foreach (
                [
                    array_fill_keys($names, $value),
                    ...array_map(static fn (string $name): array => [$name => $value], getenv('ATTACK_DEEP') ? $names : []),
                ] as $wrong
            ) {
                foreach ([true, false] as $isJson) {
                    $body = $wrong + ['ulid' => $this->ulid()] + array_intersect_key(self::PLAUSIBLE, array_flip($names));
                    $fault = $this->faultOf($route->methods()[0], $path, $body, $isJson);
                    if ($fault !== null) {
                        $faults[$fault] = $route->methods()[0].' '.$route->uri().' '.implode(',', array_keys($wrong));
                    }
                    $this->app['auth']->guard()->setUser($owner);
                }
            }
        }
        $this->assertSame([], $faults);
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_in_an_address_is_answered(string $nonsense): void
    {
        $value = self::values()[$nonsense];
        $text = rawurlencode(is_scalar($value) ? (string) $value : 'x');
        $owner = $this->person(Role::Owner);
        $job = $this->job($owner);
        $this->actingAs($owner);
        $faults = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            foreach ($route->parameterNames() as $name) {
                $path = $this->path($route, $job->tag(), [$name => $text === '' ? '%20' : $text]);
                $fault = $this->faultOf($route->methods()[0], $path, ['ulid' => $this->ulid()], true);
                if ($fault !== null) {
                    $faults[$fault] = $route->methods()[0].' '.$route->uri()." {$name}";
                }
            }
        }
        $this->assertSame([], $faults);
    }

    /** @return array<string, mixed> */
    private static function values(): array
    {
        return [
            'a list' => ['x'],
            'a list in a list' => ['x' => ['y' => ['z']]],
            'no text' => "\xff\xfe\x00",
            'control signs' => "a\x00b\x07\x1b[2Jc",
            'signs that turn the line' => "abc\u{202E}def\u{2066}",
            'a number beyond all' => '99999999999999999999999999',
            'a number beyond most' => 9_223_372_036_854_775_807,
            'a number below' => -4_000_000_000,
            'a fraction' => 1.5e300,
            'yes' => true,
            'nothing' => null,
            'empty' => '',
            'long' => str_repeat('ü', 70_000),
            'a quote' => "' OR 1=1 -- <script>alert(1)</script> {{7*7}} %00 ../../etc/passwd",
        ];
    }

    /** @param  array<string, mixed>  $body */
    private function faultOf(string $method, string $path, array $body, bool $isJson): ?string
    {
        $this->app->forgetScopedInstances();
        $isGet = $method === 'GET';
        if ($isGet || ! $isJson) {
            $body = array_map(
                static fn (mixed $one): mixed => is_bool($one) || is_int($one) || is_float($one) ? (string) $one : $one,
                $body,
            );
        }
        $response = match (true) {
            // A server in front of us takes no address of more than some kilobytes.
            $isGet => $this->get(substr($path.'?'.http_build_query($body), 0, 4000)),
            $isJson => $this->call(
                $method,
                $path,
                [],
                [],
                [],
                ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                (string) json_encode($body, JSON_INVALID_UTF8_SUBSTITUTE),
            ),
            default => $this->post($path, $body),
        };
        if ($response->getStatusCode() < 500) {
            return null;
        }
        $exception = $response->exception;

        return $exception === null
            ? "{$response->getStatusCode()}"
            : $exception::class.
                    ': '.
                    mb_strimwidth(mb_scrub($exception->getMessage()), 0, 160).
                    ' at '.
                    basename($exception->getFile()).
                    ':'.
                    $exception->getLine();
    }

    /** @param  array<string, string>  $instead */
    private function path(Route $route, string $tag, array $instead = []): string
    {
        $values = $instead + [
            'job' => $tag,
            'family' => 'tarn-4-198',
            'sheet' => 'bores',
            'cylinder' => '1',
            'section' => 'crankshaft',
            'stage' => 'receive',
            'machine' => 'mill',
            'operation' => 'deck.1',
            'part' => 'block',
            'gauge' => 'G-01',
            'customer' => '1',
            'event' => '1',
            'offer' => '01HZZZZZZZZZZZZZZZZZZZZZZA',
            'photo' => '01HZZZZZZZZZZZZZZZZZZZZZZA',
            'code' => '01HZZZZZZZZZZZZZZZZZZZZZZA',
            'person' => (string) User::query()->max('id'),
        ];

        return '/'.preg_replace_callback('/\{(\w+)\??\}/', static fn (array $found): string => $values[$found[1]] ?? '1', $route->uri());
    }

    /**
     * Every name of a field that the route's action or its form request speaks of.
     *
     * @return list<string>
     */
    private function namesIn(Route $route): array
    {
        $action = $route->getAction('controller');
        if (! is_string($action)) {
            return [];
        }
        [$class, $method] = explode('@', $action.'@__invoke');
        $reflection = new ReflectionMethod($class, $method);
        $files = [(string) $reflection->getFileName()];
        foreach ($reflection->getParameters() as $parameter) {
            $type = $parameter->getType();
            if ($type instanceof ReflectionNamedType && str_ends_with($type->getName(), 'Request')) {
                $files[] = (string) (new \ReflectionClass($type->getName()))->getFileName();
            }
        }
        preg_match_all(
            '/[\'"]([a-z_]{1,24})[\'".]/',
            implode(
                '',
                array_map(
                    static fn (string $file): string => str_contains($file, '/vendor/') ? '' : (string) file_get_contents($file),
                    $files,
                ),
            ),
            $found,
        );

        return array_values(array_unique($found[1]));
    }
}
