<?php

declare(strict_types=1);

namespace App\Storage;

/** Whether a signed certificate still says what is so. */
enum CertificateStanding: string
{
    case Stands = 'stands';
    case InQuestion = 'in_question';
    case Withdrawn = 'withdrawn';
    /** Withdrawn, and the job is open: it is released anew. */
    case Reopened = 'reopened';
    /** Nobody says it: a newer certificate does. */
    case Replaced = 'replaced';

    /** @return list<self> What can be said of a certificate after this: what is withdrawn does not come back */
    public function canFollow(): array
    {
        return match ($this) {
            self::Withdrawn => [self::Reopened],
            self::Reopened, self::Replaced => [],
            default => [self::InQuestion, self::Withdrawn, self::Reopened, self::Stands],
        };
    }
}
