<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Ability;
use App\People\Role;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Tests\TestCase;

/** Who may do what at which address, read off the routes themselves; docs/roles.md is the table that people look at. */
final class RoleMatrixTest extends TestCase
{
    private const DOCUMENT = __DIR__.'/../../docs/roles.md';

    private const BEGIN = "<!-- routes -->\n";

    private const END = "<!-- end of routes -->\n";

    public function test_the_table_in_the_documents_is_what_the_routes_say(): void
    {
        $document = (string) file_get_contents(self::DOCUMENT);
        $table = $this->table();
        if (getenv('WRITE_ROLES') !== false) {
            file_put_contents(self::DOCUMENT, explode(self::BEGIN, $document)[0].self::BEGIN.$table.self::END);
        }
        $this->assertStringContainsString(self::BEGIN.$table.self::END, $document, 'docs/roles.md says how it is written anew');
    }

    public function test_everybody_is_kept_to_the_table(): void
    {
        $tried = 0;
        foreach (Role::cases() as $role) {
            $person = $this->person($role);
            foreach (Routes::getRoutes()->getRoutes() as $route) {
                $ability = $this->abilityOf($route);
                if ($ability === null || $person->may($ability) || $route->parameterNames() !== []) {
                    continue;
                }
                $this->actingAs($person)
                    ->call($route->methods()[0], '/'.$route->uri())
                    ->assertForbidden();
                $tried++;
            }
        }
        $this->assertGreaterThan(40, $tried);
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            $isWrite = $route->methods()[0] === 'POST' && in_array('auth', $route->gatherMiddleware(), true);
            if ($isWrite && $this->abilityOf($route) === null) {
                $this->assertMatchesRegularExpression(
                    '#^(logout|own/|shown|practice/)#',
                    $route->uri(),
                    'whoever writes is allowed to by name',
                );
            }
        }
    }

    private function table(): string
    {
        $lines = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            $ability = $this->abilityOf($route);
            $who = match (true) {
                str_starts_with($route->uri(), 'offer/') => ['whoever has the signed address'],
                in_array($route->uri(), ['feed', 'feed/asked'], true) => ['a gauge, by its token'],
                ! in_array('auth', $route->gatherMiddleware(), true) => ['anybody'],
                $ability === null => ['everybody who is logged in'],
                $ability === Ability::SeePrices => ['whoever sees prices'],
                default => array_map(
                    static fn (Role $role): string => $role->value,
                    array_values(array_filter(Role::cases(), static fn (Role $role): bool => $role->may($ability))),
                ),
            };
            $lines["/{$route->uri()} {$route->methods()[0]}"] =
                "| {$route->methods()[0]} | `/".
                ltrim($route->uri(), '/').
                '` | '.
                ($ability->value ?? '').
                ' | '.
                implode(', ', $who).
                " |\n";
        }
        ksort($lines);

        return "| | address | ability | who |\n| --- | --- | --- | --- |\n".implode('', $lines);
    }

    private function abilityOf(Route $route): ?Ability
    {
        foreach ($route->gatherMiddleware() as $one) {
            if (is_string($one) && str_starts_with($one, 'can:')) {
                return Ability::from(substr($one, 4));
            }
        }

        return null;
    }
}
