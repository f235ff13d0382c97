@extends('layouts.job', ['stage' => \App\Storage\Stage::Work])
@section('title', $file->job->tag().' '.\App\Words\Line::of('work.card.'.str_replace(' ', '_', explode('.', $operation)[0])))
@section('heading', \App\Words\Line::of('work.card.'.str_replace(' ', '_', explode('.', $operation)[0])))
@section('sheet-data')
    data-live data-at="{{ $operation }}" data-url="/jobs/{{ $file->job->tag() }}/live/work?card=1" data-head="{{ $file->job->entries }}"
    data-now="{{ \App\Stages\StagePage::now() }}" data-outbox="{{ $file->job->tag() }}/work/{{ auth()->id() }}"
@endsection
@section('sheet')
<div data-fragment="bench">@include('work.bench')</div>
@endsection
@section('margin')
<x-live-state />
<div data-fragment="margin">@include('work.margin')</div>
@endsection
