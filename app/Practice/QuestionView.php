<?php

declare(strict_types=1);

namespace App\Practice;

use App\Storage\PracticeAnswer;
use App\Words\Line;
use NorthLedger\Core\Practice\MethodQuestion;

/** A question of method, before or after it was answered, ready to show. */
final readonly class QuestionView
{
    /** @param  array<string, string>  $choices  What is said of each, by its code */
    private function __construct(
        public string $address,
        public int $seed,
        public string $title,
        public string $case,
        public array $choices,
        public ?bool $isRight,
        public string $said,
        public string $because,
    ) {
    }

    public static function of(MethodQuestion $question, ?PracticeAnswer $answered): self
    {
        $choices = [];
        foreach ($question->choices as $choice) {
            $choices[$choice] = is_numeric($choice)
                ? Line::of('practice.minutes', ['minutes' => $choice])
                : Line::of("practice.choice.{$choice}");
        }
        $facts = ['right' => $choices[$question->right]] + $question->facts + ['because' => ''];

        return new self(
            MethodController::address($question->kind),
            $question->seed,
            Line::ofCode('practice.question', $question->kind),
            Line::ofCode('practice.case', $question->kind, $question->facts),
            $choices,
            $answered?->isRight(),
            $answered === null ? '' : $choices[$answered->typed] ?? $answered->typed,
            Line::ofCode('practice.answer', $question->kind, $facts),
        );
    }
}
