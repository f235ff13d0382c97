@extends('layouts.job', ['stage' => \App\Storage\Stage::Plan])
@section('title', $file->job->tag().' parts to order')
@section('heading', 'Parts to order')
@section('sheet')
<p class="no-print mt-3">
    <a class="button plain" href="plan">The plan</a> <a class="button plain" href="parts.csv">As CSV</a>
    <span class="soft">print it from the browser</span>
</p>
@if($list->lines === [])<p class="note mt-4">The plan needs no parts yet, and none is known to be missing.</p>@else
@if(! $list->isAgreed)
    <p class="note mt-2">No plan is chosen yet: this is what the recommended one needs. Nothing of it is ordered before.</p>
@endif
<x-field-error name="part" />
<div class="scroll-x" tabindex="0" role="region" aria-label="Parts">
    <table class="ledger mt-3">
        <thead>
            <tr>
                <th scope="col">Part</th>
                <th scope="col">Size</th>
                <th scope="col" class="n">Count</th>
                <th scope="col" class="n">Each</th>
                <th scope="col" class="n">Together</th>
                <th scope="col">State</th>
            </tr>
        </thead>
        <tbody>
@foreach($list->lines as $line)
<tr>
    <td><b>{{ $line->name }}</b>@if($line->isMeasuredFirst)<br><span class="bad">measured first</span>@endif</td>
    <td class="num">{{ $line->size }}</td>
    <td class="num n">{{ $line->count }}</td>
    <td class="num n">{{ $line->each }}</td>
    <td class="num n">{{ $line->total }}</td>
<td>
    <span
        class="stamp small {{
            ['arrived' => 'good', 'on_the_shelf' => 'good', 'ordered' => 'close', 'wrong' => 'out']
            [$line->state->value]
            ?? 'missing' }}">
            {{ __('parts.state.'.$line->state->value) }}</span>
    @if($line->said !== '')<br><span class="soft text-sm">{{ $line->said }}</span>@endif
    @if($line->state === \App\Parts\PartState::ToOrder)<span class="soft text-sm">{{ $line->days }} days to come</span>@endif
</td>
</tr>
@endforeach
</tbody></table></div>
@if($orders !== [])
<p class="no-print mt-4">
    <b>Orders to print:</b>
    @foreach($orders as $order)
        <a class="button plain" href="parts/order?from={{ urlencode($order->supplier) }}">{{ $order->words() }}</a>
    @endforeach
</p>
@endif
@if($shells !== [])
<h2>Shells, nearest to the middle of their clearance</h2>
<table class="ledger">
    <thead><tr><th scope="col">Journal</th><th scope="col">Grade</th><th scope="col" class="n">Clearance</th></tr></thead>
    <tbody>
        @foreach($shells as $shell)
            <tr>
                <td>{{ $shell->journal }}</td>
                <td><b>{{ $shell->grades }}</b></td>
                <td class="num n">{{ $shell->clearance }}@if($shell->miss !== '')<br><span class="bad">{{ $shell->miss }}</span>@endif</td>
            </tr>
        @endforeach
    </tbody>
</table>
<p class="soft">From the sizes as they are read now, or the size they are ground to. <span class="rule-id">JRNL-9</span></p>
@endif
@can('answer-for-customer')
@if(! $file->job->is_closed)
<h2 class="no-print">What became of it</h2>
<form method="post" action="parts" class="fields inline-fields no-print">@csrf <x-ulid />
    <div class="field">
        <label for="part">Part</label>
        <select id="part" name="part">
            @foreach($list->lines as $line)
                <option value="{{ $line->key }}" @selected(old('part') === $line->key)>{{ $line->name }} {{ $line->size }}</option>
            @endforeach
        </select>
    </div>
    <div class="field">
        <label for="state">It is</label>
        <select id="state" name="state">
            @foreach(\App\Parts\PartState::said() as $state)
                <option value="{{ $state->value }}" @selected(old('state') === $state->value)>
                    {{ __('parts.state.'.$state->value) }}
                </option>
            @endforeach
        </select>
        <x-field-error name="state" />
    </div>
    <div class="field">
        <label for="supplier">From</label>
        <input id="supplier" name="supplier" value="{{ old('supplier') }}" maxlength="80" autocomplete="off">
        <x-field-error name="supplier" />
    </div>
    <div class="field">
        <label for="promised-for">Promised for</label>
        <input id="promised-for" type="date" name="promised_for" value="{{ old('promised_for') }}">
        <x-field-error name="promised_for" />
    </div>
    <div class="field grow">
        <label for="remark">Remark</label>
        <input id="remark" name="remark" value="{{ old('remark') }}" maxlength="200" autocomplete="off">
        <x-field-error name="remark" />
    </div>
    <p><button class="button">Keep it</button></p>
</form>
@endif
@endcan
@endif
@endsection
@section('margin')
<h2>Measured first</h2>
<p>
    Shells wait until the journals and housings that they sit on are ground or bored and measured: a journal that needs one step more would
    have the wrong ones. <span class="rule-id">WORK-3</span>
</p>
@endsection
