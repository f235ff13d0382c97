@if($newer !== null)
<section class="note" id="newer-sheet">
    <b>Revision {{ $newer->revision }} of the sheet stands in the book; this engine is judged by revision
        {{ $file->job->family_revision }}.</b>
    <ul>
        @foreach(array_slice($newer->differences, 0, 6) as $one)
            <li>{{ $one->section }}, {{ $one->label }}: {{ $one->before }} → {{ $one->after }}</li>
        @endforeach
        @if(count($newer->differences) > 6)
            <li>
                and {{ count($newer->differences) - 6 }} more:
                <a
                    href="/specs/{{ $file->job->family }}/compare?from={{ $file->job->family_revision }}&amp;to={{ $newer->revision }}"
                        >compare</a>
            </li>
        @endif
    </ul>
    @if($mayKeyLimits)
        <form method="post" action="/jobs/{{ $file->job->tag() }}/sheet/revision" id="take-over" data-plain-form>
            @csrf
            <x-ulid />
            <p class="error" data-form-error role="alert" hidden></p>
            <input type="hidden" name="revision" value="{{ $newer->revision }}">
            <button class="button plain">Judge it by revision {{ $newer->revision }}</button>
            <x-field-error name="revision" />
        </form>
    @endif
</section>
@endif
@foreach($own as $one)<p class="line close"><b>This engine differs from the book.</b> {{ $one->sentence() }}</p>@endforeach
@if($limits->lines !== [])
<details class="part" id="limits" open>
    <summary>
        <h2>No limit known</h2>
        <span class="soft">{{ count($limits->lines) === 1 ? 'one value is' : count($limits->lines).' values are' }} not on the sheet; what
            was read waits for {{ count($limits->lines) === 1 ? 'it' : 'them' }}</span>
    </summary>
    @if($mayKeyLimits)
    <form method="post" action="/jobs/{{ $file->job->tag() }}/sheet" class="limits" id="missing-limits" data-plain-form>
        @csrf
        <x-ulid />
        <p class="error" data-form-error role="alert" hidden></p>
        <input type="hidden" name="back" value="{{ old('back', request()->query('back')) }}">
        <x-field-error name="value" />
        @foreach($limits->lines as $line)
        <div class="limit">
            <label for="limit-{{ $loop->index }}">{{ $line->label }}<span class="soft">{{ $line->waits }}</span></label><span
                class="field"><input
                    id="limit-{{ $loop->index }}" class="num" name="value[{{ $line->pointer }}]" value="{{ old('value.'.$line->pointer) }}"
                    maxlength="60" autocomplete="off" @if($loop->first && request()->has('back')) autofocus @endif></span>
        </div>
        @endforeach
        <div class="inline-fields">
            <div class="field">
                <label for="limit-source">It is</label>
                <select id="limit-source" name="source">
                    <option value="manual">from a manual</option>
                    <option value="measured" @selected(old('source') === 'measured')>measured on an unworn part</option>
                    <option value="house" @selected(old('source') === 'house')>our own limit</option>
                    <option value="agreed" @selected(old('source') === 'agreed')>agreed with the customer</option>
                </select>
            </div>
            <div class="field grow">
                <label for="limit-words">Which manual and page, which part, or who agreed</label>
                <input id="limit-words" name="words" value="{{ old('words') }}" maxlength="200" autocomplete="off" required>
                <x-field-error name="words" />
            </div>
            <div class="field">
                <label for="limit-scope">It holds for</label>
                <select id="limit-scope" name="scope">
                    <option value="family">every {{ $file->sheet->name }}</option>
                    <option value="engine" @selected(old('scope') === 'engine')>this engine only</option>
                </select>
            </div>
            <button class="button">Judge by it</button>
        </div>
    </form>
    @else
    <ul>@foreach($limits->lines as $line)<li class="line missing"><b>{{ $line->label }}</b>: {{ $line->waits }}</li>@endforeach</ul>
    @endif
</details>
@endif
