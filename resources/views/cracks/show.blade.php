@extends('layouts.job', ['stage' => \App\Storage\Stage::Cracks])
@use('App\Words\Labels')
@section('title', $file->job->tag().' cracks')
@section('heading', 'Crack checks')
@section('sheet-data')
    data-live data-url="/jobs/{{ $file->job->tag() }}/live/cracks?face={{ urlencode($view->face->value) }}"
    data-head="{{ $file->job->entries }}" data-now="{{ \App\Stages\StagePage::now() }}"
    data-outbox="{{ $file->job->tag() }}/cracks/{{ auth()->id() }}"
@endsection
@section('sheet')
<div data-fragment="faces">@include('cracks.faces')</div>
<div data-fragment="map">@include('cracks.map')</div>
@if($mayWrite)
<div class="look-bar" role="group" aria-label="How does it look?">
    <p>
        <span class="map-said" data-map-said role="status"></span><span class="zooms"><button type="button" data-clear-draft>
                <kbd>Esc</kbd> clear
            </button><button type="button" data-zoom="-" aria-label="Zoom out">−</button><button
                type="button" data-zoom="+" aria-label="Zoom in">
                +
            </button><button type="button" data-open-keys aria-label="Keys of this page"><kbd>?</kbd></button></span>
    </p>
    <p>
        @foreach(\NorthLedger\Core\Features\Cracks\Look::FIRST as $index => $look)<button
                type="button" data-look-key="{{ $index + 1 }}" data-look="{{ $look->value }}">
                <kbd>{{ $index + 1 }}</kbd> {{ Labels::code($look) }}
            </button>@endforeach
    </p>
</div>
@else<p class="sr-only" data-map-said></p>@endif
<div data-fragment="list">@include('cracks.list')</div>
<div data-fragment="checks">@include('cracks.checks')</div>
@if($mayWrite)
<dialog class="sheet-dialog" data-indication-dialog aria-labelledby="indication-title">
    <form
        class="fields" method="post" action="/jobs/{{ $file->job->tag() }}/cracks/indications" id="new-indication" data-keep
        data-words="an indication on the {{ Labels::code($view->face) }}">
        @csrf <x-ulid /><input type="hidden" name="face" value="{{ $view->face->value }}"><input type="hidden" name="points" value="">
        <h2 class="mt-0" id="indication-title">A mark on the {{ Labels::code($view->face) }}</h2>
        <div class="field">
            <label for="indication-look">Look</label>
            <select id="indication-look" name="look">
                @foreach(\NorthLedger\Core\Features\Cracks\Look::FIRST as $look)
                    <option value="{{ $look->value }}">{{ Labels::code($look) }}</option>
                @endforeach
            </select>
        </div>
        <div class="flex gap-4">
            <div class="field flex-1">
                <label for="indication-zone">In the</label>
                <select id="indication-zone" name="zone">
                    @foreach($view->face->zones() as $zone)
                        <option value="{{ $zone->value }}">{{ Labels::code($zone) }}</option>
                    @endforeach
                </select>
            </div>
            <div class="field">
                <label for="indication-cylinder">Cylinder</label>
                <select id="indication-cylinder" name="cylinder">
                    <option value="">–</option>
                    @foreach($file->sheet->layout->cylinders() as $cylinder)<option>{{ $cylinder }}</option>@endforeach
                </select>
            </div>
        </div>
        <div class="flex gap-4">
            <div class="field">
                <label for="indication-length">Length, {{ $file->sheet->unit->value }}</label>
                <input id="indication-length" name="length" class="num" maxlength="40" autocomplete="off">
            </div>
            <div class="field flex-1">
                <label for="indication-remark">Remark</label>
                <input id="indication-remark" name="remark" maxlength="200" autocomplete="off">
            </div>
        </div>
        <x-live-error id="new-indication" />
        <div class="flex gap-3">
            <button class="button">Place it</button>
            <button type="button" class="button plain" data-close>Cancel</button>
        </div>
    </form>
</dialog>
@endif
<dialog class="sheet-dialog" data-keys-dialog aria-labelledby="keys-title">
    <h2 class="mt-0" id="keys-title">Keys of the map</h2>
    <table class="ledger"><tbody>
        @foreach([
            '← → ↑ ↓' => 'move the crosshair; with Shift in small steps',
            'Enter' => 'put a point down; several make a line',
            '1 2 3 4 5' => 'how it looks: this places the indication',
            'Esc' => 'take the points away again',
            'n' => 'to the next crack-prone place',
            'l' => 'looked at the crack-prone place here',
            '+ −' => 'zoom',
            '[ ]' => 'the face before, the face after',
            '?' => 'this list'
            ] as $key => $does)
        <tr><td><kbd>{{ $key }}</kbd></td><td>{{ $does }}</td></tr>
        @endforeach
    </tbody></table>
    <p class="mt-3"><button type="button" class="button plain" data-close>Close</button></p>
</dialog>
@endsection
@section('margin')
<x-live-state />
<div data-fragment="margin">@include('cracks.margin')</div>
@endsection
