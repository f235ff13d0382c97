@extends('layouts.job', ['stage' => \App\Storage\Stage::Work])
@section('title', $file->job->tag().' work order')
@section('heading', 'Work order')
@section('sheet-data')
    data-live data-work data-url="/jobs/{{ $file->job->tag() }}/live/work" data-head="{{ $file->job->entries }}"
    data-now="{{ \App\Stages\StagePage::now() }}" data-outbox="{{ $file->job->tag() }}/work/{{ auth()->id() }}"
@endsection
@section('sheet')
<p class="print-only">
    <b>{{ $view->agreed() }}</b> · {{ $file->job->customer->name }} · due {{ $file->job->due_on->format('j F Y') }}
    · {{ $view->revision() }}
</p>
<div data-fragment="head">@include('work.head')</div>
<div data-fragment="order">@include('work.order')</div>
<div data-fragment="entry" class="work-entry no-print">@include('work.entry')</div>
@if($view->hasOrder())
@if($view->cutList() !== [])
    <p class="print-only">
        <b>Cut list.</b>
        @foreach($view->cutList() as $setting){{ $setting['letter'] }} <b class="num">{{ $setting['size'] }}</b>
            {{ $setting['what'] }}@if(! $loop->last); @endif
        @endforeach
    </p>
@endif
<p class="print-only">Worked by ______________________ &emsp; Verified by ______________________</p>
<div class="print-only"><b>Cautions.</b> {{ implode(' ', $view->cautions()) }} Local codes on chemicals, waste and lifting come first.</div>
@endif
@endsection
@section('margin')
<x-live-state />
<div data-fragment="margin">@include('work.margin')</div>
@endsection
