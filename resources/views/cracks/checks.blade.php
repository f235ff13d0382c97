@use('App\Words\Labels')
@if($mayWrite)
@php($degrees = $file->policy->temperatureUnit)
<h2>Begin a check</h2>
<form
    method="post" action="/jobs/{{ $file->job->tag() }}/cracks/checks" id="begin-check" class="inline-fields" data-keep
    data-words="a crack check">
    @csrf <x-ulid /><input type="hidden" name="face" value="{{ $view->face->value }}">
    <div class="field">
        <label for="check-part">Part</label>
        <select id="check-part" name="part">@foreach($view->offers as $offer)<option>{{ $offer['part'] }}</option>@endforeach</select>
    </div>
    <div class="field">
        <label for="check-method">Method</label>
        <select id="check-method" name="method">
            @foreach(\NorthLedger\Core\Features\Cracks\CheckMethod::cases() as $method)
                <option value="{{ $method->value }}">{{ Labels::code($method) }}</option>
            @endforeach
        </select>
    </div>
    <div class="field">
        <label for="check-surface">Surface</label>
        <select id="check-surface" name="surface">
            @foreach(\NorthLedger\Core\Features\Cracks\Surface::cases() as $surface)
                <option value="{{ $surface->value }}">{{ Labels::code($surface) }}</option>
            @endforeach
        </select>
    </div>
    <div class="field short">
        <label for="check-temperature">Part, {{ $degrees->label() }}</label>
        <input type="hidden" name="temperature_unit" value="{{ $degrees->value }}">
        <input
            id="check-temperature" name="temperature" class="num" inputmode="decimal" maxlength="5" autocomplete="off"
            value="{{ $degrees->fromCelsius(20) }}">
    </div>
    <div class="field">
        <label for="check-school">Dwell</label>
        <select id="check-school" name="school">
            @foreach(\NorthLedger\Core\Engine\Policy\DwellSchool::cases() as $school)
                <option value="{{ $school->value }}" @selected($school === $file->policy->crackDwell)>{{ Labels::code($school) }}</option>
            @endforeach
        </select>
    </div>
    <div class="field">
        <label for="check-developer">Developer, min</label>
        <input id="check-developer" name="developer_minutes" class="num" inputmode="numeric" maxlength="2" autocomplete="off" value="10">
    </div>
    <div class="field"><label for="check-lab">Sent out to</label><input id="check-lab" name="lab" maxlength="80" autocomplete="off"></div>
    <button class="button">Begin</button>
    <x-live-error id="begin-check" />
</form>
<p class="soft text-sm">
    The shop’s dwell is “{{ Labels::code($file->policy->crackDwell) }}”, {{ $file->policy->crackDwell->minutes() }} minutes, doubled from
    {{ $degrees->fromCelsius(5) }} to {{ $degrees->shown(10) }}. Dye shows only what is open to the surface; particles work on iron and
    steel.
</p>
@endif
@if($view->pressures !== [])
    <h2>Pressure tests</h2>
    <ul>
        @foreach($view->pressures as $pressure)
            <li class="line {{ str_contains($pressure, ': tight') ? 'good' : 'out' }}">
                {{ $pressure }}<span class="rule-id">CRACK-6</span>
            </li>
        @endforeach
    </ul>
@endif
@if($view->finished !== [])
<h2>Checks done</h2>
<ul>
    @foreach($view->finished as $run)
        <li class="line good my-1">
            <b>{{ $run->title }}</b>@if(! $run->isRetest), {{ $run->surface }}@endif ·
            @foreach($run->done as $step){{ $loop->first ? '' : ', ' }}{{ lcfirst($step['title']) }}
                <span class="num">{{ $step['at'] }}</span>@endforeach
            @foreach($run->remarks as $remark)<span class="warn">◆ {{ $remark }}</span>@endforeach
        </li>
    @endforeach
</ul>
@endif
