@extends('layouts.house')
@section('title', $page->sheet->name)
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head">
        <h1>{{ $page->sheet->name }}</h1>
        <span>@if($page->sheet->description !== ''){{ $page->sheet->description }} · @endif revision {{ $page->sheet->revision }},
            {{ $page->sheet->unit->value }}</span>
        <span class="ml-auto flex flex-wrap gap-3">@foreach($revisions as $one)@if($one !== $page->sheet->revision)<a
                        href="?revision={{ $one }}">revision {{ $one }}</a>@endif
            @endforeach
            @if(count($revisions) > 1)<a href="/specs/{{ $page->sheet->family }}/compare">compare</a>@endif
            <a href="/specs/{{ $page->sheet->family }}/export?revision={{ $page->sheet->revision }}">JSON</a>
            <a href="/specs/{{ $page->sheet->family }}/export?revision={{ $page->sheet->revision }}&amp;as=csv">table (CSV)</a>
            @can('keep-specs') <a href="/specs/{{ $page->sheet->family }}/edit">new revision</a>@endcan</span>
    </div>
    @if(session('note'))
        <p class="note" role="status">
            {{ session('note') }} @can('receive')<a href="/jobs/new?family={{ $page->sheet->family }}">Receive one</a>@endcan
        </p>
    @endif
    @foreach($drafts as $draft)
    <div class="note">
        {{ $draft->user->name }} keeps a draft of the next revision since
        {{ $draft->created_at->format('j M Y H:i') }}@if($draft->reason !== ''): {{ $draft->reason }}@endif. No engine is judged by it.
        @can('keep-specs')<a href="/specs/{{ $page->sheet->family }}/edit?draft={{ $draft->user_id }}">Go on with it</a>
        @if($draft->user_id === auth()->id())
            <form method="post" action="/specs/{{ $page->sheet->family }}/draft/discard" class="inline">
                @csrf
                <button class="button plain">Throw it away</button>
            </form>
        @endif
        @endcan
    </div>
    @endforeach
    @if($variant !== null)
    <section class="note">
        <b>A variant of <a href="/specs/{{ $variant->base }}">{{ $variant->name }}</a>, revision {{ $variant->revision }}.</b>
        @if($variant->differences === []) It differs in nothing yet. @else It differs in: @endif
        <ul>
            @foreach($variant->differences as $one)
                <li>{{ $one->section }}, {{ $one->label }}: {{ $one->after }} instead of {{ $one->before }}</li>
            @endforeach
        </ul>
        @if($variant->newest > $variant->revision)
        <b>Its base has revision {{ $variant->newest }}.</b> Since then:
        <ul>
            @foreach($variant->since as $one)
                <li>{{ $one->section }}, {{ $one->label }}: {{ $one->before }} → {{ $one->after }}</li>
            @endforeach
        </ul>
        @can('keep-specs')
            <form method="post" action="/specs/{{ $page->sheet->family }}/follow">
                @csrf
                <button class="button plain">Follow it</button>
                <x-field-error name="follow" />
            </form>
        @endcan
        @endif
    </section>
    @endif
    <div class="spec-drawings">
    @foreach($page->drawings as $drawing)
        <figure>
            <svg
                viewBox="0 0 1000 {{ $drawing['face']->height }}" role="img"
                aria-label="{{ ucfirst($drawing['face']->face->value) }} with its crack-prone places">
                @foreach($drawing['face']->pieces as $piece)<{{ $piece->tag }}@foreach($piece->attributes as $name => $value)
                        {{ $name }}="{{ $value }}"@endforeach class="{{ $piece->class }}">{{ $piece->text }}</{{ $piece->tag }}>@endforeach
                @foreach($drawing['pins'] as $pin)
                    <g class="pin" transform="translate({{ $pin->x }},{{ $pin->y }})">
                        <title>{{ $pin->words }}</title>
                        <circle r="15"/>
                        <text y="6">{{ $pin->number }}</text>
                    </g>
                @endforeach
            </svg>
            <figcaption>{{ ucfirst($drawing['face']->face->value) }}, crack-prone places numbered</figcaption>
        </figure>
    @endforeach
    </div>
    <div class="spec-columns">
    <section>@include('specs.engine')</section>
    <section>@include('specs.follows')</section>
    @foreach($page->sections as $title => $fields)
        @continue(in_array($title, array_column($page->tables, 'title'), true) || in_array($title, $page->unknown(), true))
        @php($part = explode('/', $fields[0]->path)[1])
        <section id="part-{{ $part }}">
            <h2>{{ $title }}</h2>
            @include('specs.dimensions')
            <table class="ledger">
                <tbody>
                    @foreach($fields as $field)@continue($field->text === '')
                        <tr>
                            <th scope="row">{{ $field->label }}</th>
                            <td class="num">
                                {{ $field->text }}
                                @if($page->source($field->path) !== '')
                                    <br>
                                    <span class="source">{{ $page->source($field->path) }}</span>@endif
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endforeach
    </div>
    @if($page->unknown() !== [])
        <p class="mt-3">
            <b>Nothing known yet:</b> {{ lcfirst(implode(', ', $page->unknown())) }}. What is read there is computed, and held against no
            limit.
        </p>
    @endif
    @foreach($page->tables as $table)
        <h2>{{ $table['title'] }}</h2>
        <div class="scroll-x" tabindex="0" role="region" aria-label="{{ $table['title'] }}">
            <table class="ledger">
                <thead><tr>@foreach($table['columns'] as $column)<th scope="col">{{ $column }}</th>@endforeach</tr></thead>
                <tbody>@foreach($table['rows'] as $row)<tr>@foreach($row as $cell)<td>{{ $cell }}</td>@endforeach</tr>@endforeach</tbody>
            </table>
        </div>
    @endforeach
    @can('keep-specs')
    <h2>A family that begins as this one is</h2>
    <form method="post" action="/specs/{{ $page->sheet->family }}/copies" class="inline-fields">@csrf
        <div class="field grow">
            <label for="copy-name">Name of the new family</label>
            <input id="copy-name" name="name" value="{{ old('name') }}" maxlength="60" required autocomplete="off">
            <x-field-error name="name" />
        </div>
        <button class="button plain">Copy it</button>
        <button class="button plain" formaction="/specs/{{ $page->sheet->family }}/variants">Make it a variant</button>
    </form>
    <p class="soft">A copy goes its own way. A variant keeps only what is different, and takes the rest from {{ $page->sheet->name }}.</p>
    <form method="post" action="/specs/{{ $page->sheet->family }}/removal">
        @csrf
        <button class="button plain">Take {{ $page->sheet->name }} out of the book</button>
        <x-field-error name="remove" />
    </form>
    @endcan
</main></div>
@endsection
