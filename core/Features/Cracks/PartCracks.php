<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Message;

/** What the crack checks say of one part so far (CRACK-4). */
final readonly class PartCracks
{
    /**
     * @param  list<Indication>  $indications  On this part
     * @param  list<CheckRun>  $runs  On this part
     * @param  list<Message>  $doubts  Why a clean result is worth less: surface, timing
     */
    private function __construct(
        public EnginePart $part,
        public CrackState $state,
        public array $indications,
        public array $runs,
        public bool $surfaceOnly,
        public array $doubts,
    ) {
    }

    /**
     * @param  list<Indication>  $indications
     * @param  list<CheckRun>  $runs
     */
    public static function of(EnginePart $part, array $indications, array $runs): self
    {
        $read = array_values(array_filter($runs, static fn (CheckRun $run): bool => $run->isRead() && $run->retestOf === null));
        $states = array_map(static fn (Indication $one): Classification => $one->classification(), $indications);
        $state = match (true) {
            in_array(Classification::Crack, $states, true) => CrackState::Cracked,
            array_filter($states, static fn (Classification $one): bool => $one->needsRetest()) !== [] => CrackState::Suspect,
            $read !== [] => CrackState::NoIndicationFound,
            $runs !== [] => CrackState::Running,
            default => CrackState::NotChecked,
        };

        return new self($part, $state, $indications, $runs, self::isSurfaceOnly($part, $read), self::doubts($read));
    }

    /** @param  list<CheckRun>  $read */
    private static function isSurfaceOnly(EnginePart $part, array $read): bool
    {
        return $part === EnginePart::Crankshaft &&
            $read !== [] &&
            array_filter($read, static fn (CheckRun $run): bool => ! $run->method->seesTheSurfaceOnly()) === [];
    }

    /**
     * @param  list<CheckRun>  $read
     * @return list<Message>
     */
    private static function doubts(array $read): array
    {
        $doubts = [];
        foreach ($read as $run) {
            if ($run->surface->lowersConfidence()) {
                $doubts[] = self::doubt($run->surface);
            }
            foreach ($run->marks() as $mark) {
                $doubts[] = new Message($mark === TimingMark::Early ? 'cracks.doubt.early' : 'cracks.doubt.late');
            }
        }

        return array_values(array_unique($doubts, SORT_REGULAR));
    }

    private static function doubt(Surface $surface): Message
    {
        return new Message(
            match ($surface) {
                Surface::AsCast => 'cracks.doubt.as_cast',
                Surface::Blasted => 'cracks.doubt.blasted',
                default => 'cracks.doubt.dirty',
            },
            ['surface' => $surface],
        );
    }
}
