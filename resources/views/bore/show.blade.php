@extends('layouts.job', ['stage' => \App\Storage\Stage::Measure])
@section('title', $file->job->tag().' cylinder '.$page->cylinder)
@section('heading', 'Cylinder '.$page->cylinder)
@section('sheet') @include('sheets.desk', ['region' => 'Wall readings']) @endsection
@section('margin')
<p class="outbox" data-outbox-state role="status" hidden></p>
<div data-fragment="margin">{!! $parts->margin() !!}</div>
@endsection
