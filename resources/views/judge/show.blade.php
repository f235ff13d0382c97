@extends('layouts.job', ['stage' => \App\Sheets\Stage::Judge])
@section('title', $file->job->tag().' verdict')
@section('heading', 'The block’s bores')
@section('sheet')
<p class="mt-3 text-[17px]">{{ $judged->verdict }}</p>
<p class="soft text-sm mb-3">Judged by {{ $judged->basis }}. The same entries and revisions always give the same verdict.</p>
@foreach($judged->defects as $defect)
<div class="finding line out">{{ $defect['sentence'] }}<span class="rule-id">{{ $defect['rule'] }} · {{ $defect['outcome'] }}</span></div>
@endforeach
@foreach($judged->bores as $bore)
<details class="bore" @if($bore->stamp->kind === 'out' || count($judged->bores) <= 4) open @endif>
    <summary><h3>Cylinder {{ $bore->cylinder }}</h3><span class="stamp small {{ $bore->stamp->kind }}"><b aria-hidden="true">{{ $bore->stamp->sign() }}</b>{{ $bore->stamp->headline }}</span>
        @foreach($bore->facts as $name => $fact)<span class="soft">{{ $name }} <b class="num text-(--ink)">{{ $fact }}</b></span>@endforeach</summary>
    @if($bore->remark !== '')<p class="line close my-2">{{ $bore->remark }}</p>@endif
    @foreach($bore->findings as $finding)
        <div class="finding line {{ $finding->state->value }}">{{ $finding->sentence }}<span class="rule-id">{{ $finding->rule }} · {{ $finding->outcome }}@if($finding->readings !== []) · rests on {{ implode(' and ', $finding->readings) }}@endif</span></div>
    @endforeach
</details>
@endforeach
@if($pistons !== null)
<h2>Pistons as they go in</h2>
<table class="ledger"><thead><tr><th scope="col">Cylinder</th><th scope="col">Piston</th><th scope="col">Clearance</th><th scope="col">Weight</th></tr></thead>
<tbody>@foreach($pistons->rows as $row)<tr><td class="num">{{ $row['cylinder'] }}</td><td class="num">{{ $row['piston'] }}</td><td class="num">{{ $row['clearance'] }}</td><td class="num">{{ $row['weight'] }}</td></tr>@endforeach</tbody></table>
@if($pistons->weights !== '')<p class="mt-2">{{ $pistons->weights }}</p>@endif
@if($pistons->proposed !== [])
<p class="line close my-2">{{ $pistons->proposal }}</p>
@can('measure') @if(! $file->job->is_closed)
<form method="post" action="/jobs/{{ $file->job->tag() }}/judge/pistons" id="assign-pistons" data-plain-form data-plain-outbox="{{ $file->job->tag() }}/incoming/{{ auth()->id() }}">@csrf <x-ulid /><p class="error" data-form-error role="alert" hidden></p>@foreach($pistons->proposed as $cylinder => $piston)<input type="hidden" name="piston[{{ $cylinder }}]" value="{{ $piston }}">@endforeach<button class="button plain">Assign them so</button> <span class="soft">a used piston knows its bore: only where they are all to be changed about, and marked</span></form>
@endif @endcan
<x-field-error name="piston" />
@endif
@endif
@endsection
@section('margin')
<p class="outbox" data-outbox-state role="status" hidden></p>
<x-stamp :stamp="$judged->stamp" />
@if($judged->changes !== [])
<h2>What would change it</h2>
<ul>@foreach($judged->changes as $change)<li class="line">{{ $change }}</li>@endforeach</ul>
@endif
<h2>Next</h2>
<p class="line next">{{ $judged->next }}</p>
@if($judged->missing !== [])
<h2>{{ $judged->isSettled ? 'Not read, and not needed' : 'Missing, fewest first' }}</h2>
<ul>@foreach($judged->missing as $missing)<li class="line missing"><b>{{ $missing['who'] }}.</b> {{ $missing['places'] }}</li>@endforeach</ul>
@endif
@endsection
