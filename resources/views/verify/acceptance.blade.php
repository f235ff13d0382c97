@extends('layouts.job', ['stage' => \App\Storage\Stage::Verify])
@section('title', $file->job->tag().' '.lcfirst(__('verify.acceptance')))
@section('heading', __('verify.acceptance'))
@section('sheet')
<p class="soft mt-2"><span class="rule-id">WORK-5</span>{{ __('verify.new_limits') }}</p>
@foreach($parts as $part)
<section class="checked-part">
    <div class="flex flex-wrap items-start gap-4"><h2>{{ $part->name }}</h2><x-stamp :stamp="$part->stamp" /></div>
    @include('verify.checked-lines')
    @if($part->answer !== '')<p><b>{{ $part->answer }}</b></p>@endif
    <p><a href="/jobs/{{ $file->job->tag() }}/verify/parts/{{ $part->code }}">{{ __('verify.sheet') }}</a></p>
    @can('verify')
    @if(! $file->job->is_closed)
    <form method="post" action="/jobs/{{ $file->job->tag() }}/verify/parts" class="field">
        @csrf <x-ulid /><input type="hidden" name="part" value="{{ $part->code }}">
        <label for="reason-{{ $part->code }}">{{ __('verify.why_returned') }}</label>
        <input
            id="reason-{{ $part->code }}" name="reason" maxlength="200" autocomplete="off"
            value="{{ old('part') === $part->code ? old('reason') : '' }}">
        @if(old('part') === $part->code)<x-field-error name="part" /><x-field-error name="reason" />@endif
        <div class="mt-2 flex flex-wrap gap-2">
            @if($part->state === \NorthLedger\Core\Verification\AcceptanceState::Conforms)<button
                    class="button" name="answer" value="accepted">
                    {{ __('verify.accept') }}
                </button>@else<button class="button plain" name="answer" value="accepted_as_it_is">
                    {{ __('verify.accept_as_it_is') }}
                </button>@endif
            <button
                class="button {{ $part->state === \NorthLedger\Core\Verification\AcceptanceState::Out ? '' : 'plain' }}" name="answer"
                value="returned">
                {{ __('verify.return') }}
            </button>
        </div>
    </form>
    @endif
    @endcan
</section>
@endforeach
@endsection
@section('margin')
<x-stamp
    :stamp="$open === 0
        ? new \App\Pages\Stamp(__('verify.all_answered'), '', 'good')
        : new \App\Pages\Stamp(__('verify.not_answered'), trans_choice('verify.parts_open', $open), 'missing')"
    />
<ul class="mt-4">
    @foreach($parts as $part)
        <li class="line {{ $part->stamp->kind }}"><b>{{ $part->name }}</b> · {{ lcfirst($part->stamp->headline) }}</li>
    @endforeach
</ul>
@if($open === 0 && ! $file->job->is_closed)<p class="line next"><a href="/jobs/{{ $file->job->tag() }}/release">Release</a></p>@endif
@endsection
