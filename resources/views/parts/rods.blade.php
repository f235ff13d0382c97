<svg
    viewBox="0 0 {{ \App\Drawings\RodDrawing::WIDTH }} {{ $drawing->height() }}" class="tall" role="img"
    aria-label="The rods side by side; each end and the beam in its state. The table says the same in numbers.">
    <defs>
        <pattern id="hatch-part" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line class="hatch-line" x1="0" y1="0" x2="0" y2="9"/>
        </pattern>
    </defs>
    @foreach($drawing->rods as $rod)
    <g transform="translate({{ $rod['x'] }},0)" data-goto="{{ $rod['goto'] }}">
        <path class="rod-part {{ $rod['parts']['beam']->value }}" d="M-8 34L-13 84H13L8 34Z"/>
        <circle cy="24" r="15" class="rod-part {{ $rod['parts']['smallEnd']->value }}"/><circle cy="24" r="8" class="hole"/>
        <circle cy="104" r="28" class="rod-part {{ $rod['parts']['bigEnd']->value }}" data-view="{{ $rod['view'] }}"/>
        <circle cy="104" r="18" class="hole"/>
        @if($rod['truth'] !== [])
        <path class="truth" d="M-11 36L-17 80M11 36L17 80"/><circle class="truth" cy="24" r="19"/><circle class="truth" cy="104" r="32"/>
        <text class="truth-sign" x="18" y="64">{{ $rod['truth']['beam']->sign() }}</text>
        <text class="truth-sign" x="22" y="20">{{ $rod['truth']['smallEnd']->sign() }}</text>
        <text class="truth-sign" x="30" y="132">{{ $rod['truth']['bigEnd']->sign() }}</text>
        @endif
        <text class="bore-number" y="110">{{ $rod['number'] }}</text>
        <text class="bore-caption" y="152">{{ $rod['weight'] }}</text>@if($rod['trueWeight'] !== '')<text
            class="bore-caption" y="167">({{ $rod['trueWeight'] }})</text>@endif
        @if($rod['isOdd'])<text class="bore-caption odd" y="{{ $drawing->oddAt() }}">◆ the odd
                one</text>@endif
    </g>
    @endforeach
    @if($drawing->rods[0]['truth'] !== [])<text class="drawing-note" x="2" y="200">{{ __('drawing.truth_states') }}</text>@endif
</svg>
