<svg
    viewBox="0 0 {{ \App\Drawings\HousingDrawing::WIDTH }} {{ \App\Drawings\HousingDrawing::HEIGHT }}" class="tall" role="img"
    aria-label="{{ __('drawing.housings') }}">
    <defs>
        <pattern id="hatch-part" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line class="hatch-line" x1="0" y1="0" x2="0" y2="9"/>
        </pattern>
    </defs>
    @foreach($drawing->housings as $housing)
    <g transform="translate({{ $housing['x'] }},{{ \App\Drawings\HousingDrawing::CENTRE }})" data-goto="{{ $housing['goto'] }}">
        <circle r="40" class="as-made" data-view="{{ $housing['view'] }}"/>
        @foreach($housing['ticks'] as $tick)
            <line class="clock-tick" x1="{{ $tick['x1'] }}" y1="{{ $tick['y1'] }}" x2="{{ $tick['x2'] }}" y2="{{ $tick['y2'] }}"/>
        @endforeach
        @if($housing['outline'] !== '')<polygon points="{{ $housing['outline'] }}" class="worn {{ $housing['state']->value }}"/>@endif
        @if($housing['truth'] !== '')<polygon points="{{ $housing['truth'] }}" class="truth"/>@endif
        @foreach($housing['noGos'] as $noGo)
            <g transform="translate({{ $noGo['x'] }},{{ $noGo['y'] }})">
                <title>not measured here: {{ $noGo['words'] }}</title>
                <path class="no-go" d="M-5 -5L5 5M-5 5L5 -5"/>
            </g>
        @endforeach
        <text class="bore-number" dy="6">{{ $housing['number'] }}</text>
    </g>
    @endforeach
    <line class="as-made-wall" x1="10" x2="790" y1="154" y2="154"/>
    @if($drawing->path !== '')<polyline class="wall-outline" points="{{ $drawing->path }}"/>@endif
    @if($drawing->truePath !== '')<polyline class="truth" points="{{ $drawing->truePath }}"/>@endif
    @foreach($drawing->line as $dot)
        <circle class="line-dot {{ $dot['state']->value }}" cx="{{ $dot['x'] }}" cy="{{ $dot['y'] }}" r="5"/>
        <text class="bore-caption" x="{{ $dot['x'] }}" y="184">{{ $dot['text'] }}</text>@endforeach
    <text class="drawing-note" x="2" y="12">{{ $drawing->factor }} · ✕ oil hole or dowel: not measured there
        @if($drawing->truePath !== '') · {{ __('drawing.truth') }} @endif</text><text
        class="drawing-note" x="2" y="138">the line, exaggerated</text>
</svg>
