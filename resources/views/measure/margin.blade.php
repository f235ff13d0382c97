<x-stamp :stamp="$margin->stamp" />
@include('sheets.suspects')
@if($margin->reasons !== [])
<h2>Why</h2>
<ul>
@foreach($margin->reasons as $reason)
    <li class="line {{ $reason->state->value }}">
        <b>{{ $reason->who }}.</b>
        {{ $reason->sentence }}<span class="rule-id">{{ $reason->rule }}@if($reason->readings !== [])
                · {{ implode(' and ', $reason->readings) }}@endif</span>
    </li>
@endforeach
</ul>
@if($margin->moreReasons > 0)<p class="soft">and {{ $margin->moreReasons }} more on the Judge page</p>@endif
@endif
@if($margin->needs !== [])
<h2>So far it needs</h2>
<table class="w-full text-[14.5px]"><tbody>
@foreach($margin->needs as $need)
    <tr>
        <th scope="row" class="num w-[76px] text-left align-top">{{ $need['step'] }}</th>
        <td class="{{ ['good' => 'ok', 'close' => 'warn', 'out' => 'bad'][$need['state']->value] }} pb-1">
            <span aria-hidden="true">{{ $need['state']->sign() ?: '✓' }}</span> {{ $need['text'] }}
        </td>
    </tr>
@endforeach
</tbody></table>
@endif
@if($margin->needsSize)
    <p class="line close">
        Sizes and clearances need a size for the zero: measure the place it was set on, and give it with <kbd>s</kbd>.
        <span class="rule-id">GAUGE-2</span>
    </p>
@endif
@if($margin->questions !== null)
<dl class="questions">
    <div class="{{ $margin->questions->canStayIsSettled ? 'settled' : '' }}">
        <dt>Can it stay?</dt>
        <dd>{{ $margin->questions->canStay }}</dd>
    </div>
    <div class="{{ $margin->questions->sizeIsSettled ? 'settled' : '' }}"><dt>Which size?</dt><dd>{{ $margin->questions->size }}</dd></div>
</dl>
@endif
@if($margin->limitless !== '')
    <p class="line missing">
        No limit known for {{ $margin->limitless }}. <a href="/jobs/{{ $job->tag() }}/judge?back=measure">Put it in</a> with <kbd>l</kbd>.
    </p>
@endif
<h2>Next</h2>
<p class="line next">{{ $margin->next }}</p>
@if($margin->pits !== '')<p class="line close">{{ $margin->pits }} <span class="rule-id">BORE-6</span></p>@endif
@foreach($margin->traces as $cylinder)
    <p><a class="button" href="/jobs/{{ $job->tag() }}/bores/{{ $cylinder }}">Trace cylinder {{ $cylinder }}</a></p>
@endforeach
@if($margin->wantsCheck)
    <p class="line close">Before you put the gauge away: back on its master, key <kbd>b</kbd>. <span class="rule-id">GAUGE-3</span></p>
@endif
@if($margin->questions === null)
<p><a class="button" href="/jobs/{{ $job->tag() }}/verify">{{ __('verify.to_parts') }}</a></p>
@elseif($margin->isSettled && $maySeePrices)<p><a class="button" href="plan">Go to the plan</a></p>@endif
