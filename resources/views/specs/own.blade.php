@extends('layouts.house')
@section('title', 'The sheet of '.$file->job->tag())
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head">
        <h1>{{ $file->job->tag() }}: not by the book</h1>
        <span>{{ $file->sheet->name }}, revision {{ $file->job->family_revision }}; a bare number is in
            {{ ['in' => 'inches', 'mm' => 'millimetres'][$file->sheet->unit->value] }}</span>
        <span class="ml-auto"><a href="/jobs/{{ $file->job->tag() }}/judge">back to the verdict</a></span>
    </div>
    <p class="soft mt-2">
        Change what is different in this engine: pistons with a clearance of their own, another stroke or gasket, a limit that the customer
        agreed to. The book of its family stays as it is; the verdict, the certificate and the package say what was changed, why and by
        whom.
    </p>
    @foreach($own as $one)<p class="line close">{{ $one->sentence() }}</p>@endforeach
    @error('value')<div class="note bad" role="alert"><b>Nothing was stored.</b> {{ $message }}</div>@enderror
    <form method="post" action="/jobs/{{ $file->job->tag() }}/sheet" data-dimensioned>@csrf <x-ulid />
    <input type="hidden" name="scope" value="engine"><input type="hidden" name="whole" value="1">
    <button class="sr-only" tabindex="-1" aria-hidden="true">Judge this engine by it</button>
    <div class="spec-columns">
    <section>@include('specs.engine')</section>
    @foreach($page->sections as $title => $fields)
        @php($part = explode('/', $fields[0]->path)[1])
        <section id="part-{{ $part }}"><h2>{{ $title }}</h2>
        @include('specs.dimensions')
        @foreach($fields as $field)
            @php($id = 'value-'.$loop->parent->index.'-'.$loop->index)
            @php($stands = $typed[$field->path] ?? $field->text)
            @include('specs.field', ['isWrong' => false])
        @endforeach
        </section>
    @endforeach
    </div>
    <div class="inline-fields mt-2">
        <div class="field grow">
            <label for="words">Why, and who said so</label>
            <input id="words" name="words" value="{{ old('words') }}" maxlength="200" required autocomplete="off">
            <x-field-error name="words" />
        </div>
        <button class="button">Judge this engine by it</button>
        <a class="button plain" href="/jobs/{{ $file->job->tag() }}/judge">Cancel</a>
    </div>
    </form>
</main></div>
@endsection
