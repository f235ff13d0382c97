<?php

declare(strict_types=1);

namespace App\Storage;

enum EntryKind: string
{
    case Received = 'received';
    case PartCount = 'part count';
    case Claim = 'claim';
    case ClaimJudged = 'claim judged';
    /** Another crankshaft that came is the one that is looked at and used. */
    case CrankshaftExchanged = 'crankshaft exchanged';
    case SleeveSurvey = 'sleeve survey';
    case FoundWork = 'found work';
    case Photo = 'photo';
    case CheckItem = 'check item';
    case CrackCheck = 'crack check';
    case CrackStep = 'crack step';
    case PlaceLookedAt = 'place looked at';
    case Indication = 'indication';
    case IndicationRead = 'indication read';
    case CrackDecision = 'crack decision';
    case CustomerAnswer = 'customer answer';
    case Setup = 'setup';
    case ZeroSized = 'zero sized';
    case CheckBack = 'check-back';
    case SuspectsConfirmed = 'suspects confirmed';
    case PistonsAssigned = 'pistons assigned';
    case RingGap = 'ring gap';
    /** The list of weights that came with the parts. */
    case WeightList = 'weight list';
    case Reading = 'reading';
    case Undo = 'undo';
    case Overruled = 'overruled';
    case Concession = 'concession';
    /** Values in which one engine differs from the book. */
    case OwnValues = 'own values';
    /** From now on the engine is judged by another revision of its sheet. */
    case SheetTakenOver = 'sheet taken over';
    /** A deck clearance, ratio or chamber that this engine is built to. */
    case BuildTarget = 'build target';
    /** Plans that the customer chooses among, with their prices and days (PLAN-4). */
    case Offer = 'offer';
    case OfferWithdrawn = 'offer withdrawn';
    case OfferAnswered = 'offer answered';
    case CustomerAsks = 'customer asks';
    case QuestionSettled = 'question settled';
    /** A running part that was looked at: whether it goes back in. */
    case RunningPart = 'running part';
    /** What became of a part that the plan needs: ordered, arrived, wrong. */
    case PartOrder = 'part order';
    case Choice = 'choice';
    case Order = 'work order';
    case Tick = 'tick';
    /** Begun, paused or ended at a machine. */
    case WorkTime = 'work time';
    /** What happened at a machine: a pass, a cut, a stint. */
    case WorkLog = 'work log';
    case Disposition = 'disposition';
    /** A part that is only checked: accepted or returned. */
    case PartAnswered = 'part answered';
    case Release = 'release';
    /** Something that came up about a released job. */
    case Recall = 'recall';
    /** Everything before it was written in another house, or in this one before it was taken out. */
    case Imported = 'imported';

    /** True where what the engine is judged by is another one afterwards: its sheet, or the policy of a job that is open again. */
    public function changesTheSpecification(): bool
    {
        return in_array($this, [self::OwnValues, self::SheetTakenOver, self::Recall], true);
    }

    /** True where it can be said of a job that is released, and of no other. */
    public function isAfterRelease(): bool
    {
        return $this === self::Recall;
    }

    /** @return list<self> What is said at a machine: no order follows from it */
    public static function ofWork(): array
    {
        return [self::Tick, self::WorkTime, self::WorkLog];
    }

    /** True where only the sheet it is written into says something new of the parts, or nothing does. */
    public function touchesSheetsOnly(): bool
    {
        return in_array($this, [self::Reading, self::Undo, self::Setup, self::ZeroSized, self::CheckBack, ...self::ofWork()], true);
    }
}
