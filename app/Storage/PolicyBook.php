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

    public function __construct(private readonly string $defaultsPath, private readonly CompiledDocuments $compiled)
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
        return $this->read[$number] ??= $this->compiled($number);
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
        /** @var array<string, mixed> $stored */
        $stored = json_decode($this->stored($number), true, 16, JSON_THROW_ON_ERROR);

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

    private function compiled(int $number): ShopPolicy
    {
        $own = $number === 0 ? '' : $this->stored($number);

        return $this->compiled->of(
            ShopPolicy::class,
            "{$number} {$own} {$this->shipped()}",
            fn (): ShopPolicy => ShopPolicy::fromArray($this->document($number)),
        );
    }

    private function stored(int $number): string
    {
        return DB::scalar('SELECT policy FROM policy_revisions WHERE number = ?', [$number]) ??
            throw (new ModelNotFoundException())->setModel(PolicyRevision::class, [$number]);
    }

    /** @return array<string, mixed> */
    private function defaults(): array
    {
        return json_decode($this->shipped(), true, 16, JSON_THROW_ON_ERROR);
    }

    private function shipped(): string
    {
        return (string) file_get_contents($this->defaultsPath);
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
