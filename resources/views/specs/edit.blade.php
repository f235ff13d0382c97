@extends('layouts.house')
@section('title', 'New revision of '.$page->sheet->name)
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head">
        <h1>{{ $page->sheet->name }}</h1>
        <span>new revision after {{ $page->sheet->revision }}; a bare number is in
            {{ ['in' => 'inches', 'mm' => 'millimetres'][$page->sheet->unit->value] }}</span>
    </div>
    @if($faults !== [])
    <div class="note bad" role="alert">
        <b>Nothing was stored. {{ count($faults) === 1 ? 'One value does' : count($faults).' values do' }} not fit:</b>
        <ul>@foreach($faults as $fault)<li>▲ {{ $fault }}</li>@endforeach</ul></div>
    @endif
    @if($meanwhile !== [])
    <div class="note" role="alert">
        <b>Somebody else has made revision {{ $page->sheet->revision }} meanwhile. Nothing was stored yet.</b> What you typed stands below;
        where you typed nothing, theirs stands now:
        <ul>
            @foreach($meanwhile as $one)<li>{{ $one->section }}, {{ $one->label }}: {{ $one->before }} → {{ $one->after }}</li>@endforeach
        </ul>
        Look it over, then keep it.</div>
    @endif
    @if($pasted !== null)
    <div class="note" role="status">
        <b>{{ count($pasted->values) }} {{ count($pasted->values) === 1 ? 'value' : 'values' }} taken over; nothing was stored yet.</b>
        @if($pasted->unknown !== []) {{ count($pasted->unknown) === 1 ? 'One line fits' : count($pasted->unknown).' lines fit' }} nothing on
        the sheet, or more than one thing; what is left stands below. Name the section too: “Bore service, taper”.@endif
    </div>
    @endif
    <p class="soft mt-2">
        Write as in the shop: 3.8125, 3 13/16, 96.84 mm; ranges like 2.6240-2.6250 or 2.6245 ±.0005; steps as 10 20 30; 612 g, 16 µin, 54.3
        cc, 2 bar.
    </p>
    <form
        method="post" action="/specs/{{ $page->sheet->family }}" id="spec-form" data-dimensioned data-pins
        data-follows-from="/specs/{{ $page->sheet->family }}/follows">
        @csrf
    <input type="hidden" name="revision" value="{{ $page->sheet->revision }}">
    @foreach($changes as $change)<input type="hidden" name="changes[]" value="{{ $change }}">@endforeach
    <button class="sr-only" tabindex="-1" aria-hidden="true">Keep as a new revision</button>
    <div class="spec-columns">
    <section>@include('specs.engine')</section>
    <section data-follows aria-live="polite">@include('specs.follows')</section>
    @foreach($page->sections as $title => $fields)
        @php($part = explode('/', $fields[0]->path)[1])
        <section id="part-{{ $part }}"><h2>{{ $title }}</h2>
        @include('specs.dimensions')
        @if(in_array($part, ['crack_prone', 'stamped', 'seats']))@include('specs.pins')@endif
        @if($part === 'housings')@include('specs.ring')@endif
        @foreach($fields as $field)
            @php($id = 'value-'.$loop->parent->index.'-'.$loop->index)
            @php($stands = $typed[$field->path] ?? $field->text)
            @php($isWrong = array_filter($wrong, fn ($path) => $path === $field->path || str_starts_with($path, $field->path.'/')) !== [])
            @include('specs.field')
        @endforeach
        @foreach($page->lists as $list)
            @continue($list['title'] !== $title)
            <div class="spec-rows">
                @foreach($list['rows'] as $row)<button
                        class="button plain" name="rows" value="drop {{ $list['list'] }} {{ $row['index'] }}" formnovalidate>
                        Take away {{ $row['name'] }}
                    </button>@endforeach
                <button class="button plain" name="rows" value="add {{ $list['list'] }}" formnovalidate>
                    {{ $list['rows'] === [] ? 'Add the first' : 'Add one like the last' }}@if(str_contains($list['list'], 'no_go'))
                        no-go
                    @endif
                </button>
            </div>
        @endforeach
        </section>
    @endforeach
    @foreach($page->lists as $list)
        @continue(isset($page->sections[$list['title']]))
        <section>
            <h2>{{ $list['title'] }}</h2>
            <div class="spec-rows">
                <button class="button plain" name="rows" value="add {{ $list['list'] }}" formnovalidate>Add the first</button>
            </div>
        </section>
    @endforeach
    </div>
    <details class="mt-2" id="spec-paste" @if($pasted !== null && $pasted->unknown !== []) open @endif>
        <summary>Paste from a spreadsheet</summary>
        <div class="field"><label for="paste">A line for each value: what it is, then the value, or both ends of a range</label>
            <textarea
                id="paste" name="paste" rows="6"
                spellcheck="false">{{ $pasted === null ? old('paste') : implode("\n", $pasted->unknown) }}</textarea>
            <x-field-error name="paste" />
        </div>
        <button class="button plain" name="rows" value="paste" formnovalidate>Take these over</button>
    </details>
    <div class="inline-fields">
        <div class="field">
            <label for="source">What changed is</label>
            <select id="source" name="source">
                @foreach([
                    'manual' => 'from a manual',
                    'measured' => 'measured on an unworn place',
                    'family' => 'from another family',
                    'house' => 'our own'
                    ] as $kind => $words)
                    <option value="{{ $kind }}" @selected(request()->input('source', old('source')) === $kind)>{{ $words }}</option>
                @endforeach
            </select>
        </div>
        <div class="field grow">
            <label for="reason">What changed, and where the numbers come from</label>
            <input id="reason" name="reason" value="{{ request()->input('reason', old('reason')) }}" maxlength="200" required>
            <x-field-error name="reason" />
        </div>
        <button class="button">Keep as a new revision</button>
        <button class="button plain" name="rows" value="draft" formnovalidate>Keep as a draft</button>
        <a class="button plain" href="/specs/{{ $page->sheet->family }}">Cancel</a>
    </div>
    </form>
</main></div>
@endsection
