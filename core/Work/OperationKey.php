<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** Which operation of an order: its kind, and where it is done if it is done at several places: `bore.3`, `guides.1.ex`, `wash`. */
final readonly class OperationKey
{
    /** An order that was made before the whole engine had one calls it so. */
    private const OLD = ['clean' => OperationKind::Wash];

    /** @param  string  $place  Number of a cylinder, face, journal, housing or rod, or a valve; empty where it is done once */
    public function __construct(public OperationKind $kind, public string $place = '')
    {
    }

    /** @throws WorkException If there is no such kind */
    public static function parse(string $key): self
    {
        [$kind, $place] = explode('.', $key, 2) + [1 => ''];

        return new self(self::OLD[$kind] ?? (OperationKind::tryFrom($kind) ?? throw WorkException::unknownOperation($key)), $place);
    }

    public function written(): string
    {
        return $this->kind->value.($this->place === '' ? '' : ".{$this->place}");
    }
}
