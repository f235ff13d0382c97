<?php

declare(strict_types=1);

namespace App\Record;

use NorthLedger\Core\Finding\Criterion;

/** The identity of a finding in codes; what was signed before findings had codes is read by the words they had then. */
final class FindingKey
{
    /** Words that have changed since, to the code they stand for. */
    private const FORMER_CRITERIA = [
        'step to the neighbour' => Criterion::StepToNeighbour,
        'valve drops by itself' => Criterion::ValveDrop,
        'flatness in any square' => Criterion::LocalFlatness,
        'imprint or step' => Criterion::Imprint,
        'face' => Criterion::ThrustFace,
        'spread below the deck' => Criterion::CornerSpread,
        'run-out at the snout' => Criterion::SnoutRunOut,
        'spread of the weights' => Criterion::WeightSpread,
        'big end, taper' => Criterion::BigEndTaper,
        'big end, out-of-round' => Criterion::BigEndOutOfRound,
    ];

    private const HYPHENATED = [
        'out_of_round' => 'out-of-round',
        'run_out' => 'run-out',
        'seat_run_out' => 'seat run-out',
        'line_bore_step' => 'line-bore step',
    ];

    /** Subjects as they were worded, by pattern, to their codes. */
    private const FORMER_SUBJECTS = [
        '/^Main (\d+)$/' => 'main.$1',
        '/^Rod journal (\d+)$/' => 'pin.$1',
        '/^Rod (\d+)$/' => 'rod.$1',
        '/^Housing (\d+)$/' => 'housing.$1',
        '/^Lifter (\d+)$/' => 'lifter.$1',
        '/^Thrust, housing (\d+)$/' => 'thrust.$1',
        '/^Cylinder (\d+), intake ?(\d?)$/' => 'valve.$1.in$2',
        '/^Cylinder (\d+), exhaust ?(\d?)$/' => 'valve.$1.ex$2',
        '/^Deck$/' => 'deck.1',
        '/^Deck, bank (\d+)$/' => 'deck.$1',
        '/^Head face$/' => 'head.1',
        '/^Head face, bank (\d+)$/' => 'head.$1',
        '/^Mains$/' => 'mains',
        '/^Rod journals$/' => 'rods',
        '/^Rods$/' => 'rods',
        '/^Housings$/' => 'housings',
        '/^Line of the housings$/' => 'line',
        '/^Crankshaft$/' => 'crankshaft',
        '/^Intake guides$/' => 'guides.in',
        '/^Exhaust guides$/' => 'guides.ex',
        '/^Pistons at the corners$/' => 'corners',
    ];

    public static function ofPitting(int $cylinder): string
    {
        return "BORE-6/bore.{$cylinder}/pitting";
    }

    /** Whose pitting a key speaks of; null where it speaks of anything else. */
    public static function pittedCylinder(string $key): ?int
    {
        return preg_match('#^BORE-6/bore\.(\d+)/pitting$#D', $key, $match) === 1 ? (int) $match[1] : null;
    }

    /** The same key where it is in codes; else what those words stand for, or the words themselves where they say nothing. */
    public static function read(string $stored): string
    {
        if (str_contains($stored, '/')) {
            return self::inCodes($stored);
        }
        if (preg_match('/^([A-Z]+-\d+[a-z]?) (.+)$/D', $stored, $match) !== 1) {
            return $stored;
        }
        [, $rule, $words] = $match;
        if (preg_match('/^Cylinder (\d+) pitting$/D', $words, $bore) === 1) {
            return self::ofPitting((int) $bore[1]);
        }
        foreach (self::criteria() as $label => $criterion) {
            $subject = str_ends_with($words, " {$label}") ? self::subject(substr($words, 0, -strlen($label) - 1)) : null;
            if ($subject !== null) {
                return "{$rule}/{$subject}/{$criterion->value}";
            }
        }

        return $stored;
    }

    /** Criteria once had words between the slashes. */
    private static function inCodes(string $key): string
    {
        $at = (int) strrpos($key, '/');

        return substr($key, 0, $at).strtr(substr($key, $at), ' -', '__');
    }

    private static function subject(string $words): ?string
    {
        foreach (self::FORMER_SUBJECTS as $pattern => $code) {
            if (preg_match($pattern, $words) === 1) {
                return (string) preg_replace($pattern, $code, $words);
            }
        }

        return null;
    }

    /** @return array<string, Criterion> By the words they had, the longest first */
    private static function criteria(): array
    {
        $criteria = self::FORMER_CRITERIA;
        // As they were worded when words were the key; these never change.
        foreach (Criterion::cases() as $one) {
            $criteria += [self::HYPHENATED[$one->value] ?? str_replace('_', ' ', $one->value) => $one];
        }
        uksort($criteria, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return $criteria;
    }
}
