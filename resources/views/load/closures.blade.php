@php($mayRun = auth()->user()->can('run-shop'))
<h2 id="closures">Closed, out of order, away</h2>
@if($closures->isEmpty())<p class="soft">Nothing is closed beside the hours below.</p>@endif
<ul class="closures">
@foreach($closures as $closure)
    <li><b>{{ \App\Load\LoadWords::whose($closure) }}</b>
        <span class="num">{{ \App\Load\LoadWords::at($closure->begins_at) }} – {{ \App\Load\LoadWords::at($closure->ends_at) }}</span>
        <span>{{ $closure->why }}</span>
        @if($mayRun || (auth()->user()->can('work') && $closure->machine !== null))
        <form method="post" action="/load/closures/{{ $closure->id }}/removal">@csrf
            <button class="button plain" aria-label="Take away: {{ $closure->why }}">Take away</button></form>
        @endif
    </li>
@endforeach
</ul>
@can('work')
<form method="post" action="/load/closures" class="inline-fields">@csrf<x-ulid />
    <div class="field"><label for="of">What or who</label>
        <select id="of" name="of">
            @if($mayRun)<option value="shop" @selected(old('of') === 'shop')>the whole shop</option>@endif
            @foreach($machines as $machine)
            <option value="machine {{ $machine->value }}" @selected(old('of') === 'machine '.$machine->value)>
                {{ \App\Load\LoadWords::unit($machine->value) }}
            </option>
            @endforeach
            @foreach($mayRun ? $people : [] as $person)
            <option value="person {{ $person->id }}" @selected(old('of') === 'person '.$person->id)>{{ $person->name }}</option>
            @endforeach
        </select><x-field-error name="of" /></div>
    <div class="field">
        <label for="begins">From</label>
        <input id="begins" type="datetime-local" name="begins" value="{{ old('begins') }}" required>
        <x-field-error name="begins" />
    </div>
    <div class="field">
        <label for="ends">To</label>
        <input id="ends" type="datetime-local" name="ends" value="{{ old('ends') }}" required>
        <x-field-error name="ends" />
    </div>
    <div class="field"><label for="why">Why</label>
        <input id="why" name="why" value="{{ old('why') }}" required maxlength="120" placeholder="spindle bearing" autocomplete="off">
        <x-field-error name="why" />
    </div>
    <button class="button">Close it then</button>
</form>
@endcan
@if($mayRun)
<form method="post" action="/load/calendars" enctype="multipart/form-data" class="inline-fields">@csrf
    <div class="field"><label for="calendar">Closed days of the shop from a calendar (.ics)</label>
        <input id="calendar" type="file" name="calendar" accept=".ics,text/calendar" required><x-field-error name="calendar" /></div>
    <button class="button plain">Read it</button><a class="button plain" href="/load/closed-days.ics">Write them as a calendar</a>
</form>
@endif
