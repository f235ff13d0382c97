<nav class="machine-tabs" aria-label="Machines">
    @foreach($view->machines as $one)<a
            href="/machines/{{ $one['code'] }}" @if($one['code'] === $view->code) aria-current="page"
            @endif>{{ $one['name'] }}@if($one['count'] > 0) <b>{{ $one['count'] }}</b>@endif</a>@endforeach
</nav>
@foreach(['Clamped now' => $view->clamped, 'Next' => $view->ready, 'Waits' => $view->waiting] as $title => $lines)
@if($lines !== [])
<h2>{{ $title }}</h2>
<ol class="machine-lines">
@foreach($lines as $line)
    <li>
        <a href="{{ $line->address }}"><b class="tag">{{ $line->tag }}</b>
            <span
                class="what">{{ $line->can !== '' ? ucfirst($line->can) : ucfirst($line->waits) }}</span>
                    @if($line->can !== '' && $line->waits !== '')<span
                    class="soft">then {{ $line->waits }}</span>@endif<span class="soft">{{ $line->engine }} ·
                {{ $line->customer }}</span><span class="{{ $line->isLate ? 'bad' : 'soft' }}">{{ $line->isLate ? '▲ was due' : 'due' }}
                {{ $line->due }}</span>@if($line->planned !== '' && $line->since === '')<span>planned
                    <span class="num">{{ $line->planned }}</span></span>@endif
            @if($line->since !== '')<span class="ok">✓ begun {{ $line->since }}</span>@endif</a>
    </li>
@endforeach
</ol>
@endif
@endforeach
@if($view->clamped === [] && $view->ready === [] && $view->waiting === [])<p class="note mt-4">Nothing stands here.</p>@endif
