@extends('layouts.job', ['stage' => \App\Storage\Stage::Work])
@section('title', $file->job->tag().' work order')
@section('heading', 'Work order')
@section('sheet')
<p class="print-only"><b>{{ $work->stamp->headline }}</b>, {{ $work->stamp->clause }} · {{ $file->job->customer->name }} · due {{ $file->job->due_on->format('j F Y') }}</p>
@if($work->lines === [])
    <p class="note mt-4">{{ $work->stamp->headline === 'No order yet' ? 'The order follows from the choice of size.' : 'The block is replaced. Receive the new block as a job of its own.' }} <a href="plan">Go to the plan</a></p>
@else
@if($work->stops !== [])
<section class="stopped" aria-label="Stopped">
    <h2>Stopped</h2>
    <ul>@foreach($work->stops as $stop)<li class="line out"><i aria-hidden="true">▲</i> {{ $stop }}<span class="rule-id">VER-6</span></li>@endforeach</ul>
    <p><a class="button" href="plan">Go to the plan</a> <a class="button plain" href="cracks">Crack map</a></p>
</section>
@endif
@if($work->differences !== [] && $work->stops === [])
<section class="differs no-print" aria-label="The order would be different today">
    <h2>Made today, the order would be different</h2>
    <ul>@foreach($work->differences as $difference)<li class="line close"><i aria-hidden="true">◆</i> {{ $difference }}</li>@endforeach</ul>
    @can('choose-plan')@if(! $file->job->is_closed)<form method="post" action="work/orders">@csrf <x-ulid /><button class="button plain">Make a new revision</button><x-field-error name="order" /></form>@endif @endcan
</section>
@endif
<p class="soft my-2">{{ $work->revision }}. {{ $work->pistons }}</p>
@if($file->sheet->torques !== [] || $file->sheet->buildNotes !== '' || $work->ringGaps !== [])
<details class="my-2"><summary>Torques, ring gaps and notes of the sheet</summary><ul>@foreach($work->ringGaps as $gap)<li class="line">{{ $gap }}</li>@endforeach @foreach($file->sheet->torques as $one)<li class="line"><b>{{ ucfirst($one->fastener) }}</b>: {{ $one->torque }}</li>@endforeach @if($file->sheet->buildNotes !== '')<li class="line">{{ $file->sheet->buildNotes }}</li>@endif</ul></details>
@endif
@foreach($work->lines as $line)
<section class="op {{ $line->isDone ? 'done' : '' }}" id="{{ $line->anchor }}" data-said="{{ $line->actual }} {{ $line->said }}">
    <span class="op-state {{ $line->isDone ? 'ok' : 'soft' }}" aria-label="{{ $line->isDone ? 'done' : 'open' }}">{{ $line->isDone ? '✓' : '○' }}</span>
    <div>
        <h3>{{ $line->title }}@if($line->cylinder !== null), cylinder {{ $line->cylinder }}@endif @if($line->target !== '')<span class="num">{{ $line->target }}</span> <span class="soft num text-[14px]">{{ $line->range }}</span>@endif @if($line->actual !== '')<span class="num {{ $line->isActualOut ? 'bad' : 'ok' }}">{{ $line->isActualOut ? '▲' : '' }} is {{ $line->actual }}</span>@endif</h3>
        <p class="instruction">{{ $line->instruction }} <b>{{ ucfirst($line->tool) }}.</b> Closed by: {{ lcfirst($line->check) }}.</p>
        @if($line->said !== '')<p class="no-print">{{ $line->said }}</p>@endif
        @if($line->stopped !== '')<p class="bad">▲ stopped: {{ $line->stopped }}</p>@endif
        @if($line->waitsFor !== '')<p class="warn no-print">◆ after: {{ $line->waitsFor }}</p>@endif
        <x-field-error :name="$line->key" />
    </div>
    @can('work')
    @if(! $file->job->is_closed)
    <form method="post" action="work">
        @csrf <x-ulid /><input type="hidden" name="operation" value="{{ $line->key }}">
        @if($line->isDone)
            <input type="hidden" name="state" value="open again"><button class="button plain">Open again</button>
        @elseif($line->waitsFor === '' && $line->stopped === '')
            @php($was = old('operation') === $line->key)
            @php($focus = old('operation', $work->nextKey) === $line->key)
            @if($line->target !== '')<input name="actual" value="{{ $was ? old('actual') : '' }}" placeholder="is" aria-label="Size of cylinder {{ $line->cylinder }} after {{ strtolower($line->title) }}" maxlength="40" autocomplete="off" @if($focus) autofocus @endif>@endif
            <input class="remark" name="remark" value="{{ $was ? old('remark') : '' }}" placeholder="remark" aria-label="Remark on {{ strtolower($line->title) }}{{ $line->cylinder === null ? '' : ', cylinder '.$line->cylinder }}" maxlength="200" autocomplete="off" @if($focus && $line->target === '') autofocus @endif>
            <button class="button" name="state" value="done">Done</button>
            @if($line->key === 'deck')<button class="button plain" name="state" value="not needed">Not needed</button>@endif
        @endif
    </form>
    @endif
    @endcan
