<?php

declare(strict_types=1);

namespace App\Storage;

/** Whether a signed certificate still says what is so. */
enum CertificateStanding: string
{
    case Stands = 'stands';
    case InQuestion = 'in_question';
    case Withdrawn = 'withdrawn';
}
