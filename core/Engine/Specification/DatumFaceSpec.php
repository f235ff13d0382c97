<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;

/** A face from which a machine takes its bearings: a pad, a rail, a dowel. A burr on it goes into every cut (DECK-4). */
final readonly class DatumFaceSpec
{
    private function __construct(public string $key, public string $words)
    {
    }

    public static function fromNode(Node $node): self
    {
        $datum = new self($node->at('key')->text(), $node->at('words')->text());
        if (preg_match('/^[a-z0-9-]{1,20}$/D', $datum->key) !== 1) {
            $node->at('key')->complain('short_key');
        }

        return $datum;
    }
}
