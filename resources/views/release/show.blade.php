@extends('layouts.job', ['stage' => \App\Storage\Stage::Release])
@section('title', $file->job->tag().' release')
@section('heading', 'Release')
@section('sheet')
@php($release = $releases->newest())
@if($release !== null)
    <p class="note mt-4">
        Signed by {{ $release->user->name }} on {{ $release->created_at->format('j F Y, H:i') }} UTC.
    </p>
    <p class="flex flex-wrap gap-3">
        <a class="button" href="certificate">Certificate</a>
        <a class="button plain" href="certificate.pdf">Certificate as PDF</a>
        @if($release->signature !== null)<a class="button plain" href="certificate.json">Signed file</a>@endif
    </p>
    @foreach($releases->all() as $earlier)
        @if(! $loop->first)<p class="line close">
            ◆ <a href="{{ route('certificate.standing', $earlier->ulid) }}">{{ __('release.earlier', [
                'who' => $earlier->user->name,
                'at' => $earlier->created_at->format('j F Y, H:i').' UTC'
                ]) }}</a>
        </p>@endif
    @endforeach
    @php($recall = $releases->newestRecall())
    @if($recall !== null)
        <p class="line {{ $recall->standing === \App\Storage\CertificateStanding::Stands ? 'good' : 'out' }}">
            {{ __('release.said', [
                'who' => $recall->user->name,
                'at' => $recall->created_at->format('j M Y'),
                'standing' => __("release.standing.{$recall->standing->value}"),
                'cause' => __("release.cause.{$recall->cause->value}"),
                'reason' => $recall->reason
                ]) }}
        </p>
    @endif
    @can('release')
    @if($recall?->standing !== \App\Storage\CertificateStanding::Reopened)
    <details class="passing"><summary>{{ __('release.came_up') }}</summary>
    <form method="post" action="release/recalls" class="fields">
        @csrf <x-ulid />
        <p class="soft">{{ __('release.came_up_help') }}</p>
        <div class="field">
            <label for="recall-reason">{{ __('release.what') }}</label>
            <input id="recall-reason" name="reason" required maxlength="300" value="{{ old('reason') }}" autocomplete="off">
            <x-field-error name="reason" />
            <x-field-error name="recall" />
        </div>
        <div class="field">
            <label for="recall-cause">{{ __('release.why') }}</label>
            <select id="recall-cause" name="cause">
                @foreach(\App\Storage\RecallCause::cases() as $cause)
                    <option value="{{ $cause->value }}">{{ __("release.cause.{$cause->value}") }}</option>
                @endforeach
            </select>
        </div>
        <div class="field">
            <label for="recall-standing">{{ __('release.then') }}</label>
            <select id="recall-standing" name="standing">
                @foreach($recall?->standing->canFollow() ?? \App\Storage\CertificateStanding::Stands->canFollow() as $standing)
                    <option value="{{ $standing->value }}">{{ __("release.choose.{$standing->value}") }}</option>
                @endforeach
            </select>
        </div>
        <div><button class="button">{{ __('release.write') }}</button></div>
    </form></details>
    @endif
    @endcan
@endif
@if($file->work()->release() === null)
@if(! $check->maySign())
    <h2>Still open</h2>
    <ul>
        @foreach($check->open as $point)
            <li class="line missing"><a href="/jobs/{{ $file->job->tag() }}/{{ $point->page }}">{{ $point->sentence }}</a></li>
        @endforeach
    </ul>
@else
    <p class="mt-4">{{ __('release.ready') }}</p>
    @foreach($check->warnings as $warning)
        <p class="line close my-2">◆ {{ $warning }} A second person should have. <span class="rule-id">WORK-4</span></p>
    @endforeach
    @can('release')
    <form method="post" action="release" class="fields mt-4">
        @csrf <x-ulid />
        <x-signature id="password" autofocus /><x-field-error name="sign" /><x-field-error name="ulid" />
        <div><button class="button">Sign and release</button></div>
    </form>
    @else
    <p class="note">An inspector or the owner signs.</p>
    @endcan
@endif
@endif
@if($file->work()->order() !== null)<p class="mt-4"><a class="button plain" href="build-sheet">{{ __('build.title') }}</a></p>@endif
<h2>All readings</h2>
<p class="flex flex-wrap gap-3 mb-6">
    <a class="button plain" href="readings.csv">CSV</a>
    <a class="button plain" href="readings.json">JSON</a>
    <a class="button plain" href="history">History</a>
</p>
@endsection
@section('margin')
@if($file->work()->release() !== null)<x-stamp :stamp="new \App\Pages\Stamp('Released', $file->work()->release()->user->name, 'good')" />
@elseif($check->maySign())<x-stamp :stamp="new \App\Pages\Stamp('Ready to sign', 'everything is closed', 'chosen')" />
@else<x-stamp
    :stamp="new \App\Pages\Stamp(
        'Not yet',
        count($check->open) === 1 ? 'one thing is open' : count($check->open).' things are open',
        'missing'
        )"
    />@endif
<h2>What the certificate says</h2>
<p>Engine, ordered sizes, finished readings, the conditions they were taken under, who and when, and what was not checked.</p>
@endsection
