@foreach(\App\SpecBook\DimensionDrawing::of($part, $fields) as $drawing)
<svg viewBox="-40 0 380 {{ $drawing->height }}" class="dimensions" role="img" aria-label="{{ $drawing->says }}">
    <defs>
        <marker id="dim-end" viewBox="0 0 8 8" refX="4" refY="4" markerWidth="6" markerHeight="6">
            <circle cx="4" cy="4" r="3" class="dim-end"/>
        </marker>
    </defs>
    @foreach($drawing->shapes as $path)<path class="shape" d="{{ $path }}"/>@endforeach
    @foreach($drawing->fine as $path)<path class="fine" d="{{ $path }}"/>@endforeach
    @foreach($drawing->lines as $line)
        <g class="dim {{ $line->isLeader ? 'leader' : '' }} {{ $line->text === '' ? 'unknown' : '' }}" data-dim="{{ $line->path }}">
            <title>{{ $line->label }}</title>
            <line x1="{{ $line->from[0] }}" y1="{{ $line->from[1] }}" x2="{{ $line->to[0] }}" y2="{{ $line->to[1] }}"/>
            <text
                x="{{ $line->at[0] }}" y="{{ $line->at[1] }}"
                text-anchor="{{ $line->anchor }}">{{ $line->text === '' ? '?' : $line->text }}</text>
        </g>
    @endforeach
</svg><p class="dim-says soft">{{ $drawing->says }}</p>
@endforeach
