<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** What an indication is taken for after its last reading (CRACK-3, HONE-5). */
enum Classification: string
{
    case Suspect = 'suspect';
    case Crack = 'crack';
    case ContaminationOrEdge = 'contamination or edge';
    case CleanAndRepeat = 'clean and repeat';
    case NoIndicationFound = 'no indication found';

    /**
     * A sharp line is suspect until it is cleaned, developed again and read again; a diffuse reading and a patch that takes
     * no stone settle nothing, faint is nothing, and a crack stays a crack whatever is read after it.
     *
     * @param  non-empty-list<Look>  $looks  In the order of the readings, cleaned and developed again between them
     */
    public static function ofLooks(array $looks): self
    {
        $wasSharp = false;
        $state = self::NoIndicationFound;
        foreach ($looks as $look) {
            $state = match (true) {
                $state === self::Crack => self::Crack,
                $look->isSharp() => $wasSharp ? self::Crack : self::Suspect,
                $look === Look::Diffuse => self::CleanAndRepeat,
                $look === Look::Hole => self::Crack,
                $look === Look::PatchThatStays => self::Suspect,
                $look === Look::EdgeOrStep => self::ContaminationOrEdge,
                default => $wasSharp ? self::ContaminationOrEdge : self::NoIndicationFound,
            };
            $wasSharp = $wasSharp || $look->isSharp();
        }

        return $state;
    }

    /** True where it was looked at again and is no crack. */
    public function isCleared(): bool
    {
        return $this === self::ContaminationOrEdge || $this === self::NoIndicationFound;
    }

    /** True where it has to be cleaned, developed and read once more before anything can be said. */
    public function needsRetest(): bool
    {
        return $this === self::Suspect || $this === self::CleanAndRepeat;
    }
}
