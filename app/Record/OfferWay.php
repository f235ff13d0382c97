<?php

declare(strict_types=1);

namespace App\Record;

use App\Words\Line;
use App\Words\VerdictWords;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\WayKind;

/** One way of an offer as the customer sees it. */
final readonly class OfferWay
{
    /**
     * @param  array<string, string>  $parts  Codes of the choices, by part
     * @param  bool  $isDayOpen  Something has to be found first: no day holds
     * @param  list<string>  $what
     * @param  list<string>  $gained
     * @param  list<string>  $givenUp
     * @param  list<array{finding: string, words: string, worst: string, depth_nm: ?int}>  $accepts  Known defects, signed by choosing
     *     it
     */
    private function __construct(
        public string $code,
        public array $parts,
        public int $costMinor,
        public Carbon $readyOn,
        public bool $isDayOpen,
        public array $what,
        public array $gained,
        public array $givenUp,
        public array $accepts,
    ) {
    }

    /** @param  mixed  $way  As it stands in the offer's document */
    public static function ofDocument(mixed $way): self
    {
        /**
         * @var array{code: string, parts: array<string, string>, cost_minor: int, ready_on: string, is_day_open?: bool, what: list<string>,
         *     gained: list<string>, given_up: list<string>,
         *     accepts?: list<array{finding: string, words: string, worst: string, depth_nm: ?int}>} $way
         */
        return new self(
            $way['code'],
            $way['parts'],
            $way['cost_minor'],
            Carbon::parse($way['ready_on']),
            $way['is_day_open'] ?? false,
            $way['what'],
            $way['gained'],
            $way['given_up'],
            $way['accepts'] ?? [],
        );
    }

    public function price(): string
    {
        return VerdictWords::money($this->costMinor);
    }

    /** True where it replaces a part, so that nothing of it is repaired. */
    public function replaces(EnginePart $part): bool
    {
        $codes = match ($part) {
            EnginePart::Block, EnginePart::Cylinders => [$this->parts['bores'] ?? ''],
            EnginePart::Crankshaft => [$this->parts['mains'] ?? ''],
            EnginePart::Rods => [$this->parts['rods'] ?? ''],
            EnginePart::Head => array_filter(
                $this->parts,
                static fn (string $name): bool => str_starts_with($name, 'head.'),
                ARRAY_FILTER_USE_KEY,
            ),
        };

        return in_array(ChoiceKind::Replace->value, $codes, true);
    }

    /**
     * The choices as they are once what it accepts is accepted.
     *
     * @return array<string, string> By part
     */
    public function onceAccepted(): array
    {
        return array_map(
            static fn (string $code): string => $code === ChoiceKind::StayWithPits->value ? ChoiceKind::Stay->value : $code,
            $this->parts,
        );
    }

    /** In the message: about which day it is ready. */
    public function ready(): string
    {
        return $this->isDayOpen ? Line::of('offer.no_day') : Line::of('offer.ready', ['day' => $this->readyOn->format('j F')]);
    }

    public function isRecommended(): bool
    {
        return $this->code === WayKind::Recommended->value;
    }
}
