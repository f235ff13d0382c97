<x-stamp :stamp="$margin->stamp" />
@include('sheets.suspects')
@if($margin->lines !== [])
<h2>Ordered and found</h2>
<ul>
@foreach($margin->lines as $line)
    <li class="line {{ $line->mark->value }}"><b>{{ $line->cylinder }}.</b> <span class="num">{{ $line->ordered }}</span> · {{ $line->state }}@if($line->text !== '')<br>{{ $line->text }}@endif
    @if($line->needsDecision && $mayDecide)
        <form method="post" action="/jobs/{{ $job->tag() }}/verify" class="field mt-1">
            @csrf <x-ulid /><input type="hidden" name="cylinder" value="{{ $line->cylinder }}">
            <label for="reason-{{ $line->cylinder }}" class="sr-only">Reason, cylinder {{ $line->cylinder }}</label>
            <input id="reason-{{ $line->cylinder }}" name="reason" placeholder="reason, and who accepts" maxlength="200" required autocomplete="off">
            <div class="mt-1 flex gap-2"><button class="button plain" name="kind" value="rework">Rework</button><button class="button plain" name="kind" value="concession">Concession</button></div>
        </form>
    @endif</li>
@endforeach
</ul>
<p class="soft"><span class="rule-id">WORK-4</span>Readings count under the ordered conditions only: caps torqued, torque plate where ordered, cooled, clean. State them with the gauge (z).</p>
@endif
