<div class="crank-drawings">
<figure>
<svg
    viewBox="0 0 {{ \App\Drawings\CrankDrawing::WIDTH }} {{ \App\Drawings\CrankDrawing::HEIGHT }}" role="img"
    aria-label="{{ __('drawing.crankshaft') }}">
    <defs>
        <pattern id="hatch-part" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line class="hatch-line" x1="0" y1="0" x2="0" y2="9"/>
        </pattern>
    </defs>
    <path class="crank-end" d="M8 72H{{ $drawing->front }}V88H8Z"/>
    <path class="crank-end" d="M{{ $drawing->rear }} 64H594V96H{{ $drawing->rear }}Z"/>
    @foreach($drawing->webs as $points)<polygon points="{{ $points }}" class="crank-web"/>@endforeach
    @foreach($drawing->journals as $journal)
    <g class="journal {{ $journal['state']->value }}" data-goto="{{ $journal['goto'] }}"><title>{{ $journal['words'] }}</title>
        <rect
            x="{{ $journal['x'] }}" y="{{ $journal['y'] }}" width="{{ $journal['width'] }}" height="{{ $journal['height'] }}"
            data-view="{{ $journal['view'] }}"/>
        <text x="{{ $journal['x'] }}" y="{{ $journal['y'] }}" dx="3" dy="20" class="journal-number">{{ $journal['number'] }}</text>
        <text
            x="{{ $journal['x'] }}" y="{{ $journal['captionY'] }}"
            class="journal-caption">@if($journal['state']->sign() !== ''){{ $journal['state']->sign() }}
            @endif{{ $journal['caption'] }}</text>
    </g>
    @endforeach
</svg>
</figure>
<div class="views">
@foreach($drawing->views as $view)
<figure class="view" data-view="{{ $view->view }}">
<svg viewBox="-58 -58 216 116" role="img" aria-label="{{ $view->title }} from the end and from the side, wear {{ $view->factor }}">
    <circle r="{{ \App\Drawings\JournalView::RADIUS }}" class="as-made"/>
    @foreach($view->rounds as $round)<ellipse
            rx="{{ $round['rx'] }}" ry="{{ $round['ry'] }}"
            class="wall-outline @if($round['station'] === 'rear') bottom @endif"/>@endforeach
    @foreach($view->trueRounds as $round)<ellipse rx="{{ $round['rx'] }}" ry="{{ $round['ry'] }}" class="truth"/>@endforeach
    <g transform="translate(104,0)">
        <rect
            x="-26" y="-{{ \App\Drawings\JournalView::RADIUS }}" width="52" height="{{ \App\Drawings\JournalView::DIAMETER }}"
            class="as-made"/>
    @foreach($view->sides as $side)
        <polygon points="{{ $side['points'] }}" class="wall-outline @if($side['axis'] === '90') middle @endif"/>
    @endforeach
    @foreach($view->trueSides as $side)<polygon points="{{ $side['points'] }}" class="truth"/>@endforeach
</g>
</svg>
<figcaption>{{ $view->title }} · wear {{ $view->factor }}@if($view->rounds === []) · {{ __('sheet.cell.missing') }} @endif
    @if($view->trueRounds !== []) · {{ __('drawing.truth') }} @endif</figcaption>
</figure>
@endforeach
</div>
</div>
