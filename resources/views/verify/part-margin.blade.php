<x-stamp :stamp="$margin->stamp" />
@include('sheets.suspects')
@if($margin->lines !== [])
<ul>
@foreach($margin->lines as $line)
    <li class="line {{ $line->mark->value }}">
        <b>{{ $line->name }}</b> · {{ $line->state }}
        @foreach($line->sentences as $sentence)<br>{{ $sentence }}@endforeach
    @if($line->needsDecision && $mayDecide)
        @include('verify.decide', ['subject' => $line->subject, 'name' => $line->name])
    @endif</li>
@endforeach
</ul>
@if($margin->more > 0)<p class="soft">{{ __('verify.more', ['count' => $margin->more]) }}</p>@endif
@endif
<h2>Next</h2>
<p class="line next">{{ $margin->next }}</p>
@if($margin->left !== '')<p class="soft">{{ $margin->left }}</p>@endif
@if($margin->left === '')
@include('verify.others')
@endif
@if($margin->hasConditions)<p class="soft"><span class="rule-id">WORK-4</span> {{ __('verify.conditions_note') }}</p>@endif
