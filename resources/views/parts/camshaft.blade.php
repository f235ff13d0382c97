@if($drawing->isRead)
<svg
    viewBox="0 0 {{ \App\Drawings\CamshaftDrawing::WIDTH }} 116" class="tall" role="img"
    aria-label="The camshaft bores from the front, each as far off their line as it was read. The table says the same in numbers.">
    <line
        class="as-made-wall" x1="10" x2="790" y1="{{ \App\Drawings\CamshaftDrawing::LINE }}"
        y2="{{ \App\Drawings\CamshaftDrawing::LINE }}"/>
    @foreach($drawing->bores as $bore)
    <g transform="translate({{ $bore['x'] }},{{ $bore['y'] }})" data-goto="{{ $bore['goto'] }}">
        <circle r="24" class="as-made worn {{ $bore['state']->value }}" data-view="{{ $bore['view'] }}"/>
        <text class="bore-number" dy="6">{{ $bore['number'] }}</text>
    </g>
    @if($bore['trueY'] !== '')<circle class="truth" cx="{{ $bore['x'] }}" cy="{{ $bore['trueY'] }}" r="24"/>@endif
    <text class="bore-caption" x="{{ $bore['x'] }}" y="112">{{ $bore['caption'] }}</text>
    @endforeach
    <text class="drawing-note" x="2" y="12">camshaft bores, off their line exaggerated
        @if($drawing->bores[0]['trueY'] !== '') · {{ __('drawing.truth') }} @endif</text>
</svg>
@endif
