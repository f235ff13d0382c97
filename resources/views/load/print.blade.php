@extends('layouts.house')
@section('title', 'Load to print')
@section('body')
<div class="page wide"><main class="sheet load load-print" id="sheet">
    <div class="head">
        <h1>Load</h1>
        <span>{{ $view->title }} · {{ $view->summary }} · as of {{ now()->format('D j M G:i') }}</span>
        <button type="button" class="button plain no-print" data-print>Print</button>
    </div>
    <nav class="load-nav no-print" aria-label="Lists to print">
        <a href="/load/print?from={{ $view->from->format('Y-m-d') }}">the week</a>
        @foreach(array_keys($view->list) as $name)<a
                href="/load/print?from={{ $view->from->format('Y-m-d') }}&amp;machine={{ urlencode($name) }}">{{ $name }}</a>
        @endforeach
    </nav>
    @if(isset($view->list[$unit]))
    <h2>{{ $unit }}</h2>
    <table class="ledger">
        <thead>
            <tr>
                <th scope="col">When</th>
                <th scope="col">Tag</th>
                <th scope="col">Work</th>
                <th scope="col">Engine</th>
                <th scope="col">Waits for</th>
                <th scope="col">Done</th>
            </tr>
        </thead>
    <tbody>
        @foreach($view->list[$unit] as $line)
            <tr>
                <td class="num">{{ $line->when }}</td>
                <td><b class="tag">{{ $line->tag }}</b></td>
                <td>{{ $line->work }}</td>
                <td>{{ $line->engine }}</td>
                <td>{{ $line->waits }}</td>
                <td></td>
            </tr>
        @endforeach
    </tbody>
</table>
    @else
    @include('load.drawing', ['drawing' => $view->drawing])
    @foreach($view->late as $late)<p>▲ <b>{{ $late->says }}</b> {{ $late->ready }} {{ $late->because }}</p>@endforeach
    @endif
</main></div>
@endsection
