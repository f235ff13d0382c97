<svg
    viewBox="0 0 {{ \App\Drawings\ValveDrawing::WIDTH }} 122" class="tall" role="img"
    aria-label="{{ __('drawing.heads') }}">
    <defs>
        <pattern id="hatch-part" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line class="hatch-line" x1="0" y1="0" x2="0" y2="9"/>
        </pattern>
    </defs>
    @foreach($drawing->valves as $valve)
    <g transform="translate({{ $valve['x'] }},62)" data-goto="{{ $valve['goto'] }}"><title>{{ $valve['name'] }}</title>
        <circle r="{{ $valve['radius'] }}" class="rod-part {{ $valve['seat']->value }}"/>
        <circle r="9" class="guide-ring {{ $valve['guide']->value }}"/>
        <text class="bore-caption" y="46">{{ $valve['caption'] }}</text>
    </g>
    @if($valve['isFirst'])<text class="bore-number" x="{{ $valve['middle'] }}" y="20">{{ $valve['cylinder'] }}</text>@endif
    @endforeach
</svg>
