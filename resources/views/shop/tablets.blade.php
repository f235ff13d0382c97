@extends('layouts.house')
@section('title', __('door.tablets.title'))
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head">
        <h1>{{ __('door.tablets.heading') }}</h1>
        <a class="button plain" href="/shop">Shop rules</a>
    </div>
    @if($address === '')
        <p class="note">{{ __('door.tablets.loopback') }}</p>
    @elseif($root === null)
        <p class="note">{{ __('door.tablets.given', ['address' => $home]) }}</p>
    @else
        @if($picture !== '')<img class="tablet-code" src="{{ $picture }}" alt="" width="220" height="220">@endif
        <p class="my-2">{{ __('door.tablets.scan', ['address' => $address]) }}</p>
        <ol class="tablet-steps">
            @foreach(trans('door.tablets.steps') as $step)<li>{{ str_replace(':home', $home, $step) }}</li>@endforeach
        </ol>
        <h2>{{ __('door.tablets.fingerprint') }}</h2>
        <p class="num fingerprint">{{ $root['fingerprint'] }}</p>
        <p class="soft my-2">{{ __('door.tablets.until', ['day' => $root['until']]) }}</p>
        <p class="no-print"><button type="button" class="button" data-print>Print</button></p>
    @endif
</main></div>
@endsection
