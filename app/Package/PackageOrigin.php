<?php

declare(strict_types=1);

namespace App\Package;

use App\Signing\ShopKey;
use App\Words\Line;

/** Which house wrote a package, and whether its signature says so. */
final readonly class PackageOrigin
{
    private function __construct(public string $house, public string $key, public bool $isSigned)
    {
    }

    /**
     * @param  array<string, mixed>  $data  The package
     *
     * @throws PackageRefused If it is signed, and the signature does not fit what stands in it
     */
    public static function of(array $data): self
    {
        $house = is_array($data['house'] ?? null) ? $data['house'] : [];
        [$name, $key, $signature] = [$house['name'] ?? '', $house['key'] ?? '', $data['signature'] ?? ''];
        if (! is_string($name) || ! is_string($key) || ! is_string($signature)) {
            throw PackageRefused::because(Line::of('history.package.origin_no_text'));
        }
        if ($signature !== '' && ! ShopKey::verifies(self::signed($data), $signature, $key)) {
            throw PackageRefused::because(Line::of('history.package.bad_signature'));
        }

        return new self($name, $key, $signature !== '');
    }

    /**
     * What a signature is of: everything else, in the order in which it stands.
     *
     * @param  array<string, mixed>  $data
     */
    public static function signed(array $data): string
    {
        unset($data['signature']);

        return json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /**
     * A third house, that the one which wrote a package only tells of.
     *
     * @param  array{name: string, key: string}  $house
     */
    public static function told(array $house): self
    {
        return new self($house['name'], $house['key'], false);
    }

    /** True where this house's own key signed it: its people are ours. */
    public function isThisHouse(): bool
    {
        return $this->isSigned && $this->key === ShopKey::ifReadable()?->publicKey();
    }

    /** “Hollin Fell Engine Works (key 3f2a91c0)”; what is said of itself where nothing is signed */
    public function words(): string
    {
        $name = $this->house === '' ? Line::of('history.package.nameless') : $this->house;

        return $this->isSigned
            ? Line::of('history.package.signed', ['name' => $name, 'key' => explode(' ', ShopKey::fingerprint($this->key))[0]])
            : Line::of('history.package.unsigned', ['name' => $name]);
    }
}
