<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Storage\BootsPlainly;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Attributes\ObservedBy;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Auth\User as Authenticatable;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionClass;
use ReflectionMethod;
use ReflectionProperty;
use Tests\TestCase;

/** What BootsPlainly says of the models is what the framework's own search finds. */
final class PlainModelsTest extends TestCase
{
    public function test_the_framework_would_find_the_same(): void
    {
        $row = new class extends Model
        {
        };
        $person = new class extends Authenticatable
        {
        };
        $plain = new class extends Model
        {
            use BootsPlainly;
        };

        $this->assertSame($this->initializers($row), $this->initializers($plain));
        $this->assertSame($this->initializers($person), $this->initializers($plain));
    }

    /** @return iterable<string, array{class-string<Model>}> */
    public static function models(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/app/Storage/*.php') ?: [] as $file) {
            $class = 'App\\Storage\\'.basename($file, '.php');
            if (is_subclass_of($class, Model::class)) {
                yield basename($file, '.php') => [$class];
            }
        }
    }

    /** @param  class-string<Model>  $model */
    #[DataProvider('models')]
    public function test_a_model_has_nothing_that_would_have_to_be_found(string $model): void
    {
        $class = new ReflectionClass($model);
        $this->assertContains(BootsPlainly::class, class_uses_recursive($model));
        $this->assertSame([], [...$class->getAttributes(ObservedBy::class), ...$class->getAttributes(ScopedBy::class)]);
        $own = array_filter($class->getMethods(), static fn (ReflectionMethod $method): bool => str_starts_with($method->class, 'App\\'));
        foreach ($own as $method) {
            $this->assertSame([], [...$method->getAttributes(Boot::class), ...$method->getAttributes(Initialize::class)], $method->name);
            $this->assertDoesNotMatchRegularExpression('/^(boot|initialize)(?!Traits$)[A-Z]/', $method->name);
        }
    }

    /** @return list<string> */
    private function initializers(Model $model): array
    {
        return (new ReflectionProperty(Model::class, 'traitInitializers'))->getValue()[$model::class];
    }
}
