<?php

declare(strict_types=1);

namespace App\Drawings\Faces;

use NorthLedger\Core\Engine\Specification\CrankshaftSpec;

/** Where the journals of a crankshaft lie along it, from nose to flange, by its specification. */
final readonly class CrankLayout
{
    private const BEGIN = 66.0;

    private const LENGTH = 868.0;

    private const MAIN = 1.0;

    private const ROD = 1.0;

    private const WEB = 0.45;

    /**
     * @param  list<array{float, float}>  $mains  Left and right end
     * @param  list<array{float, float}>  $rods
     * @param  list<array{float, float}>  $webs
     */
    private function __construct(public array $mains, public array $rods, public array $webs)
    {
    }

    public static function of(CrankshaftSpec $crankshaft): self
    {
        $sequence = self::sequence($crankshaft->mains->count, $crankshaft->rods->count);
        $units = array_sum(array_map(self::unit(...), $sequence));
        $x = self::BEGIN;
        $found = ['main' => [], 'rod' => [], 'web' => []];
        foreach ($sequence as $kind) {
            $end = $x + (self::LENGTH * self::unit($kind)) / $units;
            $found[$kind][] = [$x, $end];
            $x = $end;
        }

        return new self($found['main'], $found['rod'], $found['web']);
    }

    private static function unit(string $kind): float
    {
        return match ($kind) {
            'main' => self::MAIN,
            'rod' => self::ROD,
            default => self::WEB,
        };
    }

    /** @return list<'main'|'rod'|'web'> The throws are spread over the bays between the mains, the front bays first */
    private static function sequence(int $mains, int $rods): array
    {
        $perBay = (int) ceil($rods / ($mains - 1));
        $sequence = ['main'];
        for ($bay = 1; $bay < $mains; $bay++) {
            $here = min($perBay, $rods);
            $rods -= $here;
            for ($rod = 0; $rod < $here; $rod++) {
                array_push($sequence, 'web', 'rod');
            }
            array_push($sequence, 'web', 'main');
        }

        return $sequence;
    }
}
