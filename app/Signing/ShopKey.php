<?php

declare(strict_types=1);

namespace App\Signing;

use RuntimeException;

/**
 * The key pair with which the shop signs (Ed25519). It is made when it is first asked for, and kept in a file of its own outside the
 * database: whoever can write there cannot sign by that.
 */
final class ShopKey
{
    private const FILE = 'shop.key';

    /** What stands before the 32 bytes of an Ed25519 key in a public key that common tools read. */
    private const PEM_PREFIX = '302a300506032b6570032100';

    /** @param  non-empty-string  $secret */
    private function __construct(private readonly string $secret)
    {
    }

    /** Null where the shop has none yet: nothing was signed. */
    public static function ifMade(): ?self
    {
        return is_file(config('app.key_folder').'/'.self::FILE) ? self::own() : null;
    }

    /** Null where the shop has none yet, or whoever runs this may not read it: what goes out is not signed. */
    public static function ifReadable(): ?self
    {
        return is_readable(config('app.key_folder').'/'.self::FILE) ? self::own() : null;
    }

    /** @throws RuntimeException If the folder cannot be written, or the file holds no key */
    public static function own(): self
    {
        $path = config('app.key_folder').'/'.self::FILE;
        is_file($path) || self::make($path);
        $secret = trim((string) file_get_contents($path));

        return ctype_xdigit($secret) && strlen($secret) === 2 * SODIUM_CRYPTO_SIGN_SECRETKEYBYTES
            ? new self(sodium_hex2bin($secret))
            : throw new RuntimeException("{$path} holds no signing key. Put it back from the backup; do not make a new one.");
    }

    /** Base64. */
    public function sign(string $bytes): string
    {
        return base64_encode(sodium_crypto_sign_detached($bytes, $this->secret));
    }

    /** 64 hexadecimal digits. */
    public function publicKey(): string
    {
        return sodium_bin2hex(sodium_crypto_sign_publickey_from_secretkey($this->secret));
    }

    /** Of a public key, to be read aloud: eight groups of eight digits. */
    public static function fingerprint(string $publicKey): string
    {
        return implode(' ', str_split(hash('sha256', sodium_hex2bin($publicKey)), 8));
    }

    /** A public key as common tools read it. */
    public static function pem(string $publicKey): string
    {
        $bytes = base64_encode(sodium_hex2bin(self::PEM_PREFIX.$publicKey));

        return "-----BEGIN PUBLIC KEY-----\n{$bytes}\n-----END PUBLIC KEY-----\n";
    }

    /** True where the bytes are exactly those that were signed. */
    public static function verifies(string $bytes, string $signature, string $publicKey): bool
    {
        $raw = base64_decode($signature, true);
        if ($raw === false || strlen($raw) !== SODIUM_CRYPTO_SIGN_BYTES || preg_match('/^[0-9a-f]{64}$/D', $publicKey) !== 1) {
            return false;
        }

        return sodium_crypto_sign_verify_detached($raw, $bytes, sodium_hex2bin($publicKey));
    }

    /** Written whole and then put in place, so that of two who begin at once both get the same key. */
    private static function make(string $path): void
    {
        is_dir(dirname($path)) || mkdir(dirname($path), 0700, true);
        $draft = $path.'.'.bin2hex(random_bytes(6));
        $secret = sodium_crypto_sign_secretkey(sodium_crypto_sign_keypair());
        if (file_put_contents($draft, sodium_bin2hex($secret)."\n") === false) {
            throw new RuntimeException("The signing key cannot be written to {$path}.");
        }
        chmod($draft, 0600);
        @link($draft, $path);
        unlink($draft);
    }
}
