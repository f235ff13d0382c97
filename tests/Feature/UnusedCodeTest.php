<?php

declare(strict_types=1);

namespace Tests\Feature;

use FilesystemIterator;
use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\Parser;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Every class and every method is named somewhere in the product itself; what only tests name is watched here. */
final class UnusedCodeTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    /** The framework calls these. */
    private const CALLED_BY_THE_FRAMEWORK = [
        '__construct', '__invoke', '__toString', 'doSend', 'envelope', 'boot', 'bootTraits', 'casts', 'down', 'getRouteKey',
        'getRouteKeyName', 'getRule', 'handle', 'messages', 'prepareForValidation', 'register', 'resolveChildRouteBinding',
        'resolveRouteBinding', 'retrieveById', 'rules', 'up',
    ];

    /** Classes that are found by their folder's or their command's name. */
    private const FOUND_BY_NAME = '/^(Inspected|Proved)[A-Z]|Drawing$/';

    /** What the core computes already and no page asks for yet, or what is given to other programs. */
    private const AHEAD_OF_THE_PAGES = [
        'fromHorizontal',
        'signedTaper', 'windowsThatCount',
    ];

    public function test_nothing_is_declared_that_nothing_names(): void
    {
        [$declared, $named] = $this->readAll();
        $known = [...self::CALLED_BY_THE_FRAMEWORK, ...self::AHEAD_OF_THE_PAGES];
        $unused = array_filter(
            array_diff(array_keys($declared), array_keys($named), $known),
            static fn (string $name): bool => preg_match(self::FOUND_BY_NAME, $name) !== 1,
        );

        $this->assertSame([], array_intersect_key($declared, array_flip($unused)));
        $this->assertSame([], array_diff(self::AHEAD_OF_THE_PAGES, array_keys($declared)), 'what is gone is not ahead of anything');
        $this->assertSame([], array_intersect(self::AHEAD_OF_THE_PAGES, array_keys($named)), 'what is used is not ahead any more');
    }

    /** @return array{array<string, string>, array<string, true>} Where classes and methods are declared; every name that is used */
    private function readAll(): array
    {
        $parser = (new ParserFactory())->createForNewestSupportedVersion();
        $declared = $named = [];
        foreach (['core', 'app', 'database', 'routes', 'config', 'bootstrap', 'bin'] as $folder) {
            foreach ($this->files($folder) as $file) {
                if (! str_contains($file, '/cache/')) {
                    $this->readFile($parser, $file, $declared, $named);
                }
            }
        }
        foreach ($this->files('resources/views') as $file) {
            preg_match_all('/\w+/', (string) file_get_contents($file), $words);
            $named += array_fill_keys($words[0], true);
        }

        return [$declared, $named];
    }

    /**
     * @param  array<string, string>  $declared
     * @param  array<string, true>  $named
     */
    private function readFile(Parser $parser, string $file, array &$declared, array &$named): void
    {
        $source = (string) file_get_contents($file);
        if (! str_contains(substr($source, 0, 100), '<?php')) {
            return;
        }
        $isCommand = str_contains($file, '/Console/Commands/');
        foreach ((new NodeFinder())->find($parser->parse($source) ?? [], static fn (): bool => true) as $node) {
            if ($node instanceof Node\Stmt\ClassMethod || ($node instanceof Node\Stmt\ClassLike && ! $isCommand)) {
                $name = (string) $node->name;
                $declared += $name === '' ? [] : [$name => substr($file, strlen(self::ROOT) + 1)];
            }
            $used = match (true) {
                $node instanceof Node\Expr\MethodCall,
                $node instanceof Node\Expr\NullsafeMethodCall,
                $node instanceof Node\Expr\StaticCall => $node->name instanceof Node\Identifier ? $node->name->toString() : '',
                $node instanceof Node\Name => $node->getLast(),
                $node instanceof Node\Scalar\String_ => $node->value,
                default => '',
            };
            $named[$used] = true;
        }
    }

    /** @return list<string> */
    private function files(string $folder): array
    {
        $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::ROOT.'/'.$folder, FilesystemIterator::SKIP_DOTS));
        $files = [];
        foreach ($all as $file) {
            $files[] = (string) $file;
        }

        return $files;
    }
}
