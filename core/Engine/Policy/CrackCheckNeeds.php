<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Engine\Specification\EnginePart;

/**
 * Which parts have to be checked for cracks before they are called good, and which are not scrapped on one method alone (CRACK-5a,
 * CRACK-5b).
 */
final readonly class CrackCheckNeeds
{
    /**
     * @param  array<string, CrackCheckNeed>  $needs  By part
     * @param  list<string>  $confirmed  Parts whose crack another method confirms
     */
    private function __construct(private array $needs, private array $confirmed)
    {
    }

    public static function fromNode(Node $node): self
    {
        $needs = $confirmed = [];
        foreach (EnginePart::cases() as $part) {
            $needs[$part->value] = $node->at($part->value)->word(CrackCheckNeed::class);
            if ($node->at('confirm')->at($part->value)->word(SecondMethod::class) === SecondMethod::Asked) {
                $confirmed[] = $part->value;
            }
        }

        return new self($needs, $confirmed);
    }

    public function of(EnginePart $part): CrackCheckNeed
    {
        return $this->needs[$part->value];
    }

    /** True where one surface method alone scraps nothing. */
    public function asksForSecondMethod(EnginePart $part): bool
    {
        return in_array($part->value, $this->confirmed, true);
    }
}
