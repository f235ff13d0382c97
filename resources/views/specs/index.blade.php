@extends('layouts.house')
@section('title', 'Spec book')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head">
        <h1>Spec book</h1>
        <span>what parts are made to, and how far they may wear</span>
        <span class="ml-auto"><a href="/specs/schema">the schema of a sheet</a></span>
    </div>
    @if($refused !== null)
    <div class="note bad" role="alert">
        <b>That file was not read in; nothing was stored.</b>
        <ul>@foreach($refused->faults as $fault)<li>▲ {{ \App\Words\Messages::text($fault->said()) }}</li>@endforeach</ul>
    </div>
    @endif
    <form action="/specs" class="inline-fields mt-3" role="search">
        <div class="field grow">
            <label for="find-family">Name, description or casting number</label>
            <input id="find-family" name="q" value="{{ $search }}" maxlength="60" autocomplete="off">
        </div>
        <button class="button plain">Find</button>
        <a class="button" href="/specs/lookup">Which engine is it?</a>@can('keep-specs')
            <a class="button plain" href="/specs/new">A new family</a>@endcan
    </form>
    @if($lines === [])
    <p class="note">
        No family here is called “{{ $search }}”. <a href="/specs">All families</a>, or
        <a href="/specs/lookup">find it by what you measured</a>.
    </p>
    @else
    <div class="scroll-x"><table class="ledger mt-3">
        <thead>
            <tr>
                <th scope="col">Family</th>
                <th scope="col">Layout</th>
                <th scope="col">Block</th>
                <th scope="col">Bore × stroke</th>
                <th scope="col">Oversizes</th>
                <th scope="col">Castings</th>
                <th scope="col">Revision</th>
            </tr>
        </thead>
        <tbody>
        @foreach($lines as $line)
            <tr>
                <td>
                    <a class="row-link" href="/specs/{{ $line->family }}"><b>{{ $line->name }}</b></a>
                    <br>
                    <span class="soft">{{ $line->description }}</span>
                </td>
                <td>{{ $line->layout }}</td>
                <td>{{ $line->block }}</td>
                <td class="num">{{ $line->boreAndStroke }}</td>
                <td class="num">@forelse($line->oversizes as $step){{ $step }}&ensp;@empty cylinders replaced @endforelse</td>
                <td class="num">{{ $line->castings }}</td>
                <td class="num">{{ $line->revision }}</td>
            </tr>
        @endforeach
        </tbody>
    </table></div>
    <nav class="pager" aria-label="Pages">
        @if($page->previousPageUrl())<a class="button plain" href="{{ $page->previousPageUrl() }}">Earlier</a>@endif
        @if($page->nextPageUrl())<a class="button plain" href="{{ $page->nextPageUrl() }}">Later</a>@endif
    </nav>
    @endif
    @can('keep-specs')
    <h2>Read a sheet in</h2>
    <form method="post" action="/specs" enctype="multipart/form-data" class="inline-fields">@csrf
        <div class="field">
            <label for="sheet-file">File of a sheet: JSON, or a table (CSV)</label>
            <input id="sheet-file" type="file" name="sheet" accept="application/json,.json,text/csv,.csv" required>
            <x-field-error name="sheet" />
        </div>
        <div class="field grow">
            <label for="reason">Where its numbers come from</label>
            <input id="reason" name="reason" value="{{ old('reason', request()->input('reason')) }}" maxlength="200" required>
            <x-field-error name="reason" />
        </div>
        <button class="button">Read it in</button>
    </form>
    <p class="soft">
        A family that is here already gets it as its next revision; jobs received before stay on theirs. A sheet with faults is refused,
        with every fault named.
    </p>
    @endcan
</main></div>
@endsection
