<?php

declare(strict_types=1);

namespace App\Http;

use App\Record\EarlyStages;
use App\Record\JobFile;
use App\Storage\Stage;
use NorthLedger\Core\Features\Receiving\Purpose;

/** One stage on the thumb index beside a job's page. */
final readonly class ThumbTab
{
    private function __construct(public Stage $stage, public bool $isDone)
    {
    }

    /** @return list<self> The early stages are done when nothing of them is lacking, the later ones when the job is past them */
    public static function all(JobFile $file): array
    {
        $done = (new EarlyStages($file))->done();

        return array_map(
            static fn (Stage $stage): self => new self(
                $stage,
                match ($stage) {
                    Stage::Receive, Stage::Clean, Stage::Cracks => in_array($stage, $done, true),
                    default => $stage->number() < $file->job->stage->number(),
                },
            ),
            self::stages($file->job->purpose),
        );
    }

    /** @return list<Stage> That a job comes to */
    private static function stages(Purpose $purpose): array
    {
        $never = match ($purpose) {
            Purpose::Rebuild => [],
            Purpose::Check => [Stage::Plan, Stage::Work],
            Purpose::Inspection => [Stage::Plan, Stage::Work, Stage::Verify],
        };

        return array_values(array_filter(Stage::cases(), static fn (Stage $stage): bool => ! in_array($stage, $never, true)));
    }
}
