<svg
    viewBox="0 0 {{ \App\Drawings\RodDrawing::WIDTH }} 170" class="tall" role="img"
    aria-label="The rods side by side; each end and the beam in its state. The table says the same in numbers.">
    <defs>
        <pattern id="hatch-part" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line class="hatch-line" x1="0" y1="0" x2="0" y2="9"/>
        </pattern>
    </defs>
    @foreach($drawing->rods as $rod)
    <g transform="translate({{ $rod['x'] }},0)" data-goto="{{ $rod['goto'] }}">
        <path class="rod-part {{ $rod['beam']->value }}" d="M-8 34L-13 84H13L8 34Z"/>
        <circle cy="24" r="15" class="rod-part {{ $rod['smallEnd']->value }}"/><circle cy="24" r="8" class="hole"/>
        <circle cy="104" r="28" class="rod-part {{ $rod['bigEnd']->value }}" data-view="{{ $rod['view'] }}"/>
        <circle cy="104" r="18" class="hole"/>
        <text class="bore-number" y="110">{{ $rod['number'] }}</text>
        <text class="bore-caption" y="152">{{ $rod['weight'] }}</text>@if($rod['isOdd'])<text class="bore-caption odd" y="167">◆ the odd
                one</text>@endif
    </g>
    @endforeach
</svg>
