<?php

declare(strict_types=1);

namespace NorthLedger\Core;

/**
 * Every refusal of the core. What it says names the value, what is allowed, and the way out, so that it can be shown to the person
 * who asked; the message of the exception is for a log.
 */
interface CoreException extends \Throwable
{
    public function said(): Message;
}
