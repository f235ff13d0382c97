@extends('layouts.job', ['stage' => \App\Storage\Stage::Clean])
@section('title', $file->job->tag().' pre-check')
@section('heading', 'Clean and pre-check')
@section('sheet-data')
    data-live data-url="/jobs/{{ $file->job->tag() }}/live/clean" data-head="{{ $file->job->entries }}"
    data-now="{{ \App\Stages\StagePage::now() }}" data-outbox="{{ $file->job->tag() }}/clean/{{ auth()->id() }}"
@endsection
@section('sheet')
<div data-fragment="items">@include('clean.items')</div>
<div data-fragment="strip">@include('clean.strip')</div>
@endsection
@section('margin')
<x-live-state />
<div data-fragment="margin">@include('clean.margin')</div>
@endsection
