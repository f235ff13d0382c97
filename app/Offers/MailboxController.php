<?php

declare(strict_types=1);

namespace App\Offers;

use Illuminate\Contracts\View\View;

/** The messages that the stand-in for a mail server kept, the newest first. */
final class MailboxController
{
    private const MOST = 50;

    public function show(): View
    {
        $files = config('mail.default') === 'eml' ? (glob(config('mail.folder').'/*.eml') ?: []) : [];
        rsort($files);

        return view('offers.mailbox', [
            'mails' => array_map(
                static fn (string $path): KeptMail => KeptMail::read((string) file_get_contents($path)),
                array_slice($files, 0, self::MOST),
            ),
            'isStandIn' => config('mail.default') === 'eml',
        ]);
    }
}
