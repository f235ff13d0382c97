<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\Volume;

/**
 * What follows from the values of a sheet, as far as they can be read: also of a sheet that is not finished, or at odds with itself.
 * What cannot be computed yet is left out.
 */
final readonly class WhatFollows
{
    private function __construct(private Node $node, private LengthUnit $unit)
    {
    }

    /**
     * @param  array<mixed>  $document  Of a sheet
     * @return list<FollowingValue>
     */
    public static function of(array $document): array
    {
        $readers = [
            static fn (self $sheet): FollowingValue => $sheet->displacement(),
            static fn (self $sheet): ?FollowingValue => $sheet->ratio(),
            static fn (self $sheet): FollowingValue => $sheet->pistonClearance(),
            static fn (self $sheet): ?FollowingValue => $sheet->oilClearance('mains', 'housings', 'diameter'),
            static fn (self $sheet): ?FollowingValue => $sheet->oilClearance('rods', 'rods', 'big_end'),
            static fn (self $sheet): FollowingValue => $sheet->deckHeight(),
            static fn (self $sheet): FollowingValue => $sheet->stemClearance('intake'),
            static fn (self $sheet): FollowingValue => $sheet->stemClearance('exhaust'),
            static fn (self $sheet): FollowingValue => $sheet->lifterPlay(),
        ];
        $follows = [];
        foreach ($readers as $reader) {
            try {
                $follows[] = Node::read(
                    '',
                    $document,
                    static fn (Node $node): ?FollowingValue => $reader(new self($node, $node->at('unit')->word(LengthUnit::class))),
                );
            } catch (InvalidDocument) {
                // Something of it is not known yet, or does not read: the form says so itself.
            }
        }

        return array_values(array_filter($follows));
    }

    private function displacement(): FollowingValue
    {
        $cylinders = count(Layout::fromNode($this->node->at('layout'))->cylinders());
        $swept = Volume::ofCylinder($this->bore(), $this->length('stroke'));

        return FollowingValue::number('displacement', $cylinders * $swept->cubicMillimetres);
    }

    private function ratio(): ?FollowingValue
    {
        $volumes = VolumeSpec::fromNode($this->node->at('volumes'), $this->unit);
        $ratio = $volumes->ratioOf($this->bore(), $this->length('stroke'));

        return $ratio === null
            ? null
            : FollowingValue::number(
                'ratio',
                $ratio,
                $volumes->ratio === null || abs($ratio - $volumes->ratio) <= SheetConsistency::RATIO_TOLERANCE,
            );
    }

    private function pistonClearance(): FollowingValue
    {
        $clearance = $this->bore()->minus($this->length('piston', 'standard'));

        return $this->held('piston_clearance', LengthRange::between($clearance, $clearance), $this->node->at('piston')->at('clearance'));
    }

    private function oilClearance(string $group, string $part, string $housing): ?FollowingValue
    {
        $journals = JournalSpec::fromNode($this->node->at('crankshaft')->at($group), $this->unit, 1);
        $clearance = $journals->clearanceIn(LengthRange::ifGiven($this->node->at($part)->at($housing), $this->unit));

        return $clearance === null
            ? null
            : FollowingValue::length("{$group}_oil_clearance", $clearance, $journals->oilClearance?->holds($clearance) !== false);
    }

    private function deckHeight(): FollowingValue
    {
        $rod = LengthRange::fromNode($this->node->at('rods')->at('centre_distance'), $this->unit);
        $rest = $this->length('stroke')
            ->half()
            ->plus($this->length('piston', 'compression_height'))
            ->plus($this->node->at('volumes')->at('deck_clearance')->length($this->unit));
        $off = $rod->least->plus($rest)->minus($this->length('deck', 'height', 'standard'));

        return FollowingValue::length(
            'deck_height',
            LengthRange::between($rod->least->plus($rest), $rod->most->plus($rest)),
            ! $off->absolute()->isLargerThan(Length::ofNanometres(SheetConsistency::HEIGHT_TOLERANCE_NM)),
        );
    }

    private function stemClearance(string $kind): FollowingValue
    {
        $valves = $this->node->at('valves')->at($kind);

        return $this->play("{$kind}_stem_clearance", $valves->at('guide'), $valves->at('stem'), $valves->at('stem_clearance'));
    }

    private function lifterPlay(): FollowingValue
    {
        $lifters = $this->node->at('lifters');

        return $this->play('lifter_play', $lifters->at('bore'), $lifters->at('body'), $lifters->at('play'));
    }

    private function play(string $code, Node $hole, Node $shaft, Node $allowed): FollowingValue
    {
        $play = LengthRange::fromNode($hole, $this->unit)->around(LengthRange::fromNode($shaft, $this->unit));

        return $this->held($code, $play, $allowed);
    }

    /** @param  Node  $allowed  Says what it may be, or nothing */
    private function held(string $code, LengthRange $range, Node $allowed): FollowingValue
    {
        return FollowingValue::length($code, $range, LengthRange::ifGiven($allowed, $this->unit)?->holds($range) !== false);
    }

    private function bore(): Length
    {
        return $this->length('bore', 'nominal');
    }

    private function length(string ...$path): Length
    {
        return array_reduce($path, static fn (Node $node, string $key): Node => $node->at($key), $this->node)->positiveLength($this->unit);
    }
}
