<x-stamp :stamp="$margin->stamp" />
@include('sheets.suspects')
@if($margin->reasons !== [])
<h2>Why</h2>
<ul>
@foreach($margin->reasons as $reason)
    <li class="line {{ $reason['state']->value }}">
        <b>{{ $reason['who'] }}.</b>
        {{ $reason['sentence'] }}<span class="rule-id">{{ $reason['rule'] }}@if($reason['places'] !== '')
                · {{ $reason['places'] }}@endif</span>
    </li>
@endforeach
</ul>
@if($margin->moreReasons > 0)<p class="soft">and {{ $margin->moreReasons }} more on the Judge page</p>@endif
@endif
@if($margin->works !== [])
<h2>What it needs</h2>
<ul>
    @foreach($margin->works as $work)
        <li class="line">{{ $work['sentence'] }}<span class="rule-id">{{ $work['rule'] }}</span></li>
    @endforeach
</ul>
@endif
@if($margin->limitless !== '')
    <p class="line missing">
        No limit known for {{ $margin->limitless }}.
        <a href="/jobs/{{ $job->tag() }}/judge?back=measure%2F{{ $section->value }}">Put it in</a> with <kbd>l</kbd>.
    </p>
@endif
<h2>Next</h2>
<p class="line next">{{ $margin->next }}</p>
@if($margin->wantsCheck)
    <p class="line close">Before you put the gauges away: back on their masters, key <kbd>b</kbd>. <span class="rule-id">GAUGE-3</span></p>
@endif
@if($margin->left !== '')<p class="soft">{{ $margin->left }}</p>@endif
<p class="mt-2"><a href="/jobs/{{ $job->tag() }}/judge">The engine as a whole</a></p>
