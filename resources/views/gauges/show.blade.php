@extends('layouts.house')
@section('title', $page->line->tag)
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head">
        <span class="tag">{{ $page->line->tag }}</span>
        <h1>{{ $page->line->name }}</h1>
        <span>{{ $page->line->kind }} · {{ $page->line->range }}</span>
        <span class="ml-auto"><a href="/gauges">all gauges</a></span>
    </div>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    @if(session('token'))
        <div class="note" role="status">
            <p><b>The token of its feed, shown this once:</b></p>
            <p class="num text-lg select-all">{{ session('token') }}</p>
            <p class="soft">Send it with every line, as “Authorization: Bearer …”. An earlier token has ended.</p>
        </div>
    @endif
    <dl class="facts mt-3">
        <div><dt>Shows steps of</dt><dd class="num">{{ $page->line->resolution }}</dd></div>
        <div><dt>Calibrated to ±</dt><dd class="num">{{ $page->line->calibration }}</dd></div>
        <div><dt>Repeats, 1σ</dt><dd class="num">{{ $page->line->repeatability }}</dd></div>
        <div><dt>{{ $gauge->kind->weighs() ? 'Doubt of a weight' : 'Doubt of a size' }}</dt><dd class="num">±{{ $page->sizes }}</dd></div>
        <div><dt>Doubt of a difference</dt><dd class="num">±{{ $page->differences }}</dd></div>
        <div>
            <dt>Calibration</dt>
            <dd class="{{ ['out' => 'bad font-bold', 'close' => 'warn', 'good' => 'ok'][$page->line->dueState->value] }}">
                {{ $page->line->dueState->sign() }} {{ $page->line->due }}
            </dd>
        </div>
    </dl>
    @if(! $gauge->kind->weighs())
        <p class="soft">
            The doubt of a size leaves out what the temperature adds; that depends on the size. <span class="rule-id">GAUGE-5</span>
        </p>
    @endif
    @if($page->recalls !== [])
    <h2>To be read again</h2>
    <p>
        It did not hold {{ $gauge->kind->weighs() ? 'under its check weight' : 'on its master' }}. Read with it since it last held:
        <span class="rule-id">GAUGE-3</span>
    </p>
    <ul>
        @foreach($page->recalls as $recall)
            <li class="line out">
                <a href="/jobs/{{ $recall['tag'] }}/measure"><span class="tag">{{ $recall['tag'] }}</span></a> {{ $recall['state'] }}
            </li>
        @endforeach
    </ul>
    @endif
    @if($gauge->is_retired)<p class="note">Out of use.</p>@else @can('keep-gauges')
    <h2>Calibration</h2>
    <form method="post" action="/gauges/{{ $gauge->tag }}/calibrations" enctype="multipart/form-data" class="inline-fields">@csrf <x-ulid />
        <div class="field">
            <label for="done_on">Done on</label>
            <input id="done_on" type="date" name="done_on" value="{{ old('done_on') }}">
            <x-field-error name="done_on" />
        </div>
        <div class="field">
            <label for="due_on">Due again</label>
            <input id="due_on" type="date" name="due_on" value="{{ old('due_on') }}">
            <x-field-error name="due_on" />
        </div>
        <div class="field">
            <label for="calibration">To ±, {{ $page->unit }}</label>
            <input
                id="calibration" name="calibration" value="{{ old('calibration') }}" class="num" size="9" placeholder="as it was"
                autocomplete="off">
            <x-field-error name="calibration" />
        </div>
        <div class="field grow">
            <label for="by_whom">By whom, on what</label>
            <input id="by_whom" name="by_whom" value="{{ old('by_whom') }}" maxlength="120">
            <x-field-error name="by_whom" />
        </div>
        <div class="field">
            <label for="certificate">Certificate (PDF, PNG, JPEG)</label>
            <input id="certificate" type="file" name="certificate" accept="application/pdf,image/png,image/jpeg">
            <x-field-error name="certificate" />
        </div>
        <button class="button">Write it down</button>
    </form>
    @if(! $gauge->kind->weighs())<h2>Study of repeats</h2>
    <form method="post" action="/gauges/{{ $gauge->tag }}/studies" class="fields">@csrf <x-ulid />
        <div class="field">
            <label for="repeats">At least ten readings of one place, taken off and put back each time, one a line</label>
            <textarea id="repeats" name="repeats" rows="5" cols="14" class="num" maxlength="600">{{ old('repeats') }}</textarea>
            <x-field-error name="repeats" />
            <small>as the gauge shows them, in {{ $gauge->reading_unit?->label() ?? $page->unit }}; their standard deviation becomes its
                repeatability</small>
        </div>
        <div><button class="button">Write the study</button></div>
    </form>@endif
    <h2>{{ $gauge->kind->weighs() ? 'Under a check weight, outside a job' : 'On its master, outside a job' }}</h2>
    <form method="post" action="/gauges/{{ $gauge->tag }}/checks" class="inline-fields">@csrf <x-ulid />
        @if($gauge->reading_unit === null)
            <div class="field">
                <label for="master">{{ $gauge->kind->weighs() ? 'The check weight is' : 'The master is' }}, {{ $page->unit }}</label>
                <input id="master" name="master" value="{{ old('master') }}" class="num" size="9" autocomplete="off">
                <x-field-error name="master" />
            </div>
        @endif
        <div class="field">
            <label for="shows">It shows, {{ $gauge->reading_unit?->label() ?? $page->unit }}</label>
            <input id="shows" name="shows" value="{{ old('shows') }}" class="num" size="9" autocomplete="off">
            <x-field-error name="shows" />
        </div>
        <button class="button">Write the check</button>
    </form>
    @if(! $gauge->kind->weighs())<h2>Feed</h2>
    <form method="post" action="/gauges/{{ $gauge->tag }}/tokens">
        @csrf
        <x-ulid />
        <p>
            A gauge with an output can send its readings to the sheet that claims it.
            <button class="button plain">{{ $page->line->feeds ? 'Give it a new token' : 'Give it a token' }}</button>
        </p>
    </form>
    @endif
    <h2>Out of use</h2>
    <form method="post" action="/gauges/{{ $gauge->tag }}/retirement" class="inline-fields">@csrf <x-ulid />
        <div class="field grow">
            <label for="reason">Why it goes</label>
            <input id="reason" name="reason" value="{{ old('reason') }}" maxlength="200">
            <x-field-error name="reason" />
        </div>
        <button class="button plain">Take it out of use</button>
    </form>
    @endcan @endif
    <h2>What was done to it</h2>
    <table class="ledger">
        <tbody>
            @foreach($page->events as $event)
                <tr>
                    <td class="num whitespace-nowrap">{{ $event['when'] }}</td>
                    <td>{{ $event['who'] }}</td>
                    <td>
                        {{ $event['what'] }}@if($event['certificate'] !== null)
                            · <a href="/gauges/{{ $gauge->tag }}/certificates/{{ $event['certificate'] }}">certificate</a>@endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
</main></div>
@endsection
