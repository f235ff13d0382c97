<?php

declare(strict_types=1);

namespace NorthLedger\Core;

/**
 * Every refusal of the core. Its message names the value, what is allowed, and the way out,
 * so that it can be shown to the person who asked.
 */
interface CoreException extends \Throwable
{
}
