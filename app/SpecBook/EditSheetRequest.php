<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Engine\Specification\SourceKind;

/** A sheet as it stands in the form: every value, the rows that were added and taken away, and what changed. */
final class EditSheetRequest extends FormRequest
{
    private const MOST_CHANGES = 200;

    private const LONGEST_PASTE = 100_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'reason' => [Rule::requiredIf(! $this->filled('rows') && ! $this->routeIs('specs.follows')), 'nullable', 'string', 'max:200'],
            'revision' => ['nullable', 'integer'],
            'source' => ['nullable', Rule::enum(SourceKind::class)],
            'value' => ['required', 'array', 'max:2000'],
            'value.*' => ['nullable', 'string', 'max:200'],
            'paste' => ['nullable', 'string', 'max:'.self::LONGEST_PASTE],
            'rows' => ['nullable', 'string', 'max:60'],
            'changes' => ['nullable', 'array', 'max:'.self::MOST_CHANGES],
            'changes.*' => ['string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'reason.required' => Line::of('spec.told.say_what_changed_where'),
            'paste.max' => Line::of('spec.told.far_more_than_sheet'),
        ];
    }

    /** Where the values that were changed come from. */
    public function source(): SourceKind
    {
        return SourceKind::tryFrom($this->string('source')->toString()) ?? SourceKind::Manual;
    }

    /** @return list<string> Of rows, in their order */
    public function changes(): array
    {
        return array_values(array_filter((array) $this->input('changes', []), is_string(...)));
    }
}
