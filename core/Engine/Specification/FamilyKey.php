<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;

/** What a family is known by: 2 to 40 small letters, digits and dashes, a letter among them, no dash at an end. */
final class FamilyKey
{
    private const PATTERN = '/^(?=.*[a-z])(?=.{2,40}$)[a-z0-9]+(?:-[a-z0-9]+)*$/D';

    public static function isOne(string $key): bool
    {
        return preg_match(self::PATTERN, $key) === 1;
    }

    public static function fromNode(Node $node): string
    {
        $key = $node->text();
        if (! self::isOne($key)) {
            $node->complain('family_key');
        }

        return $key;
    }
}
