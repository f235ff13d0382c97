<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Signing\ShopKey;
use App\Signing\SignedCertificate;
use Illuminate\Console\Command;

final class CheckCertificate extends Command
{
    protected $signature = 'certificate:check {file : a signed certificate, as it was downloaded}';

    protected $description = 'Say whether a signed certificate is unaltered, and whose key it was signed with';

    public function handle(): int
    {
        $path = (string) $this->argument('file');
        $signed = is_file($path) ? SignedCertificate::read((string) file_get_contents($path)) : null;
        if ($signed === null) {
            $this->error("{$path} is no signed certificate. Download it from the job’s release page.");

            return self::FAILURE;
        }
        if (! $signed->isUnaltered()) {
            $this->error('Altered: the text is not the one that was signed.');

            return self::FAILURE;
        }
        $whose = $signed->publicKey === ShopKey::ifMade()?->publicKey() ? 'this shop’s key' : 'a key that is not this shop’s';
        $this->info("Unaltered, signed with {$whose}.");
        $this->line('Fingerprint: '.ShopKey::fingerprint($signed->publicKey));

        return self::SUCCESS;
    }
}
