<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

/** Feeds case files to the core, by area. */
final readonly class CaseRunner
{
    private const ADAPTERS = [
        'notation' => NotationAdapter::class,
        'bore' => BoreAdapter::class,
        'rebore' => ReboreAdapter::class,
        'uncertainty' => UncertaintyAdapter::class,
        'cracks' => CracksAdapter::class,
        'wearmap' => WearmapAdapter::class,
        'ringgap' => RinggapAdapter::class,
        'plane' => PlaneAdapter::class,
        'linebore' => LineboreAdapter::class,
        'journal' => JournalAdapter::class,
        'sleeve' => SleeveAdapter::class,
        'hone' => HoneAdapter::class,
        'balance' => BalanceAdapter::class,
        'compression' => CompressionAdapter::class,
        'plan' => PlanAdapter::class,
        'shells' => ShellsAdapter::class,
        'order' => OrderAdapter::class,
        'stint' => StintAdapter::class,
        'schedule' => ScheduleAdapter::class,
        'misread' => MisreadAdapter::class,
    ];

    /** @return list<string> Paths of the case files below a folder, sorted */
    public static function files(string $folder): array
    {
        $files = [];
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getExtension() === 'json') {
                $files[] = $file->getPathname();
            }
        }
        sort($files);

        return $files;
    }

    public static function knows(string $area): bool
    {
        return isset(self::ADAPTERS[$area]);
    }

    /** @return list<string> What differs; empty where the case holds */
    public static function differences(CaseFile $case): array
    {
        $adapter = new (self::ADAPTERS[$case->area])();
        try {
            $answer = $adapter->run($case->given);
        } catch (Refusal $refusal) {
            $answer = ['error' => $refusal->getMessage()];
        }

        return $case->differences($answer);
    }
}
