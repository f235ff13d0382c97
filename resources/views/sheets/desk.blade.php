{{-- Setup line, drawing, table and entry line of a sheet; resources/js/sheet works it. --}}
<div data-sheet data-station="top"
     data-url="/jobs/{{ $file->job->tag() }}/sheets/{{ $sheet->value }}"
     data-head="{{ $file->job->entries }}"
     data-outbox="{{ $file->job->tag() }}/{{ $sheet->value }}/{{ auth()->id() }}"
     data-walk="{{ json_encode($parts->walk()) }}"
     data-may-write="{{ auth()->user()->can('measure') && ! $file->job->is_closed ? 'yes' : 'no' }}"
     class="flex min-h-0 flex-1 flex-col">
    <div class="setup-line" data-fragment="setup">{!! $parts->setup() !!}</div>
    <div class="drawing" data-fragment="drawing">{!! $parts->drawing() !!}</div>
    <div class="scroll-x" data-fragment="table" tabindex="0" role="region" aria-label="Bore readings">{!! $parts->table() !!}</div>
    @if(auth()->user()->can('measure') && ! $file->job->is_closed)
    <div class="entry">
        <div class="question" data-question role="alert" hidden></div>
        <div class="entry-line">
            <label for="reading" data-where>Reading</label>
            <span class="hint" data-hint></span>
            <span class="hint" data-repeat hidden>repeat of the same place</span>
            <input id="reading" data-entry inputmode="text" enterkeyhint="next" autocomplete="off" autocapitalize="off" spellcheck="false" maxlength="40" aria-describedby="reading-said">
        </div>
        <p class="sr-only" id="reading-said" data-said role="status"></p>
    </div>
    @else
    <p class="note">{{ $file->job->is_closed ? 'This job is released; its sheets are closed.' : 'You can read this sheet. Readings are keyed by an inspector.' }}</p>
    @endif
</div>
<dialog class="sheet-dialog" data-setup-dialog aria-labelledby="setup-title">
    <form class="fields" data-setup-form>
        <h2 class="mt-0" id="setup-title">Gauge and zero</h2>
        <input type="hidden" name="feature" value="bore">
        <div class="field"><label for="instrument">Gauge</label>
            <select id="instrument" name="instrument">
                @foreach(\NorthLedger\Core\Gauging\InstrumentKind::cases() as $kind)@if($kind->readsBores())<option value="{{ $kind->value }}" data-sizes="{{ $kind->showsSizes() ? 'yes' : 'no' }}" @selected($kind === \NorthLedger\Core\Gauging\InstrumentKind::BoreGaugeTenth)>{{ $kind->value }} · {{ $kind->showsSizes() ? 'shows sizes' : 'shows deviations' }}</option>@endif @endforeach
            </select></div>
        <div class="field" data-only-deviations><label for="zero">Its zero was set to</label><input id="zero" name="zero" value="{{ $file->entryDisplay()->size($file->sheet->bore->sizeAt($file->chosen()?->step ?? $file->assessment()->step->value ?? \NorthLedger\Core\Quantity\Length::zero())) }}" autocomplete="off" class="num"><small>the ring, micrometer or fixture, in {{ $file->sheet->unit->value }}; “30 over” is read too</small></div>
        <div class="field" data-only-deviations><label for="reading_unit">It shows</label>
            <select id="reading_unit" name="reading_unit">@foreach(\NorthLedger\Core\Quantity\ReadingUnit::cases() as $unit)<option value="{{ $unit->value }}" @selected($unit === $file->sheet->unit->readingUnit())>{{ $unit->label() }}</option>@endforeach</select></div>
        <fieldset class="field"><legend class="label">Conditions</legend>
            <label class="tick"><input type="checkbox" name="caps_torqued" value="1">caps torqued</label>
            <label class="tick"><input type="checkbox" name="torque_plate" value="1">torque plate on</label>
            <label class="tick"><input type="checkbox" name="cooled" value="1">cooled</label>
            <label class="tick"><input type="checkbox" name="clean" value="1">clean and dry</label>
        </fieldset>
        <div class="flex gap-4">
            <div class="field flex-1"><label for="part_celsius">Part, °C</label><input id="part_celsius" name="part_celsius" inputmode="decimal" autocomplete="off"></div>
            <div class="field flex-1"><label for="master_celsius">Master, °C</label><input id="master_celsius" name="master_celsius" inputmode="decimal" autocomplete="off"></div>
        </div>
        <p class="error" data-setup-error hidden></p>
        <div class="flex gap-3"><button class="button">State it</button><button type="button" class="button plain" data-close>Leave</button></div>
    </form>
</dialog>
<dialog class="sheet-dialog" data-check-dialog aria-labelledby="check-title">
    <form class="fields" data-check-form>
        <h2 class="mt-0" id="check-title">Gauge back on its master</h2>
        <div class="field" data-only-sizes><label for="check-master">The master is</label><input id="check-master" name="master" autocomplete="off" class="num"><small>a gauge block or ring, in {{ $file->sheet->unit->value }}</small></div>
        <div class="field"><label for="check-shows">The gauge shows</label><input id="check-shows" name="shows" autocomplete="off" class="num"><small>in the unit it is read in: 0 where it still stands at its zero</small></div>
        <p class="soft">More than its resolution off, and every reading since the last good check is suspect until it is retaken or somebody stands by it. <span class="rule-id">GAUGE-3</span></p>
        <p class="error" data-check-error role="alert" hidden></p>
        <div class="flex gap-3"><button class="button">Write the check</button><button type="button" class="button plain" data-close>Leave</button></div>
    </form>
</dialog>
<dialog class="sheet-dialog" data-keys-dialog aria-labelledby="keys-title">
    <h2 class="mt-0" id="keys-title">Keys of this page</h2>
    <table class="ledger"><tbody>
        @foreach(['0–9 . + −' => 'the reading, as the gauge shows it', 'Enter' => 'save it and go to the next place', '← → ↑ ↓' => 'go to another place', 'r' => 'repeat: read the last place once more', 'u' => 'undo your last reading', 'z' => 'gauge, zero and conditions', 'b' => 'gauge back on its master', '/' => 'find a job', 'Esc' => 'clear the line', '?' => 'this list'] as $key => $does)
        <tr><td><kbd>{{ $key }}</kbd></td><td>{{ $does }}</td></tr>
        @endforeach
    </tbody></table>
    <p class="mt-2 soft">Sizes may be written like 3.8156, 3 13/16, 96.84 mm, 30 over.</p>
    <p class="mt-3"><button type="button" class="button plain" data-close>Close</button></p>
</dialog>
