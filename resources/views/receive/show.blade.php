@extends('layouts.job', ['stage' => \App\Storage\Stage::Receive])
@use('App\Words\Labels')
@section('title', $file->job->tag().' received')
@section('heading', 'Received')
@section('sheet-data')
    data-live data-url="/jobs/{{ $file->job->tag() }}/live/receive" data-head="{{ $file->job->entries }}"
    data-now="{{ \App\Stages\StagePage::now() }}" data-outbox="{{ $file->job->tag() }}/receive/{{ auth()->id() }}"
@endsection
@section('sheet')
<dl class="facts">
    <div><dt>Customer</dt><dd>{{ $file->job->customer->name }}</dd></div>
    <div><dt>Came as</dt><dd>{{ Labels::code($file->job->arrival) }}</dd></div>
    <div><dt>Serial</dt><dd class="num">{{ $file->job->serial }}</dd></div>
    <div><dt>Castings</dt><dd class="num">{{ $file->job->castings ?: 'none read' }}</dd></div>
    <div><dt>Drives</dt><dd>{{ $file->job->description ?: 'not said' }}</dd></div>
    <div><dt>Due</dt><dd class="num">{{ $file->job->due_on->format('j M Y') }}</dd></div>
    <div>
        <dt>Use</dt>
        <dd>
            {{ $file->job->usage === null ? 'not said' : Labels::code($file->job->usage) }}@if($file->job->keeps_original),
                kept original
            @endif
        </dd>
    </div>
    @can('see-prices')
        <div>
            <dt>Budget</dt>
            <dd class="num">{{ $file->job->budget_minor === null ? 'open' : \App\Words\VerdictWords::money($file->job->budget_minor) }}</dd>
        </div>
    @endcan
    <div>
        <dt>Size step</dt>
        <dd>
            @if($file->job->declaredStep() === null)
                not declared
            @else
                <span class="num">{{ $file->display->step($file->job->declaredStep()) }}</span>, {{ $file->job->declared_evidence }}@endif
        </dd>
    </div>
    @if($file->job->wishes)<div class="whole"><dt>Wishes</dt><dd>{{ $file->job->wishes }}</dd></div>@endif
</dl>
<div data-fragment="parts">@include('receive.parts')</div>
<div data-fragment="claims">@include('receive.claims')</div>
<div data-fragment="sleeves">@include('receive.sleeves')</div>
<div data-fragment="photos">@include('receive.photos')</div>
@endsection
@section('margin')
<x-live-state />
<div data-fragment="margin">@include('receive.margin')</div>
@endsection
