<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\Messages;
use BackedEnum;
use Illuminate\Support\Arr;
use NorthLedger\Core\CoreException;
use NorthLedger\Core\Document\Fault;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Features\Cracks\ImpossibleLocation;
use NorthLedger\Core\Gauging\GaugingException;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\NotationException;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;
use Tests\TestCase;

/** What the core refuses is said in words that stand in one place. */
final class RefusalWordsTest extends TestCase
{
    /** Named by a code that stands in a variable, where it is made. */
    private const BY_CODE = '/(?:impossible|negative|tooFew|missing|complain)\(\s*\'([a-z_]+)\'/';

    public function test_a_refusal_reads_as_it_always_did(): void
    {
        $this->assertSame(
            [
                '“4.2.2” does not read as a length. Write it like 3.8125, 3 13/16, 96.84 mm, +1.5 thou or 30 over.',
                '“1/64” is a fraction, and fractions are inches. Put an inch mark behind it: 1/64".',
                'The resolution of a gauge cannot be below zero: -0.5.',
                'The specification sheet “Tarn” cannot be used. /unit: found nothing, expected one of “in”, “mm”. '.
                    '/piston/mass_ug: found 0, expected a whole number, 1 or more.',
                'The pan rail has no saddle. Choose one of: outer water jacket, main web, oil gallery, bore wall.',
            ],
            array_map(Messages::refusal(...), [
                NotationException::unreadable('4.2.2'),
                NotationException::fractionNeedsInch('1/64'),
                GaugingException::negative('resolution', -0.5),
                InvalidDocument::withFaults(new Message('refusal.document.sheet_named', ['name' => 'Tarn']), [
                    new Fault(
                        '/unit',
                        new Message('refusal.document.nothing'),
                        new Message('refusal.expected.one_of', ['words' => '“in”, “mm”']),
                    ),
                    new Fault('/piston/mass_ug', '0', new Message('refusal.expected.whole_number_or_more', ['least' => 1])),
                ]),
                ImpossibleLocation::zoneNotOnFace(CrackZone::Saddle, Face::PanRail),
            ]),
        );
    }

    /** @param  class-string<CoreException>  $refusal */
    #[DataProvider('refusals')]
    public function test_every_refusal_has_its_words(string $refusal): void
    {
        foreach ((new ReflectionClass($refusal))->getMethods(ReflectionMethod::IS_STATIC) as $factory) {
            if (! $factory->isPublic()) {
                continue;
            }
            $made = $factory->invokeArgs(null, array_map(self::sample(...), $factory->getParameters()));
            $this->assertInstanceOf(CoreException::class, $made);
            $words = Messages::refusal($made);
            $this->assertDoesNotMatchRegularExpression('/(^|[ (“])(refusal|cracks)\.[a-z]|:[a-z]/', $words, $factory->getName());
            $this->assertNotSame('', $made->getMessage(), 'and a code for the log');
        }
    }

    /** @return iterable<string, array{class-string<CoreException>}> */
    public static function refusals(): iterable
    {
        foreach (self::files() as $file) {
            if (preg_match('/^final class (\w+) extends CoreRefusal$/m', (string) file_get_contents($file), $name) === 1) {
                preg_match('/^namespace ([\w\\\\]+);$/m', (string) file_get_contents($file), $namespace);
                /** @var class-string<CoreException> $class */
                $class = ($namespace[1] ?? '').'\\'.$name[1];
                yield $name[1] => [$class];
            }
        }
    }

    public function test_every_line_is_said_and_every_code_has_its_line(): void
    {
        $lines = array_keys(Arr::dot((array) trans('refusal')));
        $said = [];
        foreach ([...self::files(), ...glob(base_path('app/{SpecBook,Storage}/*.php'), GLOB_BRACE) ?: []] as $file) {
            $code = (string) file_get_contents($file);
            preg_match_all("/'refusal\.([a-z_.]+)'/", $code, $full);
            preg_match_all(self::BY_CODE, $code, $short);
            // What is walked through in a loop stands as a key, or beside a question mark.
            preg_match_all("/'([a-z_]+)'(?: =>| :|\))/", $code, $loose);
            array_push($said, ...$full[1]);
            foreach ([...$short[1], ...$loose[1]] as $one) {
                array_push($said, "what.{$one}", "what.least_{$one}", "expected.{$one}");
            }
            foreach ($short[1] as $one) {
                $this->assertTrue(
                    array_intersect(["what.{$one}", "expected.{$one}"], $lines) !== [],
                    "no line for “{$one}” in ".basename($file),
                );
            }
        }
        $this->assertSame([], array_values(array_diff($lines, $said)), 'lines that nobody says');
    }

    private static function sample(\ReflectionParameter $parameter): mixed
    {
        $type = $parameter->getType();
        $name = $type instanceof ReflectionNamedType ? $type->getName() : 'int';
        if (is_subclass_of($name, BackedEnum::class)) {
            return $name::cases()[0];
        }

        return match (true) {
            $parameter->getName() === 'faults' => [new Fault('/a', '1', new Message('refusal.expected.list'))],
            $name === 'array' => ['one', 'two'],
            $name === 'int', $name === 'float' => 3,
            default => 'resolution',
        };
    }

    /** @return list<string> */
    private static function files(): array
    {
        $root = dirname(__DIR__, 2).'/core';

        return ["{$root}/Message.php", ...glob("{$root}/*/*.php") ?: [], ...glob("{$root}/*/*/*.php") ?: []];
    }
}
