<x-stamp :stamp="$margin->stamp" />
@include('sheets.suspects')
@if($margin->lines !== [])
<h2>Ordered and found</h2>
<ul>
@foreach($margin->lines as $line)
    <li class="line {{ $line->mark->value }}">
        <b>{{ $line->cylinder }}.</b> <span class="num">{{ $line->ordered }}</span> · {{ $line->state }}
        @if($line->text !== '')<br>{{ $line->text }}@endif
    @if($line->needsDecision && $mayDecide)
        @include('verify.decide', ['subject' => "bore.{$line->cylinder}", 'name' => "cylinder {$line->cylinder}"])
    @endif</li>
@endforeach
</ul>
@if($margin->stamp->kind === 'good')
@include('verify.others')
@endif
<p class="soft">
    <span class="rule-id">WORK-4</span>Readings count under the ordered conditions only: caps torqued, torque plate where ordered, cooled,
    clean. State them with the gauge (z).
</p>
@endif
