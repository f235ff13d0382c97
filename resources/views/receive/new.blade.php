@extends('layouts.house')
@use('App\Words\Labels')
@section('title', 'Receive an engine')
@section('body')
<div class="page wide">
<main class="sheet" id="sheet">
    <div class="head">
        <h1>Receive an engine</h1>
        <span>the tag is given when you book it in</span>
        <span class="ml-auto">no papers? <a href="/specs/lookup">find the family by what you measure</a></span>
    </div>
    <form method="post" action="/jobs" class="fields wide mt-4">
        @csrf <x-ulid />
        <div class="field"><label for="family">Family</label>
            <select id="family" name="family" required autofocus>
                @foreach($families as $family)
                    <option value="{{ $family->family }}" @selected(old('family', $chosen) === $family->family)>
                        {{ $family->name }} · {{ $family->description }}
                    </option>
                @endforeach
            </select><x-field-error name="family" /></div>
        <div class="field">
            <label for="serial">Serial number</label>
            <input id="serial" name="serial" value="{{ old('serial') }}" required maxlength="60" autocomplete="off" data-seen-serial>
            <div data-seen role="status"></div>
            <x-field-error name="serial" />
        </div>
        <div class="field">
            <label for="customer">Customer</label>
            <input id="customer" name="customer" value="{{ old('customer') }}" required maxlength="120" autocomplete="off">
            <x-field-error name="customer" />
        </div>
        <div class="field">
            <label for="description">Application</label>
            <input id="description" name="description" value="{{ old('description') }}" maxlength="120" autocomplete="off">
            <small>like “winch engine of the ferry”</small>
            <x-field-error name="description" />
        </div>
        <div class="field">
            <label for="due_on">Due</label>
            <input id="due_on" name="due_on" type="date" value="{{ old('due_on', $dueOn) }}" required>
            <x-field-error name="due_on" />
        </div>
        <div class="field">
            <label for="purpose">What for</label>
            <select id="purpose" name="purpose">
                @foreach(\NorthLedger\Core\Features\Receiving\Purpose::cases() as $one)
                    <option value="{{ $one->value }}" @selected(old('purpose') === $one->value)>
                        {{ __("verify.purpose.{$one->value}") }}
                    </option>
                @endforeach
            </select>
            <x-field-error name="purpose" />
        </div>
        <div class="flex flex-wrap gap-4">
            <div class="field flex-1">
                <label for="arrival">Received as</label>
                <select id="arrival" name="arrival">
                    @foreach(\NorthLedger\Core\Features\Receiving\Arrival::cases() as $one)
                        <option value="{{ $one->value }}" @selected(old('arrival') === $one->value)>
                            {{ Labels::code($one) }}: {{ \App\Words\Line::ofCode('receive.arrival', $one) }}
                        </option>
                    @endforeach
                </select>
                <x-field-error name="arrival" />
            </div>
            <div class="field">
                <label for="castings">Casting numbers</label>
                <input id="castings" name="castings" value="{{ old('castings') }}" maxlength="120" autocomplete="off">
                <x-field-error name="castings" />
            </div>
        </div>
        <div class="flex flex-wrap gap-4">
            <div class="field">
                <label for="usage">Use</label>
                <select id="usage" name="usage">
                    <option value="">not said</option>
                    @foreach(\NorthLedger\Core\Features\Receiving\Usage::cases() as $one)
                        <option value="{{ $one->value }}" @selected(old('usage') === $one->value)>{{ Labels::code($one) }}</option>
                    @endforeach
                </select>
                <x-field-error name="usage" />
            </div>
            <div class="field">
                <label for="budget">Budget</label>
                <input
                    id="budget" name="budget" class="num" value="{{ old('budget') }}" inputmode="decimal" maxlength="10" autocomplete="off">
                <x-field-error name="budget" />
            </div>
            <div class="field">
                <label class="tick mt-6"><input type="checkbox" name="keeps_original" value="1" @checked(old('keeps_original'))>keep it
                    original</label>
            </div>
        </div>
        <div class="field">
            <label for="wishes">Customer’s request</label>
            <textarea id="wishes" name="wishes" rows="3" maxlength="2000">{{ old('wishes') }}</textarea>
            <x-field-error name="wishes" />
        </div>
        <div class="field">
            <label for="declared_step">Size step declared</label>
            <input id="declared_step" name="declared_step" value="{{ old('declared_step') }}" maxlength="20" autocomplete="off">
            <small>“standard” or like “30 over”; leave it empty if nobody knows</small>
            <x-field-error name="declared_step" />
        </div>
        <div class="field">
            <label for="declared_evidence">Evidence for it</label>
            <input
                id="declared_evidence" name="declared_evidence" value="{{ old('declared_evidence') }}" maxlength="120" autocomplete="off">
            <small>like “stamped on the crown of piston 2”</small>
            <x-field-error name="declared_evidence" />
        </div>
        <x-field-error name="ulid" />
        <div><button class="button">Book it in</button></div>
    </form>
</main>
</div>
@endsection
