@use('App\Words\Labels')
{{-- Setup line, drawing, table and entry line of a sheet; resources/js/sheet works it. --}}
@php([$gauges, $features, $gauged] = [
    $parts->gauges(),
    $parts->features(),
    array_values(array_filter($parts->features(), fn ($feature) => ! $feature->isScale()))
    ])
<div data-sheet data-station="top"
     data-url="{{ $parts->url() }}"
     data-head="{{ $file->job->entries }}"
     data-outbox="{{ $file->job->tag() }}/{{ $sheet->value }}/{{ auth()->id() }}"
     data-previous="{{ $previous ?? '' }}" data-next="{{ $next ?? '' }}"
     data-walk="{{ json_encode($parts->walk()) }}"
     data-may-write="{{ auth()->user()->can('measure') && ! $file->job->is_closed ? 'yes' : 'no' }}"
     class="flex min-h-0 flex-1 flex-col">
    <div class="setup-line" data-fragment="setup">{!! $parts->setup() !!}</div>
    <div class="drawing" data-fragment="drawing">{!! $parts->drawing() !!}</div>
    <div class="scroll-x" data-fragment="table" tabindex="0" role="region" aria-label="{{ $region ?? 'Bore readings' }}">
        {!! $parts->table() !!}
    </div>
    @if(auth()->user()->can('measure') && ! $file->job->is_closed)
    <div class="entry">
        <div class="pair" data-pair hidden>
            <b class="num" data-pair-value></b> <span data-pair-where role="status" aria-live="polite"></span>
            <span class="soft" data-pair-others></span>
        </div>
        <div class="question" data-question role="alert" hidden></div>
        @if(\App\WholeEngines\PracticeHouse::isHere())
        <p class="shows" data-shows="/jobs/{{ $file->job->tag() }}/practice/{{ $sheet->value }}/shows" role="status" aria-live="polite">
            <b data-shows-here></b>
        </p>
        @endif
        <div class="entry-line">
            <label for="reading" data-where>Reading</label>
            <span class="hint" data-hint></span>
            <span class="hint" data-repeat hidden>repeat of the same place</span>
            <span class="hint ok" data-feed-state role="status" hidden></span>
            <input
                id="reading" data-entry inputmode="text" enterkeyhint="next" autocomplete="off" autocapitalize="off" spellcheck="false"
                maxlength="40" aria-describedby="reading-said">
        </div>
        <p class="sr-only" id="reading-said" data-said role="status"></p>
    </div>
    @else
    <p class="note">
        {{ $file->job->is_closed
            ? 'This job is released; its sheets are closed.'
            : 'You can read this sheet. Readings are keyed by an inspector.' }}
    </p>
    @endif
