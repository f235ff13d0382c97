<?php

declare(strict_types=1);

namespace NorthLedger\Core\Document;

use NorthLedger\Core\Message;

/** One thing wrong in a document: where, what stands there, what is expected. */
final readonly class Fault
{
    /** @param  string|Message  $value  As it stands in the document, or what is said of it */
    public function __construct(public string $path, public string|Message $value, public Message $expected)
    {
    }

    public function said(): Message
    {
        return new Message('refusal.document.fault', ['path' => $this->path, 'found' => $this->value, 'expected' => $this->expected]);
    }
}
