@extends('layouts.house')
@use('App\Words\Labels')
@section('title', 'Bench')
@section('body')
<div class="page wide">
<main class="sheet" id="sheet" data-clock="{{ \App\Stages\StagePage::now() }}">
    <div class="head">
        <h1>{{ $search !== '' ? 'Found for “'.$search.'”' : ($showsClosed ? 'Released' : 'Bench') }}</h1>
        <span>{{ config('app.shop') }}</span>
        <span class="ml-auto">@if($showsClosed)<a href="/">jobs on the bench</a>@else<a href="/?show=released">released
                    jobs</a>@endif</span>
    </div>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    @if($gaugesDue->words !== '')
        <p class="line {{ $gaugesDue->state->value }} mt-2">
            {{ $gaugesDue->state->sign() }} {{ $gaugesDue->words }} <a href="/gauges">Gauges</a>
        </p>
    @endif
    @if(($backup ?? '') !== '')<p class="line close mt-2">◆ {{ $backup }}</p>@endif
    @foreach($recalls ?? [] as $recall)
        <p class="line out mt-2">
            ▲
            <a
                href="/jobs/{{ $recall->job->tag() }}/release">
                    {{ __('release.bench', ['tag' => $recall->job->tag(), 'reason' => $recall->reason]) }}</a>
        </p>
    @endforeach
    @if(($customers ?? []) !== [])
        <p class="mt-3">
            <b>Customers:</b>
            @foreach($customers as $customer)
                <a class="button plain" href="/customers/{{ $customer->id }}">{{ $customer->name }}</a>
            @endforeach
        </p>
    @endif
    @if($rows === [])
        <p class="note">
            {{ $search !== ''
                ? 'Nothing has that tag, serial or customer. Try the beginning of the serial, or a part of the customer’s name.'
                : 'Nothing is on the bench.' }}
            @can('receive')<a href="/jobs/new">Receive an engine</a>@endcan
        </p>
    @else
    <div class="scroll-x">
    <table class="ledger mt-3">
        <thead>
            <tr>
                <th scope="col">Tag</th>
                <th scope="col">Engine</th>
                <th scope="col">Customer</th>
                <th scope="col">Verdict</th>
                <th scope="col">Stage</th>
                <th scope="col">Waits for</th>
                <th scope="col">Due</th>
            </tr>
        </thead>
        <tbody>
        @foreach($rows as $row)
            <tr>
                <td><a class="row-link" href="{{ $row->url }}"><span class="tag">{{ $row->tag }}</span></a></td>
                <td>
                    <b>{{ $row->engine }}</b>
                    <br>
                    <span class="soft">{{ $row->what }} · <span class="num">{{ $row->serial }}</span></span>
                </td>
                <td><a class="plain-link" href="/customers/{{ $row->customerId }}">{{ $row->customer }}</a></td>
                <td>
                    <span
                        class="stamp small {{
                            ['serviceable' => 'good', 'recondition' => 'close', 'repair' => 'out', 'scrap' => 'scrap']
                            [$row->verdict] ?? 'missing' }}">
                            {{ $row->headline }}</span>
                    <br>
                    <span class="soft text-sm">{{ $row->standing }}</span>
                </td>
                <td>{{ Labels::code($row->stage) }}</td>
                <td>
                    @if($row->isHeld)<span class="stamp small close"><b aria-hidden="true">◆</b>hold</span>
                    @endif{{ $row->waitsFor }}@if($row->isAnswerOverdue) <b class="bad">▲ overdue: ask again</b>@endif
                    @if($row->timerDueAt !== null)
                        <p class="bench-timer" data-due="{{ $row->timerDueAt }}" data-timer="{{ $row->tag }}">
                            <b data-left>running</b> <span class="soft text-sm">{{ $row->timerWords }}</span>
                        </p>
                    @endif
                </td>
                <td>
                    <span class="num">{{ $row->due }}</span>
                    <br>
                    <span
                        class="text-sm whitespace-nowrap {{ $row->isLate ? 'bad font-bold' : 'soft' }}">
                            {{ $row->isLate ? '▲ ' : '' }}{{ $row->dueClause }}</span>
                    @if($row->planned !== '')
                        <br>
                        <a
                            class="planned-day text-sm {{ $row->isPlannedLate ? 'late' : '' }}"
                            href="/load">{{ $row->isPlannedLate ? '▲ ' : '' }}planned {{ $row->planned }}</a>@endif
                </td>
            </tr>
        @endforeach
        </tbody>
    </table>
    </div>
    <nav class="pager" aria-label="Pages">
        @if($page->previousPageUrl())<a class="button plain" href="{{ $page->previousPageUrl() }}">Earlier</a>@endif
        @if($page->nextPageUrl())<a class="button plain" href="{{ $page->nextPageUrl() }}">Later</a>@endif
    </nav>
    @endif
</main>
</div>
@endsection
