@extends('layouts.job', ['stage' => $stage])
@section('title', $file->job->tag().' readings read in')
@section('heading', 'Read readings in')
@section('sheet')
<div data-plain-outbox="{{ $file->job->tag() }}/{{ $sheet->value }}/{{ auth()->id() }}">
@if($rows === null)
<form
    method="post" action="/jobs/{{ $file->job->tag() }}/sheets/{{ $sheet->value }}/import" enctype="multipart/form-data" class="fields mt-4"
    data-kept-text>
    @csrf
    <div class="field">
        <label for="file">A file of comma-separated text</label>
        <input id="file" type="file" name="file" accept=".csv,text/csv,text/plain">
        <x-field-error name="file" />
    </div>
    <div class="field">
        <label for="text">or the text itself</label>
        <textarea id="text" name="text" rows="9" class="num w-full">{{ old('text', "cylinder,station,axis,value\n") }}</textarea>
        <x-field-error name="text" />
        <small>The first line names the columns: cylinder, station, axis, value; or place, value as in the export. Values as the gauge of
            the sheet shows them.</small>
    </div>
    <p class="line close" data-kept-said role="status" hidden>
        No connection: the text is kept in this browser, and looked at when the connection is back.
    </p>
    <div><button class="button">Look at it first</button></div>
</form>
@else
<form
    method="post" action="/jobs/{{ $file->job->tag() }}/sheets/{{ $sheet->value }}/import/rows" class="mt-3" id="import-rows"
    data-plain-form data-forgets-text="/jobs/{{ $file->job->tag() }}/sheets/{{ $sheet->value }}/import">
    @csrf
<p class="error" data-form-error role="alert" hidden></p>
<div class="scroll-x" tabindex="0" role="region" aria-label="Rows as they would be read in"><table class="ledger">
    <thead>
        <tr><th scope="col">Line</th><th scope="col">Place</th><th scope="col">Value</th><th scope="col">What becomes of it</th></tr>
    </thead>
    <tbody>@foreach($rows as $index => $row)
    <tr><td class="num">{{ $row->line }}</td><td>{{ $row->words }}</td><td class="num">{{ $row->text }}</td><td>
        @if($row->state === 'wrong')<span class="bad">▲ not taken: {{ $row->problem }}</span>
        @else
        <input type="hidden" name="rows[{{ $index }}][ulid]" value="{{ $row->ulid }}">
        <input type="hidden" name="rows[{{ $index }}][place]" value="{{ $row->place }}">
        <input type="hidden" name="rows[{{ $index }}][text]" value="{{ $row->text }}">
            @if($row->state === 'fine')<input type="hidden" name="rows[{{ $index }}][take]" value="1"><span class="ok">✓ is read in</span>
            @else<span class="warn">◆ {{ $row->problem }}</span>
            <br>
            <input type="hidden" name="rows[{{ $index }}][confirmed]" value="1">
            <label class="tick"><input type="checkbox" name="rows[{{ $index }}][take]" value="1">take it all the same</label>@endif
        @endif</td></tr>
    @endforeach</tbody>
</table></div>
<p class="my-4">
    <button class="button">Read these in</button>
    <a class="button plain" href="/jobs/{{ $file->job->tag() }}/sheets/{{ $sheet->value }}/import">Begin again</a>
</p>
</form>
@endif
</div>
@endsection
@section('margin')
<p class="outbox" data-outbox-state role="status" hidden></p>
<h2>How it is read</h2>
<p>
    Every row goes the way of a reading that is typed: with the gauge and zero of the sheet, asked back where it cannot be right, once
    however often it is sent. Nothing is written before you have seen it.
</p>
<p><a href="/jobs/{{ $file->job->tag() }}/{{ $sheet->path() }}">Back to the sheet</a></p>
@endsection
