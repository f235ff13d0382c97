@extends('layouts.job', ['stage' => \App\Storage\Stage::Verify])
@section('title', $file->job->tag().' finished bores')
@section('heading', 'Finished bores')
@section('sheet')
@if($file->work()->order() === null)
    <p class="note mt-4">There is nothing to verify: no order yet. @can('see-prices')<a href="plan">Go to the plan</a> @endcan</p>
@else
    @include('sheets.desk')
@endif
@endsection
@section('margin')
<p class="outbox" data-outbox-state role="status" hidden></p>
<div data-fragment="margin">{!! $parts->margin() !!}</div>
@foreach(['subject', 'kind', 'reason', 'ulid'] as $name)<x-field-error :name="$name" />@endforeach
@endsection
