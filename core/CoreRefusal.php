<?php

declare(strict_types=1);

namespace NorthLedger\Core;

/** What the refusals of the core have in common. */
abstract class CoreRefusal extends \DomainException implements CoreException
{
    protected function __construct(private readonly Message $said)
    {
        parent::__construct((string) $said);
    }

    public function said(): Message
    {
        return $this->said;
    }

    /** As much of a text as can be shown again, whatever somebody sent. */
    protected static function shown(string $text, int $most = 40): string
    {
        return mb_strimwidth(mb_scrub($text), 0, $most, '…');
    }
}
