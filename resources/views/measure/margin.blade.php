<x-stamp :stamp="$margin->stamp" />
@if($margin->suspects > 0)
<div class="line close my-3">
<p><b>{{ $margin->suspects === 1 ? 'One reading is suspect.' : $margin->suspects.' readings are suspect.' }}</b> The gauge had drifted. They are shown and carry no verdict: set the zero anew and retake them as they are proposed, or stand by them. <span class="rule-id">GAUGE-3</span></p>
@if($mayWrite)<form method="post" action="/jobs/{{ $job->tag() }}/sheets/incoming/confirmations" class="field">@csrf <x-ulid /><label for="confirm-reason">Why they can be trusted</label><input id="confirm-reason" name="reason" maxlength="200" autocomplete="off"><div class="mt-1"><button class="button plain">Stand by them</button></div></form>@endif
</div>
@endif
@if($margin->reasons !== [])
<h2>Why</h2>
<ul>
@foreach($margin->reasons as $reason)
    <li class="line {{ $reason->state->value }}"><b>{{ $reason->who }}.</b> {{ $reason->sentence }}<span class="rule-id">{{ $reason->rule }}@if($reason->readings !== []) · {{ implode(' and ', $reason->readings) }}@endif</span></li>
@endforeach
</ul>
@if($margin->moreReasons > 0)<p class="soft">and {{ $margin->moreReasons }} more on the Judge page</p>@endif
@endif
@if($margin->needs !== [])
<h2>So far it needs</h2>
<table class="w-full text-[14.5px]"><tbody>
@foreach($margin->needs as $need)
    <tr><th scope="row" class="num w-[76px] text-left align-top">{{ $need['step'] }}</th><td class="{{ ['good' => 'ok', 'close' => 'warn', 'out' => 'bad'][$need['state']->value] }} pb-1"><span aria-hidden="true">{{ $need['state']->sign() ?: '✓' }}</span> {{ $need['text'] }}</td></tr>
@endforeach
</tbody></table>
@endif
<h2>Next</h2>
<p class="line next">{{ $margin->next }}</p>
@if($margin->isSettled)<p><a class="button" href="plan">To the choice of size</a></p>@endif
