@extends('layouts.house')
@use('App\Words\Labels')
@section('title', 'A new family')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head"><h1>A new family</h1><span>seven answers, and an engine of it can be measured; everything else may wait</span></div>
    @if($faults !== [])
    <div class="note bad" role="alert">
        <b>Nothing was stored.</b>
        <ul>@foreach($faults as $fault)<li>▲ {{ $fault }}</li>@endforeach</ul>
    </div>
    @endif
    <form method="post" action="/specs/new" id="spec-form" class="seven" data-follows-from="/specs/new/drawn">@csrf
    <div class="seven-fields">
        <div class="field">
            <label for="new-name">What is it called?</label>
            <input id="new-name" name="name" value="{{ old('name') }}" maxlength="60" autocomplete="off" required autofocus>
            <x-field-error name="name" />
        </div>
        <fieldset>
            <legend>Its numbers are in</legend>
            <div class="tiles">
                @foreach(['in' => 'inches', 'mm' => 'millimetres'] as $unit => $word)<label class="tile"><input
                            type="radio" name="unit" value="{{ $unit }}" @checked(old('unit', 'in') === $unit)>
                        {{ $word }}</label>@endforeach
            </div>
        </fieldset>
        <fieldset><legend>How do the cylinders stand?</legend>
            <div class="tiles">
                <label class="tile"><input type="radio" name="layout" value="in-line" @checked(old('layout', 'in-line') === 'in-line')>
                    <svg viewBox="20 0 26 40" aria-hidden="true">
                        <rect x="27" y="3" width="12" height="22"/>
                        <circle cx="33" cy="31" r="6"/>
                    </svg>
                    in-line</label>
                <label class="tile"><input type="radio" name="layout" value="vee" @checked(old('layout') === 'vee')>
                    <svg viewBox="0 0 66 40" aria-hidden="true">
                        <rect x="27" y="3" width="12" height="22" transform="rotate(-45 33 31)"/>
                        <rect x="27" y="3" width="12" height="22" transform="rotate(45 33 31)"/>
                        <circle cx="33" cy="31" r="6"/>
                    </svg>
                    vee</label>
                <label class="tile"><input type="radio" name="layout" value="flat" @checked(old('layout') === 'flat')>
                    <svg viewBox="0 0 66 40" aria-hidden="true">
                        <rect x="3" y="14" width="22" height="12"/>
                        <rect x="41" y="14" width="22" height="12"/>
                        <circle cx="33" cy="20" r="6"/>
                    </svg>
                    flat</label>
            </div>
            <div class="inline-fields">
                <div class="field">
                    <label for="new-cylinders">Cylinders</label>
                    <input id="new-cylinders" name="cylinders" inputmode="numeric" size="4" value="{{ old('cylinders', '4') }}" required>
                    <x-field-error name="cylinders" />
                </div>
                <div class="field grow">
                    <label for="new-numbers">Numbers as they stand, if not as drawn</label>
                    <input id="new-numbers" name="numbers" value="{{ old('numbers') }}" maxlength="80" autocomplete="off">
                    <x-field-error name="numbers" />
                </div>
                <div class="field">
                    <label for="new-mains">Mains, if not as drawn</label>
                    <input id="new-mains" name="mains" inputmode="numeric" size="4" value="{{ old('mains') }}">
                    <x-field-error name="mains" />
                </div>
            </div>
        </fieldset>
        <div class="inline-fields">
            <div class="field">
                <label for="new-made">The cylinders are</label>
                <select id="new-made" name="made">
                    @foreach(\NorthLedger\Core\Engine\Specification\CylinderKind::cases() as $one)
                        <option value="{{ $one->value }}" @selected(old('made') === $one->value)>
                            {{ Labels::code($one) }}
                        </option>
                    @endforeach
                </select>
            </div>
            <div class="field">
                <label for="new-block">Block of</label>
                <select id="new-block" name="block">
                    @foreach(\NorthLedger\Core\Engine\Specification\Material::cases() as $one)
                        <option value="{{ $one->value }}" @selected(old('block') === $one->value)>
                            {{ Labels::code($one) }}
                        </option>
                    @endforeach
                </select>
            </div>
            <div class="field">
                <label for="new-head">Head of</label>
                <select id="new-head" name="head">
                    @foreach(\NorthLedger\Core\Engine\Specification\Material::cases() as $one)
                        <option value="{{ $one->value }}" @selected(old('head') === $one->value)>
                            {{ Labels::code($one) }}
                        </option>
                    @endforeach
                </select>
            </div>
            <div class="field">
                <label for="new-train">Valves</label>
                <select id="new-train" name="valve_train">
                    @foreach(\NorthLedger\Core\Engine\Specification\ValveTrain::cases() as $one)
                        <option value="{{ $one->value }}" @selected(old('valve_train') === $one->value)>
                            {{ Labels::code($one) }}
                        </option>
                    @endforeach
                </select>
            </div>
        </div>
        <div class="inline-fields">
            <div class="field">
                <label for="new-bore">Bore, standard</label>
                <input id="new-bore" name="bore" value="{{ old('bore') }}" size="10" maxlength="40" autocomplete="off" required>
                <x-field-error name="bore" />
            </div>
            <div class="field">
                <label for="new-stroke">Stroke</label>
                <input id="new-stroke" name="stroke" value="{{ old('stroke') }}" size="10" maxlength="40" autocomplete="off" required>
                <x-field-error name="stroke" />
            </div>
            <div class="field grow">
                <label for="new-oversizes">Oversizes there are pistons for, like 20 30 40</label>
                <input id="new-oversizes" name="oversizes" value="{{ old('oversizes') }}" maxlength="80" autocomplete="off">
                <x-field-error name="oversizes" />
            </div>
        </div>
        <div class="inline-fields">
            <div class="field">
                <label for="new-source">Bore and stroke are</label>
                <select id="new-source" name="source">
                    <option value="manual">from a manual</option>
                    <option value="measured" @selected(old('source') === 'measured')>measured on an unworn place</option>
                </select>
            </div>
            <div class="field grow">
                <label for="new-words">Which manual and page, or which part</label>
                <input id="new-words" name="words" value="{{ old('words') }}" maxlength="200" autocomplete="off" required>
                <x-field-error name="words" />
            </div>
            <button class="button">Put it in the book</button>
        </div>
    </div>
    <section data-follows aria-live="polite" class="seven-drawn">@include('specs.drawn')</section>
    </form>
</main></div>
@endsection
