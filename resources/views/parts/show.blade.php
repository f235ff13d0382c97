@extends('layouts.job', ['stage' => \App\Storage\Stage::Measure])
@section('title', $file->job->tag().' '.lcfirst($section->title()))
@section('heading', $section->title())
@section('sheet') @include('sheets.desk', ['region' => 'Readings: '.lcfirst($section->title())]) @endsection
@section('margin')
<p class="outbox" data-outbox-state role="status" hidden></p>
<div data-fragment="margin">{!! $parts->margin() !!}</div>
<x-field-error name="reason" />
@endsection
