<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Engine\Policy\ShopPolicy;

/** The shop's policy by revision; revision 0 ships with the application, the newest is in force. */
final class PolicyBook
{
    /** @var array<int, ShopPolicy> */
    private array $read = [];

    public function __construct(private readonly string $defaultsPath)
    {
    }

    public function current(): ShopPolicy
    {
        return $this->revision($this->newestNumber());
    }

    public function newestNumber(): int
    {
        return (int) DB::scalar('SELECT MAX(number) FROM policy_revisions');
    }

    public function revision(int $number): ShopPolicy
    {
        return $this->read[$number] ??= ShopPolicy::fromArray($this->document($number));
    }

    /**
     * A revision that is older than a rule has that rule as it ships.
     *
     * @return array<string, mixed>
     */
    public function document(int $number): array
    {
        if ($number === 0) {
            return $this->defaults();
        }
        $own =
            DB::scalar('SELECT policy FROM policy_revisions WHERE number = ?', [$number]) ??
            throw (new ModelNotFoundException())->setModel(PolicyRevision::class, [$number]);

        /** @var array<string, mixed> $stored */
        $stored = json_decode($own, true, 16, JSON_THROW_ON_ERROR);

        return ['revision' => $number] + $this->asToday($stored);
    }

    /**
     * A policy as it was stored once, with the rules that came since as they ship.
     *
     * @param  array<mixed>  $stored
     * @return array<string, mixed>
     */
    public function asToday(array $stored): array
    {
        return array_replace_recursive($this->defaults(), OldPrices::brought($stored));
    }

    /** @return array<string, mixed> */
    private function defaults(): array
    {
        return json_decode((string) file_get_contents($this->defaultsPath), true, 16, JSON_THROW_ON_ERROR);
    }

    /**
     * @param  array<string, mixed>  $document
     *
     * @throws InvalidDocument If it is no policy; nothing is stored then
     */
    public function add(array $document, int $userId): ShopPolicy
    {
        $number = $this->newestNumber() + 1;
        $policy = ShopPolicy::fromArray(['revision' => $number] + $document);
        PolicyRevision::query()->create(['number' => $number, 'policy' => $document, 'user_id' => $userId, 'created_at' => now()]);

        return $policy;
    }
}
