<?php

declare(strict_types=1);

namespace App\Practice;

use App\Storage\PracticeAnswer;
use App\Words\Labels;
use App\Words\Line;
use App\Words\PlaceName;
use App\Words\WashWords;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Features\Precheck\WashMethod;
use NorthLedger\Core\Practice\MethodQuestion;
use NorthLedger\Core\Practice\NextPlace;
use NorthLedger\Core\Practice\QuestionKind;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;

/** A question of method, before or after it was answered, ready to show. */
final readonly class QuestionView
{
    /**
     * @param  array<string, string>  $read  What was read before, size by place
     * @param  array<string, string>  $choices  What is said of each, by its code
     */
    private function __construct(
        public string $address,
        public int $seed,
        public string $title,
        public string $case,
        public array $read,
        public array $choices,
        public ?bool $isRight,
        public string $said,
        public string $because,
    ) {
    }

    /** @param  LengthUnit  $unit  Of the engine that the case is of */
    public static function of(MethodQuestion $question, ?PracticeAnswer $answered, LengthUnit $unit): self
    {
        $choices = [];
        foreach ($question->choices as $choice) {
            $choices[$choice] = self::choice($question->kind, $choice);
        }
        $read = [];
        foreach ($question->read as $place => $size) {
            $read[PlaceName::of(Place::parse($place))] = LengthDisplay::in($unit)->sizeWithUnit($size);
        }
        $facts = self::facts($question);

        return new self(
            MethodController::address($question->kind),
            $question->seed,
            Line::ofCode('practice.question', $question->kind),
            Line::ofCode('practice.case', $question->kind, $facts),
            $read,
            $choices,
            $answered?->isRight(),
            $answered === null ? '' : $choices[$answered->typed] ?? $answered->typed,
            Line::ofCode('practice.answer', $question->kind, ['right' => $choices[$question->right]] + $facts),
        );
    }

    /** @return array<string, int|string> In the place of codes their words */
    private static function facts(MethodQuestion $question): array
    {
        if ($question->kind !== QuestionKind::Wash) {
            return $question->facts;
        }
        [$method, $metal] = [WashMethod::from((string) $question->facts['method']), Material::from((string) $question->facts['material'])];

        return [
            'method' => WashWords::short($method),
            'material' => Labels::code($metal),
            'because' => WashWords::refusal($method->refusalFor($metal), $metal),
        ];
    }

    private static function choice(QuestionKind $kind, string $choice): string
    {
        return match (true) {
            $kind === QuestionKind::CutterSize => $choice,
            $kind === QuestionKind::NextPlace && $choice !== NextPlace::SETTLED => PlaceName::of(Place::parse($choice)),
            is_numeric($choice) => Line::of('practice.minutes', ['minutes' => $choice]),
            default => Line::of("practice.choice.{$choice}"),
        };
    }
}
