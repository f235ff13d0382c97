@extends('layouts.house')
@use('App\Words\Labels')
@section('title', 'Gauges')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head">
        <h1>{{ $showsRetired ? 'Gauges out of use' : 'Gauges' }}</h1>
        <span>what each reading is worth begins here</span>
        <span class="ml-auto">@if($showsRetired)<a href="/gauges">gauges in use</a>@else<a href="/gauges?show=retired">out of
                    use</a>@endif</span>
    </div>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    <div class="scroll-x" tabindex="0" role="region" aria-label="Gauges"><table class="ledger mt-3">
        <thead>
            <tr>
                <th scope="col">Tag</th>
                <th scope="col">Gauge</th>
                <th scope="col">Range</th>
                <th scope="col">Shows steps of</th>
                <th scope="col">Calibrated to ±</th>
                <th scope="col">Repeats, 1σ</th>
                <th scope="col">Calibration</th>
            </tr>
        </thead>
        <tbody>
            @forelse($lines as $line)
                <tr>
                    <td><a class="row-link" href="/gauges/{{ $line->tag }}"><span class="tag">{{ $line->tag }}</span></a></td>
                    <td>
                        <b>{{ $line->name }}</b>
                        <br>
                        <span class="soft">{{ $line->kind }}@if($line->feeds) · feeds its readings @endif</span>
                    </td>
                    <td class="num">{{ $line->range }}</td>
                    <td class="num">{{ $line->resolution }}</td>
                    <td class="num">{{ $line->calibration }}</td>
                    <td class="num">{{ $line->repeatability }}</td>
                    <td class="{{ ['out' => 'bad font-bold', 'close' => 'warn', 'good' => 'ok'][$line->dueState->value] }}">
                        {{ $line->dueState->sign() }} {{ $line->due }}
                    </td>
                </tr>
            @empty
                <tr><td colspan="7">None. A sheet can name a kind of gauge as well; then the kind’s book values count.</td></tr>
            @endforelse
        </tbody>
    </table></div>
    <h2>Masters and rings</h2>
    <div class="scroll-x" tabindex="0" role="region" aria-label="Masters and rings"><table class="ledger">
        <thead><tr><th scope="col">Tag</th><th scope="col">Master</th><th scope="col">Size</th><th scope="col">Calibration</th></tr></thead>
        <tbody>
            @forelse($masters as $line)
                <tr>
                    <td><span class="tag">{{ $line->tag }}</span></td>
                    <td><b>{{ $line->name }}</b></td>
                    <td class="num">{{ $line->range }}</td>
                    <td class="{{ ['out' => 'bad font-bold', 'close' => 'warn', 'good' => 'ok'][$line->dueState->value] }}">
                        {{ $line->dueState->sign() }} {{ $line->due }}
                    </td>
                </tr>
            @empty
                <tr><td colspan="4">None.</td></tr>
            @endforelse
        </tbody>
    </table></div>
    @can('keep-gauges')
    <h2>Put a gauge into the register</h2>
    <form method="post" action="/gauges" class="inline-fields">@csrf <x-ulid />
        <div class="field">
            <label for="tag">Tag</label>
            <input id="tag" name="tag" value="{{ old('tag') }}" maxlength="12" size="7" placeholder="G-01" autocomplete="off">
            <x-field-error name="tag" />
        </div>
        <div class="field grow">
            <label for="name">Which one it is</label>
            <input id="name" name="name" value="{{ old('name') }}" maxlength="80" autocomplete="off">
            <x-field-error name="name" />
        </div>
        <div class="field">
            <label for="kind">Kind</label>
            <select id="kind" name="kind">
                @foreach(\NorthLedger\Core\Gauging\InstrumentKind::cases() as $kind)
                    <option value="{{ $kind->value }}" @selected(old('kind') === $kind->value)>{{ Labels::code($kind) }}</option>
                @endforeach
            </select>
        </div>
        <div class="field">
            <label for="unit">Marked in</label>
            <select id="unit" name="unit">
                <option @selected(old('unit') === 'in')>in</option>
                <option @selected(old('unit') === 'mm')>mm</option>
            </select>
        </div>
        <div class="field">
            <label for="due_on">Calibration due</label>
            <input id="due_on" type="date" name="due_on" value="{{ old('due_on') }}">
            <x-field-error name="due_on" />
        </div>
        @foreach([
            'resolution' => 'Shows steps of',
            'calibration' => 'Calibrated to ±',
            'repeatability' => 'Repeats, 1σ',
            'least' => 'From size',
            'most' => 'To size'
            ] as $field => $label)
            <div class="field">
                <label for="{{ $field }}">{{ $label }}</label>
                <input
                    id="{{ $field }}" name="{{ $field }}" value="{{ old($field) }}" class="num" size="9" autocomplete="off"
                    placeholder="as its kind">
                <x-field-error :name="$field" />
            </div>
        @endforeach
        <p class="soft">What a scale shows, is calibrated to, repeats and carries is said in grams.</p>
        <button class="button">Register it</button>
    </form>
    <h2>Put a master into the register</h2>
    <form method="post" action="/masters" class="inline-fields">@csrf <x-ulid />
        <div class="field">
            <label for="master-tag">Tag</label>
            <input id="master-tag" name="tag" maxlength="12" size="7" placeholder="M-03" autocomplete="off">
        </div>
        <div class="field grow">
            <label for="master-name">Which one it is</label>
            <input id="master-name" name="name" maxlength="80" autocomplete="off">
        </div>
        <div class="field">
            <label for="master-unit">In</label>
            <select id="master-unit" name="unit"><option>in</option><option>mm</option></select>
        </div>
        <div class="field">
            <label for="size">Its size</label>
            <input id="size" name="size" value="{{ old('size') }}" class="num" size="9" placeholder="any size" autocomplete="off">
            <x-field-error name="size" />
        </div>
        <div class="field"><label for="master-due">Calibration due</label><input id="master-due" type="date" name="due_on"></div>
        <button class="button">Register it</button>
    </form>
    @endcan
</main></div>
@endsection
