<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\SpecBook;
use App\Words\Line;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Specification\FamilyKey;

/** The name of a family that begins as a copy. */
final class CopyFamilyRequest extends FormRequest
{
    /** Addresses of the spec book that are no family's. */
    /** @return array<string, mixed> */
    public function rules(SpecBook $specs): array
    {
        return [
            'name' => self::nameOf($specs),
        ];
    }

    /** @return list<mixed> What the name of a new family has to be */
    public static function nameOf(SpecBook $specs): array
    {
        return [
            'bail',
            'required',
            'string',
            'max:60',
            static function (string $attribute, mixed $name, Closure $fail) use ($specs): void {
                $family = self::familyOf((string) $name);
                if (! FamilyKey::isOne($family)) {
                    $fail(Line::of('spec.told.give_name_letters_digits'));
                } elseif ($specs->has($family) || in_array($family, SpecBook::PAGES, true)) {
                    $fail(Line::of('spec.told.name_taken_give_family'));
                }
            },
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => Line::of('spec.told.what_new_family_called')];
    }

    /** What it is known by: “Tarn 4-250” is `tarn-4-250`. */
    public static function familyOf(string $name): string
    {
        return trim(mb_substr(Str::slug($name), 0, 40), '-');
    }
}
