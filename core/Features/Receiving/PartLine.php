<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

/** A kind of part and how many of it this family has. */
final readonly class PartLine
{
    private const OTHER = 'other-';

    private const LONGEST_KEY = 30;

    /**
     * @param  string  $words  What the sheet or somebody calls it; empty where its code says what it is
     * @param  bool  $isRare  Often missing
     * @param  string  $code  Of its name, where its key alone does not say it
     */
    public function __construct(
        public string $key,
        public PartGroup $group,
        public int $count,
        public string $words = '',
        public bool $isRare = false,
        private string $code = '',
    ) {
    }

    /**
     * A part that no list has, by what it is called: called the same it is the same.
     *
     * @return ?self Null where nothing of it can be a name
     */
    public static function other(string $words, int $count): ?self
    {
        $slug = trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($words)), '-');

        return $slug === ''
            ? null
            : new self(substr(self::OTHER.$slug, 0, self::LONGEST_KEY), PartGroup::Other, max(1, $count), trim($words));
    }

    /** Of its name, where nobody else named it. */
    public function code(): string
    {
        return $this->code === '' ? $this->key : $this->code;
    }

    public function isOther(): bool
    {
        return $this->group === PartGroup::Other;
    }
}
