@php(['before' => $before, 'after' => $after] = $view->neighbours())
<div class="head"><h1>Load</h1><span>{{ $view->title }} · {{ $view->summary }}</span>
    <nav class="load-nav" aria-label="Days">
        <a href="{{ $view->address($showsList, ['from' => $before]) }}" rel="prev">‹ {{ __('load.'.$view->zoom->value) }}</a>
        <a href="/load?zoom={{ $view->zoom->value }}{{ $showsList ? '&form=list' : '' }}">today</a>
        <a href="{{ $view->address($showsList, ['from' => $after]) }}" rel="next">{{ __('load.'.$view->zoom->value) }} ›</a>
    </nav>
    <nav class="load-nav" aria-label="Zoom">
        @foreach(\App\Load\Zoom::cases() as $zoom)
        <a href="{{ $view->address($showsList, ['zoom' => $zoom->value]) }}" data-zoom="{{ $zoom->value }}"
            @if($zoom === $view->zoom) aria-current="true" @endif>{{ __('load.'.$zoom->value) }}</a>
        @endforeach
    </nav>
    <nav class="load-nav" aria-label="Other forms">
        <a href="{{ $view->address(! $showsList) }}">{{ $showsList ? 'Drawing' : 'List' }}</a>
        <a href="/load/print?from={{ $view->from->format('Y-m-d') }}">Print</a>
        <a href="/load/hours">Hours</a>
    </nav>
</div>
@foreach($view->troubles as $trouble)<p class="line close">◆ {{ $trouble }}</p>@endforeach
@if($view->drawing->rows === [])
<p class="note mt-4">Nothing stands at any machine. Work appears here as soon as a plan is agreed.</p>
@elseif(! $showsList)
<div class="load-scroll">@include('load.drawing', ['drawing' => $view->drawing])</div>
@endif
<div class="load-below">
    <section aria-label="Late jobs">
    @forelse($view->late as $late)
        <p><b class="serif {{ $loop->first ? 'bad' : '' }}">▲ {{ $late->says }}</b> {{ $late->ready }} {{ $late->because }}</p>
        @if($late->helps === null)
        <p><a href="{{ $view->address($showsList, ['help' => $late->tag]) }}">{{ __('load.help.ask') }}</a></p>
        @else
        <ul class="helps">@foreach($late->helps as $help)<li>{{ $help }}</li>@endforeach</ul>
        @endif
        <details><summary>The chain that makes {{ $late->tag }} late</summary>
            <ol class="chain">
            @foreach($late->chain as $link)
                <li><span class="num">{{ $link['when'] }}</span> {{ $link['work'] }} <span class="soft">{{ $link['why'] }}</span></li>
            @endforeach
            </ol>
        </details>
    @empty
        <p><b class="serif ok">✓ No job is late as planned.</b></p>
    @endforelse
    </section>
    <section aria-label="Next at each machine">
    @foreach($view->next as $next)
        <p><b class="serif">{{ $next['machine'] }}</b> {{ $next['says'] }}</p>
    @endforeach
    </section>
    <section aria-label="Free machines, and what is not planned">
    @if($view->free !== [])<p><b class="serif">{{ __('load.free') }}</b> {{ implode(', ', $view->free) }}.</p>@endif
    @foreach($view->notPlanned as $said)
        <p>@if($loop->first)<b class="serif">{{ __('load.not_planned') }}</b> @endif{{ $said }}</p>
    @endforeach
    </section>
</div>
<section class="load-list {{ $showsList ? 'shown' : '' }}" aria-label="The load as a list">
@foreach($view->list as $name => $lines)
    <h2>{{ $name }}</h2>
    <ul>@foreach($lines as $line)@include('load.line')@endforeach</ul>
@endforeach
</section>
