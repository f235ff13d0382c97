<x-stamp :stamp="$view->stamp()" />
@if($view->current !== null)
@foreach($view->current->stops as $stop)<p class="line out"><i aria-hidden="true">▲</i> {{ $stop }}</p>@endforeach
@if($view->current->waits !== [])
<h2>Waits for</h2>
<ul>@foreach($view->current->waits as $wait)<li class="line close">{{ $wait }}</li>@endforeach</ul>
@endif
@if($mayWrite && ! $view->current->isClosed)
<form method="post" action="/jobs/{{ $file->job->tag() }}/work/time" id="time" class="time" data-keep data-words="Time">
    @csrf
    <x-ulid />
    <input type="hidden" name="operation" value="{{ $view->current->key }}">
    <input type="hidden" name="at" value="{{ $view->current->key }}">
    @if($view->card !== null)<input type="hidden" name="card" value="1">@endif
    @if($view->current->isRunning)<span class="num">{{ $view->current->minutes }} min</span>
        <button class="button plain" name="state" value="paused">Pause</button>
        <button class="button plain" name="state" value="ended">End</button>@else<button
            class="button plain" name="state" value="begun" @if($view->takesKeys()) data-hotkey="b" @endif>
            Begin @if($view->takesKeys())<kbd>b</kbd>@endif
        </button>@if($view->current->minutes > 0) <span class="num">{{ $view->current->minutes }} min so far</span>@endif
    @endif
    <x-live-error id="time" /><x-field-error name="operation" />
</form>
@endif
<h2>Closed by</h2><p>{{ ucfirst($view->current->check) }}.</p>
@endif
@if($view->cutList() !== [])
<h2>Cut list</h2>
<table class="cut-list">
    <tbody>
        @foreach($view->cutList() as $setting)
            <tr><th scope="row">{{ $setting['letter'] }}</th><td class="num">{{ $setting['size'] }}</td><td>{{ $setting['what'] }}</td></tr>
        @endforeach
    </tbody>
</table>
@endif
@if($view->oneSetup() !== '')
<h2>One set-up for</h2><p>{{ ucfirst($view->oneSetup()) }}</p>
@endif
@if($view->current !== null && $view->current->cautions !== [])
<h2>Take care</h2><ul>@foreach($view->current->cautions as $caution)<li class="line close">{{ $caution }}</li>@endforeach</ul>
@endif
@if($view->hasOrder())
@if($mayWrite && $view->isByCylinder())
@php($hasKeys = $view->takesKeys() && $view->isAtOneCylinder())
<h2>Something found</h2>
<form method="post" action="/jobs/{{ $file->job->tag() }}/work/flaws" class="flaw" id="flaw" data-keep data-words="Something found">
    @csrf
    <x-ulid />
    <input type="hidden" name="at" value="{{ $view->current?->key }}">
    @if($view->card !== null)<input type="hidden" name="card" value="1">@endif
    <div class="field">
        <label for="flaw-cylinder">Cylinder</label>
        @php($chosen = old('cylinder') ?? $view->current?->cylinder)
        <select id="flaw-cylinder" name="cylinder">
            @if(! $view->isAtOneCylinder())<option value="">which?</option>@endif
            @foreach($file->sheet->layout->cylinders() as $cylinder)
                <option @selected($chosen == $cylinder)>{{ $cylinder }}</option>
            @endforeach
        </select>
    </div>
    <div class="field">
        <label for="flaw-remark">Where, and how it looks</label>
        <input
            id="flaw-remark" name="remark" value="{{ old('cylinder') === null ? '' : old('remark') }}" maxlength="200" autocomplete="off">
    </div>
    <div class="flex flex-wrap gap-2">
        <button class="button plain" name="look" value="patch that will not clean up" @if($hasKeys) data-hotkey="p" @endif>
            A patch will not clean up @if($hasKeys)<kbd>p</kbd>@endif
        </button>
        <button class="button plain" name="look" value="sharp line" @if($hasKeys) data-hotkey="c" @endif>
            A crack @if($hasKeys)<kbd>c</kbd>@endif
        </button>
        <button class="button plain" name="look" value="hole" @if($hasKeys) data-hotkey="h" @endif>
            A hole @if($hasKeys)<kbd>h</kbd>@endif
        </button>
    </div>
    <x-live-error id="flaw" /><x-field-error name="cylinder" /><x-field-error name="look" />
</form>
<p class="soft">It goes on the crack map, and work on that cylinder stops until it is settled. <span class="rule-id">HONE-5</span></p>
@endif
@if(! $view->isByCylinder())<p><a href="/jobs/{{ $file->job->tag() }}/cracks">Something found: go to the crack map</a></p>@endif
<p class="soft">
    Local codes on chemicals, waste and lifting come first. Work on aircraft, passenger vessels and lifts needs licensed practice; this
    order does not certify it.
</p>
<p class="buttons">
    <button type="button" class="button plain" data-print>Print the order</button>
    @can('see-prices')<a class="button plain" href="/jobs/{{ $file->job->tag() }}/parts">Parts to order</a> @endcan
</p>
<p class="prints">
    Print for
    @foreach($view->machines() as $code => $name)<a
            href="/jobs/{{ $file->job->tag() }}/work/print/{{ $code }}">{{ $name }}</a>@if(! $loop->last), @endif
    @endforeach @if($view->cutList() !== [])· <a href="/jobs/{{ $file->job->tag() }}/work/print/labels">labels for the cutters</a>@endif
</p>
<p><a href="/jobs/{{ $file->job->tag() }}/verify">To the finished sheet</a></p>
@endif
