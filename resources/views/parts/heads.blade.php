<svg
    viewBox="0 0 {{ \App\Drawings\ValveDrawing::WIDTH }} {{ $drawing->height() }}" class="tall" role="img"
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
        @if($valve['truth'] !== null)
        <circle class="truth" r="{{ $valve['radius'] }}" transform="scale(1.06)"/><circle class="truth" r="12"/>
        <text class="truth-sign" x="20" y="-20">{{ $valve['truth']['seat']->sign() }}</text>
        <text class="truth-sign" y="4">{{ $valve['truth']['guide']->sign() }}</text>
        @endif
        <text class="bore-caption" y="46">{{ $valve['caption'] }}</text>
        @if($valve['truth'] !== null)<text class="bore-caption" y="58">({{ $valve['truth']['caption'] }})</text>@endif
    </g>
    @if($valve['isFirst'])<text class="bore-number" x="{{ $valve['middle'] }}" y="20">{{ $valve['cylinder'] }}</text>@endif
    @endforeach
    @if($drawing->valves[0]['truth'] !== null)<text class="drawing-note" x="2" y="138">{{ __('drawing.truth_states') }}</text>@endif
</svg>
