<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;

/** Where one value of a sheet comes from, or every value of a part of it. */
final readonly class ValueSource
{
    /** @param  string  $words  Edition and page, which part was measured, which family: whatever leads back to it */
    private function __construct(public SourceKind $kind, public string $words)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(
            $node->at('kind')->word(SourceKind::class),
            $node->at('words')->ifGiven(static fn (Node $words): string => $words->text()) ?? '',
        );
    }

    /**
     * The one that stands nearest to a value: its own, else that of the part of the sheet it stands in.
     *
     * @param  array<string, self>  $sources  By pointer
     * @param  string  $pointer  “/bore/service/taper”
     */
    public static function nearest(array $sources, string $pointer): ?self
    {
        for ($at = $pointer; $at !== ''; $at = substr($at, 0, (int) strrpos($at, '/'))) {
            if (isset($sources[$at])) {
                return $sources[$at];
            }
        }

        return null;
    }
}
