@extends('layouts.job', ['stage' => \App\Storage\Stage::Measure])
@section('title', $file->job->tag().' bores')
@section('heading', 'Cylinder bores')
@section('sheet') @include('sheets.desk') @endsection
@section('margin')
<p class="outbox" data-outbox-state role="status" hidden></p>
<div data-fragment="margin">{!! $parts->margin() !!}</div>
<x-field-error name="reason" />
@endsection
