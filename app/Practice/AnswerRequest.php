<?php

declare(strict_types=1);

namespace App\Practice;

use App\Ledger\Refused;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Practice\Spot;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ShopNotation;

/** What has to be sent for `PracticeController::answer`. */
final class AnswerRequest extends FormRequest
{
    private const MOST_SEED = 2_000_000_000;

    private const LONGEST_MS = 3_600_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'spot' => [Rule::requiredIf(! $this->is('practice/rocking')), Rule::enum(Spot::class)],
            'seed' => ['required', 'integer', 'between:0,'.self::MOST_SEED],
            'answer' => ['required', 'string', 'max:40'],
            'milliseconds' => ['nullable', 'integer', 'between:0,'.self::LONGEST_MS],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['answer' => Line::of('practice.no_answer')];
    }

    public function exercise(ReadInstrument $instrument): Exercise
    {
        $spot = Spot::from($this->string('spot')->toString());

        return in_array($spot, $instrument->spots(), true)
            ? Exercise::of($instrument, $spot, $this->integer('seed'))
            : throw Refused::because('spot', Line::of('practice.no_such'));
    }

    public function typed(): string
    {
        return trim($this->string('answer')->toString());
    }

    /** As it is typed on the sheet: sizes in the instrument’s unit, deviations of a dial in its divisions’ unit (QTY-2, QTY-3). */
    public function answer(ReadInstrument $instrument): Length
    {
        $notation = $instrument->isAboutZero()
            ? ShopNotation::forDeviations($instrument->unit(), $instrument->unit()->readingUnit())
            : ShopNotation::forSizes($instrument->unit());
        try {
            return $notation->read($this->typed())->value;
        } catch (NotationException $exception) {
            throw Refused::because('answer', Messages::refusal($exception));
        }
    }

    public function milliseconds(): ?int
    {
        return $this->filled('milliseconds') ? $this->integer('milliseconds') : null;
    }
}
