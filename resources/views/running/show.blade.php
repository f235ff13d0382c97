@extends('layouts.job', ['stage' => \App\Storage\Stage::Judge])
@section('title', $file->job->tag().' running parts')
@section('heading', 'Running parts')
@section('sheet')
<p class="no-print">
    <a class="button plain" href="judge">Judge</a> @can('see-prices')<a class="button plain" href="plan">The plan</a> @endcan
</p>
<x-field-error name="part" />
@foreach($lines as $line)
<section class="looked-at" id="{{ $line->code }}" aria-label="{{ $line->name }}">
    <h2>
        {{ $line->name }}
        <span class="stamp small {{ $line->look === null ? 'missing' : ($line->isReplaced ? 'out' : 'good') }}">{{ $line->said }}</span>
    </h2>
    @foreach($line->suspicions as $suspicion)<p class="line close">{{ $suspicion }}</p>@endforeach
    @can('measure')
    @if(! $file->job->is_closed)
    <form method="post" action="running" class="fields inline-fields no-print">
        @csrf
        <x-ulid />
        <input type="hidden" name="part" value="{{ $line->code }}">
        <div class="field">
            <label for="look-{{ $line->code }}">It looks</label>
            <select id="look-{{ $line->code }}" name="look">
                @foreach($line->looks as $look => $words)
                    <option value="{{ $look }}" @selected((old('part') === $line->code ? old('look') : $line->look) === $look)>
                        {{ $words }}
                    </option>
                @endforeach
            </select>
            @if(old('part') === $line->code)<x-field-error name="look" />@endif
        </div>
        <div class="field grow">
            <label for="remark-{{ $line->code }}">Remark</label>
            <input
                id="remark-{{ $line->code }}" name="remark" maxlength="200" autocomplete="off"
                value="{{ old('part') === $line->code ? old('remark') : '' }}">
            @if(old('part') === $line->code)<x-field-error name="remark" />@endif
        </div>
        <div class="field">
            <button class="button plain" name="replaced" value="0">Goes back in</button>
            <button class="button plain" name="replaced" value="1">Replace it</button>
        </div>
    </form>
    @endif
    @endcan
</section>
@endforeach
@endsection
@section('margin')
@if($mixesOldAndNew)<p class="line out">{{ __('running.mixed') }}</p>@endif
<h2>Looked at, not measured</h2>
<p>
    What does not go back in stands in the plan, in its price, and among the parts to order. What one part shows is a reason to look at
    another.
</p>
@endsection
