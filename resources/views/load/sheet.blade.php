@php($query = static fn (array $with): string => '/load?'.http_build_query($with + ['zoom' => $view->zoom->value, 'from' => $view->from->format('Y-m-d')] + ($showsList ? ['form' => 'list'] : [])))
<div class="head"><h1>Load</h1><span>{{ $view->title }} · {{ $view->summary }}</span>
    <nav class="load-nav" aria-label="Days"><a href="{{ $query(['from' => $view->from->modify('-'.$view->zoom->days().' days')->format('Y-m-d')]) }}" rel="prev">‹ {{ __('load.'.$view->zoom->value) }}</a> <a href="/load?zoom={{ $view->zoom->value }}{{ $showsList ? '&form=list' : '' }}">today</a> <a href="{{ $query(['from' => $view->from->modify('+'.$view->zoom->days().' days')->format('Y-m-d')]) }}" rel="next">{{ __('load.'.$view->zoom->value) }} ›</a></nav>
    <nav class="load-nav" aria-label="Zoom">@foreach(\App\Load\Zoom::cases() as $zoom)<a href="{{ $query(['zoom' => $zoom->value]) }}" data-zoom="{{ $zoom->value }}" @if($zoom === $view->zoom) aria-current="true" @endif>{{ __('load.'.$zoom->value) }}</a> @endforeach</nav>
    <nav class="load-nav" aria-label="Other forms">@if($showsList)<a href="{{ $query(['form' => 'drawing']) }}">Drawing</a>@else<a href="{{ $query(['form' => 'list']) }}">List</a>@endif <a href="/load/print?from={{ $view->from->format('Y-m-d') }}">Print</a> <a href="/load/hours">Hours</a></nav>
</div>
@foreach($view->troubles as $trouble)<p class="line close">◆ {{ $trouble }}</p>@endforeach
@if($view->drawing->rows === [])<p class="note mt-4">Nothing stands at any machine. Work appears here as soon as a plan is agreed.</p>@endif
@if(!$showsList && $view->drawing->rows !== [])<div class="load-scroll">@include('load.drawing', ['drawing' => $view->drawing])</div>@endif
<div class="load-below">
    <section aria-label="Late jobs">
    @forelse($view->late as $late)
        <p><b class="serif {{ $loop->first ? 'bad' : '' }}">▲ {{ $late->says }}</b> {{ $late->ready }} {{ $late->because }}</p>
        @if($late->helps === null)<p><a href="{{ $query(['help' => $late->tag]) }}">{{ __('load.help.ask') }}</a></p>
        @else<ul class="helps">@foreach($late->helps as $help)<li>{{ $help }}</li>@endforeach</ul>@endif
        <details><summary>The chain that makes {{ $late->tag }} late</summary><ol class="chain">@foreach($late->chain as $link)<li><span class="num">{{ $link['when'] }}</span> {{ $link['work'] }} <span class="soft">{{ $link['why'] }}</span></li>@endforeach</ol></details>
    @empty
        <p><b class="serif ok">✓ No job is late as planned.</b></p>
    @endforelse
    </section>
    <section aria-label="Next at each machine">@foreach($view->next as $next)<p><b class="serif">{{ $next['machine'] }}</b> {{ $next['says'] }}</p>@endforeach</section>
    <section aria-label="Free machines, and what is not planned">@if($view->free !== [])<p><b class="serif">{{ __('load.free') }}</b> {{ implode(', ', $view->free) }}.</p>@endif
    @foreach($view->notPlanned as $said)<p>@if($loop->first)<b class="serif">{{ __('load.not_planned') }}</b> @endif{{ $said }}</p>@endforeach</section>
</div>
<section class="load-list {{ $showsList ? 'shown' : '' }}" aria-label="The load as a list">
@foreach($view->list as $name => $lines)
    <h2>{{ $name }}</h2>
    <ul>
    @foreach($lines as $line)
        <li class="{{ $line->state->value }}"><p><span class="num">{{ $line->when }}</span> <a href="{{ $line->address }}"><b class="tag">{{ $line->tag }}</b> {{ $line->work }}</a> <b>{{ $line->state->sign() }} {{ $line->says }}</b></p>
            <p class="soft">{{ $line->engine }} · {{ $line->minutes }}@if($line->waits !== '') · waits for {{ $line->waits }}@endif</p>
            @if($mayPin && $line->state !== \App\Load\BarState::Running)<details><summary>{{ $line->isPinned ? 'Pinned' : 'Pin' }}</summary><form method="post" action="/load/pins" class="inline-fields">@csrf<x-ulid /><input type="hidden" name="form" value="list"><input type="hidden" name="zoom" value="{{ $view->zoom->value }}"><input type="hidden" name="operation" value="{{ $line->code }}"><input type="hidden" name="mark" value="{{ $line->mark }}">@if($line->isPinned)<button class="button plain" aria-label="Unpin {{ $line->tag }} {{ $line->work }}">Unpin</button>@else<div class="field"><input type="datetime-local" name="starts" value="{{ $line->starts }}" aria-label="Start of {{ $line->tag }} {{ $line->work }}"></div><button class="button plain" aria-label="Pin {{ $line->tag }} {{ $line->work }}">Pin</button>@endif</form></details>@endif</li>
    @endforeach
    </ul>
@endforeach
</section>
