@extends('layouts.job', ['stage' => \App\Storage\Stage::Judge])
@use('App\Words\Labels')
@section('title', $file->job->tag().' verdict')
@section('heading', 'The engine')
@section('sheet')
<div data-plain-outbox="{{ $file->job->tag() }}/bores/{{ auth()->id() }}">
@include('judge.engine')
<p class="mt-2 text-[17px]">{{ $engine->conclusion }}</p>
<p class="soft text-sm mb-3">
    Judged by {{ $engine->basis }}. The same entries and revisions always give the same verdict.@if($mayKeyLimits)
    <a href="/jobs/{{ $file->job->tag() }}/sheet">Something is not by the book</a>@endif
</p>
@include('judge.limits')
@foreach($engine->parts as $part)
<details class="part" id="part-{{ $part->key }}" @if($part->isHere && $part->telling !== []) open @endif>
    <summary>
        <h2>{{ $part->name }}</h2>
        <span class="stamp small {{ $part->stamp->kind }}"><b
                aria-hidden="true">{{ $part->stamp->sign() }}</b>{{ $part->stamp->headline }}</span>@if($part->stamp->clause !== '')<span
                class="soft">{{ $part->stamp->clause }}</span>@endif
    </summary>
    @foreach($part->overrules as $overrule)
        <p class="line close">
            <b>{{ $overrule['who'] }} says {{ $overrule['verdict'] }}:</b> {{ $overrule['reason'] }}
            <span class="rule-id">VER-4 · signed {{ $overrule['at'] }}; the verdict above stands beside it</span>
        </p>
    @endforeach
    @foreach($part->defects as $defect)
        <div class="finding line out">
            {{ $defect['sentence'] }}<span class="rule-id">{{ $defect['rule'] }} · {{ $defect['outcome'] }}</span>
        </div>
    @endforeach
    @foreach($part->telling as $line)
    <div class="finding line {{ $line['state']->value }}">
        <b>{{ $line['who'] }}.</b>
        {{ $line['sentence'] }}<span class="rule-id">{{ $line['rule'] }}@if($line['places'] !== '')
                · rests on {{ $line['places'] }}@endif</span>
        @if($line['isConcedable'] && $mayDecide)
            @include('judge.concession', ['key' => $line['key'], 'words' => $line['who'].', '.$line['sentence']])
        @endif
    </div>
    @endforeach
    @if($part->works !== [])
        <ul class="works">
            @foreach($part->works as $work)
                <li class="line">{{ $work['sentence'] }}<span class="rule-id">{{ $work['rule'] }}</span></li>
            @endforeach
        </ul>
    @endif
    @if($part->missing !== '' && $part->isHere)<p class="line missing">Missing: {{ $part->missing }}</p>@endif
    @if($part->carriesBores)@include('judge.bores')@endif
    @if($part->key === \NorthLedger\Core\Engine\Specification\EnginePart::Crankshaft->value && $crankshafts !== [])
        <ul class="works mt-3">
            @foreach($crankshafts as $one)
                <li class="line mt-1 {{ $one->isUsed ? 'next' : '' }}">
                    <b>{{ $one->name }}</b> ·
                    @if($one->isUsed){{ __('crankshafts.used') }}@else{{ lcfirst($one->stamp->headline) }}.
                        {{ implode(' ', $one->sentences) }}@endif
                </li>
            @endforeach
        </ul>
        <p><a href="/jobs/{{ $file->job->tag() }}/measure/crankshaft">{{ __('crankshafts.compare') }}</a></p>
    @endif
    @if($part->passing !== [])
        <details class="passing">
            <summary>{{ count($part->passing) }} within limits</summary>
            @foreach($part->passing as $line)
                <div class="finding line good">
                    <b>{{ $line['who'] }}.</b> {{ $line['sentence'] }}<span class="rule-id">{{ $line['rule'] }}</span>
                </div>
            @endforeach
        </details>
    @endif
</details>
@endforeach
@include('judge.pistons')
</div>
@endsection
@section('margin')
<p class="outbox" data-outbox-state role="status" hidden></p>
<x-stamp :stamp="$engine->stamp" />
@if($file->job->isCheck())
    <p>{{ __('verify.judged_only') }} <a class="button" href="/jobs/{{ $file->job->tag() }}/verify">{{ __('verify.to_parts') }}</a></p>
@endif
@can('see-prices')
    <p><a class="button plain" href="/jobs/{{ $file->job->tag() }}/findings">The page for the customer</a></p>
@endcan
@if($engine->changes !== [])
<h2>What would change it</h2>
<ul>@foreach($engine->changes as $change)<li class="line">{{ $change }}</li>@endforeach</ul>
@endif
@if($file->job->isWorked())
<h2>Next</h2>
<p class="line next">{{ $judged->next }}</p>
@endif
@if($engine->missing !== [])
<h2>Missing, fewest first</h2>
<ul>@foreach($engine->missing as $missing)<li class="line missing">{{ $missing }}</li>@endforeach</ul>
@endif
@if($engine->concessions !== [])
<h2>Accepted by the customer</h2>
<ul>
    @foreach($engine->concessions as $concession)
        <li class="line close">
            {{ $concession['words'] }} <b>The worst:</b>
            {{ $concession['worst'] }}.<span class="rule-id">VER-5 · {{ $concession['by'] }}, {{ $concession['at'] }}</span>
        </li>
    @endforeach
</ul>
@endif
@if($mayDecide)
<details class="mt-4"><summary>Overrule the verdict</summary>
<form method="post" action="/jobs/{{ $file->job->tag() }}/judge/overrule" class="fields">@csrf <x-ulid />
    <div class="field">
        <label for="overrule-part">Part</label>
        <select id="overrule-part" name="part">
            @foreach($engine->parts as $part)
                <option value="{{ $part->key }}" @selected(old('part') === $part->key)>{{ $part->name }}</option>
            @endforeach
        </select>
        <x-field-error name="part" />
    </div>
    <div class="field">
        <label for="overrule-verdict">It is</label>
        <select id="overrule-verdict" name="verdict">
            @foreach(\NorthLedger\Core\Finding\PartVerdict::cases() as $one)
                @if($one !== \NorthLedger\Core\Finding\PartVerdict::NotYetKnown)
                    <option value="{{ $one->value }}" @selected(old('verdict') === $one->value)>{{ Labels::code($one) }}</option>
                @endif
            @endforeach
        </select>
    </div>
    <div class="field">
        <label for="overrule-reason">Because</label>
        <textarea id="overrule-reason" name="reason" rows="3" maxlength="400" required>{{ old('reason') }}</textarea>
        <x-field-error name="reason" />
    </div>
    <x-signature id="overrule-password" />
    <div><button class="button plain">Sign it</button></div>
</form></details>
@endif
@endsection