</div>
@if($features !== [])
<dialog class="sheet-dialog" data-setup-dialog aria-labelledby="setup-title">
    <form class="fields" data-setup-form>
        <h2 class="mt-0" id="setup-title">Gauge and zero</h2>
        <div class="field">
            <label for="setup-feature">For</label>
            <select id="setup-feature" name="feature">
                @foreach($features as $feature)
                    <option value="{{ $feature->value }}" data-zero="{{ $feature->zero }}" data-reads="{{ implode(' ', $feature->reads) }}">
                        {{ $feature->words }}
                    </option>
                @endforeach
            </select>
        </div>
        <div class="field"><label for="instrument">Gauge</label>
            <select id="instrument" name="instrument">
                @foreach($features as $feature)
                    @foreach($gauges->of($feature->kinds) as $gauge)
                        <option
                            value="{{ $gauge->value }}" data-for="{{ $feature->value }}"
                            data-sizes="{{ $gauge->kind->showsSizes() ? 'yes' : 'no' }}">
                            {{ $gauge->words }}
                        </option>
                    @endforeach
                @endforeach
            </select></div>
        <div class="field" data-only-sized><label for="zero_on">Its zero was set on</label>
            <select id="zero_on" name="zero_on">
            @foreach(\NorthLedger\Core\Gauging\InstrumentKind::thatSetZeros() as $kind)
                <option value="with {{ $kind->value }}">a size set with {{ Labels::withArticle($kind) }}</option>
            @endforeach
            <option value="">a ring or fixture of a known size</option>
            @foreach($gauges->masters as $master)
                <option value="{{ $master->tag }}" data-size="{{ $master->size }}">{{ $master->words }}</option>
            @endforeach
                @if($sheet->section === \NorthLedger\Core\Inspection\Section::Bores)
                    <option value="part">the part itself, here: only form can be judged</option>
                @endif
                </select>
            <small data-zero-place hidden></small></div>
        <div class="field" data-only-known>
            <label for="zero">That size</label>
            <input id="zero" name="zero" value="{{ $features[0]->zero }}" autocomplete="off" class="num">
            <small>in {{ $file->sheet->unit->words() }}; “30 over” is read too</small>
        </div>
        <div class="field" data-only-deviations><label for="reading_unit">It shows</label>
            <select id="reading_unit" name="reading_unit">
                @foreach(\NorthLedger\Core\Quantity\ReadingUnit::cases() as $unit)
                    <option value="{{ $unit->value }}" @selected($unit === $file->sheet->unit->readingUnit())>{{ $unit->label() }}</option>
                @endforeach
            </select>
        </div>
        <fieldset class="field" data-only-lengths><legend class="label">Conditions</legend>
            <label class="tick"><input type="checkbox" name="caps_torqued" value="1">caps torqued</label>
            <label class="tick"><input type="checkbox" name="torque_plate" value="1">torque plate on</label>
            <label class="tick"><input type="checkbox" name="cooled" value="1">cooled</label>
            <label class="tick"><input type="checkbox" name="clean" value="1">clean and dry</label>
        </fieldset>
        <input type="hidden" name="temperature_unit" value="{{ $file->policy->temperatureUnit->value }}">
        <div class="flex gap-4" data-only-lengths>
            <div class="field flex-1">
                <label for="part_temperature">Part, {{ $file->policy->temperatureUnit->label() }}</label>
                <input id="part_temperature" name="part_temperature" inputmode="decimal" autocomplete="off">
            </div>
            <div class="field flex-1">
                <label for="master_temperature">Master, {{ $file->policy->temperatureUnit->label() }}</label>
                <input id="master_temperature" name="master_temperature" inputmode="decimal" autocomplete="off">
            </div>
        </div>
        <p class="error" data-setup-error hidden></p>
        <div class="flex gap-3">
            <button class="button">Save setup</button>
            <button type="button" class="button plain" data-close>Cancel</button>
        </div>
    </form>
</dialog>
@endif
@if($gauged !== [])
<dialog class="sheet-dialog" data-size-dialog aria-labelledby="size-title">
    <form class="fields" data-size-form>
        <h2 class="mt-0" id="size-title">Size of the zero</h2>
        <p class="soft">
            The place that the gauge was zeroed on, measured with a gauge that shows sizes: every reading of the setup becomes a size.
            <span class="rule-id">GAUGE-2</span>
        </p>
        <div class="field">
            <label for="size-size">It measures</label>
            <input id="size-size" name="size" autocomplete="off" class="num">
            <small>in {{ $file->sheet->unit->words() }}</small>
        </div>
        <div class="field">
            <label for="size-gauge">With</label>
            <select id="size-gauge" name="gauge">
                @foreach($gauges->of($gauged[0]->kinds) as $gauge)
                    @if($gauge->kind->showsSizes())<option value="{{ $gauge->value }}">{{ $gauge->words }}</option>@endif
                @endforeach
            </select>
        </div>
        <p class="error" data-size-error role="alert" hidden></p>
        <label class="tick" data-size-confirm hidden><input type="checkbox" name="confirmed" value="1">yes, it measures that</label>
        <div class="flex gap-3">
            <button class="button">Give the size</button>
            <button type="button" class="button plain" data-close>Cancel</button>
        </div>
    </form>
