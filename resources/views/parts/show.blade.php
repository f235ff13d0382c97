@extends('layouts.job', ['stage' => \App\Storage\Stage::Measure])
@section('title', $file->job->tag().' '.lcfirst(\App\Words\SectionName::of($section)))
@section('heading', \App\Words\SectionName::of($section))
@section('sheet') @include('sheets.desk', ['region' => 'Readings: '.lcfirst(\App\Words\SectionName::of($section))])
@can('measure')
@if($section === \NorthLedger\Core\Inspection\Section::Weights && ! $file->job->is_closed)
<details class="mt-6" @if($errors->has('list')) open @endif>
    <summary>A list of weights came with the parts</summary>
    <form method="post" action="/jobs/{{ $file->job->tag() }}/weights/list" class="fields">@csrf <x-ulid />
        <div class="field">
            <label for="weight-list">Their list, a piece a line</label>
            <textarea
                id="weight-list" name="list" rows="8" maxlength="8000" class="num" spellcheck="false"
                placeholder="piston 1 612.40">{{ old('list') }}</textarea>
            <small>piston, pin, rings, locks, big end, small end or rod; its number; grams</small>
            <x-field-error name="list" />
        </div>
        <div class="field">
            <label for="weight-list-from">Whose list it is</label>
            <input id="weight-list-from" name="from" value="{{ old('from') }}" maxlength="80" autocomplete="off">
        </div>
        <p><button class="button plain">Hold it against ours</button></p>
    </form>
</details>
@endif
@endcan
@if($section === \NorthLedger\Core\Inspection\Section::Crankshaft)
    @include('parts.crankshafts')
@endif
@endsection
@section('margin')
<p class="outbox" data-outbox-state role="status" hidden></p>
<div data-fragment="margin">{!! $parts->margin() !!}</div>
<x-field-error name="reason" />
@endsection
