<?php

declare(strict_types=1);

namespace App\Offers;

use App\Record\FindingKey;
use App\Record\JobFile;
use App\Words\Line;
use App\Words\PitWords;
use NorthLedger\Core\Assessment\KnownPits;
use NorthLedger\Core\Assessment\PittedBore;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Receiving\Usage;
use NorthLedger\Core\Planning\Choices\BoreChoices;
use NorthLedger\Core\Planning\EnginePlan;

/** The pits that a customer accepts with one of the ways, each with the worst that can come of it (VER-5). */
final readonly class AcceptedPits
{
    /**
     * As the offer keeps them; none for a way that leaves no pit.
     *
     * @return list<array{finding: string, words: string, worst: string, depth_nm: ?int}>
     */
    public static function of(JobFile $file, EnginePlan $plan): array
    {
        $pits = $file->assessment()->knownPits;
        if ($pits === null || ($plan->choices[BoreChoices::CODE]->code ?? '') !== KnownPits::CODE) {
            return [];
        }
        $words = new PitWords($file->display);
        $worst = implode(' ', [
            Line::of('offer.worst.pits'),
            ...$file->job->usage === Usage::Hard ? [Line::of('offer.worst.pits_hard')] : [],
        ]);

        return array_map(
            static fn (PittedBore $bore): array => [
                'finding' => FindingKey::ofPitting($bore->cylinder),
                'words' => $words->customer($bore),
                'worst' => $worst,
                'depth_nm' => $bore->depth?->nanometres,
            ],
            $pits->bores,
        );
    }

    /**
     * What is written down once they are accepted, as on the Judge page.
     *
     * @param  array{finding: string, words: string, worst: string, depth_nm: ?int}  $accepted
     * @return array<string, mixed>
     */
    public static function concession(array $accepted, string $by): array
    {
        return [
            'words' => $accepted['words'],
            'margin' => null,
            'look' => (string) PittingClass::Felt->value,
            'worst' => $accepted['worst'],
            'depth_nm' => $accepted['depth_nm'],
            'answer' => $by,
            'reason' => Line::of('judge.accepted_by', ['who' => $by, 'worst' => $accepted['worst']]),
        ];
    }
}
