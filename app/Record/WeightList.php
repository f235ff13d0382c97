<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureCodes;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Weights\ListedWeight;
use NorthLedger\Core\Features\Weights\WeightDifference;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Mass;

/** The list of weights that came with the parts, held against our own weighings (WORK-5). */
final readonly class WeightList
{
    public const SUBJECT = 'weights';

    /** What a list calls the pieces, in the singular, to the codes of what is weighed. */
    public const PIECES = [
        'piston' => 'weight',
        'pin' => 'pinmass',
        'rings' => 'ringmass',
        'locks' => 'lockmass',
        'big end' => 'bigendmass',
        'small end' => 'smallendmass',
        'rod' => 'rodmass',
    ];

    private const OF_RODS = ['bigendmass', 'smallendmass', 'rodmass'];

    /** @param  list<WeightDifference>  $lines */
    private function __construct(public string $from, public array $lines)
    {
    }

    /** Null where no list came, or it was taken away again. */
    public static function of(JobFile $file): ?self
    {
        $said = $file->record->observations()->newest(EntryKind::WeightList)[self::SUBJECT] ?? null;
        if ($said === null || $said->list('lines') === []) {
            return null;
        }

        return new self(
            $said->text('from'),
            array_values(
                array_map(static function (mixed $line) use ($file): WeightDifference {
                    /** @var array{place: string, mass_ug: int, step_ug: int} $line */
                    $listed = new ListedWeight(
                        Place::parse($line['place']),
                        Mass::ofMicrograms($line['mass_ug']),
                        Mass::ofMicrograms($line['step_ug']),
                    );

                    return self::compared($file, $listed);
                }, $said->list('lines')),
            ),
        );
    }

    /** The place of a piece; null where this engine has none of that number. */
    public static function place(JobFile $file, string $piece, int $number): ?Place
    {
        return in_array($number, $file->sheet->layout->cylinders(), true) ? Place::at(self::feature($piece), $number) : null;
    }

    /** What a list calls the piece at a place. */
    public static function piece(Place $place): string
    {
        return (string) array_search($place->feature->value, self::PIECES, true);
    }

    private static function feature(string $piece): Feature
    {
        return FeatureCodes::of(self::PIECES[$piece]);
    }

    private static function compared(JobFile $file, ListedWeight $listed): WeightDifference
    {
        $isOfARod = in_array($listed->place->feature->value, self::OF_RODS, true);
        $measured = $file->inspection()->measurements($isOfARod ? Section::Rods : Section::Weights);
        $ours = $measured->value($listed->place);

        return WeightDifference::of($listed, $ours === null ? null : Mass::ofMicrograms((int) $ours), $measured->scale([$listed->place]));
    }
}
