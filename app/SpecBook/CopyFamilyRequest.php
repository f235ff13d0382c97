<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\SpecBook;
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
                    $fail('Give it a name of letters and digits.');
                } elseif ($specs->has($family) || in_array($family, SpecBook::PAGES, true)) {
                    $fail('That name is taken. Give the family another.');
                }
            },
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'What is the new family called?'];
    }

    /** What it is known by: “Tarn 4-250” is `tarn-4-250`. */
    public static function familyOf(string $name): string
    {
        return trim(mb_substr(Str::slug($name), 0, 40), '-');
    }
}
