<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

/** One indication, ready to show in the list beside the map. */
final readonly class IndicationLine
{
    /**
     * @param  list<string>  $dispositions  The ways that can be chosen, the proposed one first
     * @param  list<string>  $confirmBy  Methods that can confirm it; empty where a retest with dye is enough
     * @param  list<string>  $photos  Their numbers
     */
    public function __construct(
        public string $id,
        public int $number,
        public string $where,
        public string $face,
        public string $looks,
        public string $remark,
        public string $classification,
        public string $state,
        public string $sign,
        public bool $needsRetest,
        public array $confirmBy,
        public bool $isBeingRetested,
        public bool $canBeTakenBack,
        public bool $isCrack,
        public bool $asksGrinding,
        public string $proposal,
        public array $dispositions,
        public string $decided,
        public bool $waitsForCustomer,
        public string $answer,
        public array $photos,
    ) {
    }
}
