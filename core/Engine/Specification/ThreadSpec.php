<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;

/** One kind of threaded hole, how many there are, and how many of them carry an insert as made. */
final readonly class ThreadSpec
{
    private function __construct(
        public string $key,
        public string $words,
        public string $size,
        public string $pitch,
        public int $count,
        public int $insertsExpected,
    ) {
    }

    public static function fromNode(Node $node): self
    {
        $thread = new self(
            $node->at('key')->text(),
            $node->at('words')->text(),
            $node->at('size')->text(),
            $node->at('pitch')->text(),
            $node->at('count')->wholeNumber(1, 200),
            $node->at('inserts_expected')->wholeNumber(0, 200),
        );
        if (preg_match('/^[a-z0-9-]{1,20}$/D', $thread->key) !== 1) {
            $node->at('key')->complain('short_key');
        }
        if ($thread->insertsExpected > $thread->count) {
            $node->at('inserts_expected')->complain('inserts');
        }

        return $thread;
    }
}
