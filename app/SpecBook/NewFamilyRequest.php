<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\SpecBook;
use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\Layout;
use NorthLedger\Core\Engine\Specification\LayoutKind;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SourceKind;
use NorthLedger\Core\Engine\Specification\ValveTrain;
use NorthLedger\Core\Quantity\LengthUnit;

/** The seven answers with which an engine can be received, drawn and measured. */
final class NewFamilyRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(SpecBook $specs): array
    {
        $isOnlyDrawn = $this->routeIs('specs.new.drawn');

        return [
            'name' => $isOnlyDrawn ? ['nullable', 'string', 'max:60'] : CopyFamilyRequest::nameOf($specs),
            'unit' => ['required', Rule::enum(LengthUnit::class)],
            'layout' => ['required', Rule::enum(LayoutKind::class)],
            'cylinders' => ['required', 'integer', 'between:1,'.Layout::MOST_CYLINDERS],
            'numbers' => ['nullable', 'string', 'max:80'],
            'mains' => ['nullable', 'integer', 'between:2,12'],
            'made' => ['required', Rule::enum(CylinderKind::class)],
            'block' => ['required', Rule::enum(Material::class)],
            'head' => ['required', Rule::enum(Material::class)],
            'valve_train' => ['required', Rule::enum(ValveTrain::class)],
            'bore' => [Rule::requiredIf(! $isOnlyDrawn), 'nullable', 'string', 'max:40'],
            'stroke' => [Rule::requiredIf(! $isOnlyDrawn), 'nullable', 'string', 'max:40'],
            'oversizes' => ['nullable', 'string', 'max:80'],
            'source' => ['nullable', Rule::enum(SourceKind::class)],
            'words' => [Rule::requiredIf(! $isOnlyDrawn), 'nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => Line::of('spec.told.what_family_called'),
            'cylinders.*' => Line::of('spec.how_many_cylinders', ['most' => Layout::MOST_CYLINDERS]),
            'mains.*' => Line::of('spec.told.how_many_main_bearings'),
            'bore.required' => Line::of('spec.told.key_bore_at_standard'),
            'stroke.required' => Line::of('spec.told.key_stroke'),
            'words.required' => Line::of('spec.told.say_where_comes_from_2'),
        ];
    }

    /** @return array<mixed> The sheet that the answers make; it may be at odds with itself */
    public function document(): array
    {
        $unit = LengthUnit::from($this->string('unit')->toString());
        $source = [
            'kind' => $this->string('source', SourceKind::Manual->value)->toString(),
            'words' => $this->string('words')->trim()->toString(),
        ];
        $mains = $this->filled('mains') ? ['housings' => ['count' => $this->integer('mains')]] : [];

        return [
            'family' => CopyFamilyRequest::familyOf($this->string('name')->toString()),
            'name' => $this->string('name')->trim()->toString(),
            'unit' => $unit->value,
            'layout' => ['kind' => $this->string('layout')->toString(), 'banks' => $this->banks()],
            'valve_train' => $this->string('valve_train')->toString(),
            'block' => ['material' => $this->string('block')->toString(), 'cylinders' => $this->string('made')->toString()],
            'stroke' => $this->string('stroke')->trim()->toString(),
            'bore' => [
                'nominal' => $this->string('bore')->trim()->toString(),
                'oversizes' => ValueKind::Steps->read($this->string('oversizes')->toString(), [], $unit) ?? [],
            ],
            'head' => ['material' => $this->string('head')->toString()],
            ...$mains,
            ...$mains === [] ? [] : ['crankshaft' => ['mains' => ['count' => $this->integer('mains')]]],
            'sources' => ['/bore/nominal' => $source, '/stroke' => $source],
        ];
    }

    /** @return list<list<int>> Cylinder numbers as they stand: as they were written, else as they usually are */
    private function banks(): array
    {
        $kind = LayoutKind::tryFrom($this->string('layout')->toString()) ?? LayoutKind::InLine;
        if ($this->filled('numbers')) {
            return array_map(
                static fn (string $bank): array => array_map(intval(...), preg_split('/\D+/', $bank, -1, PREG_SPLIT_NO_EMPTY) ?: []),
                explode('/', $this->string('numbers')->toString()),
            );
        }

        return Layout::usualBanks($kind, max(1, $this->integer('cylinders')));
    }
}