</section>
@endforeach
<table class="print-only order"><tbody>
@foreach($work->groups as $group)
    <tr><th scope="row">{{ $group->title }}<small>{{ ucfirst($group->tool) }}</small></th>
    <td><p>{{ $group->instruction }} Closed by: {{ lcfirst($group->check) }}.</p>@foreach($group->remarks as $remark)<p><b>{{ $remark }}</b></p>@endforeach
        <div class="boxes">@foreach($group->lines as $line)<div class="box"><b>{{ $line->cylinder ?? 'done' }}</b>@if($line->target !== '')<span class="num">{{ $line->target }}</span><small>{{ $line->range }}</small>@endif<u>{{ $line->isDone ? ($line->actual !== '' ? $line->actual : '✓') : '' }}</u></div>@endforeach</div></td></tr>
@endforeach
</tbody></table>
<p class="print-only">Worked by ______________________ &emsp; Verified by ______________________</p>
<div class="print-only"><b>Cautions.</b> {{ implode(' ', $work->cautions) }} Local codes on chemicals, waste and lifting come first.</div>
@endif
@endsection
@section('margin')
<x-stamp :stamp="$work->stamp" />
@if($work->lines !== [])
<h2>Order</h2><p>{{ ucfirst($work->school) }}: the shop’s school. {{ $file->policy->orderOfWork->explanation() }} Honing is last, caps torqued.</p>
@can('work')
@if(! $file->job->is_closed)
<h2>Seen something?</h2>
<form method="post" action="work/flaws" class="flaw">@csrf <x-ulid />
    <div class="field"><label for="flaw-cylinder">Cylinder</label><select id="flaw-cylinder" name="cylinder">@foreach($file->sheet->layout->cylinders() as $cylinder)<option @selected(old('cylinder') == $cylinder)>{{ $cylinder }}</option>@endforeach</select></div>
    <div class="field"><label for="flaw-remark">Where, and how it looks</label><input id="flaw-remark" name="remark" value="{{ old('cylinder') === null ? '' : old('remark') }}" maxlength="200" autocomplete="off"></div>
    <div class="flex flex-wrap gap-2"><button class="button plain" name="look" value="sharp line">A crack</button><button class="button plain" name="look" value="patch that will not clean up">A patch will not clean up</button><button class="button plain" name="look" value="hole">A hole</button></div>
    <x-field-error name="cylinder" /><x-field-error name="look" />
</form>
<p class="soft">It goes on the crack map, and work on that cylinder stops until it is settled. <span class="rule-id">HONE-5</span></p>
@endif
@endcan
<h2>Cautions</h2><ul>@foreach($work->cautions as $caution)<li class="line close">{{ $caution }}</li>@endforeach</ul>
<p class="soft">Local codes on chemicals, waste and lifting come first. Work on aircraft, passenger vessels and lifts needs licensed practice; this order does not certify it.</p>
<p><button type="button" class="button plain" data-print>Print the order</button></p>
<p><a href="verify">To the finished sheet</a></p>
@endif
@endsection
