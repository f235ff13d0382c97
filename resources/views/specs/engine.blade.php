@php($engine = \App\SpecBook\EngineOfSheet::of($page->sections))
<nav aria-label="Parts of the engine"><svg viewBox="-85 0 490 {{ $engine->height }}" class="engine-of-sheet">
@foreach($engine->areas as $area)<a href="#part-{{ $area['part'] }}"><path class="{{ $area['state'] }}" d="{{ $area['path'] }}"/>
        <text x="{{ $area['x'] }}" y="{{ $area['y'] }}" text-anchor="{{ $area['anchor'] }}">{{ $area['title'] }}
            <tspan>{{ $area['known'] }} of {{ $area['all'] }}</tspan></text></a>@endforeach
</svg></nav>
