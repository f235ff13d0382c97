<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Running;

/** What the wear of one part says about another: where to look next. */
enum Suspicion: string
{
    case BoreWalls = 'bore_walls';
    case RodsBent = 'rods_bent';
    case JournalsAndCamBearings = 'journals_and_cam_bearings';
    case JournalsTapered = 'journals_tapered';
    case HousingsOutOfLine = 'housings_out_of_line';
    case DirtInTheOil = 'dirt_in_the_oil';
    case LiftersWithTheCamshaft = 'lifters_with_the_camshaft';
    case CamshaftWithTheLifters = 'camshaft_with_the_lifters';
    case ValvesStick = 'valves_stick';
    case GuidesAndRockers = 'guides_and_rockers';
    case PistonsOnlyNew = 'pistons_only_new';

    /** @return list<self> */
    public static function of(RunningPart $part, RunningLook $look): array
    {
        return match ([$part, $look]) {
            [RunningPart::PistonSkirts, RunningLook::Scuffed] => [self::BoreWalls, self::PistonsOnlyNew],
            [RunningPart::PistonSkirts, RunningLook::WornOnOneSide] => [self::RodsBent],
            [RunningPart::PistonSkirts, RunningLook::Cracked] => [self::PistonsOnlyNew],
            [RunningPart::MainShells, RunningLook::ThroughToCopper], [RunningPart::RodShells, RunningLook::ThroughToCopper] => [
                self::JournalsAndCamBearings,
            ],
            [RunningPart::MainShells, RunningLook::WornOnOneSide] => [self::HousingsOutOfLine],
            [RunningPart::RodShells, RunningLook::WornOnOneSide] => [self::RodsBent, self::JournalsTapered],
            [RunningPart::MainShells, RunningLook::Scored], [RunningPart::RodShells, RunningLook::Scored] => [self::DirtInTheOil],
            [RunningPart::Camshaft, RunningLook::Worn],
            [RunningPart::Camshaft, RunningLook::Pitted],
            [RunningPart::Camshaft, RunningLook::Scored]
                => [self::LiftersWithTheCamshaft],
            [RunningPart::Lifters, RunningLook::Worn],
            [RunningPart::Lifters, RunningLook::Pitted],
            [RunningPart::Lifters, RunningLook::Scored]
                => [self::CamshaftWithTheLifters],
            [RunningPart::Pushrods, RunningLook::Bent] => [self::ValvesStick],
            [RunningPart::Valves, RunningLook::Mushroomed] => [self::GuidesAndRockers],
            [RunningPart::Valves, RunningLook::Bent] => [self::GuidesAndRockers],
            default => [],
        };
    }
}
