<?php

declare(strict_types=1);

namespace App\Offers;

use Illuminate\Support\Str;
use Symfony\Component\Mailer\Exception\TransportException;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/** A stand-in for a mail server: every message is kept as a file in a folder, and goes nowhere. */
final class EmlTransport extends AbstractTransport
{
    public function __construct(private readonly string $folder)
    {
        parent::__construct();
    }

    public function __toString(): string
    {
        return 'eml://default';
    }

    protected function doSend(SentMessage $message): void
    {
        is_dir($this->folder) || mkdir($this->folder, 0700, true);
        $path = "{$this->folder}/".Str::ulid().'.eml';
        file_put_contents($path, $message->toString()) !== false ||
            throw new TransportException("No message can be kept in {$this->folder}. See that the folder can be written.");
    }
}
