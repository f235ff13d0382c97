<?php

declare(strict_types=1);

namespace App\Package;

use App\Photos\PhotoRefused;
use App\Photos\PhotoStore;
use App\Words\Line;

/** The pictures that a package brings along. They are a stranger's files, and opened like any other before they are kept. */
final readonly class PackagePictures
{
    public function __construct(private PhotoStore $store)
    {
    }

    /**
     * Keeps them; a photo whose picture the package does not bring is left out.
     *
     * @param  array<string, mixed>  $data  The package
     * @return list<array<string, mixed>> The photos that can be shown
     *
     * @throws PackageRefused If one is not what it is called, or cannot be opened
     */
    public function taken(array $data): array
    {
        $pictures = is_array($data['pictures'] ?? null) ? $data['pictures'] : [];
        $isThere = static fn (array $row): bool => isset($pictures[$row['content_hash']]);
        $photos = array_values(array_filter($data['photos'] ?? [], $isThere));
        foreach (array_unique(array_column($photos, 'content_hash')) as $hash) {
            $bytes = base64_decode((string) $pictures[$hash], true);
            if ($bytes === false || hash('sha256', $bytes) !== $hash) {
                throw PackageRefused::because(Line::of('history.package.another_picture', ['hash' => $hash]));
            }
            try {
                $this->store->keepAsItIs($bytes);
            } catch (PhotoRefused $refused) {
                $with = ['hash' => $hash, 'why' => $refused->getMessage()];
                throw PackageRefused::because(Line::of('history.package.picture_refused', $with));
            }
        }

        return $photos;
    }
}
