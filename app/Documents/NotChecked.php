<?php

declare(strict_types=1);

namespace App\Documents;

use App\Record\JobFile;
use App\Words\EnginePartName;
use App\Words\Labels;
use App\Words\Line;
use App\Words\Messages;
use App\Words\SectionName;
use App\Words\VerdictWords;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Features\Cracks\CrackState;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Verification\VerifiedBore;

/** What was checked for cracks and what was not, and which sheets were read: all from what was really keyed (WORK-6, CRACK-4). */
final class NotChecked
{
    /** @return list<string> */
    public static function of(JobFile $file): array
    {
        return [
            ...self::cracks($file),
            ...self::sections($file),
            ...self::limitless($file),
            ...CertificateParts::unproved($file),
            ...self::ofBores($file),
        ];
    }

    /** @return list<string> What nobody looked at of the finished bores */
    private static function ofBores(JobFile $file): array
    {
        $bores = $file->work()->verification()->bores();
        $unseen = array_filter($bores, static fn (VerifiedBore $bore): bool => $bore->measures->bore->looks->finish === null);
        $unfelt = array_filter($bores, static fn (VerifiedBore $bore): bool => count($bore->rings) < count($file->sheet->rings));

        return [
            ...$bores === [] ? [] : [Line::of('verify.not_checked.roughness')],
            ...$unseen === [] ? [] : [Line::of('verify.not_checked.finish', ['cylinders' => VerdictWords::cylinders(array_keys($unseen))])],
            ...$unfelt === [] ? [] : [Line::of('verify.not_checked.rings', ['cylinders' => VerdictWords::cylinders(array_keys($unfelt))])],
        ];
    }

    /** @return list<string> What the crack checks found, a sentence for every part that was checked */
    public static function crackResults(JobFile $file): array
    {
        $results = [];
        foreach ($file->inspection()->here() as $part) {
            $cracks = $file->record->cracks()->part($part);
            if ($cracks->state === CrackState::NotChecked) {
                continue;
            }
            $methods = array_unique(
                array_map(
                    static fn (CheckRun $run): string => Labels::code($run->method),
                    array_filter($cracks->runs, static fn (CheckRun $run): bool => $run->isRead()),
                ),
            );
            $found = array_map(
                static fn (Indication $one): string => Messages::text($one->location->message()).': '.
                    Labels::code($one->disposition() ?? $one->classification()),
                $cracks->indications,
            );
            $results[] = Line::of('release.cracks.of_part', [
                'part' => ucfirst(EnginePartName::of($file->sheet, $part)),
                'state' => Labels::code($cracks->state),
                'methods' => $methods === [] ? '' : Line::of('release.cracks.by', ['methods' => implode(Line::of('engine.and'), $methods)]),
                'surface' => $cracks->surfaceOnly ? Line::of('release.cracks.surface_only') : '',
                'found' => $found === [] ? '' : '; '.implode('; ', $found),
                'doubts' => $cracks->doubts === [] ? '' : ' ('.implode('; ', array_map(Messages::text(...), $cracks->doubts)).')',
            ]);
        }

        return $results;
    }

    /** @return list<string> The parts that nobody checked in one line; of those that were, the faces that were not */
    private static function cracks(JobFile $file): array
    {
        $parts = $faces = [];
        foreach ($file->inspection()->here() as $part) {
            $unread = $file->record->cracks()->unreadFaces($part);
            $all = array_filter($file->sheet->faces(), static fn (Face $face): bool => $face->part() === $part);
            if ($unread !== [] && count($unread) === count($all)) {
                $parts[] = EnginePartName::of($file->sheet, $part);
            } elseif ($unread !== []) {
                $faces[] = Line::of('verify.not_checked.faces', [
                    'part' => EnginePartName::of($file->sheet, $part),
                    'faces' => implode(', ', array_column($unread, 'value')),
                ]);
            }
        }

        return [...$parts === [] ? [] : [Line::of('verify.not_checked.cracks', ['parts' => implode(', ', $parts)])], ...$faces];
    }

    /** @return list<string> What was read and could not be judged */
    private static function limitless(JobFile $file): array
    {
        $criteria = [];
        foreach ($file->inspection()->missingLimits() as $missing) {
            $part = EnginePartName::of($file->sheet, $missing->findings[0]->part);
            $criteria[$part][] = Labels::criterion($missing->findings[0]->criterion);
        }

        return array_map(
            static fn (string $part, array $those): string => Line::of('release.no_limit_known_for', [
                'part' => ucfirst($part),
                'criteria' => VerdictWords::list(array_values(array_unique($those))),
            ]),
            array_keys($criteria),
            $criteria,
        );
    }

    /** @return list<string> What was measured neither when it came nor after its work in one line, and what was not measured whole */
    private static function sections(JobFile $file): array
    {
        $unread = $partly = [];
        foreach (Section::beside() as $section) {
            $missing = count($file->inspection()->judged($section)->missing());
            $isVerified = $file->work()->verification()->part($section) !== [];
            if (! $file->inspection()->has($section)) {
                continue;
            }
            if ($file->inspection()->measurements($section)->isEmpty()) {
                $unread = [...$unread, ...$isVerified ? [] : [lcfirst(SectionName::of($section))]];
            } elseif ($missing > 0) {
                $partly[] = Line::counted('verify.not_checked.places', $missing, ['section' => SectionName::of($section)]);
            }
        }

        return [...$unread === [] ? [] : [Line::of('verify.not_checked.unread', ['sections' => implode(', ', $unread)])], ...$partly];
    }
}
