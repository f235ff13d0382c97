@extends('layouts.job', ['stage' => \App\Storage\Stage::Plan])
@use('App\Words\Labels')
@section('title', $file->job->tag().' plan')
@section('heading', 'The plan')
@section('sheet')
@if($plan->stops !== [])
<section class="stopped" aria-label="What was chosen does not hold">
    <h2>{{ $plan->isOpenAgain ? 'The plan is open again' : 'Work is on hold' }}</h2>
    <ul>
        @foreach($plan->stops as $stop)
            <li class="line out"><i aria-hidden="true">▲</i> {{ $stop }}<span class="rule-id">VER-6</span></li>
        @endforeach
    </ul>
    @if($engine->agreed !== '')
        <p><b>{{ $engine->agreed }}</b> Ask the customer anew: <a href="offers">offers</a>. <span class="rule-id">PLAN-5</span></p>
    @endif
</section>
@endif
@if($plan->rows === [])
    @if(! $plan->isWithoutBores)<p class="note mt-4">{{ $plan->missing }}</p>@endif
    <form method="post" action="plan" id="choice" data-plan>@csrf <x-ulid />
    @include('plan.engine')
    @can('choose-plan')
    @if($plan->isWithoutBores && ! $file->job->is_closed)
    <div class="field mt-4 max-w-xl">
        <label for="reason">Reason, where it is not the recommended plan</label>
        <input id="reason" name="reason" value="{{ old('reason') }}" maxlength="200" autocomplete="off">
        <x-field-error name="option" />
        <x-field-error name="reason" />
        <x-field-error name="ulid" />
    </div>
    <p class="my-4"><button class="button">{{ $file->work()->choice() === null ? 'Choose this plan' : 'Choose again' }}</button></p>
    @endif
    @endcan
    </form>
    @include('plan.targets')
@else
<h2>Bores</h2>
<div class="legend">
    @foreach([
        'on' => 'cleans up on centre',
        'off' => 'cleans up only if offset toward the wear',
        'sleeve' => 'sleeve',
        'hone' => 'hone only'
        ] as $kind => $word)
        <span><svg viewBox="0 0 44 44" aria-hidden="true">@include('plan.mark', ['kind' => $kind])</svg>{{ $word }}</span>
    @endforeach
</div>
<form method="post" action="plan" id="choice" data-plan>
@csrf <x-ulid />
<div class="scroll-x" tabindex="0" role="region" aria-label="Rebore options">
<table class="ways {{ count($plan->cylinders) > 6 ? 'many' : '' }}">
    <thead>
        <tr>
            <td></td>
            @foreach($plan->cylinders as $cylinder)
                <th scope="col" class="bore"><span class="sr-only">cylinder </span>{{ $cylinder }}</th>
            @endforeach
            <th scope="col" class="n">thinnest wall, {{ $plan->wallUnit }}</th>
            <th scope="col">sizes left</th>
            <th scope="col" class="n">cost</th>
            <th scope="col" class="n">hours</th>
        </tr>
    </thead>
    <tbody>
    @foreach($plan->rows as $row)
        <tr
            class="{{ $row->isRecommended ? 'recommended' : '' }} {{ $row->isFolded ? 'folded' : '' }}
                {{ $row->forbidden !== '' ? 'forbidden' : '' }}">
            <th scope="row">
                <label><input
                        type="radio" name="option" value="{{ $row->key }}"
                        @checked(old('option', $row->isSelected ? $row->key : null) === $row->key) @disabled($row->forbidden !== '')>
                    <b>{{ $row->name }}</b><small>{{ $row->clause }}@if($row->isRecommended) · recommended @endif
                        @if($row->chosen !== '') · {{ $row->chosen }} @endif
                        @if($row->isFolded) · another option is at least as good in everything @endif
                        @if($row->forbidden !== '')<span class="bad"> · {{ $row->forbidden }}</span>@endif</small></label>
            </th>
            @foreach($row->marks as $mark)
                <td>
                    @if($mark->kind !== 'none')
                        <svg viewBox="0 0 44 44" role="img" aria-label="{{ $mark->spoken }}">
                            <title>{{ $mark->spoken }}</title>
                            @include('plan.mark', ['kind' => $mark->kind])
                        </svg>
                    @else<span class="sr-only">{{ $mark->spoken }}</span>@endif
                </td>
            @endforeach
            <td class="n">
                @if($row->wallBar !== null)
                    <svg class="bar-svg" viewBox="0 0 66 17" aria-hidden="true">
                        <rect class="bar-back" y="4" width="66" height="9"/>
                        <rect class="bar-wall" y="4" width="{{ $row->wallBar }}" height="9"/>
                        @if($row->wallMinimum !== null)<rect class="bar-limit" x="{{ $row->wallMinimum }}" width="2" height="17"/>@endif
                    </svg>
                @endif
                {{ $row->wall }}
            </td>
            <td>
                <svg class="bar-svg" viewBox="0 0 66 17" role="img" aria-label="{{ $row->sizesLeft }} sizes left">
                    @foreach($row->notches as $notch)
                        <rect
                            class="{{ $notch['isLeft'] ? 'notch-left' : 'notch-used' }}" x="{{ $notch['x'] }}" y="1" width="8" height="15"/>
                    @endforeach
                </svg>
            </td>
            <td class="n">{{ $row->cost }}</td>
            <td class="n">{{ $row->hours }}</td>
        </tr>
    @endforeach
    </tbody>
</table>
</div>
<x-field-error name="option" />
@include('plan.engine')
@can('choose-plan')
@if(! $file->job->is_closed)
<div class="field mt-4 max-w-xl">
    <label for="reason">Reason, where it is not the recommended plan</label>
    <input id="reason" name="reason" value="{{ old('reason') }}" maxlength="200" autocomplete="off">
    <x-field-error name="reason" />
    <x-field-error name="ulid" />
</div>
<p class="my-4"><button class="button">{{ $file->work()->choice() === null ? 'Choose this plan' : 'Choose again' }}</button></p>
@endif
@endcan
</form>
@include('plan.targets')
@endif
@endsection
@section('margin')
<x-stamp :stamp="$plan->stamp" />
@include('plan.total')
@if($plan->why !== '')
<h2>Why that size</h2><p>{{ $plan->why }}</p>
<p class="soft">
    The shop prefers “{{ Labels::code($file->policy->preference) }}”.
    {{ \App\Words\Line::ofCode('policy.settings.preference.choices', $file->policy->preference) }}
</p>
@endif
@if($plan->traces !== [])
    <p>@foreach($plan->traces as $cylinder)<a class="button" href="bores/{{ $cylinder }}">Trace cylinder {{ $cylinder }}</a> @endforeach</p>
@endif
@if($plan->doubts !== [])<h2>Doubt</h2><ul>@foreach($plan->doubts as $doubt)<li class="line close">{{ $doubt }}</li>@endforeach</ul>@endif
<h2>The customer</h2>@if($plan->customer !== '')<p>{{ $plan->customer }}</p>@endif
<p class="buttons">
    <a class="button plain" href="offers">Offers to the customer</a> <a class="button plain" href="parts">Parts to order</a>
    <a class="button plain" href="running">Running parts</a>
</p>
@if($file->work()->choice() !== null)
<h2>Chosen</h2>
<p>
    {{ $file->work()->choice()->user->name }},
    {{ $file->work()->choice()->created_at->format('j M H:i') }}@if($file->work()->choice()->reason), because:
        {{ $file->work()->choice()->reason }}@endif
</p>
<p><a class="button plain" href="work">To the work order</a></p>
@endif
@endsection