</dialog>
@endif
<dialog class="sheet-dialog" data-micrometer-dialog aria-labelledby="micrometer-title">
    <form class="fields" data-micrometer-form data-unit="{{ $file->sheet->unit->value }}">
        <h2 class="mt-0" id="micrometer-title">Micrometer, line by line</h2>
        <svg viewBox="0 0 430 184" class="micrometer" data-micrometer-drawing aria-hidden="true"></svg>
        <div class="grid grid-cols-4 gap-2">
            @foreach([
                'frame' => 'frame from',
                'sleeve' => 'sleeve lines',
                'thimble' => 'thimble line',
                'vernier' => 'vernier line'
                ] as $name => $label)
                <div class="field">
                    <label for="micrometer-{{ $name }}">{{ $label }}</label>
                    <input
                        id="micrometer-{{ $name }}" name="{{ $name }}" type="number" min="0" class="num w-full" inputmode="numeric"
                        value="{{ $name === 'frame' ? ($file->sheet->unit->value === 'in' ? 3 : 75) : 0 }}">
                </div>
            @endforeach
        </div>
        <p class="text-2xl num" role="status" data-micrometer-reading></p>
        <p class="soft">
            Sleeve: the lines laid bare, each {{ $file->sheet->unit->value === 'in' ? '.025 in' : '0.5 mm' }}. Over a telescoping gauge:
            lock it at the widest, rock it out, and measure it here.
        </p>
        <div class="flex gap-3">
            <button class="button">Use this reading</button>
            <button type="button" class="button plain" data-close>Cancel</button>
        </div>
    </form>
</dialog>
<dialog class="sheet-dialog" data-pair-dialog aria-labelledby="pair-title">
    <h2 class="mt-0" id="pair-title">Two at this sheet</h2>
    <p>
        The caller reads the gauge and sees where the writer is; the writer types. Both see the last reading, large. Open the sheet on the
        second device, log in, and join there as well.
    </p>
    <label class="tick"><input type="checkbox" data-voice checked>read back aloud, where this browser has a voice</label>
    <div class="mt-3 flex flex-wrap gap-3">
        <button type="button" class="button" data-join="caller">I call</button>
        <button type="button" class="button" data-join="writer">I write</button>
        <button type="button" class="button plain" data-join="leave">Leave the pair</button>
        <button type="button" class="button plain" data-close>Close</button>
    </div>
</dialog>
@if($gauged !== [])
<dialog class="sheet-dialog" data-check-dialog aria-labelledby="check-title">
    <form class="fields" data-check-form>
        <h2 class="mt-0" id="check-title">Gauge back on its master</h2>
        <div class="field">
            <label for="check-feature">Which</label>
            <select id="check-feature" name="feature">
                @foreach($gauged as $feature)<option value="{{ $feature->value }}">the gauge of {{ $feature->words }}</option>@endforeach
            </select>
        </div>
        <div class="field" data-only-sizes>
            <label for="check-master">The master is</label>
            <input id="check-master" name="master" autocomplete="off" class="num">
            <small>a gauge block or ring, in {{ $file->sheet->unit->words() }}</small>
        </div>
        <div class="field">
            <label for="check-shows">The gauge shows</label>
            <input id="check-shows" name="shows" autocomplete="off" class="num">
            <small>in the unit it is read in: 0 where it still stands at its zero</small>
        </div>
        @if(\App\WholeEngines\PracticeHouse::isHere())<p class="shows"><b data-shows-on-master></b></p>@endif
        <p class="soft">
            More than its resolution off, and every reading since the last good check is suspect until it is retaken or somebody stands by
            it. <span class="rule-id">GAUGE-3</span>
        </p>
        <p class="error" data-check-error role="alert" hidden></p>
        <div class="flex gap-3">
            <button class="button">Write the check</button>
            <button type="button" class="button plain" data-close>Cancel</button>
        </div>
    </form>
</dialog>
@endif
<dialog class="sheet-dialog" data-keys-dialog aria-labelledby="keys-title">
    <h2 class="mt-0" id="keys-title">Keys of this page</h2>
    <p class="mb-2">
        <kbd>0–9 . + −</kbd> the reading as the gauge shows it, <kbd>Enter</kbd> saves it and goes on, <kbd>← → ↑ ↓</kbd> to another place,
        <kbd>Esc</kbd> clears the line, <kbd>/</kbd> finds a job.
    </p>
    <ul class="key-list">
        @foreach($parts->keys() as $key => $does)
        <li><button type="button" data-command="{{ $key }}"><kbd>{{ $key }}</kbd> {{ $does }}</button></li>
        @endforeach
    </ul>
    <p class="mt-2">
        <a href="/jobs/{{ $file->job->tag() }}/sheets/{{ $sheet->value }}/import">Read readings in from a file</a> ·
        <a href="/jobs/{{ $file->job->tag() }}/readings.csv">write them out</a>
    </p>
    <p class="mt-2 soft">Sizes may be written like 3.8156, 3 13/16, 96.84 mm, 30 over.</p>
    <p class="mt-3"><button type="button" class="button plain" data-close>Close</button></p>
</dialog>
