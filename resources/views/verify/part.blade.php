@extends('layouts.job', ['stage' => \App\Storage\Stage::Verify])
@section('title', $file->job->tag().' finished '.lcfirst(\App\Words\SectionName::of($section)))
@section('heading', __('verify.heading', ['section' => lcfirst(\App\Words\SectionName::of($section))]))
@section('sheet')
@if($file->work()->order() === null)
    <p class="note mt-4">
        {{ __('verify.no_order') }} @can('see-prices')<a href="/jobs/{{ $file->job->tag() }}/plan">Go to the plan</a> @endcan
    </p>
@elseif($file->work()->verification()->part($section) === [])
    <p class="note mt-4">{{ __('verify.not_ordered') }}</p>
@else
    @include('sheets.desk', ['region' => 'Finished readings: '.lcfirst(\App\Words\SectionName::of($section))])
@endif
@endsection
@section('margin')
<p class="outbox" data-outbox-state role="status" hidden></p>
<div data-fragment="margin">{!! $parts->margin() !!}</div>
@foreach(['subject', 'kind', 'reason', 'ulid'] as $name)<x-field-error :name="$name" />@endforeach
@endsection
