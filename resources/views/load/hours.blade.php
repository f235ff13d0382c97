@extends('layouts.house')
@section('title', 'Hours of the machines')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head">
        <h1>Hours</h1>
        <span>when machines are worked, and when they are not</span>
        <a class="button plain" href="/load">Load</a>
    </div>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    @if(session('address'))
        <section class="given" aria-label="Address of the calendar"><p class="num">{{ session('address') }}</p></section>
    @endif
    <x-field-error name="version" />
    @include('load.closures')
    @can('run-shop')
    @include('load.week')
    <h2 id="feeds">Calendars for other programs</h2>
    <ul class="closures">
    @foreach($feeds as $feed)
        <li><b>{{ $feed->name }}</b> <span class="soft">since {{ $feed->created_at->format('j M Y') }}</span>
            <form method="post" action="/load/feeds/{{ $feed->id }}/withdrawal">@csrf
                <button class="button plain" aria-label="Withdraw {{ $feed->name }}">Withdraw</button></form></li>
    @endforeach
    </ul>
    <form method="post" action="/load/feeds" class="inline-fields">@csrf
        <div class="field"><label for="feed-machine">What it shows</label>
            <select id="feed-machine" name="machine"><option value="">days on which jobs are due</option>
            @foreach($machines as $machine)
                <option value="{{ $machine->value }}">{{ \App\Load\LoadWords::unit($machine->value) }}</option>
            @endforeach
            </select></div>
        <button class="button plain">Make an address</button>
    </form>
    @endcan
</main></div>
@endsection
