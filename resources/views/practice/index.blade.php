@extends('layouts.house')
@section('title', 'Practice')
@section('body')
<div class="page wide practice-desk"><main class="sheet" id="sheet">
    <div class="head"><h1>Practice</h1><span>made-up instruments and cases; nothing here touches a job</span></div>
    @foreach($judging as $what => $of) @include('practice.judging', ['what' => $what] + $of) @endforeach
    <h2>Read, set, answer</h2>
    <ul class="topics">
    @foreach($topics as $topic)
        <li><a href="{{ $topic['address'] }}"><b>{{ $topic['name'] }}</b></a>
            @if($topic['all'] === 0)
            <span class="soft">not tried yet</span>
            @else
            <span
                class="marks" role="img"
                aria-label="the last answers, {{ count(array_filter($topic['marks'])) }} of {{ count($topic['marks']) }} right">
                @foreach($topic['marks'] as $isRight)<span
                        class="{{ $isRight ? 'ok' : 'bad' }}">{{ $isRight ? '✓' : '✕' }}</span>@endforeach
            </span>
            <span class="soft"><span class="num">{{ $topic['right'] }}</span> of <span class="num">{{ $topic['all'] }}</span>
                right{{ $topic['level'] === '' ? '' : ' · '.$topic['level'] }}</span>
            @endif
        </li>
    @endforeach
    </ul>
    @if($people !== [])
    <h2>Who practised</h2>
    <table class="ledger">
        <thead><tr><th scope="col">Name</th><th scope="col">Answers</th><th scope="col">Right</th><th scope="col">Last</th></tr></thead>
        <tbody>
        @foreach($people as $person)
            <tr><td>{{ $person->name }}</td><td class="num">{{ $person->answers }}</td><td class="num">{{ $person->rights }}</td>
                <td class="num">{{ \Illuminate\Support\Carbon::parse($person->last)->format('j M G:i') }}</td></tr>
        @endforeach
        </tbody>
    </table>
    @endif
    @if($mistakes !== [])
    <h2>What the whole shop gets wrong</h2>
    <ul class="topics">
    @foreach($mistakes as $mistake)
        <li><b>{{ $mistake['topic'] }}</b> <span>{{ $mistake['mistake'] }}</span> <span class="num">{{ $mistake['times'] }} ×</span></li>
    @endforeach
    </ul>
    @endif
</main></div>
@endsection
