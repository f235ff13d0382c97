@extends('layouts.house')
@use('App\Words\Labels')
@section('title', 'Which engine is it?')
@section('body')
<div class="page no-thumb">
<main class="sheet" id="sheet">
    <div class="head">
        <h1>Which engine is it?</h1>
        <span>a part without papers, known by its sizes</span>
        <span class="ml-auto"><a href="/specs">Spec book</a></span>
    </div>
    <form action="/specs/lookup" class="lookup mt-3">
        <div class="lookup-sizes">
            @foreach($form->fields as $field)
            <div class="field">
                <label for="size-{{ $field->of->value }}">{{ $field->label }}</label>
                <input id="size-{{ $field->of->value }}" class="num" name="size[{{ $field->of->value }}]"
                    value="{{ $field->text }}" maxlength="40" autocomplete="off"
                    @if($loop->first) autofocus @endif
                    @if($field->complaint !== '') aria-invalid="true" aria-describedby="complaint-{{ $field->of->value }}" @endif>
                <small>{{ Labels::code($field->gauge) }}</small>
                @if($field->complaint !== '')<p class="error" id="complaint-{{ $field->of->value }}">{{ $field->complaint }}</p>@endif
            </div>
            @endforeach
            <div class="field">
                <label for="casting">Casting number</label>
                <input id="casting" class="num" name="casting" value="{{ $form->casting }}" maxlength="40" autocomplete="off">
            </div>
        </div>
        <details class="mt-2" id="lookup-gauges"><summary>Read with another gauge</summary>
            <div class="lookup-sizes">
                @foreach($form->fields as $field)
                <div class="field"><label for="gauge-{{ $field->of->value }}">{{ $field->label }}</label>
                    <select id="gauge-{{ $field->of->value }}" name="gauge[{{ $field->of->value }}]">
                        @foreach($field::gauges() as $gauge)
                            <option value="{{ $gauge->value }}" @selected($gauge === $field->gauge)>{{ Labels::code($gauge) }}</option>
                        @endforeach
                    </select></div>
                @endforeach
            </div>
        </details>
        <div class="lookup-end">
            <fieldset><legend class="sr-only">A bare number is in</legend>
                @foreach(\NorthLedger\Core\Quantity\LengthUnit::cases() as $unit)
                    <label><input type="radio" name="unit" value="{{ $unit->value }}" @checked($unit === $form->unit)>
                        {{ $unit->value }}</label>
                @endforeach
            </fieldset>
            <button class="button">Find it</button>
            @if(! $form->isEmpty())<a class="button plain" href="/specs/lookup?unit={{ $form->unit->value }}">Start again</a>@endif
        </div>
    </form>
    @if($found->possible !== [])
    <h2>Fits what was measured</h2>
    <div class="scroll-x"><table class="ledger found">
        <thead>
            <tr>
                <th scope="col">Family</th>
                <th scope="col">Measured against what it was made to, {{ $found->unit }}</th>
                @if($found->telling !== '')<th scope="col">{{ $found->telling }}</th>@endif
                <th scope="col"><span class="sr-only">Receive</span></th>
            </tr>
        </thead>
        <tbody>
        @foreach($found->possible as $one)
            <tr>
                <td><a class="row-link" href="/specs/{{ $one['family'] }}"><b>{{ $one['name'] }}</b></a></td>
                <td>
                    @foreach($one['evidence'] as $size)<span class="fit">{{ $size['size'] }} <b class="num">{{ $size['step'] }}</b>
                            <span class="num soft">{{ $size['off'] }}</span></span>
                    @endforeach @if($one['notes'] !== '')<span class="soft">{{ $one['notes'] }}</span>@endif
                </td>
                @if($found->telling !== '')<td class="num">{{ $one['telling'] }}</td>@endif
                <td>@can('receive')<a class="button plain" href="/jobs/new?family={{ $one['family'] }}">Receive one</a>@endcan</td>
            </tr>
        @endforeach
        </tbody>
    </table></div>
    @endif
    @if($found->excluded !== [])
    <h2>Near, and does not fit</h2>
    <ul>
        @foreach($found->excluded as $one)
            <li class="line out">
                <i aria-hidden="true">▲</i> <a href="/specs/{{ $one['family'] }}">{{ $one['name'] }}</a>: {{ $one['why'] }}
            </li>
        @endforeach
    </ul>
    @endif
</main>
<aside class="margin" aria-label="Margin: what it is, what to measure next">
    <x-stamp :stamp="$found->stamp" />
    <p class="line next">{{ $found->next }}</p>
    <p class="soft text-sm">
        A size fits within the gauge uncertainty and what a place that looks unworn may have worn. Holes grow, journals shrink. Steps that
        are offered count as sizes.
    </p>
</aside>
</div>
@endsection
