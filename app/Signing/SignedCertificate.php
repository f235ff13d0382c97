<?php

declare(strict_types=1);

namespace App\Signing;

use App\Storage\Release;
use JsonException;

/** A certificate as a file that anyone can check: the signed text, word for word, with its signature and the key to check it with. */
final readonly class SignedCertificate
{
    private const FORMAT = 'north-ledger signed certificate 1';

    /** @param  string  $publicKey  64 hexadecimal digits */
    private function __construct(public string $certificate, public string $signature, public string $publicKey, private string $address)
    {
    }

    /** Null where it was signed before the shop had a key. */
    public static function of(Release $release, string $address): ?self
    {
        return $release->signature === null || $release->public_key === null
            ? null
            : new self($release->certificate, $release->signature, $release->public_key, $address);
    }

    /** Null where the file is none of ours. */
    public static function read(string $json): ?self
    {
        try {
            $data = json_decode($json, true, 4, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            return null;
        }
        $texts = array_map(static fn (string $name): ?string => is_array($data) && is_string($data[$name] ?? null) ? $data[$name] : null, [
            'certificate' => 'certificate',
            'signature' => 'signature',
            'public_key' => 'public_key',
            'address' => 'address',
        ]);

        return ($data['format'] ?? null) !== self::FORMAT || in_array(null, $texts, true)
            ? null
            : new self($texts['certificate'], $texts['signature'], $texts['public_key'], $texts['address']);
    }

    public function isUnaltered(): bool
    {
        return ShopKey::verifies($this->certificate, $this->signature, $this->publicKey);
    }

    public function toJson(): string
    {
        return json_encode(
            [
                'format' => self::FORMAT,
                'certificate' => $this->certificate,
                'signature' => $this->signature,
                'public_key' => $this->publicKey,
                'public_key_pem' => ShopKey::pem($this->publicKey),
                'address' => $this->address,
            ],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
