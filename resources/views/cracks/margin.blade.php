@use('App\Words\Labels')
<x-stamp :stamp="$view->stamp" />
@foreach($view->running as $run)
<section
    class="running" id="run-{{ $run->id }}" @if($run->dueAt !== null) data-due="{{ $run->dueAt }}" data-timer="{{ $run->id }}"
    @if($run->tooLateAt !== null) data-too-late="{{ $run->tooLateAt }}" @endif @endif>
    <h2>{{ $run->title }}</h2>
    @if($run->dueAt !== null)<p class="timer" role="timer" aria-label="Time left"><b data-left>until {{ $run->dueClock }}</b></p>@endif
    <p><b>{{ $run->stepTitle }}.</b> {{ $run->instruction }}</p>
    @if($run->caution !== '')<p class="warn">◆ {{ $run->caution }}</p>@endif
    @foreach($run->remarks as $remark)<p class="warn">◆ {{ $remark }}</p>@endforeach
    @if(\App\WholeEngines\PracticeHouse::isHere()) @include('practice.engines.sight') @endif
    @if($mayWrite)
    <form
        method="post" action="/jobs/{{ $file->job->tag() }}/cracks/steps" id="step-{{ $run->id }}" data-keep
        data-words="{{ $run->title }}: {{ $run->stepTitle }}">
        @csrf
        <x-ulid />
        <input type="hidden" name="face" value="{{ $view->face->value }}">
        <input type="hidden" name="run" value="{{ $run->id }}">
        <input type="hidden" name="step" value="{{ $run->step }}">
        @switch($run->asks)
        @case('look')
            <p class="look-answers">
                @foreach(\NorthLedger\Core\Features\Cracks\Look::cases() as $look)<button
                        class="button plain" name="look" value="{{ $look->value }}">
                        {{ Labels::code($look) }}
                    </button>@endforeach
            </p>
            @break
        @case('pressure')
            <input type="hidden" name="pressure_unit" value="{{ $view->pressureUnit->value }}">
            <input type="hidden" name="temperature_unit" value="{{ $file->policy->temperatureUnit->value }}">
            <div class="flex gap-2">
                <div class="field">
                    <label for="begin-{{ $run->id }}">{{ $view->pressureUnit->value }} at first</label>
                    <input id="begin-{{ $run->id }}" name="begin" class="num" inputmode="decimal">
                </div>
                <div class="field">
                    <label for="end-{{ $run->id }}">{{ $view->pressureUnit->value }} now</label>
                    <input id="end-{{ $run->id }}" name="end" class="num" inputmode="decimal">
                </div>
            </div>
            <div class="flex gap-2">
                <div class="field">
                    <label for="leaks-{{ $run->id }}">Leaks seen</label>
                    <input id="leaks-{{ $run->id }}" name="leaks" class="num" inputmode="numeric" value="0">
                </div>
                <div class="field">
                    <label for="temp-{{ $run->id }}">Water, {{ $file->policy->temperatureUnit->label() }}</label>
                    <input id="temp-{{ $run->id }}" name="temperature" class="num" inputmode="decimal">
                </div>
            </div>
            <button class="button mt-2">Write the reading</button>
            @break
        @case('result')
            <div class="field">
                <label for="result-{{ $run->id }}">What their report says</label>
                <input id="result-{{ $run->id }}" name="result" maxlength="200" autocomplete="off">
            </div>
            <button class="button mt-2">Write it down</button>
            @break
        @default
            <button class="button">{{ $run->stepTitle }}: done</button>
        @endswitch
        @if($run->dueAt !== null)<small class="soft block">Before its time it is taken too, and marked early.</small>@endif
        <x-live-error :id="'step-'.$run->id" />
    </form>
    @endif
</section>
@endforeach
@if($view->reasons !== [])
<h2>Why</h2>
<ul>
    @foreach($view->reasons as $reason)
        <li class="line out">{{ $reason['sentence'] }}<span class="rule-id">{{ $reason['rule'] }}</span></li>
    @endforeach
</ul>
@endif
<h2>Parts</h2>
<ul>
    @foreach($view->parts as $part)
        <li class="line {{ $part['state'] }}">
            <b>{{ ucfirst($part['name']) }}.</b> {{ $part['words'] }}
            @foreach($part['doubts'] as $doubt)<br><span class="warn">◆ {{ $doubt }}</span>@endforeach
        </li>
    @endforeach
</ul>
<h2>Next</h2>
<p class="line next">{{ $view->next }}</p>
<p><a class="button plain" href="/jobs/{{ $file->job->tag() }}/measure">To the bore sheet</a></p>
<p class="soft">A clean result is “no indication found”, never “no crack”. <span class="rule-id">CRACK-4</span></p>
