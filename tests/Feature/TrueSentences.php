<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Record\JobFile;
use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\WayToPass;
use NorthLedger\Core\Quantity\LengthUnit;

/** Takes what a job says would change it at its word: what the sentence names is changed, and the block is judged anew (VER-3). */
trait TrueSentences
{
    private const LIMITS = ['out-of-round' => 'out_of_round', 'taper' => 'taper', 'clearance' => 'clearance'];

    /** @return int How many sentences were tried */
    private function assertSentencesAreTrue(JobFile $file): int
    {
        $sentences = $file->words()->changes($file->assessment());
        foreach ($sentences as $sentence) {
            $this->assertMatchesRegularExpression('/^Cylinders? [\d, and]+ would pass with .+\.$/', $sentence);
            [$who, $what] = explode(' would pass with ', $sentence, 2);
            preg_match_all('/\d+/', $who, $numbers);
            $tried = $this->tried($file, $what, array_map(intval(...), $numbers[0]));
            foreach ($numbers[0] as $cylinder) {
                $this->assertNotSame(CanStay::No, $tried->bores[(int) $cylinder - 1]->canStay, "{$file->job->tag()}: {$sentence}");
            }
        }
        $changes = iterator_to_array($file->inspection()->changes(), false);
        foreach ($changes as $change) {
            $this->assertSame(Outcome::Fail, $change->finding->outcome);
            $this->assertTrue(
                $change->way === WayToPass::FreeTheValve || self::isWithinItsDoubt($change->finding),
                "{$file->job->tag()}: {$change->finding->key()}",
            );
        }

        return count($sentences) + count($changes);
    }

    private static function isWithinItsDoubt(Finding $finding): bool
    {
        return $finding->margin !== null &&
            $finding->uncertainty !== null &&
            abs($finding->margin->value) <= $finding->uncertainty->expanded()->nanometres;
    }

    /** @param  list<int>  $cylinders */
    private function tried(JobFile $file, string $what, array $cylinders): BlockAssessment
    {
        $document = json_decode(
            (string) file_get_contents(resource_path("specs/{$file->job->family}.json")),
            true,
            32,
            JSON_THROW_ON_ERROR,
        );
        preg_match_all('/a limit of ([\d.]+) (thou|µm) for ([a-z-]+)/u', $what, $limits, PREG_SET_ORDER);
        foreach ($limits as [, $amount, , $criterion]) {
            $document['bore']['service'][self::LIMITS[$criterion]] =
                $file->sheet->unit === LengthUnit::Inch
                    ? sprintf('%.4f', (float) $amount / 1_000)
                    : sprintf('%.3f', (float) $amount / 1_000);
        }
        $isConceded = str_contains($what, 'concession for its pits');
        $this->assertTrue($limits !== [] || $isConceded, $what);

        return BlockAssessment::of(
            SpecificationSheet::fromJson(json_encode($document, JSON_THROW_ON_ERROR), $file->job->family),
            $file->policy,
            array_map(
                static fn (JudgedBore $bore): BoreInspection => $isConceded &&
                in_array($bore->cylinder(), $cylinders, true) &&
                $bore->inspection->looks->pitting === PittingClass::Felt
                    ? $bore->inspection->conceded()
                    : $bore->inspection,
                array_values($file->assessment()->bores),
            ),
            $file->job->declaredStep(),
            $file->inspection()->defects(),
        );
    }
}
