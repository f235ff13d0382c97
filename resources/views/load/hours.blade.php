@extends('layouts.house')
@section('title', 'Hours of the machines')
@section('body')
@php($mayRun = auth()->user()->can('run-shop'))
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head"><h1>Hours</h1><span>when machines are worked, and when they are not</span><a class="button plain" href="/load">Load</a></div>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    @if(session('address'))<section class="given" aria-label="Address of the calendar"><p class="num">{{ session('address') }}</p></section>@endif
    <x-field-error name="version" />
    <h2 id="closures">Closed, out of order, away</h2>
    @if($closures->isEmpty())<p class="soft">Nothing is closed beside the hours below.</p>@endif
    <ul class="closures">
    @foreach($closures as $closure)
        <li><b>{{ $closure->isOfShop() ? 'The shop' : ($closure->machine !== null ? ucfirst(\App\Load\LoadWords::unit($closure->machine)) : $closure->person?->name) }}</b> <span class="num">{{ \App\Load\LoadWords::at($closure->begins_at) }} – {{ \App\Load\LoadWords::at($closure->ends_at) }}</span> <span>{{ $closure->why }}</span>
        @if(auth()->user()->can('work') && ($mayRun || $closure->machine !== null))<form method="post" action="/load/closures/{{ $closure->id }}/removal">@csrf<button class="button plain" aria-label="Take away: {{ $closure->why }}">Take away</button></form>@endif</li>
    @endforeach
    </ul>
    @can('work')
    <form method="post" action="/load/closures" class="inline-fields">@csrf<x-ulid />
        <div class="field"><label for="of">What or who</label><select id="of" name="of">@if($mayRun)<option value="shop" @selected(old('of') === 'shop')>the whole shop</option>@endif @foreach($machines as $machine)<option value="machine {{ $machine->value }}" @selected(old('of') === 'machine '.$machine->value)>{{ \App\Load\LoadWords::unit($machine->value) }}</option>@endforeach @if($mayRun)@foreach($people as $person)<option value="person {{ $person->id }}" @selected(old('of') === 'person '.$person->id)>{{ $person->name }}</option>@endforeach @endif</select><x-field-error name="of" /></div>
        <div class="field"><label for="begins">From</label><input id="begins" type="datetime-local" name="begins" value="{{ old('begins') }}" required><x-field-error name="begins" /></div>
        <div class="field"><label for="ends">To</label><input id="ends" type="datetime-local" name="ends" value="{{ old('ends') }}" required><x-field-error name="ends" /></div>
        <div class="field"><label for="why">Why</label><input id="why" name="why" value="{{ old('why') }}" required maxlength="120" placeholder="spindle bearing" autocomplete="off"><x-field-error name="why" /></div>
        <button class="button">Close it then</button>
    </form>
    @endcan
    @if($mayRun)
    <form method="post" action="/load/calendars" enctype="multipart/form-data" class="inline-fields">@csrf
        <div class="field"><label for="calendar">Closed days of the shop from a calendar (.ics)</label><input id="calendar" type="file" name="calendar" accept=".ics,text/calendar" required><x-field-error name="calendar" /></div>
        <button class="button plain">Read it</button><a class="button plain" href="/load/closed-days.ics">Write them as a calendar</a>
    </form>
    <h2>Hours of the week</h2>
    <form method="post" action="/load/hours" class="hours">@csrf<input type="hidden" name="version" value="{{ $rules->version }}">
        <p class="soft">Written like 8:00–12:00, 12:30–17:00; empty is closed. A machine without hours of its own has the shop’s.</p>
        <div class="inline-fields">@foreach($days as $day)<div class="field"><label for="hours-{{ $day }}">{{ __('load.day_name.'.$day) }}</label><input id="hours-{{ $day }}" name="hours[{{ $day }}]" value="{{ old('hours.'.$day, $rules->hours->written()[$day]) }}" maxlength="80" size="22"><x-field-error :name="'hours.'.$day" /></div>@endforeach
        <div class="field"><label for="answer-days">A customer’s answer takes, days</label><input id="answer-days" name="answer_days" class="num" size="4" inputmode="numeric" value="{{ old('answer_days', $rules->answerDays) }}"><x-field-error name="answer_days" /></div></div>
        @foreach($machines as $machine)
        @php($code = $machine->value)
        <details class="machine-hours" @if(isset($rules->own[$code]) || isset($rules->people[$code]) || isset($rules->units[$code]) || isset($rules->largest[$code]) || $errors->has("own.{$code}.*")) open @endif><summary>{{ ucfirst(\App\Load\LoadWords::unit($code)) }}</summary>
            <div class="inline-fields"><div class="field"><label for="units-{{ $code }}">How many, or people at it</label><input id="units-{{ $code }}" name="units[{{ $code }}]" class="num" size="3" inputmode="numeric" value="{{ old('units.'.$code, $rules->unitsOf($machine)) }}"><x-field-error :name="'units.'.$code" /></div>
            @if(\NorthLedger\Core\Work\MachineReach::of($machine) !== null)<div class="field"><label for="largest-{{ $code }}">{{ __('load.reach.'.\NorthLedger\Core\Work\MachineReach::of($machine)->value) }}</label><input id="largest-{{ $code }}" name="largest[{{ $code }}]" class="num" size="10" maxlength="20" placeholder="any" value="{{ old('largest.'.$code, \App\Load\LoadWords::reach($rules->largest[$code] ?? null)) }}"><x-field-error :name="'largest.'.$code" /></div>@endif
            @foreach($days as $day)<div class="field"><label for="own-{{ $code }}-{{ $day }}">{{ __('load.day_name.'.$day) }}</label><input id="own-{{ $code }}-{{ $day }}" name="own[{{ $code }}][{{ $day }}]" value="{{ old("own.{$code}.{$day}", isset($rules->own[$code]) ? $rules->own[$code]->written()[$day] : '') }}" maxlength="80" size="14" placeholder="as the shop"><x-field-error :name="'own.'.$code.'.'.$day" /></div>@endforeach</div>
            <fieldset class="ticks"><legend>Who runs it; nobody ticked: whoever is there</legend>@foreach($people as $person)<label class="tick"><input type="checkbox" name="people[{{ $code }}][]" value="{{ $person->id }}" @checked(in_array($person->id, $rules->people[$code] ?? [], true))> <span>{{ $person->name }}</span></label>@endforeach</fieldset>
        </details>
        @endforeach
        <p><button class="button">Save the hours</button></p>
    </form>
    <h2 id="feeds">Calendars for other programs</h2>
    <ul class="closures">@foreach($feeds as $feed)<li><b>{{ $feed->name }}</b> <span class="soft">since {{ $feed->created_at->format('j M Y') }}</span><form method="post" action="/load/feeds/{{ $feed->id }}/withdrawal">@csrf<button class="button plain" aria-label="Withdraw {{ $feed->name }}">Withdraw</button></form></li>@endforeach</ul>
    <form method="post" action="/load/feeds" class="inline-fields">@csrf
        <div class="field"><label for="feed-machine">What it shows</label><select id="feed-machine" name="machine"><option value="">days on which jobs are due</option>@foreach($machines as $machine)<option value="{{ $machine->value }}">{{ \App\Load\LoadWords::unit($machine->value) }}</option>@endforeach</select></div>
        <button class="button plain">Make an address</button>
    </form>
    @endif
</main></div>
@endsection
