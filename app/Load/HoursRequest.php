<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\LoadRules;
use App\Storage\User;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ShopNotation;
use NorthLedger\Core\Scheduling\SchedulingException;
use NorthLedger\Core\Scheduling\WeekHours;
use NorthLedger\Core\Work\Machine;

/** What has to be sent for `HoursController::update`: hours as they are written, `hours[mon]`, `own[mill][mon]`. */
final class HoursRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:0'],
            'answer_days' => ['required', 'integer', 'between:1,60'],
            'hours' => ['required', 'array'],
            'hours.*' => ['nullable', 'string', 'max:80'],
            'own' => ['array'],
            'own.*' => ['array'],
            'own.*.*' => ['nullable', 'string', 'max:80'],
            'units' => ['array'],
            'units.*' => ['nullable', 'integer', 'between:1,6'],
            'largest' => ['array'],
            'largest.*' => ['nullable', 'string', 'max:20'],
            'people' => ['array'],
            'people.*' => ['array'],
            'people.*.*' => ['integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['answer_days' => Line::of('load.rules.answer_days'), 'units.*' => Line::of('load.rules.units')];
    }

    /** @throws ValidationException If a day's hours cannot be read; it names the day */
    public function stated(): LoadRules
    {
        /**
         * @var array{version: int|string, answer_days: int|string, hours: array<string, ?string>,
         *     own?: array<string, array<string, ?string>>, units?: array<string, int|string|null>,
         *     people?: array<string, list<int|string>>,
         *     largest?: array<string, ?string>} $said
         */
        $said = $this->validated();
        $known = User::query()->pluck('id')->all();
        $own = $units = $people = $largest = [];
        foreach (Machine::cases() as $machine) {
            $code = $machine->value;
            $days = array_filter(array_map(strval(...), $said['own'][$code] ?? []), static fn (string $text): bool => trim($text) !== '');
            if ($days !== []) {
                $own[$code] = self::hours("own.{$code}", $days);
            }
            if ((int) ($said['units'][$code] ?? 1) > 1) {
                $units[$code] = (int) $said['units'][$code];
            }
            $text = trim((string) ($said['largest'][$code] ?? ''));
            if ($text !== '') {
                $largest[$code] = self::size("largest.{$code}", $text);
            }
            $there = array_values(array_intersect(array_map(intval(...), $said['people'][$code] ?? []), $known));
            if ($there !== []) {
                $people[$code] = $there;
            }
        }

        return new LoadRules(
            (int) $said['version'],
            (int) $said['answer_days'],
            self::hours('hours', array_map(strval(...), $said['hours'])),
            $own,
            $units,
            $people,
            $largest,
        );
    }

    /** In nanometres; a bare number is in millimetres. */
    private static function size(string $field, string $text): int
    {
        try {
            $size = ShopNotation::forSizes(LengthUnit::Millimetre)->read($text)->value;
        } catch (NotationException) {
            throw ValidationException::withMessages([$field => Line::of('load.rules.largest')]);
        }

        return $size->isPositive()
            ? $size->nanometres
            : throw ValidationException::withMessages([$field => Line::of('load.rules.largest')]);
    }

    /** @param  array<string, string>  $days */
    private static function hours(string $field, array $days): WeekHours
    {
        try {
            return WeekHours::of($days);
        } catch (SchedulingException $exception) {
            throw ValidationException::withMessages(["{$field}.{$exception->about[0]}" => Messages::refusal($exception)]);
        }
    }
}
